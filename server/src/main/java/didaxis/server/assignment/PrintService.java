package didaxis.server.assignment;

import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.config.Transactions;
import didaxis.server.print.Pdf;
import org.springframework.stereotype.Service;

/** Prints what was handed out: the paper, and its memo. */
@Service
class PrintService {
    private final Assignments assignments;
    private final Transactions transactions;

    PrintService(Assignments assignments, Transactions transactions) {
        this.assignments = assignments;
        this.transactions = transactions;
    }

    private record Found(Assignment assignment, Paper paper) {}

    private Found found(long id, long teacher) {
        return transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            return new Found(assignment, assignments.paper(assignment));
        });
    }

    byte[] paper(long id, long teacher) {
        Found found = found(id, teacher);
        return Pdf.of(
                PaperPage.of(found.assignment().title(), found.assignment().classroom(), found.paper()));
    }

    byte[] memo(long id, long teacher) {
        Found found = found(id, teacher);
        return Pdf.of(MemoPage.of(found.assignment().title(), found.paper()));
    }
}
