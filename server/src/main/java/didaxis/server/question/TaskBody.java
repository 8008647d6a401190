package didaxis.server.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.OwnNames;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A task of a question, in JSON. Each kind reads what it needs and nothing else.
 *
 * @param id "1.1" by its place where it is left out
 * @param state the place of its state; 0, the circuit as drawn, where it is left out
 * @param cells what is asked, of chart, calculate, write-down and change; of compare the two that are compared
 * @param things what is ranked; of breaker the fuse; of places what can be chosen
 * @param quantity by what it is ranked; the brightness of lamps is their power; of limits voltage or current
 * @param parts what is taken out, each in turn; of joint the two parts; of combinations two to five; of limits the rated
 *     parts; of breaker what is switched on, in order
 * @param otherState the state of the second cell that is compared, where it is another
 * @param factor whether it is asked by how much they differ
 * @param reason of joint: whether it is asked how one knows; of compare and rank: whether it is asked why
 * @param first of rank: whether only the largest is asked
 * @param count of breaker: whether it is asked how many can run
 * @param term of define what is to be defined
 * @param prompt of words what is asked
 * @param phrases of define and words what earns a mark each; those that are known for the term where they are left out
 * @param model of define and words an answer that earns all
 * @param text of gaps, with ___ at each gap
 * @param gaps of gaps the words that are right in each
 * @param letters of fold: whether only what is combined is asked, and no value
 * @param bandsAsked of colour-code: whether the bands are asked
 * @param value of connect the resistance that is wanted; of colour-code the tolerance
 * @param marks what each box earns; as usual for its kind where it is left out
 * @param deeper whether it is a part of the one before it: 1.2.1 after 1.2
 */
public record TaskBody(
        @Schema(types = {"string", "null"}) String id,
        @Schema(types = {"integer", "null"}) Integer state,

        @Schema(
                allowableValues = {
                    "chart",
                    "calculate",
                    "write-down",
                    "change",
                    "rank",
                    "goes-out",
                    "joint",
                    "compare",
                    "safe-supply",
                    "combinations",
                    "limits",
                    "breaker",
                    "places",
                    "fold",
                    "nesting",
                    "annotate",
                    "draw",
                    "connect",
                    "colour-code",
                    "explain",
                    "define",
                    "words",
                    "gaps",
                    "rules"
                })
        String kind,

        @Schema(types = {"array", "null"}) List<AskedCell> cells,
        @Schema(types = {"array", "null"}) List<String> things,
        @Schema(types = {"string", "null"}) String quantity,
        @Schema(types = {"array", "null"}) List<String> parts,
        @Schema(types = {"integer", "null"}) Integer otherState,
        @Schema(types = {"boolean", "null"}) Boolean factor,
        @Schema(types = {"boolean", "null"}) Boolean reason,
        @Schema(types = {"boolean", "null"}) Boolean first,
        @Schema(types = {"boolean", "null"}) Boolean count,
        @Schema(types = {"boolean", "null"}) Boolean letters,
        @Schema(types = {"boolean", "null"}) Boolean bandsAsked,
        @Schema(types = {"string", "null"}) String value,
        @Schema(types = {"string", "null"}) String term,
        @Schema(types = {"string", "null"}) String prompt,
        @Schema(types = {"array", "null"}) List<PhraseBody> phrases,
        @Schema(types = {"string", "null"}) String model,
        @Schema(types = {"string", "null"}) String text,
        @Schema(types = {"array", "null"}) List<List<String>> gaps,
        @Schema(types = {"integer", "null"}) Integer marks,
        @Schema(types = {"boolean", "null"}) Boolean deeper) {
    /** What the power of lamps is called where they are ranked by it. */
    static final String BRIGHTNESS = "brightness";

    /** The same about a circuit whose parts have names of their own. */
    TaskBody named(OwnNames own, List<State> plain, List<State> renamed) {
        TaskFields was = new TaskFields(this, "", plain);
        TaskFields now = new TaskFields(this, "", renamed);
        TaskWriter writer = TaskWriter.of(this);
        for (int k = 0; cells != null && k < cells.size(); k++) {
            AskedCell asked = cells.get(k);
            Cell cell = asked.cell().in(was.subjects(k));
            Subject subject = own.in(cell.subject(), was.subjects(k), now.subjects(k));
            writer.cells.set(k, TaskWriter.asked(Cell.of(subject, cell.quantity()), asked.marks(), asked.unit()));
        }
        UnaryOperator<String> name = text -> was.subjects(0)
                .named(text)
                .map(subject ->
                        own.in(subject, was.subjects(0), now.subjects(0)).id())
                .orElse(text);
        if (things != null) writer.things = things.stream().map(name).toList();
        if (parts != null) writer.parts = parts.stream().map(name).toList();
        return writer.body();
    }

    /** The same in canonical form: a cell may be written under another name of its group, power as brightness. */
    TaskBody canonical(List<State> states) {
        TaskFields reader = new TaskFields(this, "", states);
        TaskWriter writer = TaskWriter.of(this);
        for (int k = 0; cells != null && k < cells.size(); k++) {
            AskedCell cell = cells.get(k);
            writer.cells.set(k, TaskWriter.asked(cell.cell().in(reader.subjects(k)), cell.marks(), cell.unit()));
        }
        for (int k = 0; things != null && k < things.size(); k++)
            writer.things.set(
                    k, reader.subjects(0).named(things.get(k)).map(Subject::id).orElse(things.get(k)));
        if (BRIGHTNESS.equals(quantity)) writer.quantity = Quantity.POWER.word();
        return writer.body();
    }

    /**
     * The task that this means.
     *
     * @param usualId its id where it has none
     * @param states of the question
     * @throws Problem if it is none
     */
    Task task(String usualId, List<State> states) {
        return new TaskReader(this, id == null || id.isBlank() ? usualId : id.strip(), states).task();
    }

    /** Cells of the circuit as drawn, to be filled into its chart. */
    public static TaskBody chart(List<AskedCell> cells) {
        return TaskWriter.chart(cells).body();
    }

    /** A task as JSON, without an id: it gets one by its place. */
    static TaskBody of(Task task) {
        return TaskWriter.of(task).body();
    }

    /** The subjects it is about. */
    List<String> about() {
        List<String> about = new ArrayList<>();
        if (cells != null) cells.forEach(cell -> about.add(cell.subject()));
        if (things != null) about.addAll(things);
        if (parts != null) about.addAll(parts);
        return about;
    }

    /**
     * The same where one of its boxes, or where they all earn the same every one, earns so many marks.
     *
     * @param cell the place of the box among the task's
     */
    TaskBody earning(int cell, int worth) {
        TaskWriter writer = TaskWriter.of(this);
        boolean each = cells != null
                && List.of("chart", "calculate", "write-down", "change").contains(kind);
        if (!each) return writer.worth(worth).body();
        AskedCell asked = cells.get(cell);
        writer.cells.set(cell, new AskedCell(asked.subject(), asked.quantity(), worth, asked.unit()));
        return writer.body();
    }
}
