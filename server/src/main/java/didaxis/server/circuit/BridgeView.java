package didaxis.server.circuit;

import didaxis.core.chart.BridgeChart;
import didaxis.core.chart.BridgeChart.Row;
import didaxis.core.notation.BridgedCircuit;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
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
public record BridgeView(String sentence, List<AnalysisView.ColumnView> columns, List<BridgeRow> rows, String check) {
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
        BridgeChart solution = BridgeChart.of(bridge)
                .orElseThrow(() -> Problem.of(
                                HttpStatus.UNPROCESSABLE_CONTENT,
                                "The source of this bridge is shorted: nothing limits its current. A real battery"
                                        + " would overheat and may burn.")
                        .with("reason", "shorted-source"));
        Map<Quantity, AmountFormat.Column> columns = new LinkedHashMap<>();
        for (Quantity quantity : style.columns()) {
            List<Double> amounts = solution.rows().stream()
                    .map(VALUES.get(quantity)::applyAsDouble)
                    .filter(Double::isFinite)
                    .toList();
            columns.put(quantity, style.numbers().column(quantity, amounts));
        }
        return new BridgeView(
                "This does not fold: it is a bridge between the nodes " + listed(bridge.bridgeNodes())
                        + ", neither in series nor in parallel. It was solved with Kirchhoff’s laws instead.",
                ChartColumns.views(style, columns),
                rows(bridge, solution, columns),
                check(bridge, solution, style));
    }

    private static List<BridgeRow> rows(
            BridgedCircuit bridge, BridgeChart solution, Map<Quantity, AmountFormat.Column> columns) {
        List<BridgeRow> rows = new ArrayList<>();
        solution.rows().forEach(row -> rows.add(row(row, columns)));
        for (int k = 0; k < bridge.voltmeters().size(); k++) {
            BridgedCircuit.Voltmeter meter = bridge.voltmeters().get(k);
            double reading = solution.readings().get(k);
            Map<String, String> shown = Double.isNaN(reading)
                    ? Map.of()
                    : Map.of(
                            Quantity.VOLTAGE.word(),
                            columns.get(Quantity.VOLTAGE).print(reading));
            rows.add(new BridgeRow(meter.label(), meter.from(), meter.to(), shown));
        }
        return rows;
    }

    private static BridgeRow row(Row row, Map<Quantity, AmountFormat.Column> columns) {
        Map<String, String> shown = new LinkedHashMap<>();
        columns.forEach((quantity, column) -> {
            double value = VALUES.get(quantity).applyAsDouble(row);
            if (Double.isFinite(value)) shown.put(quantity.word(), column.print(value));
        });
        return new BridgeRow(
                row.edge().part().label(), row.edge().from(), row.edge().to(), shown);
    }

    private static String check(BridgedCircuit bridge, BridgeChart solution, HouseStyle style) {
        double current = solution.current();
        double parts = solution.rows().stream()
                .mapToDouble(Row::power)
                .filter(Double::isFinite)
                .sum();
        double internal = current * current * bridge.source().internalResistance();
        double supplied = bridge.source().emf() * current;
        AmountFormat format = style.numbers();
        boolean holds = Math.abs(parts + internal - supplied) <= 1e-9 * supplied;
        return "The source gives " + format.print(Amount.of(current, Quantity.CURRENT)) + " and "
                + format.print(Amount.of(supplied, Quantity.POWER)) + "; parts"
                + (internal > 0 ? " and internal resistance" : "") + " take "
                + format.print(Amount.of(parts + internal, Quantity.POWER))
                + (holds ? "." : ", which is not the same.");
    }

    private static String listed(List<String> nodes) {
        int last = nodes.size() - 1;
        List<String> before = new ArrayList<>(nodes.subList(0, last));
        return String.join(", ", before) + " and " + nodes.get(last);
    }
}
