package didaxis.server.assignment;

import didaxis.server.circuit.SceneView;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.marking.BoxFindingView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Tells learners what came of their sheets: all of it once it was handed back, hints while a further attempt runs. */
@Service
class FeedbackService {
    /**
     * An attempt that came in.
     *
     * @param counts whether it is the one whose marks count
     */
    record AttemptView(int number, Instant sentAt, int marks, boolean counts) {}

    /**
     * What came of a sheet; of an earlier attempt while a further one runs without what is right.
     *
     * @param whole whether what is right is told
     * @param attempts those that can be looked at
     * @param next what to try again first; null where nothing was lost, or nothing written
     * @param corrections what was put right since it was handed out, the latest first
     */
    record FeedbackView(
            SheetView sheet,
            boolean whole,
            List<AttemptView> attempts,
            int marks,
            List<BoxFindingView> findings,

            @Schema(
                    types = {"object", "null"},
                    implementation = NextToTry.class)
            NextToTry next,

            List<CorrectionView.Entry> corrections) {}

    private final OwnSheets sheets;
    private final Memos memos;
    private final Transactions transactions;

    FeedbackService(OwnSheets sheets, Memos memos, Transactions transactions) {
        this.sheets = sheets;
        this.memos = memos;
        this.transactions = transactions;
    }

    /** @param number of the attempt; none for the one that counts, or the last that can be looked at */
    FeedbackView feedback(long id, long learner, Optional<Integer> number, SceneView.Room room) {
        OwnSheet own = sheets.of(id, learner);
        List<SubmittedSheet> seen = seen(own);
        Optional<SubmittedSheet> looked = looked(own, seen, number);
        if (looked.isEmpty()) return blank(own, room);
        SubmittedSheet sent = looked.get();
        boolean whole = own.attempt().back();
        Paper paper = own.variants().of(sent.seed());
        List<BoxFindingView> findings = Judgement.views(paper, sent).stream()
                .map(BoxFindingView::forLearner)
                .toList();
        return new FeedbackView(
                SheetView.of(
                        own.assignment(),
                        paper,
                        LearnerState.of(Optional.empty(), looked),
                        SheetView.Attempted.of(sent, whole),
                        room),
                whole,
                seen.stream().map(one -> attempt(own, one)).toList(),
                sent.marks(),
                whole ? findings : Judgement.hints(paper, sent, findings),
                NextToTry.of(paper, findings).orElse(null),
                whole ? corrections(own, paper) : List.of());
    }

    /** What is to be said of a sheet on which nothing was written. */
    private FeedbackView blank(OwnSheet own, SceneView.Room room) {
        Paper paper = own.paper();
        List<BoxFindingView> blank = Judgement.of(paper, List.of()).views(paper.style());
        return new FeedbackView(own.view(room), true, List.of(), 0, blank, null, corrections(own, paper));
    }

    /** How it is worked, in the values of the attempt. */
    ModelAnswers model(long id, long learner, Optional<Integer> number) {
        OwnSheet own = sheets.of(id, learner);
        if (!own.attempt().back()) throw notHandedBack();
        int inHand = own.attempt().number();
        boolean unsent = own.sent(inHand).isEmpty() && number.orElse(0) == inHand;
        return ModelAnswers.of(
                unsent
                        ? own.paper()
                        : looked(own, own.sent(), number)
                                .map(sent -> own.variants().of(sent.seed()))
                                .orElseGet(own::paper));
    }

    /** The attempts that may be looked at: all once nothing more can be written, those before it while a further one runs. */
    private static List<SubmittedSheet> seen(OwnSheet own) {
        if (own.attempt().back()) return own.sent();
        if (own.earlier() == 0) throw notHandedBack();
        return own.sent().stream()
                .filter(one -> one.attempt() < own.attempt().number())
                .toList();
    }

    private static Problem notHandedBack() {
        return Problem.of(HttpStatus.CONFLICT, "Your teacher has not handed this back yet.")
                .with("reason", "not-released");
    }

    private static Optional<SubmittedSheet> looked(OwnSheet own, List<SubmittedSheet> seen, Optional<Integer> number) {
        if (number.isPresent())
            return Optional.of(seen.stream()
                    .filter(one -> one.attempt() == number.get())
                    .findFirst()
                    .orElseThrow(() -> Problem.notFound("attempt of this number to be looked at")));
        Optional<SubmittedSheet> counting = seen.stream()
                .filter(one -> own.attempt().back() && counts(own, one))
                .findFirst();
        return counting.or(() -> seen.stream().reduce((first, second) -> second));
    }

    private static boolean counts(OwnSheet own, SubmittedSheet sent) {
        return own.attempt().counting().filter(id -> id == sent.id()).isPresent();
    }

    private static AttemptView attempt(OwnSheet own, SubmittedSheet sent) {
        return new AttemptView(sent.attempt(), sent.sentAt(), sent.marks(), counts(own, sent));
    }

    private List<CorrectionView.Entry> corrections(OwnSheet own, Paper paper) {
        long id = own.assignment().id();
        return CorrectionView.history(paper, transactions.read(() -> memos.revisions(id)), false);
    }
}
