package didaxis.server.assignment;

import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.assignment.Standings.Standing;
import didaxis.server.circuit.SceneView;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.marking.BoxFindingView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * A learner's doings on a sheet. What is slow, reading and marking, is done between two transactions: one that only reads
 * and one that writes, which looks again at what may have changed.
 */
@Service
class WorkService {
    /**
     * One assignment in the list of a learner's work; marks are null until it was handed back.
     *
     * @param changedAt when a teacher last changed marks since then; null where none did
     */
    record WorkSummary(
            long id,
            String title,
            String classroom,
            Instant dueAt,

            @Schema(allowableValues = {"not-begun", "working", "sent"})
            String state,

            boolean released,
            @Schema(types = {"integer", "null"}) Integer marks,
            int total,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant changedAt) {}

    /**
     * What came of a sheet, once it was handed back.
     *
     * @param next what to try again first; null where nothing was lost, or nothing written
     * @param corrections what was put right since it was handed out, the latest first
     */
    record FeedbackView(
            SheetView sheet,
            int marks,
            List<BoxFindingView> findings,

            @Schema(
                    types = {"object", "null"},
                    implementation = NextToTry.class)
            NextToTry next,

            List<CorrectionView.Entry> corrections) {}

    private final Assignments assignments;
    private final Sheets sheets;
    private final Standings standings;
    private final Memos memos;
    private final Remarking remarking;
    private final SheetNews news;
    private final Transactions transactions;

    WorkService(
            Assignments assignments,
            Sheets sheets,
            Standings standings,
            Memos memos,
            Remarking remarking,
            SheetNews news,
            Transactions transactions) {
        this.assignments = assignments;
        this.sheets = sheets;
        this.memos = memos;
        this.remarking = remarking;
        this.standings = standings;
        this.news = news;
        this.transactions = transactions;
    }

    List<WorkSummary> all(long learner) {
        return transactions.read(() -> {
            Map<Long, Standing> standing = standings.ofLearner(learner).stream()
                    .collect(Collectors.toMap(Standing::assignment, Function.identity()));
            return assignments.ofLearner(learner).stream()
                    .map(one -> summary(one, standing.get(one.id())))
                    .toList();
        });
    }

    private static WorkSummary summary(Assignment assignment, Standing standing) {
        return new WorkSummary(
                assignment.id(),
                assignment.title(),
                assignment.classroom(),
                assignment.dueAt(),
                standing.word(),
                assignment.released(),
                assignment.released() ? standing.marks() : null,
                assignment.total(),
                standing.givenAt()
                        .filter(at -> assignment.released() && at.isAfter(assignment.releasedAt()))
                        .orElse(null));
    }

    /** A line on which changes of the learner's assignment are told. */
    SseEmitter news(long id, long learner) {
        transactions.read(() -> assignments.ofLearner(id, learner));
        return news.listen(id);
    }

    /** A learner's sheet as the database has it. */
    private record Own(Assignment assignment, Paper paper, LearnerState state, Optional<Sheets.Submission> sent) {}

    private Own own(long id, long learner) {
        return transactions.read(() -> {
            Assignment assignment = assignments.ofLearner(id, learner);
            Optional<Sheets.Submission> sent = sheets.submission(id, learner);
            LearnerState state = LearnerState.of(sheets.draft(id, learner), sent);
            return new Own(assignment, assignments.variants(assignment).of(learner), state, sent);
        });
    }

    SheetView sheet(long id, long learner, SceneView.Room room) {
        Own own = own(id, learner);
        return SheetView.of(own.assignment(), own.paper(), own.state(), room);
    }

    /** An own sheet that was handed back. */
    private Own handedBack(long id, long learner) {
        Own own = own(id, learner);
        if (!own.assignment().released()) {
            throw Problem.of(HttpStatus.CONFLICT, "Your teacher has not handed this back yet.")
                    .with("reason", "not-released");
        }
        return own;
    }

