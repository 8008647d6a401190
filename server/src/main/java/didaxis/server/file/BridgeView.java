package didaxis.server.file;

import didaxis.core.chart.BridgeChart;
import didaxis.core.chart.BridgeChart.Row;
import didaxis.core.notation.BridgedCircuit;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.BridgeSentence;
import didaxis.core.working.ChartColumns;
import didaxis.server.circuit.ColumnView;
import didaxis.server.config.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.springframework.http.HttpStatus;

/**
 * A circuit that is neither series nor parallel all through, solved, in JSON.
 *
 * @param sentence that it is a bridge, and between which nodes
 * @param check the powers of the parts against that of the source
 */
public record BridgeView(String sentence, List<ColumnView> columns, List<BridgeRow> rows, String check) {
    /**
     * A part or voltmeter between two nodes; its voltage and current count from the first to the second.
     *
     * @param shown the numbers as printed in the chart's columns; no entry where there is none
     */
    public record BridgeRow(String id, String from, String to, Map<String, String> shown) {}

    private static final Map<Quantity, ToDoubleFunction<Row>> VALUES = Map.of(
            Quantity.RESISTANCE, row -> row.edge().part().resistance(),
            Quantity.VOLTAGE, Row::voltage,
            Quantity.CURRENT, Row::current,
            Quantity.POWER, Row::power);

    /**
     * The bridge, its numbers in a style.
     *
     * @throws Problem if its source is shorted
     */
    static BridgeView of(BridgedCircuit bridge, HouseStyle style) {
        BridgeChart chart = BridgeChart.of(bridge)
                .orElseThrow(() -> Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, BridgeSentence.shorted())
                        .with("reason", "shorted-source"));
        ChartColumns columns = ChartColumns.of(
                style,
                quantity -> chart.rows().stream()
                        .map(VALUES.get(quantity)::applyAsDouble)
                        .filter(Double::isFinite)
                        .toList());
        return new BridgeView(
                BridgeSentence.named(bridge),
                ColumnView.of(columns),
                rows(bridge, chart, columns),
                BridgeSentence.check(bridge, chart, style));
    }

    private static List<BridgeRow> rows(BridgedCircuit bridge, BridgeChart chart, ChartColumns columns) {
        List<BridgeRow> rows = new ArrayList<>();
        chart.rows().forEach(row -> rows.add(row(row, columns)));
        for (int k = 0; k < bridge.voltmeters().size(); k++) {
            BridgedCircuit.Voltmeter meter = bridge.voltmeters().get(k);
            double reading = chart.readings().get(k);
            Map<String, String> shown = Double.isNaN(reading)
                    ? Map.of()
                    : Map.of(
                            Quantity.VOLTAGE.word(),
                            columns.of(Quantity.VOLTAGE).print(reading));
            rows.add(new BridgeRow(meter.label(), meter.from(), meter.to(), shown));
        }
        return rows;
    }

    private static BridgeRow row(Row row, ChartColumns columns) {
        Map<String, String> shown = new LinkedHashMap<>();
        columns.byQuantity().forEach((quantity, column) -> {
            double value = VALUES.get(quantity).applyAsDouble(row);
            if (Double.isFinite(value)) shown.put(quantity.word(), column.print(value));
        });
        return new BridgeRow(
                row.edge().part().label(), row.edge().from(), row.edge().to(), shown);
    }
}
