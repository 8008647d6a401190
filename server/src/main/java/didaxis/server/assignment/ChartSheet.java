package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.AskedChart;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * A chart to be filled, in JSON: what is told stands in it, and what is asked has a box.
 *
 * @param wholeWord what the whole circuit is called
 */
record ChartSheet(String wholeWord, List<AskedColumn> columns, List<AskedRow> rows) {
    /** A column's quantity, by its letter and its word. */
    record AskedColumn(
            @Schema(allowableValues = {"resistance", "voltage", "current", "power"})
            String quantity,

            String symbol,
            String word) {}

    /** A row: what it is of, and a slot a column. */
    record AskedRow(
            @Schema(allowableValues = {"part", "group", "internal", "external", "total", "voltmeter", "point"})
            String kind,

            String id,
            List<AskedSlot> slots) {}

    /** One place of the chart: what is told there, the id of the box that stands there, or nothing. */
    record AskedSlot(String told, String box) {}

    /**
     * Empty for a task that is no chart.
     *
     * @param ids of a box, on the sheet
     */
    static Optional<ChartSheet> of(Task task, Question question, HouseStyle style, Function<Box, String> ids) {
        if (!(task instanceof Amounts amounts)) return Optional.empty();
        Map<Cell, String> boxes = new LinkedHashMap<>();
        task.boxes().forEach(box -> BoxView.cell(box).ifPresent(cell -> boxes.put(cell, ids.apply(box))));
        return AskedChart.of(amounts, question, style.columns()).map(chart -> {
            List<AskedRow> rows = new ArrayList<>();
            for (Subject row : chart.rows()) {
                List<AskedSlot> slots = chart.columns().stream()
                        .map(column -> slot(row, column, boxes, task, question, style))
                        .toList();
                rows.add(new AskedRow(row.kind().name().toLowerCase(Locale.ROOT), row.id(), slots));
            }
            List<AskedColumn> columns = chart.columns().stream()
                    .map(one -> new AskedColumn(
                            one.word(), style.terms().letter(one), style.terms().word(one)))
                    .toList();
            return new ChartSheet(style.terms().whole(), columns, rows);
        });
    }

    private static AskedSlot slot(
            Subject row, Quantity column, Map<Cell, String> boxes, Task task, Question question, HouseStyle style) {
        Optional<Cell> asked = AskedChart.in(row, column, boxes.keySet());
        if (asked.isPresent()) return new AskedSlot("", boxes.get(asked.get()));
        Set<Cell> shown = question.shown(task.state());
        String told = AskedChart.in(row, column, shown)
                .map(cell -> style.numbers()
                        .exactly(cell.told(
                                question.state(task.state()).chart().value(cell).orElseThrow(), style.numbers())))
                .orElse("");
        return new AskedSlot(told, "");
    }
}
