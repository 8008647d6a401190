package didaxis.server.assignment;

import didaxis.server.assignment.Attempts.Attempt;
import didaxis.server.assignment.Standings.Standing;
import didaxis.server.circuit.SceneView;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
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
 * A learner's doings on a sheet. What is slow is done between two transactions: one that only reads and one that writes,
 * which looks again at what may have changed; marking is done after all that, when the learner has been answered.
 */
@Service
class WorkService {
    /**
     * One assignment in the list of a learner's work; marks are those of the attempt that counts, null until it was handed
     * back.
     *
     * @param attempt the number of the one in hand, of which all this is
     * @param again whether that is a further one which was not handed back yet
     * @param changedAt when a teacher last changed marks since it was handed back; null where none did
     */
    record WorkSummary(
            long id,
            String title,
            String classroom,
            Instant dueAt,

            @Schema(allowableValues = {"not-begun", "working", "sent"})
            String state,

            boolean released,
            int attempt,
            boolean again,
            @Schema(types = {"integer", "null"}) Integer marks,
            int total,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant changedAt) {}

    private final Assignments assignments;
    private final Sheets sheets;
    private final Drafts drafts;
    private final Attempts attempts;
    private final Standings standings;
    private final OwnSheets own;
    private final Remarking remarking;
    private final SheetNews news;
    private final Transactions transactions;

    WorkService(
            Assignments assignments,
            Sheets sheets,
            Drafts drafts,
            Attempts attempts,
            Standings standings,
            OwnSheets own,
            Remarking remarking,
            SheetNews news,
            Transactions transactions) {
        this.assignments = assignments;
        this.sheets = sheets;
        this.drafts = drafts;
        this.attempts = attempts;
        this.own = own;
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
        boolean back = assignment.released() && !standing.again();
        return new WorkSummary(
                assignment.id(),
                assignment.title(),
                assignment.classroom(),
                standing.dueNow(),
                standing.now(),
                back,
                standing.number(),
                standing.again(),
                back ? standing.marks() : null,
                assignment.total(),
                standing.givenAt()
                        .filter(at -> back && at.isAfter(assignment.releasedAt()))
                        .orElse(null));
    }

    /** A line on which changes of the learner's assignment are told. */
    SseEmitter news(long id, long learner) {
        transactions.read(() -> assignments.ofLearner(id, learner));
        return news.listen(id);
    }

    SheetView sheet(long id, long learner, SceneView.Room room) {
        return own.of(id, learner).view(room);
    }

    record Kept(int revision, Instant keptAt, List<ReadingView> readings) {}

    /** Keeps a draft written on top of a revision. */
    Kept keep(long id, long learner, List<Answer> answers, int revision) {
        Paper paper = own.of(id, learner).paper();
        List<Answer> checked = Answer.checked(paper, answers);
        Drafts.Draft draft = transactions.write(() -> {
            assignments.ofLearner(id, learner);
            Attempt attempt = attempts.now(id, learner);
            refuseIfBack(attempt);
            if (!attempt.open()) {
                throw Problem.of(HttpStatus.CONFLICT, "This sheet has been sent already.")
                        .with("reason", "sent");
            }
            boolean kept = drafts.keep(id, learner, checked, revision);
            Drafts.Draft now = drafts.of(id, learner).orElseThrow(() -> Problem.badRequest("There is no draft yet."));
            if (!kept) throw changedElsewhere(now);
            return now;
        });
        return new Kept(draft.revision(), draft.keptAt().orElseThrow(), readings(paper, checked));
    }

    /** What is there instead goes with it, so that nothing needs to be dropped to go on. */
    private static Problem changedElsewhere(Drafts.Draft now) {
        return Problem.of(HttpStatus.CONFLICT, "This sheet was changed in another tab or on another device.")
                .with("reason", "changed-elsewhere")
                .with("revision", now.revision())
                .with("keptAt", now.keptAt().orElse(null))
                .with("answers", now.answers());
    }

    record Sent(Instant sentAt, boolean late) {}

    /**
     * Sends a sheet, to be marked afterwards; sending again changes nothing and says when it was sent.
     *
     * @param number of the attempt; none for the one in hand
     */
    Sent send(long id, long learner, List<Answer> answers, Optional<Integer> number) {
        OwnSheet before = own.of(id, learner);
        int which = number.orElse(before.attempt().number());
        Optional<SubmittedSheet> sent = before.sent(which);
        if (sent.isEmpty()) {
            if (which != before.attempt().number())
                throw Problem.badRequest("Attempt " + which + " is not the one in hand.")
                        .with("field", "attempt");
            refuseIfBack(before.attempt());
            Paper paper = before.paper();
            List<Answer> checked = Answer.checked(paper, answers);
            transactions.write(() -> {
                assignments.ofLearner(id, learner);
                Attempt now = attempts.now(id, learner);
                if (now.number() != which)
                    throw Problem.of(HttpStatus.CONFLICT, "Your teacher has taken this attempt back.")
                            .with("reason", "sent");
                if (now.open()) sheets.send(new Sheets.Whose(id, learner, which), checked);
                else if (now.sentAt().isEmpty()) refuseIfBack(now);
            });
            remarking.of(id);
            sent = transactions.read(() -> sheets.of(id, learner)).stream()
                    .filter(one -> one.attempt() == which)
                    .findFirst();
        }
        SubmittedSheet one = sent.orElseThrow();
        return new Sent(one.sentAt(), one.sentAt().isAfter(one.dueAt()));
    }

    private static void refuseIfBack(Attempt attempt) {
        if (!attempt.back()) return;
        throw Problem.of(HttpStatus.CONFLICT, "This work was handed back already; nothing more can be written or sent.")
                .with("reason", "released");
    }

    private static List<ReadingView> readings(Paper paper, List<Answer> answers) {
        Map<String, Paper.Place> places = paper.places();
        BoxReadings readings = new BoxReadings(paper);
        return answers.stream()
                .map(answer -> readings.of(places.get(answer.box()), answer.text()))
                .toList();
    }
}
