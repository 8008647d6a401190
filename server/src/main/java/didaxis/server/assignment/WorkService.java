package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.assignment.Sheets.Answer;
import didaxis.server.circuit.CellView;
import didaxis.server.config.Problem;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A learner's doings on a sheet; each is one transaction. */
@Service
class WorkService {
    private static final int LONGEST_ANSWER = 200;

    private final Assignments assignments;
    private final Sheets sheets;

    WorkService(Assignments assignments, Sheets sheets) {
        this.assignments = assignments;
        this.sheets = sheets;
    }

    LearnerState state(long assignment, long learner) {
        return LearnerState.of(sheets.draft(assignment, learner), sheets.submission(assignment, learner));
    }

    record Kept(int revision, Instant keptAt, List<SheetView.ReadingView> readings) {}

    /** Keeps a draft written on top of a revision. */
    @Transactional
    Kept keep(long id, long learner, List<Answer> answers, int revision) {
        Assignment assignment = assignments.ofLearner(id, learner);
        List<Answer> own = checked(assignment, answers);
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
        Sheets.Draft draft = sheets.draft(id, learner).orElseThrow();
        return new Kept(draft.revision(), draft.keptAt(), readings(assignment, own));
    }

    record Sent(Instant sentAt, boolean late) {}

    /** Sends a sheet; sending again changes nothing and says when it was sent. */
    @Transactional
    Sent send(long id, long learner, List<Answer> answers) {
        Assignment assignment = assignments.ofLearner(id, learner);
        if (sheets.submission(id, learner).isEmpty()) {
            if (assignment.released()) {
                throw Problem.of(HttpStatus.CONFLICT, "This work was handed back already; it can no longer be sent.")
                        .with("reason", "released");
            }
            List<Answer> own = checked(assignment, answers);
            Judgement judgement = Judgement.of(assignment.content(), own);
            sheets.send(id, learner, own, judgement.findings(), judgement.marks());
        }
        Instant sentAt = sheets.submission(id, learner).orElseThrow().sentAt();
        return new Sent(sentAt, sentAt.isAfter(assignment.dueAt()));
    }

    private static List<SheetView.ReadingView> readings(Assignment assignment, List<Answer> answers) {
        Set<Cell> asked = assignment.content().question().marks().keySet();
        List<SheetView.ReadingView> readings = new ArrayList<>();
        for (Cell cell : asked) {
            answers.stream()
                    .filter(answer -> answer.cell().equals(CellView.of(cell)))
                    .forEach(answer -> readings.add(SheetView.read(cell, answer.text())));
        }
        return readings;
    }

    private static List<Answer> checked(Assignment assignment, List<Answer> answers) {
        if (answers == null) throw Problem.badRequest("Answers are needed: a list of cells and texts.");
        Set<CellView> asked =
                assignment.content().asked().stream().map(one -> one.cell()).collect(Collectors.toSet());
        for (Answer answer : answers) {
            if (answer == null || answer.cell() == null || !asked.contains(answer.cell())) {
                throw Problem.badRequest("One of the answers belongs to no box of this sheet.");
            }
            if (answer.text() == null || answer.text().length() > LONGEST_ANSWER) {
                throw Problem.badRequest("An answer is longer than " + LONGEST_ANSWER + " characters.");
            }
        }
        return answers;
    }
}
