package didaxis.server.assignment;

import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.config.Transactions;
import didaxis.server.print.Pdf;
import org.springframework.stereotype.Service;

/** Prints what was handed out: the paper, its answer sheet, and its memo. */
@Service
class PrintService {
    private final Assignments assignments;
    private final Transactions transactions;

    PrintService(Assignments assignments, Transactions transactions) {
        this.assignments = assignments;
        this.transactions = transactions;
    }

    byte[] print(long id, Pages what, int variant, long teacher) {
        record Found(Assignment assignment, Variants variants) {}
        Found found = transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            return new Found(assignment, assignments.variants(assignment));
        });
        Assignment assignment = found.assignment();
        Variants variants = found.variants();
        int number = Math.floorMod(variant, variants.count());
        Copy copy = new Copy(assignment.title(), assignment.classroom(), "", variants.letter(number));
        return Pdf.of(what.html(copy, variants.numbered(number), assignment.layout()));
    }
}
