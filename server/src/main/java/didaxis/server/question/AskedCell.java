package didaxis.server.question;

import didaxis.server.circuit.CellView;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * A cell that a task is about, in JSON.
 *
 * @param marks what it earns where amounts are asked; what its task says where it is left out
 */
public record AskedCell(
        String subject,

        @Schema(allowableValues = {"resistance", "voltage", "current", "power", "potential"})
        String quantity,

        @Schema(types = {"integer", "null"}) Integer marks) {
    /** The cell, without what it earns. */
    public CellView cell() {
        return new CellView(subject, quantity);
    }
}
