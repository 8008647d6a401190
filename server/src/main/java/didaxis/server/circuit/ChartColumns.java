package didaxis.server.circuit;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The columns of one chart or of several side by side: under one unit each. */
record ChartColumns(HouseStyle style, Map<Quantity, AmountFormat.Column> byQuantity) {
    static ChartColumns of(ChartedCircuit... charts) {
        HouseStyle style = charts[0].style();
        Map<Quantity, AmountFormat.Column> columns = new LinkedHashMap<>();
        for (Quantity quantity : style.columns()) {
            List<Double> amounts = new ArrayList<>();
            for (ChartedCircuit charted : charts) {
                for (Subject subject : charted.chart().rows())
                    charted.value(Cell.of(subject, quantity)).ifPresent(amounts::add);
            }
            columns.put(quantity, style.numbers().column(quantity, amounts));
        }
        return new ChartColumns(style, columns);
    }

    AmountFormat.Column of(Quantity quantity) {
        return byQuantity.get(quantity);
    }

    List<AnalysisView.ColumnView> views() {
        return views(style, byQuantity);
    }

    static List<AnalysisView.ColumnView> views(HouseStyle style, Map<Quantity, AmountFormat.Column> byQuantity) {
        return byQuantity.entrySet().stream()
                .map(column -> new AnalysisView.ColumnView(
                        column.getKey().word(),
                        style.terms().letter(column.getKey()),
                        style.terms().word(column.getKey()),
                        column.getValue().unit()))
                .toList();
    }

    AnalysisView.RowView row(ChartedCircuit charted, Subject subject) {
        Chart chart = charted.chart();
        Map<String, String> shown = new LinkedHashMap<>();
        byQuantity.forEach((quantity, column) -> charted.value(Cell.of(subject, quantity))
                .ifPresent(value -> shown.put(quantity.word(), column.print(value))));
        return new AnalysisView.RowView(
                subject.id(),
                subject.kind().name().toLowerCase(Locale.ROOT),
                chart.subjects().membersOf(subject),
                AnalysisView.value(chart, subject, Quantity.RESISTANCE),
                AnalysisView.value(chart, subject, Quantity.VOLTAGE),
                AnalysisView.value(chart, subject, Quantity.CURRENT),
                AnalysisView.value(chart, subject, Quantity.POWER),
                shown,
                chart.condition(subject).name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }
}
