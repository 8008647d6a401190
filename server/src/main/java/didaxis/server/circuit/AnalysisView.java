package didaxis.server.circuit;

import didaxis.core.analysis.Chart;
import didaxis.core.analysis.Check;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subject.Kind;
import didaxis.core.circuit.Words;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.working.Deduction;
import didaxis.core.working.Relations;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/** All that is known of a circuit, in JSON. Numbers are SI; null where a value does not exist or is not decided. */
public record AnalysisView(
        String notation,
        String words,
        List<RowView> rows,
        List<MeterView> meters,
        List<PointView> points,
        Map<String, String> units,
        List<String> notes,
        List<CheckView> checks,
        List<StepView> steps,
        SceneView scene,
        boolean onPaperOnly) {
    /** Extra-low voltage ends here for direct current (IEC 61140: 120 V, ripple-free). */
    private static final double EXTRA_LOW_VOLTS = 120;

    private static final List<Quantity> COLUMNS =
            List.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER);

    /**
     * A row of the chart.
     *
     * @param shown the numbers as printed in the chart's columns; no entry where there is none
     * @param condition normal, no-current, bypassed or undecided
     */
    public record RowView(
            String id,

            @Schema(allowableValues = {"part", "group", "internal", "external", "total"})
            String kind,

            List<String> members,
            @Schema(types = {"number", "null"}) Double resistance,
            @Schema(types = {"number", "null"}) Double voltage,
            @Schema(types = {"number", "null"}) Double current,
            @Schema(types = {"number", "null"}) Double power,
            Map<String, String> shown,
            String condition) {}

    public record MeterView(
            String id,
            String quantity,
            @Schema(types = {"number", "null"}) Double value,
            String shown) {}

    public record PointView(
            String id, @Schema(types = {"number", "null"}) Double potential, String shown) {}

    /** A line at the chart's foot: what was checked, and the numbers. */
    public record CheckView(String kind, String place, boolean holds, String sentence) {}

    /** Everything about a charted circuit, drawn for a room. */
    public static AnalysisView of(Chart chart, SceneView.Room room) {
        AmountFormat format = AmountFormat.STANDARD;
        Map<Quantity, AmountFormat.Column> columns = columns(chart, format);
        Relations relations = Relations.of(chart);
        List<Cell> all = new ArrayList<>();
        for (Subject row : chart.rows()) for (Quantity quantity : COLUMNS) all.add(Cell.of(row, quantity));
        Deduction working = Deduction.of(relations, Deduction.fromResistancesAndEmf(relations), all);
        return new AnalysisView(
                chart.circuit().toString(),
                Words.describe(chart.circuit()),
                chart.rows().stream()
                        .map(subject -> row(chart, subject, columns))
                        .toList(),
                meters(chart, format),
                points(chart, format),
                columns.entrySet().stream()
                        .collect(Collectors.toMap(
                                entry -> entry.getKey().word(),
                                entry -> entry.getValue().unit())),
                notes(chart),
                Check.all(chart).stream()
                        .map(check -> check(check, columns, format))
                        .toList(),
                StepView.of(working, format),
                SceneView.of(chart, room),
                chart.circuit().source().emf() > EXTRA_LOW_VOLTS);
    }

    static Map<Quantity, AmountFormat.Column> columns(Chart chart, AmountFormat format) {
        Map<Quantity, AmountFormat.Column> columns = new LinkedHashMap<>();
        for (Quantity quantity : COLUMNS) {
            List<Double> amounts = new ArrayList<>();
            for (Subject subject : chart.rows())
                chart.value(Cell.of(subject, quantity)).ifPresent(amounts::add);
            columns.put(quantity, format.column(quantity, amounts));
        }
        return columns;
    }

    private static RowView row(Chart chart, Subject subject, Map<Quantity, AmountFormat.Column> columns) {
        Map<String, String> shown = new LinkedHashMap<>();
        columns.forEach((quantity, column) -> chart.value(Cell.of(subject, quantity))
                .ifPresent(value -> shown.put(quantity.word(), column.print(value))));
        return new RowView(
                subject.id(),
                subject.kind().name().toLowerCase(Locale.ROOT),
                chart.subjects().membersOf(subject),
                value(chart, subject, Quantity.RESISTANCE),
                value(chart, subject, Quantity.VOLTAGE),
                value(chart, subject, Quantity.CURRENT),
                value(chart, subject, Quantity.POWER),
                shown,
                chart.condition(subject).name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    private static Double value(Chart chart, Subject subject, Quantity quantity) {
        OptionalDouble value = chart.value(Cell.of(subject, quantity));
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private static List<MeterView> meters(Chart chart, AmountFormat format) {
        List<MeterView> meters = new ArrayList<>();
        for (Subject row : chart.rows()) {
            if (row.kind() == Kind.PART && row.id().matches("A[0-9]*"))
                meters.add(meter(chart, row, Quantity.CURRENT, format));
        }
        for (Subject reading : chart.subjects().readings()) {
            if (reading.kind() == Kind.VOLTMETER) meters.add(meter(chart, reading, Quantity.VOLTAGE, format));
        }
        return meters;
    }

    private static MeterView meter(Chart chart, Subject meter, Quantity quantity, AmountFormat format) {
        Double value = value(chart, meter, quantity);
        return new MeterView(meter.id(), quantity.word(), value, print(value, quantity, format));
    }

    private static List<PointView> points(Chart chart, AmountFormat format) {
        return chart.subjects().readings().stream()
                .filter(reading -> reading.kind() == Kind.POINT)
                .map(point -> {
                    Double potential = value(chart, point, Quantity.POTENTIAL);
                    return new PointView(
                            point.id().substring(1), potential, print(potential, Quantity.POTENTIAL, format));
                })
                .toList();
    }

    private static String print(Double value, Quantity quantity, AmountFormat format) {
        return value == null ? "not decided" : format.print(Amount.of(value, quantity));
    }

    private static List<String> notes(Chart chart) {
        List<String> notes = new ArrayList<>();
        chart.point()
                .sharedCurrents()
                .forEach(wires -> notes.add(String.join(" and ", wires)
                        + " are ideal wires side by side: how they share the current is not decided."));
        chart.point()
                .sharedVoltages()
                .forEach(switches -> notes.add(String.join(" and ", switches)
                        + " are open one after the other: how they share the voltage is not decided."));
        if (chart.point().totalCurrent() == 0) notes.add("The circuit is open: no current flows.");
        return notes;
    }

    private static CheckView check(Check check, Map<Quantity, AmountFormat.Column> columns, AmountFormat format) {
        String kind = check.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
        String sentence = switch (check.kind()) {
            case LOOP -> addition(check, columns.get(Quantity.VOLTAGE));
            case JUNCTION -> addition(check, columns.get(Quantity.CURRENT));
            case POWER -> addition(check, columns.get(Quantity.POWER));
            case SECOND_METHOD ->
                check.holds() ? "agrees in every part" : "differs by " + format.number(100 * check.sum()) + " %";
        };
        return new CheckView(kind, check.place(), check.holds(), sentence);
    }

    private static String addition(Check check, AmountFormat.Column column) {
        String terms = check.terms().stream().map(column::print).collect(Collectors.joining(" + "));
        String equals = check.holds() ? " = " : " ≠ ";
        return (terms.isEmpty() ? "0" : terms) + equals + column.print(check.sum()) + " " + column.unit();
    }
}
