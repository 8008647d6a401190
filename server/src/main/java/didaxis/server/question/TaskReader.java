package didaxis.server.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.ColourCode;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Amounts.Command;
import didaxis.core.question.Arrangements;
import didaxis.core.question.BranchCurrents;
import didaxis.core.question.Breaker;
import didaxis.core.question.ColourBands;
import didaxis.core.question.Comparison;
import didaxis.core.question.Connecting;
import didaxis.core.question.Explaining;
import didaxis.core.question.Gaps;
import didaxis.core.question.GoingOut;
import didaxis.core.question.Joining;
import didaxis.core.question.Nesting;
import didaxis.core.question.PartLimits;
import didaxis.core.question.Places;
import didaxis.core.question.Ranking;
import didaxis.core.question.Redrawing;
import didaxis.core.question.Reducing;
import didaxis.core.question.SafeSupply;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.question.Ways;
import didaxis.server.circuit.CellView;
import didaxis.server.config.Problem;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Reads a task from JSON; each kind reads what it needs and nothing else. */
final class TaskReader {
    private final TaskBody body;
    private final String id;
    private final List<State> states;
    private final TaskFields fields;

    TaskReader(TaskBody body, String id, List<State> states) {
        this.body = body;
        this.id = id;
        this.states = states;
        fields = new TaskFields(body, id, states);
    }

    /** How each kind is read; a new kind is a line here. */
    private static final Map<String, Function<TaskReader, Task>> KINDS = kinds();

    private static Map<String, Function<TaskReader, Task>> kinds() {
        Map<String, Function<TaskReader, Task>> kinds = new LinkedHashMap<>();
        kinds.put("chart", task -> task.amounts(Command.CHART));
        kinds.put("calculate", task -> task.amounts(Command.CALCULATE));
        kinds.put("write-down", task -> task.amounts(Command.WRITE_DOWN));
        kinds.put("change", task -> new Ways(task.id, task.fields.place(), task.fields.cellsIn()));
        kinds.put("rank", TaskReader::ranking);
        kinds.put(
                "goes-out",
                task -> new GoingOut(task.id, task.fields.place(), task.fields.partsIn(), task.fields.worth(1)));
        kinds.put("joint", TaskReader::joining);
        kinds.put("compare", TaskReader::comparison);
        kinds.put("safe-supply", task -> new SafeSupply(task.id, task.fields.place(), task.fields.worth(3)));
        kinds.put(
                "combinations",
                task -> new Arrangements(task.id, task.fields.place(), task.fields.partsIn(), task.fields.worth(4)));
        kinds.put("limits", TaskReader::limits);
        kinds.put("breaker", TaskReader::breaker);
        kinds.put("places", TaskReader::places);
        kinds.put("fold", TaskReader::reducing);
        kinds.put("nesting", task -> new Nesting(task.id, task.fields.place(), task.fields.worth(1)));
        kinds.put(
                "annotate",
                task -> new BranchCurrents(
                        task.id,
                        task.fields.place(),
                        task.fields.worth(BranchCurrents.usualMarks(task.fields.state()))));
        kinds.put(
                "draw", task -> new Redrawing(task.id, task.fields.place(), task.fields.worth(Redrawing.USUAL_MARKS)));
        kinds.put("connect", TaskReader::connecting);
        kinds.put("colour-code", TaskReader::colourBands);
        kinds.put("explain", TaskReader::explaining);
        kinds.put("define", task -> task.words().defining());
        kinds.put("words", task -> task.words().inWords());
        kinds.put("gaps", task -> task.words().filling());
        kinds.put(
                "rules",
                task -> new Gaps(
                        task.id,
                        task.fields.place(),
                        Gaps.RULES,
                        Gaps.rules(task.id).gaps(),
                        task.fields.worth(1)));
        return kinds;
    }

    /**
     * The task that the body means.
     *
     * @throws Problem if it is none
     */
    Task task() {
        Function<TaskReader, Task> reads = KINDS.get(body.kind());
        if (reads == null)
            throw Problem.badRequest("“" + body.kind() + "” is no kind of task; known are "
                            + String.join(", ", KINDS.keySet()) + ".")
                    .with("field", "kind");
        Task task = reads.apply(this);
        fields.refuseEmptyPlaces();
        return task;
    }

