package didaxis.server.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Amounts.Command;
import didaxis.core.question.Arrangements;
import didaxis.core.question.Breaker;
import didaxis.core.question.Comparison;
import didaxis.core.question.GoingOut;
import didaxis.core.question.Joining;
import didaxis.core.question.PartLimits;
import didaxis.core.question.Places;
import didaxis.core.question.Ranking;
import didaxis.core.question.SafeSupply;
import didaxis.core.question.Task;
import didaxis.core.question.Ways;
import didaxis.server.circuit.CellView;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;

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
    private static final int MOST = 200;

    /** How each kind is read; a new kind is a line here. */
    private static final Map<String, BiFunction<TaskBody, In, Task>> KINDS = kinds();

    /** Where a task is read: its id, and the circuit's subjects. */
    private record In(String id, Subjects subjects) {}

    private static Map<String, BiFunction<TaskBody, In, Task>> kinds() {
        Map<String, BiFunction<TaskBody, In, Task>> kinds = new LinkedHashMap<>();
        kinds.put("chart", (body, in) -> body.amounts(Command.CHART, in));
        kinds.put("calculate", (body, in) -> body.amounts(Command.CALCULATE, in));
        kinds.put("write-down", (body, in) -> body.amounts(Command.WRITE_DOWN, in));
        kinds.put("change", (body, in) -> new Ways(in.id(), body.place(), body.cellsIn(in)));
        kinds.put("rank", TaskBody::ranking);
        kinds.put("goes-out", (body, in) -> new GoingOut(in.id(), body.place(), body.partsIn(in), body.worth(1)));
        kinds.put("joint", TaskBody::joining);
        kinds.put("compare", TaskBody::comparison);
        kinds.put("safe-supply", (body, in) -> new SafeSupply(in.id(), body.place(), body.worth(3)));
        kinds.put(
                "combinations", (body, in) -> new Arrangements(in.id(), body.place(), body.partsIn(in), body.worth(4)));
        kinds.put("limits", TaskBody::limits);
        kinds.put("breaker", TaskBody::breaker);
        kinds.put("places", TaskBody::places);
        return kinds;
    }

    /**
     * The task that this means.
     *
     * @param usualId its id where it has none
     * @throws Problem if it is none
     */
    Task task(String usualId, Subjects subjects) {
        BiFunction<TaskBody, In, Task> reads = KINDS.get(kind);
        if (reads == null)
            throw Problem.badRequest(
                            "“" + kind + "” is no kind of task; known are " + String.join(", ", KINDS.keySet()) + ".")
                    .with("field", "kind");
        return reads.apply(this, new In(id == null || id.isBlank() ? usualId : id.strip(), subjects));
    }

    /** The same with its cells in canonical form: a cell may be written under another name of its group. */
    TaskBody canonical(Subjects subjects) {
        if (cells == null) return this;
        List<AskedCell> own = cells.stream()
                .map(one -> {
                    CellView cell = CellView.of(one.cell().in(subjects));
                    return new AskedCell(cell.subject(), cell.quantity(), one.marks());
                })
                .toList();
        return new TaskBody(id, state, kind, own, things, quantity, parts, otherState, factor, marks);
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

    private int place() {
        return state == null ? 0 : state;
    }

    private int worth(int usual) {
        return marks == null ? usual : marks;
    }

    private Task amounts(Command command, In in) {
        Map<Cell, Integer> asked = new LinkedHashMap<>();
        for (AskedCell one : some(cells, "cells", in)) {
            int worth = one.marks() == null ? worth(command.usualMarks()) : one.marks();
            if (asked.put(one.cell().in(in.subjects()), worth) != null)
                throw Problem.badRequest("Task " + in.id() + " asks for one cell twice.")
                        .with("field", "cells");
        }
        return new Amounts(in.id(), place(), command, asked);
    }

    private Task ranking(In in) {
        List<Subject> ranked = named(things, "things", in);
        if (quantity == null)
            throw Problem.badRequest("Task " + in.id() + " needs its quantity.").with("field", "quantity");
        Quantity by = quantity.equals("brightness") ? Quantity.POWER : new CellView("total", quantity).measured();
        return new Ranking(in.id(), place(), by, ranked, worth(Math.max(1, ranked.size() - 1)));
    }

    private Task limits(In in) {
        Quantity measured = quantity == null ? Quantity.VOLTAGE : new CellView("total", quantity).measured();
        return new PartLimits(in.id(), place(), measured, partsIn(in), worth(3));
    }

    private Task breaker(In in) {
        List<Subject> fuse = named(things, "things", in);
        if (fuse.size() != 1 || fuse.get(0).kind() != Subject.Kind.PART)
            throw Problem.badRequest("Task " + in.id() + " is about one fuse: things.")
                    .with("field", "things");
        return new Breaker(in.id(), place(), fuse.get(0).id(), partsIn(in), worth(2));
    }

    private Task places(In in) {
        List<Cell> one = cellsIn(in);
        if (one.size() != 1)
            throw Problem.badRequest("Task " + in.id() + " is about one cell.").with("field", "cells");
        return new Places(in.id(), place(), one.get(0), named(things, "things", in), worth(2));
    }

    private Task joining(In in) {
        List<String> two = partsIn(in);
        if (two.size() != 2)
            throw Problem.badRequest("Task " + in.id() + " is about two parts.").with("field", "parts");
        return new Joining(in.id(), place(), two.get(0), two.get(1), worth(1));
    }

    private Task comparison(In in) {
        List<Cell> two = cellsIn(in);
        if (two.size() != 2)
            throw Problem.badRequest("Task " + in.id() + " compares two cells.").with("field", "cells");
        int other = otherState == null ? place() : otherState;
        return new Comparison(in.id(), place(), two.get(0), other, two.get(1), factor == Boolean.TRUE, worth(1));
    }

    private List<Cell> cellsIn(In in) {
        List<Cell> found = new ArrayList<>();
        for (AskedCell one : some(cells, "cells", in)) found.add(one.cell().in(in.subjects()));
        return found;
    }

    private List<String> partsIn(In in) {
        List<Subject> named = named(parts, "parts", in);
        for (Subject one : named)
            if (one.kind() != Subject.Kind.PART)
                throw Problem.badRequest("“" + one.id() + "” is no part of this circuit.")
                        .with("field", "parts");
        return named.stream().map(Subject::id).toList();
    }

    private List<Subject> named(List<String> names, String field, In in) {
        List<Subject> found = new ArrayList<>();
        for (String name : some(names, field, in)) {
            Subject one = in.subjects()
                    .named(name)
                    .orElseThrow(() -> Problem.badRequest("This circuit has no “" + name + "”.")
                            .with("field", field));
            if (found.contains(one))
                throw Problem.badRequest("“" + name + "” is named twice in task " + in.id() + ".")
                        .with("field", field);
            found.add(one);
        }
        return found;
    }

    private static <T> List<T> some(List<T> list, String field, In in) {
        boolean whole = list != null
                && !list.isEmpty()
                && list.size() <= MOST
                && list.stream().noneMatch(one -> one == null);
        if (!whole)
            throw Problem.badRequest("Task " + in.id() + " needs its " + field + ", 1 to " + MOST + " of them.")
                    .with("field", field);
        return list;
    }
}
