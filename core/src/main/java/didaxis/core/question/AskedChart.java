package didaxis.core.question;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The chart in which a task's cells are to be filled: the circuit's own, as far as something is asked or told in it.
 *
 * @param columns in the style's order
 * @param rows in the chart's order, then what is read
 */
public record AskedChart(List<Quantity> columns, List<Subject> rows) {
    /** Empty where a task asks for no chart, for a single cell, or for something that has no column. */
    public static Optional<AskedChart> of(Amounts task, Question question, List<Quantity> columns) {
        Set<Cell> asked = task.marks().keySet();
        boolean fits = asked.stream().allMatch(cell -> columns.contains(column(cell)));
        if (task.command() != Amounts.Command.CHART || asked.size() < 2 || !fits) return Optional.empty();
        Chart chart = question.state(task.state()).chart();
        Set<Cell> filled = new HashSet<>(question.shown(task.state()));
        filled.removeIf(cell -> !columns.contains(column(cell)));
        filled.addAll(asked);
        List<Subject> rows = new ArrayList<>(chart.rows());
        rows.addAll(chart.subjects().readings());
        rows.removeIf(row -> filled.stream().noneMatch(cell -> cell.subject().equals(row)));
        return Optional.of(new AskedChart(
                columns.stream()
                        .filter(column -> filled.stream().anyMatch(cell -> column(cell) == column))
                        .toList(),
                List.copyOf(rows)));
    }

    /** What a row has in a column, of these cells: a point's potential stands among the voltages. */
    public static Optional<Cell> in(Subject row, Quantity column, Collection<Cell> cells) {
        return cells.stream()
                .filter(cell -> cell.subject().equals(row) && column(cell) == column)
                .findFirst();
    }

    private static Quantity column(Cell cell) {
        return cell.quantity() == Quantity.POTENTIAL ? Quantity.VOLTAGE : cell.quantity();
    }
}