    private Task amounts(Command command) {
        Map<Cell, Integer> asked = new LinkedHashMap<>();
        Map<Cell, String> units = new LinkedHashMap<>();
        for (AskedCell one : fields.some(body.cells(), "cells")) {
            int worth = one.marks() == null ? fields.worth(command.usualMarks()) : one.marks();
            if (one.unit() != null && !one.unit().isBlank())
                units.put(one.cell().in(fields.subjects(0)), one.unit().strip());
            if (asked.put(one.cell().in(fields.subjects(0)), worth) != null)
                throw Problem.badRequest("Task " + id + " asks for one cell twice.")
                        .with("field", "cells");
        }
        return new Amounts(id, fields.place(), command, asked, units);
    }

    private Task ranking() {
        List<Subject> ranked = fields.named(body.things(), "things");
        if (body.quantity() == null)
            throw Problem.badRequest("Task " + id + " needs its quantity.").with("field", "quantity");
        Quantity by = body.quantity().equals(TaskBody.BRIGHTNESS)
                ? Quantity.POWER
                : new CellView("total", body.quantity()).measured();
        boolean first = body.first() == Boolean.TRUE;
        int usual = first ? 1 : Math.max(1, ranked.size() - 1);
        return new Ranking(id, fields.place(), by, ranked, first, body.reason() == Boolean.TRUE, fields.worth(usual));
    }

    private Task limits() {
        Quantity measured =
                body.quantity() == null ? Quantity.VOLTAGE : new CellView("total", body.quantity()).measured();
        return new PartLimits(id, fields.place(), measured, fields.partsIn(), fields.worth(3));
    }

    private Task breaker() {
        List<Subject> fuse = fields.named(body.things(), "things");
        if (fuse.size() != 1 || fuse.get(0).kind() != Subject.Kind.PART)
            throw Problem.badRequest("Task " + id + " is about one fuse: things.")
                    .with("field", "things");
        return new Breaker(
                id, fields.place(), fuse.get(0).id(), fields.partsIn(), body.count() == Boolean.TRUE, fields.worth(2));
    }

    private Task places() {
        return new Places(id, fields.place(), fields.oneCell(), fields.named(body.things(), "things"), fields.worth(2));
    }

    private Task reducing() {
        boolean letters = body.letters() == Boolean.TRUE;
        return new Reducing(id, fields.place(), letters, fields.worth(Reducing.usualMarks(fields.state(), letters)));
    }

    private Task connecting() {
        String value = body.value() == null ? "" : body.value();
        double ohms = AmountFormat.STANDARD
                .read(value, Quantity.RESISTANCE)
                .match(read -> read.amount().si(), blank -> 0.0, unreadable -> 0.0);
        if (!(ohms > 0))
            throw Problem.badRequest("Task " + id + " needs the resistance that is wanted, such as 14 Ω: value.")
                    .with("field", "value");
        return new Connecting(id, fields.place(), fields.partsIn(), ohms, fields.worth(Connecting.USUAL_MARKS));
    }

    private Task colourBands() {
        List<String> one = fields.partsIn();
        if (one.size() != 1)
            throw Problem.badRequest("Task " + id + " is about one part.").with("field", "parts");
        String value = body.value() == null ? "5 %" : body.value();
        double percent = ColourCode.percent(value)
                .orElseThrow(() -> Problem.badRequest("“" + value + "” is no tolerance such as 5 %.")
                        .with("field", "value"));
        return new ColourBands(
                id, fields.place(), one.get(0), percent, body.bandsAsked() == Boolean.TRUE, fields.worth(1));
    }

    private Task explaining() {
        return Explaining.of(id, fields.place(), fields.oneCell(), states, Optional.ofNullable(body.marks()));
    }

    private Task joining() {
        List<String> two = fields.partsIn();
        if (two.size() != 2)
            throw Problem.badRequest("Task " + id + " is about two parts.").with("field", "parts");
        return new Joining(id, fields.place(), two.get(0), two.get(1), body.reason() == Boolean.TRUE, fields.worth(1));
    }

    private Task comparison() {
        List<Cell> two = fields.cellsIn();
        if (two.size() != 2)
            throw Problem.badRequest("Task " + id + " compares two cells.").with("field", "cells");
        int other = body.otherState() == null ? fields.place() : body.otherState();
        return new Comparison(
                id,
                fields.place(),
                two.get(0),
                other,
                two.get(1),
                body.factor() == Boolean.TRUE,
                body.reason() == Boolean.TRUE,
                fields.worth(1));
    }

    private WordTaskReader words() {
        return new WordTaskReader(body, id, fields);
    }
}
