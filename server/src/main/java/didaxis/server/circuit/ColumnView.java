package didaxis.server.circuit;

import didaxis.core.working.ChartColumns;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** A column of the chart in JSON, in the style's order, letters and words. */
public record ColumnView(
        @Schema(allowableValues = {"resistance", "voltage", "current", "power"})
        String quantity,

        String symbol,
        String word,
        String unit) {
    /** All columns in their order. */
    public static List<ColumnView> of(ChartColumns columns) {
        return columns.byQuantity().entrySet().stream()
                .map(column -> new ColumnView(
                        column.getKey().word(),
                        columns.style().terms().letter(column.getKey()),
                        columns.style().terms().word(column.getKey()),
                        column.getValue().unit()))
                .toList();
    }
}
