package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The cells with a value, and which of them have the same whatever the values of the circuit are.
 *
 * @param first of each cell the first that is like it
 */
record AlikeCells(List<Cell> cells, Map<Cell, Cell> first) {
    /** @param others the chart of the same circuit with other values, some times */
    static AlikeCells of(Chart chart, List<Chart> others) {
        List<Cell> cells = new ArrayList<>();
        Map<Cell, Cell> first = new LinkedHashMap<>();
        Map<List<Long>, Cell> known = new LinkedHashMap<>();
        for (Subject subject : chart.rows())
            for (Quantity quantity : Quantity.values()) {
                Cell cell = Cell.of(subject, quantity);
                if (chart.value(cell).isEmpty()) continue;
                cells.add(cell);
                first.put(cell, known.computeIfAbsent(signature(cell, others), one -> cell));
            }
        return new AlikeCells(List.copyOf(cells), first);
    }

    private static List<Long> signature(Cell cell, List<Chart> others) {
        List<Long> signature = new ArrayList<>();
        for (Chart other : others)
            signature.add(Math.round(1e9 * Math.log(Math.abs(other.value(cell).orElse(0)) + 1e-12)));
        signature.add((long) cell.quantity().unit().hashCode());
        return signature;
    }

    boolean are(Cell one, Cell other) {
        return one.equals(other) || first.containsKey(one) && first.get(one).equals(first.get(other));
    }

    /** The first that is like a cell with a value. */
    Optional<Cell> likeOf(Cell cell) {
        return Optional.ofNullable(first.get(cell));
    }
}
