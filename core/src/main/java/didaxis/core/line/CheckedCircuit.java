package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.Arrays;
import java.util.List;

/** What is the same for all workings of one circuit that are checked. */
public final class CheckedCircuit {
    final Chart chart;
    final LineReader reader;
    final LetterLaws laws;
    final List<Double> values;

    /** As somebody reads lines of this circuit. */
    public CheckedCircuit(Chart chart, LineReader reader) {
        this(
                chart,
                reader,
                new LetterLaws(chart),
                chart.rows().stream()
                        .flatMap(row -> Arrays.stream(Quantity.values()).map(quantity -> Cell.of(row, quantity)))
                        .flatMap(cell -> chart.value(cell).stream().boxed())
                        .toList());
    }

    private CheckedCircuit(Chart chart, LineReader reader, LetterLaws laws, List<Double> values) {
        this.chart = chart;
        this.reader = reader;
        this.laws = laws;
        this.values = values;
    }

    /** How many cells have a value. */
    public int cells() {
        return values.size();
    }

    /** The same where this is worked on. */
    public CheckedCircuit asked(Subject asked) {
        return new CheckedCircuit(chart, reader.asked(asked), laws, values);
    }
}
