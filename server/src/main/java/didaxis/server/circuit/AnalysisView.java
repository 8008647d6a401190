package didaxis.server.circuit;

import didaxis.core.chart.Chart;
import didaxis.core.chart.Check;
import didaxis.core.chart.Ratings;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subject.Kind;
import didaxis.core.circuit.Subjects;
import didaxis.core.compose.Composer;
import didaxis.core.drawing.Plan;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.ChartSentence;
import didaxis.core.wording.WordList;
import didaxis.core.wording.Words;
import didaxis.core.working.ChartColumns;
import didaxis.core.working.Deduction;
import didaxis.core.working.StyledChart;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * All that is known of a circuit, in JSON. Numbers are SI; null where a value does not exist or is not decided.
 *
 * @param wordList the circuit said as a nested list, to be read aloud
 * @param readings rows of the voltmeters and points, a potential among the voltages
 */
public record AnalysisView(
        String notation,
        String words,
        List<WordList.Line> wordList,
        List<ThingView> things,
        List<SettingView> settings,
        List<RowView> rows,
        List<RowView> readings,
        List<MeterView> meters,
        List<PointView> points,
        List<ColumnView> columns,
        String wholeWord,
        List<String> notes,
        List<String> overRated,
        List<CheckView> checks,
        SceneView scene,
        String style,
        boolean carriedRounded,
        boolean onPaperOnly) {

    /**
     * Something that can be taken in hand: a part, a voltmeter, a point or the "source".
     *
     * @param kind the kind of a part; empty for what is none
     * @param setting how its setting is written in the notation; the name of a voltmeter or point
     */
    public record ThingView(String name, String kind, String setting) {
        static List<ThingView> of(Circuit circuit) {
            List<ThingView> things = new ArrayList<>();
            things.add(new ThingView(Composer.SOURCE, "", Notation.setting(circuit.source())));
            for (Part part : circuit.parts()) {
                String kind = part.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
                things.add(new ThingView(part.label(), kind, Notation.setting(part)));
            }
            for (Subject reading : Subjects.of(circuit).readings())
                things.add(new ThingView(reading.id(), "", reading.id().replace(".", "")));
            return things;
        }
    }

    /** What the circuit is set up from: every resistance and the emf, printed with all its figures. */
    public record SettingView(CellView cell, String text) {
        static List<SettingView> of(StyledChart charted) {
            AmountFormat format = charted.style().numbers();
            return Deduction.fromResistancesAndEmf(charted.chart()).entrySet().stream()
                    .filter(setting -> setting.getValue() > 0)
                    .map(setting -> new SettingView(
                            CellView.of(setting.getKey()),
                            format.exactly(Amount.of(
                                    setting.getValue(), setting.getKey().quantity()))))
                    .toList();
        }
    }

    public record MeterView(
            String id,
            String quantity,
            @Schema(types = {"number", "null"}) Double value,
            String shown) {}

    public record PointView(
            String id, @Schema(types = {"number", "null"}) Double potential, String shown) {}

    /** A line at the chart's foot: what was checked, and the numbers. */
    public record CheckView(String kind, String place, boolean holds, String sentence) {}

    /** Everything about a circuit in a style, drawn as a loop. */
    public static AnalysisView of(Chart chart, SceneView.Room room, HouseStyle style) {
        StyledChart charted = StyledChart.of(chart, style);
        return of(charted, List.of(), PlanView.USUAL.in(charted.style()), room);
    }

    /** Everything about a charted circuit in a house style, drawn for a room; with what stood alone beside a '||'. */
    static AnalysisView of(StyledChart charted, List<String> alone, Plan plan, SceneView.Room room) {
        Chart chart = charted.chart();
        HouseStyle style = charted.style();
        AmountFormat format = style.numbers();
        ChartColumns columns = ChartColumns.of(charted);
        return new AnalysisView(
                Notation.print(chart.circuit()),
                Words.describe(chart.circuit()),
                WordList.of(chart.circuit()),
                ThingView.of(chart.circuit()),
                SettingView.of(charted),
                chart.rows().stream()
                        .map(subject -> RowView.of(charted, subject, columns))
                        .toList(),
                chart.subjects().readings().stream()
                        .map(reading -> RowView.of(charted, reading, columns))
                        .toList(),
                meters(charted, format),
                points(charted, format),
                ColumnView.of(columns),
                style.terms().whole(),
                notes(charted, alone),
                Ratings.of(chart).over().stream()
                        .map(load -> load.part().label())
                        .distinct()
                        .toList(),
                charted.checks().stream().map(check -> check(check, columns)).toList(),
                SceneView.of(chart, style, plan, room),
                style.name(),
                style.carryRounded(),
                ExtraLowVoltage.isExceededBy(chart.circuit()));
    }

    private static List<String> notes(StyledChart charted, List<String> alone) {
        List<String> notes =
                new ArrayList<>(alone.stream().map(ChartSentence::alone).toList());
        notes.addAll(ChartSentence.notes(charted));
        return notes;
    }

    private static List<MeterView> meters(StyledChart charted, AmountFormat format) {
        List<MeterView> meters = new ArrayList<>();
        Chart chart = charted.chart();
        for (Part part : chart.circuit().parts()) {
            if (part.kind() == PartKind.AMMETER)
                meters.add(meter(charted, Subject.part(part.label()), Quantity.CURRENT, format));
        }
        for (Subject reading : chart.subjects().readings()) {
            if (reading.kind() == Kind.VOLTMETER) meters.add(meter(charted, reading, Quantity.VOLTAGE, format));
        }
        return meters;
    }

    private static MeterView meter(StyledChart charted, Subject meter, Quantity quantity, AmountFormat format) {
        Double value = RowView.value(charted.chart(), meter, quantity);
        return new MeterView(
                meter.id(), quantity.word(), value, print(charted.value(Cell.of(meter, quantity)), quantity, format));
    }

    private static List<PointView> points(StyledChart charted, AmountFormat format) {
        return charted.chart().subjects().readings().stream()
                .filter(reading -> reading.kind() == Kind.POINT)
                .map(point -> {
                    Double potential = RowView.value(charted.chart(), point, Quantity.POTENTIAL);
                    OptionalDouble shown = charted.value(Cell.of(point, Quantity.POTENTIAL));
                    return new PointView(point.id().substring(1), potential, print(shown, Quantity.POTENTIAL, format));
                })
                .toList();
    }

    private static String print(OptionalDouble value, Quantity quantity, AmountFormat format) {
        return value.isEmpty() ? "not decided" : format.print(Amount.of(value.getAsDouble(), quantity));
    }

    private static CheckView check(Check check, ChartColumns columns) {
        String kind = check.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
        return new CheckView(kind, check.place(), check.holds(), ChartSentence.check(check, columns));
    }
}
