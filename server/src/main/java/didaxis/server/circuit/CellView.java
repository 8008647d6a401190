package didaxis.server.circuit;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.Quantity;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Locale;
import java.util.Optional;

/** A cell in JSON: {@code {"subject": "R23", "quantity": "resistance"}}. */
public record CellView(
        String subject,

        @Schema(
                allowableValues = {
                    "resistance",
                    "voltage",
                    "current",
                    "power",
                    "potential",
                    "charge",
                    "time",
                    "energy",
                    "cost"
                })
        String quantity) {
    public static CellView of(Cell cell) {
        return new CellView(cell.subject().id(), cell.quantity().word());
    }

    /**
     * The cell of a circuit that this means.
     *
     * @throws Problem if the circuit has no such subject, or there is no such quantity
     */
    public Cell in(Subjects subjects) {
        if (subject == null || quantity == null) throw Problem.badRequest("A cell needs a subject and a quantity.");
        Optional<Subject> named = subjects.named(subject);
        if (named.isEmpty()) {
            String known =
                    String.join(", ", subjects.rows().stream().map(Subject::id).toList());
            throw Problem.badRequest("This circuit has no “" + subject + "”; it has " + known + ".")
                    .with("subject", subject);
        }
        return Cell.of(named.get(), measured());
    }

    /**
     * Its quantity.
     *
     * @throws Problem if there is no such quantity
     */
    public Quantity measured() {
        try {
            return Quantity.valueOf(quantity.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("“" + quantity
                    + "” is no quantity; known are resistance, voltage, current, power, potential, charge, time,"
                    + " energy and cost.");
        }
    }
}
