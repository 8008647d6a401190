package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Symbols;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxName;
import didaxis.server.question.FormWord;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A box to fill, what stands in it, and what that was read as.
 *
 * @param quantity by which boxes stand together; empty where there is none
 * @param symbol of its cell, as MathML; empty where it has none
 * @param marks 0 where it counts no more
 * @param things what may be named in it; of a working the circuit's resistances
 * @param lines whether it takes a working in lines
 */
record BoxView(
        String id,

        FormWord form,

        @Schema(allowableValues = {"", "resistance", "voltage", "current", "power", "potential"})
        String quantity,

        String symbol,
        String name,
        String unit,
        int marks,
        List<String> things,
        boolean lines,
        String text,
        ReadingView reading) {
    private static final List<Quantity> ORDER =
            List.of(Quantity.RESISTANCE, Quantity.CURRENT, Quantity.VOLTAGE, Quantity.POWER, Quantity.POTENTIAL);

    /** The boxes of a task by quantity, in each as the chart has its rows; where some are of no cell they stay as they are. */
    static List<Box> onSheet(Task task, Question question) {
        boolean cells = task.boxes().stream().allMatch(box -> cell(box).isPresent());
        if (!cells) return task.boxes();
        Comparator<Cell> order = inChart(question.state(task.state()));
        return task.boxes().stream()
                .sorted(Comparator.comparing(box -> cell(box).orElseThrow(), order))
                .toList();
    }

    static Comparator<Cell> inChart(State state) {
        List<String> rows =
                state.chart().rows().stream().map(subject -> subject.id()).toList();
        Function<Cell, Integer> row = cell ->
                rows.contains(cell.subject().id()) ? rows.indexOf(cell.subject().id()) : rows.size();
        return Comparator.comparing((Cell cell) -> ORDER.indexOf(cell.quantity()))
                .thenComparing(row)
                .thenComparing(cell -> cell.subject().id());
    }

    /** The cell a box is about, if it is about one. */
    static Optional<Cell> cell(Box box) {
        if (box.form() instanceof Box.Form.Amount amount) return Optional.of(amount.cell());
        if (box.form() instanceof Box.Form.Way way) return Optional.of(way.cell());
        return Optional.empty();
    }

    /** What a circuit's resistances are called, to write them down. */
    private static List<String> names(State state) {
        Stream<String> own = state.circuit().parts().stream()
                .filter(part -> state.chart()
                        .value(Cell.resistance(Subject.part(part.label())))
                        .isPresent())
                .map(Part::label);
        return (state.chart().subjects().has(Subject.INTERNAL) ? Stream.concat(own, Stream.of("r")) : own).toList();
    }

    static BoxView of(
            String id,
            Task task,
            Box box,
            Paper paper,
            Question question,
            Map<String, String> texts,
            BoxReadings readings) {
        HouseStyle style = paper.style().house();
        String text = texts.getOrDefault(id, "");
        return new BoxView(
                id,
                FormWord.of(box.form()),
                cell(box).map(cell -> cell.quantity().word()).orElse(""),
                cell(box).map(new Symbols(style.terms())::mathMl).orElse(""),
                new BoxName(style).say(task, box),
                FormWord.unit(box.form()),
                paper.memo().amendment(id).marks(box),
                Amounts.calculated(task)
                        ? names(question.state(task.state()))
                        : new BoxChoices(style).of(task, box, question),
                Amounts.calculated(task),
                text,
                readings.of(id, task, box, question, text));
    }
}
