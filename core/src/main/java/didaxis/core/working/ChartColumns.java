package didaxis.core.working;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** The columns of one chart or of several side by side, in their style's order: under one unit each. */
public record ChartColumns(HouseStyle style, Map<Quantity, AmountFormat.Column> byQuantity) {
    /** Columns that suit what the charts show. */
    public static ChartColumns of(StyledChart... charts) {
        return of(charts[0].style(), quantity -> {
            List<Double> amounts = new ArrayList<>();
            for (StyledChart chart : charts) {
                for (Subject subject : chart.chart().rows())
                    chart.value(Cell.of(subject, quantity)).ifPresent(amounts::add);
            }
            return amounts;
        });
    }

    /** Columns that suit these numbers, in SI. */
    public static ChartColumns of(HouseStyle style, Function<Quantity, List<Double>> amounts) {
        Map<Quantity, AmountFormat.Column> columns = new LinkedHashMap<>();
        for (Quantity quantity : style.columns())
            columns.put(quantity, style.numbers().column(quantity, amounts.apply(quantity)));
        return new ChartColumns(style, columns);
    }

    public AmountFormat.Column of(Quantity quantity) {
        return byQuantity.get(quantity);
    }
}
