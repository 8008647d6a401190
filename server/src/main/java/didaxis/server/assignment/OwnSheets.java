package didaxis.server.assignment;

import didaxis.server.config.Transactions;
import org.springframework.stereotype.Component;

/** Reads learners' own sheets. */
@Component
class OwnSheets {
    private final Assignments assignments;
    private final AssignedQuestions assigned;
    private final Attempts attempts;
    private final Drafts drafts;
    private final Sheets sheets;
    private final Transactions transactions;

    OwnSheets(
            Assignments assignments,
            AssignedQuestions assigned,
            Attempts attempts,
            Drafts drafts,
            Sheets sheets,
            Transactions transactions) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.attempts = attempts;
        this.drafts = drafts;
        this.sheets = sheets;
        this.transactions = transactions;
    }

    OwnSheet of(long id, long learner) {
        return transactions.read(() -> {
            Assignment assignment = assignments.ofLearner(id, learner);
            return new OwnSheet(
                    assignment,
                    assigned.variants(assignment),
                    attempts.now(id, learner),
                    drafts.of(id, learner),
                    sheets.of(id, learner));
        });
    }
}