    /** How the own sheet is worked, once it was handed back. */
    ModelAnswers model(long id, long learner) {
        return ModelAnswers.of(handedBack(id, learner).paper());
    }

    FeedbackView feedback(long id, long learner, SceneView.Room room) {
        Own own = handedBack(id, learner);
        Paper paper = own.paper();
        SheetView sheet = SheetView.of(own.assignment(), paper, own.state(), room);
        List<CorrectionView.Entry> corrections =
                CorrectionView.history(paper, transactions.read(() -> memos.revisions(id)), false);
        if (own.sent().isEmpty()) {
            List<BoxFindingView> blank = Judgement.of(paper, List.of()).views(paper.style());
            return new FeedbackView(sheet, 0, blank, null, corrections);
        }
        Sheets.Submission sent = own.sent().get();
        List<BoxFindingView> findings = Judgement.views(paper, sent).stream()
                .map(BoxFindingView::forLearner)
                .toList();
        NextToTry next = NextToTry.of(paper, findings).orElse(null);
        return new FeedbackView(sheet, sent.marks(), findings, next, corrections);
    }

    record Kept(int revision, Instant keptAt, List<ReadingView> readings) {}

    /** Keeps a draft written on top of a revision. */
    Kept keep(long id, long learner, List<Answer> answers, int revision) {
        Paper paper = own(id, learner).paper();
        List<Answer> own = Answer.checked(paper, answers);
        Sheets.Draft draft = transactions.write(() -> {
            refuseIfReleased(assignments.ofLearner(id, learner));
            if (sheets.submission(id, learner).isPresent()) {
                throw Problem.of(HttpStatus.CONFLICT, "This sheet has been sent already.")
                        .with("reason", "sent");
            }
            boolean kept = sheets.keep(id, learner, own, revision);
            Sheets.Draft now =
                    sheets.draft(id, learner).orElseThrow(() -> Problem.badRequest("There is no draft yet."));
            if (!kept) throw changedElsewhere(now);
            return now;
        });
        return new Kept(draft.revision(), draft.keptAt(), readings(paper, own));
    }

    /** What is there instead goes with it, so that nothing needs to be dropped to go on. */
    private static Problem changedElsewhere(Sheets.Draft now) {
        return Problem.of(HttpStatus.CONFLICT, "This sheet was changed in another tab or on another device.")
                .with("reason", "changed-elsewhere")
                .with("revision", now.revision())
                .with("keptAt", now.keptAt())
                .with("answers", now.answers());
    }

    record Sent(Instant sentAt, boolean late) {}

    /** Sends a sheet; sending again changes nothing and says when it was sent. */
    Sent send(long id, long learner, List<Answer> answers) {
        Own before = own(id, learner);
        Optional<Sheets.Submission> sent = before.sent();
        if (sent.isEmpty()) {
            refuseIfReleased(before.assignment());
            Paper paper = before.paper();
            List<Answer> own = Answer.checked(paper, answers);
            Judgement judgement = Judgement.of(paper, own);
            transactions.write(() -> {
                boolean already = sheets.submission(id, learner).isPresent();
                if (!already) refuseIfReleased(assignments.ofLearner(id, learner));
                sheets.send(id, learner, own, judgement);
            });
            remarking.after(judgement, id);
            sent = transactions.read(() -> sheets.submission(id, learner));
        }
        Instant sentAt = sent.orElseThrow().sentAt();
        return new Sent(sentAt, sentAt.isAfter(before.assignment().dueAt()));
    }

    private static void refuseIfReleased(Assignment assignment) {
        if (!assignment.released()) return;
        throw Problem.of(HttpStatus.CONFLICT, "This work was handed back already; nothing more can be written or sent.")
                .with("reason", "released");
    }

    private static List<ReadingView> readings(Paper paper, List<Answer> answers) {
        Map<String, Paper.Place> places = paper.places();
        return answers.stream()
                .map(answer -> ReadingView.of(paper, places.get(answer.box()), answer.text()))
                .toList();
    }
}
