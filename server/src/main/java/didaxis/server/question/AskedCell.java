package didaxis.server.question;

import didaxis.server.circuit.CellView;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * A cell that a task is about, in JSON.
 *
 * @param unit the one it is wanted in, such as mA; any where it is left out
 * @param marks what it earns where amounts are asked; what its task says where it is left out
 */
public record AskedCell(
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
        String quantity,

        @Schema(types = {"integer", "null"}) Integer marks,
        @Schema(types = {"string", "null"}) String unit) {
    /** The cell, without what it earns. */
    public CellView cell() {
        return new CellView(subject, quantity);
    }
}
