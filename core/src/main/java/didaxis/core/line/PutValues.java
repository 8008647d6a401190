package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * What a cell may be put in as: a learner's own values of it, in SI, or its true one.
 *
 * @param leftOut cells that are not put in
 * @param own the learner's values by cell
 */
public record PutValues(Predicate<Cell> leftOut, Map<Cell, List<Double>> own) {
    /** Nothing is put in. */
    public static final PutValues NONE = new PutValues(cell -> true, Map.of());

    /** The same, but for more cells. */
    public PutValues without(Predicate<Cell> more) {
        return new PutValues(leftOut.or(more), own);
    }

    List<Double> of(Cell cell, Chart chart) {
        if (leftOut.test(cell)) return List.of();
        List<Double> values = new ArrayList<>(own.getOrDefault(cell, List.of()));
        chart.value(cell).ifPresent(values::add);
        return values;
    }
}
