package didaxis.core.working;

import didaxis.core.chart.Chart;
import didaxis.core.chart.Check;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** A chart in a house style: what it shows in each cell, and how that is worked; worked out when it is asked for. */
public final class StyledChart {
    private final Chart chart;
    private final HouseStyle style;
    private Relations relations;
    private Deduction working;

    private StyledChart(Chart chart, HouseStyle style) {
        this.chart = chart;
        this.style = style;
    }

    public static StyledChart of(Chart chart, HouseStyle style) {
        return new StyledChart(chart, style);
    }

    public Chart chart() {
        return chart;
    }

    public HouseStyle style() {
        return style;
    }

    /** The laws that hold in it, in the style's forms. */
    public Relations relations() {
        if (relations == null) relations = Relations.of(chart, style);
        return relations;
    }

    /** The steps from its settings to every cell the style has. */
    public Deduction working() {
        if (working == null) working = Deduction.of(relations(), Deduction.fromResistancesAndEmf(chart), shown());
        return working;
    }

    private List<Cell> shown() {
        List<Cell> all = new ArrayList<>();
        for (Subject row : chart.rows()) {
            for (Quantity quantity : style.columns()) all.add(Cell.of(row, quantity));
        }
        for (Subject reading : chart.subjects().readings()) {
            all.add(Cell.of(reading, Quantity.VOLTAGE));
            all.add(Cell.of(reading, Quantity.POTENTIAL));
        }
        all.removeIf(cell -> hidden(cell, style) || trivial(cell, chart));
        return all;
    }

    /** That an ideal wire has no resistance, voltage or power needs no working. */
    public static boolean trivial(Cell cell, Chart chart) {
        boolean ideal = chart.limit(Cell.of(cell.subject(), Quantity.RESISTANCE)) == 0;
        return ideal && cell.quantity() != Quantity.CURRENT;
    }

    /** A group is no real part: some styles give it no power. */
    private static boolean hidden(Cell cell, HouseStyle style) {
        return !style.groupPowers()
                && cell.quantity() == Quantity.POWER
                && cell.subject().kind() == Subject.Kind.GROUP;
    }

    /** What the style's chart shows in a cell: the true value, or the one that was carried on rounded. */
    public OptionalDouble value(Cell cell) {
        if (hidden(cell, style)) return OptionalDouble.empty();
        Double carried = style.carryRounded() ? working().values().get(cell) : null;
        return carried == null ? chart.value(cell) : OptionalDouble.of(carried);
    }

    /** The checks at the chart's foot, of the values it shows. */
    public List<Check> checks() {
        List<Check> exact = Check.all(chart);
        if (!style.carryRounded()) return exact;
        List<Check> carried = new ArrayList<>(CarriedChecks.of(relations(), working()));
        carried.add(exact.get(exact.size() - 1));
        return carried;
    }
}
