package didaxis.server.circuit;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.working.ChartColumns;
import didaxis.core.working.StyledChart;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * A row of the chart in JSON.
 *
 * @param shown the numbers as printed in the chart's columns, a point's potential as among the voltages; no entry where
 *     there is none
 * @param whole the same to seven figures and with their units, where the printed number hides some of that
 * @param condition normal, no-current, bypassed or undecided
 */
public record RowView(
        String id,

        @Schema(allowableValues = {"part", "group", "internal", "external", "total", "voltmeter", "point"})
        String kind,

        List<String> members,
        @Schema(types = {"number", "null"}) Double resistance,
        @Schema(types = {"number", "null"}) Double voltage,
        @Schema(types = {"number", "null"}) Double current,
        @Schema(types = {"number", "null"}) Double power,
        Map<String, String> shown,
        Map<String, String> whole,
        String condition) {
    /** A subject's row, printed in these columns. */
    public static RowView of(StyledChart styled, Subject subject, ChartColumns columns) {
        Chart chart = styled.chart();
        Map<String, String> shown = new LinkedHashMap<>();
        Map<String, String> whole = new LinkedHashMap<>();
        columns.byQuantity().forEach((quantity, column) -> {
            // A potential is a voltage towards the negative terminal, and stands in that column.
            boolean potential = subject.kind() == Subject.Kind.POINT && quantity == Quantity.VOLTAGE;
            Quantity own = potential ? Quantity.POTENTIAL : quantity;
            styled.value(Cell.of(subject, own)).ifPresent(value -> {
                shown.put(own.word(), column.print(value));
                column.whole(value).ifPresent(all -> whole.put(own.word(), all));
            });
        });
        return new RowView(
                subject.id(),
                subject.kind().name().toLowerCase(Locale.ROOT),
                chart.subjects().membersOf(subject),
                value(chart, subject, Quantity.RESISTANCE),
                value(chart, subject, Quantity.VOLTAGE),
                value(chart, subject, Quantity.CURRENT),
                value(chart, subject, Quantity.POWER),
                shown,
                whole,
                chart.condition(subject).name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    static Double value(Chart chart, Subject subject, Quantity quantity) {
        OptionalDouble value = chart.value(Cell.of(subject, quantity));
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
