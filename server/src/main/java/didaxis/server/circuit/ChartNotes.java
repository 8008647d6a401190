package didaxis.server.circuit;

import didaxis.core.chart.Chart;
import didaxis.core.chart.Ratings;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.List;

/** What is worth a sentence under a chart: parts over their rating, the safe supply, what is not decided, that nothing flows. */
final class ChartNotes {
    private ChartNotes() {}

    static List<String> of(Chart chart, HouseStyle style) {
        AmountFormat format = style.numbers();
        List<String> notes = new ArrayList<>();
        Ratings ratings = Ratings.of(chart);
        for (Ratings.Load load : ratings.over()) {
            Amount actual = Amount.of(load.actual(), load.limit().quantity());
            notes.add(load.part().label() + " is over its rating: " + format.print(actual) + ", made for "
                    + format.exactly(load.limit()) + ".");
        }
        ratings.first()
                .ifPresent(load -> notes.add("The highest safe supply is "
                        + format.print(Amount.of(ratings.highestSafeEmf(), Quantity.VOLTAGE)) + ", set by "
                        + load.part().label() + " (" + format.exactly(load.limit()) + ")."));
        chart.point()
                .sharedCurrents()
                .forEach(wires -> notes.add(String.join(" and ", wires)
                        + " are ideal wires side by side: how they share the current is not decided."));
        chart.point()
                .sharedVoltages()
                .forEach(switches -> notes.add(String.join(" and ", switches)
                        + " are open one after the other: how they share the "
                        + style.terms().voltage() + " is not decided."));
        if (chart.point().totalCurrent() == 0) notes.add("The circuit is open: no current flows.");
        return notes;
    }
}
