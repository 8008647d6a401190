package didaxis.server.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Amounts.Command;
import didaxis.core.question.Comparison;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.server.circuit.CellView;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;

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
 * @param letters of fold: whether only what is combined is asked, and no value
 * @param bandsAsked of colour-code: whether the bands are asked
 * @param value of connect the resistance that is wanted; of colour-code the tolerance
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
                    "places",
                    "fold",
                    "nesting",
                    "draw",
                    "connect",
                    "colour-code"
                })
        String kind,

        @Schema(types = {"array", "null"}) List<AskedCell> cells,
        @Schema(types = {"array", "null"}) List<String> things,
        @Schema(types = {"string", "null"}) String quantity,
        @Schema(types = {"array", "null"}) List<String> parts,
        @Schema(types = {"integer", "null"}) Integer otherState,
        @Schema(types = {"boolean", "null"}) Boolean factor,
        @Schema(types = {"boolean", "null"}) Boolean letters,
        @Schema(types = {"boolean", "null"}) Boolean bandsAsked,
        @Schema(types = {"string", "null"}) String value,
        @Schema(types = {"integer", "null"}) Integer marks) {
    /** What the power of lamps is called where they are ranked by it. */
    static final String BRIGHTNESS = "brightness";

    /** The same in canonical form: a cell may be written under another name of its group, power as brightness. */
    TaskBody canonical(List<State> states) {
        TaskReader reader = new TaskReader(this, "", states);
        String measured = BRIGHTNESS.equals(quantity) ? Quantity.POWER.word() : quantity;
        List<AskedCell> own = new ArrayList<>();
        for (int k = 0; cells != null && k < cells.size(); k++)
            own.add(asked(
                    cells.get(k).cell().in(reader.subjects(k)),
                    cells.get(k).marks(),
                    cells.get(k).unit()));
        return new TaskBody(
                id,
                state,
                kind,
                cells == null ? null : own,
                things,
                measured,
                parts,
                otherState,
                factor,
                letters,
                bandsAsked,
                value,
                marks);
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

    /** A task as JSON, without an id: it gets one by its place. */
    static TaskBody of(Task task) {
        return task.match(new Task.Cases<>(
                amounts -> new TaskBody(amounts.state(), word(amounts.command())).withCells(amounts),
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
                        .with(ids(places.among()), null, places.marks()),
                reducing -> new TaskBody(reducing.state(), "fold")
                        .with(null, null, reducing.marks())
                        .withLetters(reducing.letters()),
                nesting -> new TaskBody(nesting.state(), "nesting").with(null, null, nesting.marks()),
                redrawing -> new TaskBody(redrawing.state(), "draw").with(null, null, redrawing.marks()),
                connecting -> new TaskBody(connecting.state(), "connect")
                        .with(null, connecting.parts(), connecting.marks())
                        .withValue(AmountFormat.exactly(connecting.ohms()), null),
                bands -> new TaskBody(bands.state(), "colour-code")
                        .with(null, List.of(bands.part()), bands.marks())
                        .withValue(AmountFormat.exactly(bands.percent()) + " %", bands.bandsAsked())));
    }

    private static TaskBody of(Comparison comparison) {
        return new TaskBody(
                null,
                comparison.state(),
                "compare",
                List.of(asked(comparison.cell(), null, null), asked(comparison.other(), null, null)),
                null,
                null,
                null,
                comparison.otherState(),
                comparison.factor(),
                null,
                null,
                null,
                comparison.marks());
    }

    private TaskBody(int state, String kind) {
        this(null, state, kind, null, null, null, null, null, null, null, null, null, null);
    }

    private TaskBody withCells(Amounts amounts) {
        return withAsked(amounts.marks().entrySet().stream()
                .map(one -> asked(one.getKey(), one.getValue(), amounts.units().get(one.getKey())))
                .toList());
    }

    private TaskBody withCells(List<Cell> about) {
        return withAsked(about.stream().map(cell -> asked(cell, null, null)).toList());
    }

    private TaskBody withAsked(List<AskedCell> about) {
        return new TaskBody(
                id, state, kind, about, things, quantity, parts, otherState, factor, letters, bandsAsked, value, marks);
    }

    private TaskBody with(List<String> ranked, List<String> some, int worth) {
        return new TaskBody(
                id, state, kind, cells, ranked, quantity, some, otherState, factor, letters, bandsAsked, value, worth);
    }

    private TaskBody by(Quantity measured) {
        return new TaskBody(
                id,
                state,
                kind,
                cells,
                things,
                measured.word(),
                parts,
                otherState,
                factor,
                letters,
                bandsAsked,
                value,
                marks);
    }

    private TaskBody withLetters(boolean only) {
        return new TaskBody(
                id, state, kind, cells, things, quantity, parts, otherState, factor, only, bandsAsked, value, marks);
    }

    private TaskBody withValue(String wanted, Boolean bands) {
        return new TaskBody(
                id, state, kind, cells, things, quantity, parts, otherState, factor, letters, bands, wanted, marks);
    }

    private static AskedCell asked(Cell cell, Integer worth, String unit) {
        CellView view = CellView.of(cell);
        return new AskedCell(view.subject(), view.quantity(), worth, unit);
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
