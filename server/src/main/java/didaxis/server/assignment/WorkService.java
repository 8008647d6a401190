package didaxis.server.assignment;

import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.assignment.Sheets.Answer;
import didaxis.server.circuit.CellView;
import didaxis.server.config.Problem;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * A learner's doings on a sheet. What is slow, reading and marking, is done between two transactions: one that only reads
 * and one that writes, which looks again at what may have changed.
 */
@Service
class WorkService {
    private static final int LONGEST_ANSWER = 200;

    private final Assignments assignments;
    private final Sheets sheets;
    private final TransactionTemplate reading;
    private final TransactionTemplate writing;

    WorkService(Assignments assignments, Sheets sheets, PlatformTransactionManager transactions) {
        this.assignments = assignments;
        this.sheets = sheets;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.writing = new TransactionTemplate(transactions);
    }

    LearnerState state(long assignment, long learner) {
        return LearnerState.of(sheets.draft(assignment, learner), sheets.submission(assignment, learner));
    }

    record Kept(int revision, Instant keptAt, List<SheetView.ReadingView> readings) {}

    /** Keeps a draft written on top of a revision. */
    Kept keep(long id, long learner, List<Answer> answers, int revision) {
        Assignment before = reading.execute(status -> assignments.ofLearner(id, learner));
        List<Answer> own = checked(before, answers);
        Sheets.Draft draft = writing.execute(status -> {
            refuseIfReleased(assignments.ofLearner(id, learner));
            if (sheets.submission(id, learner).isPresent()) {
                throw Problem.of(HttpStatus.CONFLICT, "This sheet has been sent already.")
                        .with("reason", "sent");
            }
            if (!sheets.keep(id, learner, own, revision)) {
                throw Problem.of(
                                HttpStatus.CONFLICT,
                                "This sheet was changed in another tab or on another device. Reload it to go on from there.")
                        .with("reason", "changed-elsewhere");
            }
            return sheets.draft(id, learner).orElseThrow();
        });
        return new Kept(draft.revision(), draft.keptAt(), readings(own));
    }

    record Sent(Instant sentAt, boolean late) {}

    /** Sends a sheet; sending again changes nothing and says when it was sent. */
    Sent send(long id, long learner, List<Answer> answers) {
        Assignment before = reading.execute(status -> assignments.ofLearner(id, learner));
        Optional<Sheets.Submission> sent = reading.execute(status -> sheets.submission(id, learner));
        if (sent.isEmpty()) {
            refuseIfReleased(before);
            List<Answer> own = checked(before, answers);
            Judgement judgement = Judgement.of(before.content(), own);
            writing.executeWithoutResult(status -> {
                boolean already = sheets.submission(id, learner).isPresent();
                if (!already) refuseIfReleased(assignments.ofLearner(id, learner));
                sheets.send(id, learner, own, judgement.findings(), judgement.marks());
            });
            sent = reading.execute(status -> sheets.submission(id, learner));
        }
        Instant sentAt = sent.orElseThrow().sentAt();
        return new Sent(sentAt, sentAt.isAfter(before.dueAt()));
    }

    private static void refuseIfReleased(Assignment assignment) {
        if (!assignment.released()) return;
        throw Problem.of(HttpStatus.CONFLICT, "This work was handed back already; nothing more can be written or sent.")
                .with("reason", "released");
    }

    private static List<SheetView.ReadingView> readings(List<Answer> answers) {
        return answers.stream()
                .map(answer -> SheetView.read(answer.cell(), answer.text()))
                .toList();
    }

    /** The answers by their boxes, each box once: of several texts for one the last counts. */
    private static List<Answer> checked(Assignment assignment, List<Answer> answers) {
        if (answers == null) throw Problem.badRequest("Answers are needed: a list of cells and texts.");
        Set<CellView> asked =
                assignment.content().asked().stream().map(one -> one.cell()).collect(Collectors.toSet());
        Map<CellView, Answer> own = new LinkedHashMap<>();
        for (Answer answer : answers) {
            if (answer == null || answer.cell() == null || !asked.contains(answer.cell())) {
                throw Problem.badRequest("One of the answers belongs to no box of this sheet.");
            }
            if (answer.text() == null || answer.text().length() > LONGEST_ANSWER) {
                throw Problem.badRequest("An answer is longer than " + LONGEST_ANSWER + " characters.");
            }
            own.put(answer.cell(), answer);
        }
        return List.copyOf(own.values());
    }
}
