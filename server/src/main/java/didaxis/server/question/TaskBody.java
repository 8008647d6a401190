package didaxis.server.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts.Command;
import didaxis.core.question.Comparison;
import didaxis.core.question.Task;
import didaxis.server.circuit.CellView;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

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
 * @param marks what each box earns; as usual for its kind where it is left out
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
                    "places"
                })
        String kind,

        @Schema(types = {"array", "null"}) List<AskedCell> cells,
        @Schema(types = {"array", "null"}) List<String> things,
        @Schema(types = {"string", "null"}) String quantity,
        @Schema(types = {"array", "null"}) List<String> parts,
        @Schema(types = {"integer", "null"}) Integer otherState,
        @Schema(types = {"boolean", "null"}) Boolean factor,
        @Schema(types = {"integer", "null"}) Integer marks) {
    /** What the power of lamps is called where they are ranked by it. */
    static final String BRIGHTNESS = "brightness";

    /** The same in canonical form: a cell may be written under another name of its group, power as brightness. */
    TaskBody canonical(Subjects subjects) {
        String measured = BRIGHTNESS.equals(quantity) ? Quantity.POWER.word() : quantity;
        List<AskedCell> own = cells == null
                ? null
                : cells.stream()
                        .map(one -> asked(one.cell().in(subjects), one.marks()))
                        .toList();
        return new TaskBody(id, state, kind, own, things, measured, parts, otherState, factor, marks);
    }

    /**
     * The task that this means.
     *
     * @param usualId its id where it has none
     * @throws Problem if it is none
     */
    Task task(String usualId, Subjects subjects) {
        return new TaskReader(this, id == null || id.isBlank() ? usualId : id.strip(), subjects).task();
    }

    /** A task as JSON, without an id: it gets one by its place. */
    static TaskBody of(Task task) {
        return task.match(new Task.Cases<>(
                amounts -> new TaskBody(amounts.state(), word(amounts.command())).withCells(amounts.marks()),
                ways -> new TaskBody(ways.state(), "change").withCells(ways.cells()),
                ranking -> new TaskBody(ranking.state(), "rank")
                        .with(ids(ranking.things()), null, ranking.marks())
                        .by(ranking.quantity()),
                out -> new TaskBody(out.state(), "goes-out").with(null, out.parts(), out.marks()),
                joining -> new TaskBody(joining.state(), "joint")
                        .with(null, List.of(joining.one(), joining.other()), joining.marks()),
                TaskBody::of,
                safe -> new TaskBody(safe.state(), "safe-supply").with(null, null, safe.marks()),
                all -> new TaskBody(all.state(), "combinations").with(null, all.parts(), all.marks()),
                limits -> new TaskBody(limits.state(), "limits")
                        .with(null, limits.parts(), limits.marks())
                        .by(limits.quantity()),
                breaker -> new TaskBody(breaker.state(), "breaker")
                        .with(List.of(breaker.fuse()), breaker.parts(), breaker.marks()),
                places -> new TaskBody(places.state(), "places")
                        .withCells(List.of(places.like()))
                        .with(ids(places.among()), null, places.marks())));
    }

    private static TaskBody of(Comparison comparison) {
        return new TaskBody(
                null,
                comparison.state(),
                "compare",
                List.of(asked(comparison.cell(), null), asked(comparison.other(), null)),
                null,
                null,
                null,
                comparison.otherState(),
                comparison.factor(),
                comparison.marks());
    }

    private TaskBody(int state, String kind) {
        this(null, state, kind, null, null, null, null, null, null, null);
    }

    private TaskBody withCells(Map<Cell, Integer> worth) {
        return withAsked(worth.entrySet().stream()
                .map(one -> asked(one.getKey(), one.getValue()))
                .toList());
    }

    private TaskBody withCells(List<Cell> about) {
        return withAsked(about.stream().map(cell -> asked(cell, null)).toList());
    }

    private TaskBody withAsked(List<AskedCell> about) {
        return new TaskBody(id, state, kind, about, things, quantity, parts, otherState, factor, marks);
    }

    private TaskBody with(List<String> ranked, List<String> some, int worth) {
        return new TaskBody(id, state, kind, cells, ranked, quantity, some, otherState, factor, worth);
    }

    private TaskBody by(Quantity measured) {
        return new TaskBody(id, state, kind, cells, things, measured.word(), parts, otherState, factor, marks);
    }

    private static AskedCell asked(Cell cell, Integer worth) {
        CellView view = CellView.of(cell);
        return new AskedCell(view.subject(), view.quantity(), worth);
    }

    private static List<String> ids(List<Subject> subjects) {
        return subjects.stream().map(Subject::id).toList();
    }

    private static String word(Command command) {
        return switch (command) {
            case CHART -> "chart";
            case CALCULATE -> "calculate";
            case WRITE_DOWN -> "write-down";
        };
    }

    /** The subjects it is about. */
    List<String> about() {
        List<String> about = new ArrayList<>();
        if (cells != null) cells.forEach(cell -> about.add(cell.subject()));
        if (things != null) about.addAll(things);
        if (parts != null) about.addAll(parts);
        return about;
    }
}
