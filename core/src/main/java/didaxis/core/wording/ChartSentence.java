package didaxis.core.wording;

import didaxis.core.chart.Check;
import didaxis.core.chart.Ratings;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.working.ChartColumns;
import didaxis.core.working.StyledChart;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** What is said under a chart: its checks, and what is worth a note; and why there is none. */
public final class ChartSentence {
    private ChartSentence() {}

    /** Parts over their rating, the safe supply, what is not decided, that nothing flows. */
    public static List<String> notes(StyledChart chart) {
        AmountFormat format = chart.style().numbers();
        OperatingPoint point = chart.chart().point();
        List<String> notes = new ArrayList<>();
        Ratings ratings = Ratings.of(chart.chart());
        for (Ratings.Load load : ratings.over()) {
            Amount actual = Amount.of(load.actual(), load.limit().quantity());
            notes.add(load.part().label() + " is over its rating: " + format.print(actual) + ", made for "
                    + format.exactly(load.limit()) + ".");
        }
        ratings.first()
                .ifPresent(load -> notes.add("The highest safe supply is "
                        + format.print(Amount.of(ratings.highestSafeEmf(), Quantity.VOLTAGE)) + ", set by "
                        + load.part().label() + " (" + format.exactly(load.limit()) + ")."));
        point.sharedCurrents()
                .forEach(wires -> notes.add(Listed.of(wires)
                        + " are ideal wires side by side: how they share the current is not decided."));
        point.sharedVoltages()
                .forEach(
                        switches -> notes.add(Listed.of(switches) + " are open one after the other: how they share the "
                                + chart.style().terms().voltage() + " is not decided."));
        if (point.totalCurrent() == 0) notes.add("The circuit is open: no current flows.");
        return notes;
    }

    /** That a meter or switch beside a '||' has its branch for itself, which is seldom what was meant. */
    public static String alone(String label) {
        return label
                + " is alone in its branch: '||' joins only what stands right beside it. If it belongs to more, put"
                + " that branch in brackets.";
    }

    /** What was checked, in the numbers of the chart's columns. */
    public static String check(Check check, ChartColumns columns) {
        return switch (check.kind()) {
            case LOOP -> addition(check, columns.of(Quantity.VOLTAGE));
            case JUNCTION -> addition(check, columns.of(Quantity.CURRENT));
            case POWER -> addition(check, columns.of(Quantity.POWER));
            case SECOND_METHOD ->
                check.holds()
                        ? "agrees in every part"
                        : "differs by " + columns.style().numbers().number(100 * check.sum()) + " %";
        };
    }

    private static String addition(Check check, AmountFormat.Column column) {
        String terms = check.terms().stream().map(column::print).collect(Collectors.joining(" + "));
        boolean exact =
                Math.abs(check.terms().stream().mapToDouble(Double::doubleValue).sum() - check.sum())
                        <= 1e-9 * Math.abs(check.sum());
        String equals = !check.holds() ? " ≠ " : exact ? " = " : " ≈ ";
        return (terms.isEmpty() ? "0" : terms) + equals + column.print(check.sum()) + " " + column.unit();
    }

    /** Why a source without internal resistance must not be shorted. */
    public static String shorted(List<String> across) {
        return "The source is shorted by " + Listed.of(across)
                + ": without internal resistance nothing limits the current. A real battery would overheat and may"
                + " burn; give the source an r, or open a switch.";
    }
}
