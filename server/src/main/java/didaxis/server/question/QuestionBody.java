package didaxis.server.question;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.chart.Running;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.OwnNames;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import didaxis.server.change.ActBody;
import didaxis.server.change.Acts;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.Circuits;
import didaxis.server.circuit.PlanView;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;

/**
 * A question in states, in JSON; docs/question.md says all of it.
 *
 * @param format the version of this language; 1 where it is left out
 * @param notation the circuit; none where all is asked in words
 * @param drawing shown, or hidden where it is to be drawn from words; shown where it is left out
 * @param plan how the circuit is drawn for the learner; a plain loop with its junctions named where it is left out
 * @param names what parts are called for the learner, by their labels
 * @param running for how long things run, where charge, energy or cost is told or asked
 * @param tariff what a kilowatt hour costs, such as 0.20
 * @param given the cells that are told with the circuit as drawn
 * @param states what is done to the circuit, one act after the other
 */
public record QuestionBody(
        @Schema(types = {"integer", "null"}) Integer format,
        @Schema(types = {"string", "null"}) String title,
        @Schema(types = {"string", "null"}) String stem,
        @Schema(types = {"string", "null"}) String notation,

        @Schema(
                types = {"string", "null"},
                allowableValues = {"shown", "hidden"})
        String drawing,

        @Schema(
                types = {"object", "null"},
                implementation = PlanView.class)
        PlanView plan,

        @Schema(types = {"object", "null"}) Map<String, String> names,
        @Schema(types = {"array", "null"}) List<RunningBody> running,
        @Schema(types = {"string", "null"}) String tariff,
        @Schema(types = {"array", "null"}) List<CellView> given,
        @Schema(types = {"array", "null"}) List<StateBody> states,
        List<TaskBody> tasks) {
    /** The version of the language that is written. */
    public static final int FORMAT = 1;

    private static final String HIDDEN = "hidden";
    private static final int LONGEST_STEM = 4_000;
    private static final int MOST_STATES = 12;
    private static final int MOST_TASKS = 60;
    private static final int MOST_BOXES = 400;
    /** Of all states together. */
    private static final int MOST_PARTS = 400;

    /** Some parts, groups or the total, and for how long they run in all states: "12 s", "720 h". */
    public record RunningBody(List<String> things, String time) {}

    /** A state after the first: what was done, and what is told then. */
    public record StateBody(
            ActBody act, @Schema(types = {"array", "null"}) List<CellView> given) {}

    /**
     * The question that this means, as a learner meets it: parts have the names that they have for the learner.
     *
     * @throws Problem if the circuit cannot be read, an act cannot be done, or a task is none
     */
    public Question question(HouseStyle style) {
        return named(plain(style));
    }

    /**
     * The same with the labels of the notation.
     *
     * @throws Problem likewise
     */
    Question plain(HouseStyle style) {
        if (format != null && format != FORMAT)
            throw Problem.badRequest("A question of format " + format + " is not known; this is format " + FORMAT + ".")
                    .with("field", "format");
        if (stem != null && stem.length() > LONGEST_STEM)
            throw Problem.badRequest("A stem has at most " + LONGEST_STEM + " characters.")
                    .with("field", "stem");
        if (drawing != null && !drawing.equals("shown") && !drawing.equals(HIDDEN))
            throw Problem.badRequest("A drawing is shown or hidden; not “" + drawing + "”.")
                    .with("field", "drawing");
        if (plan != null) plan.in(style);
        if (tasks == null)
            throw Problem.badRequest("A question has a list of tasks.").with("field", "tasks");
        if (tasks.size() > MOST_TASKS) throw Problem.badRequest("A question has at most " + MOST_TASKS + " tasks.");
        if (notation == null || notation.isBlank()) return inWords();
        Circuit circuit = Circuits.read(notation, style).circuit();
        Chart bare = Circuits.chart(circuit);
        Chart chart = bare.with(running(bare.subjects(), style));
        return asked(stem == null ? "" : stem, states(chart, style), tasks);
    }

    /** Without a circuit there is nothing else that could be told or done. */
    private Question inWords() {
        boolean more = given != null && !given.isEmpty()
                || states != null && !states.isEmpty()
                || names != null && !names.isEmpty()
                || running != null && !running.isEmpty();
        if (more)
            throw Problem.badRequest("Without a circuit nothing of it can be told, done or named.")
                    .with("field", "notation");
        return asked(stem == null ? "" : stem, List.of(), tasks);
    }

    /**
     * The question as a learner meets it, from the same with the labels of the notation.
     *
     * @throws Problem if a name is none
     */
    Question named(Question plain) {
        if (names == null || names.isEmpty()) return plain;
        OwnNames own = ownNames(plain.states().stream().map(State::circuit).toList());
        List<State> renamed = new ArrayList<>();
        for (State state : plain.states()) {
            Subjects now = state.chart().subjects();
            if (renamed.isEmpty()) {
                Chart bare = Circuits.chart(own.in(state.circuit()));
                Chart chart = bare.with(own.in(state.chart().running(), now, bare.subjects()));
                renamed.add(State.asDrawn(chart, own.in(state.given(), now, chart.subjects())));
                continue;
            }
            State last = renamed.get(renamed.size() - 1);
            Subjects before = plain.state(renamed.size() - 1).chart().subjects();
            Act act = own.in(state.act().orElseThrow(), before, last.chart().subjects());
            State next = last.after(act).orElseThrow(QuestionBody::shorted);
            renamed.add(next.telling(own.in(state.given(), now, next.chart().subjects())));
        }
        List<TaskBody> asked = tasks.stream()
                .map(task -> task.named(own, plain.states(), renamed))
                .toList();
        return asked(own.stem(plain.stem()), renamed, asked);
    }

    private OwnNames ownNames(List<Circuit> circuits) {
        if (names.containsValue(null))
            throw Problem.badRequest("A part that is named needs a name.").with("field", "names");
        try {
            return OwnNames.of(names, circuits);
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("These names cannot be given: " + e.getMessage() + ".")
                    .with("field", "names");
        }
    }

    private Question asked(String text, List<State> all, List<TaskBody> bodies) {
        List<Task> asked = new ArrayList<>();
        try {
            for (TaskBody task : bodies) {
                if (task == null) throw Problem.badRequest("A task is missing.").with("field", "tasks");
                asked.add(read(task, "1." + (asked.size() + 1), all));
            }
            Question question = new Question(text, !HIDDEN.equals(drawing), all, asked);
            if (question.boxes().size() > MOST_BOXES)
                throw Problem.badRequest("A question has at most " + MOST_BOXES + " boxes.")
                        .with("field", "tasks");
            return question;
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("This question cannot be asked: " + e.getMessage() + ".");
        }
    }

    private static Task read(TaskBody task, String id, List<State> states) {
        try {
            return task.task(id, states);
        } catch (Problem problem) {
            throw problem.with("task", id);
        }
    }

    /** The question in the standard style, as it is kept. */
    public Question question() {
        return question(HouseStyle.RIDGE);
    }

    /** Of each task, whether it is a part of the one before it. */
    public List<Boolean> deeper() {
        return tasks.stream().map(task -> task.deeper() == Boolean.TRUE).toList();
    }

    /** Under another title. */
    QuestionBody titled(String name) {
        return new QuestionBody(
                format, name, stem, notation, drawing, plan, names, running, tariff, given, states, tasks);
    }

    /**
     * The same as it is kept: its circuit and its cells in canonical form, no title.
     *
     * @param question what it means, with the labels of the notation
     */
    QuestionBody canonical(Question question) {
        List<StateBody> after = new ArrayList<>();
        for (int k = 1; k < question.states().size(); k++) {
            StateBody state = states.get(k - 1);
            after.add(new StateBody(
                    state.act().canonical(question.state(k).circuit()), canonical(state.given(), question.state(k))));
        }
        return new QuestionBody(
                FORMAT,
                null,
                stem == null ? "" : stem.strip(),
                question.states().isEmpty()
                        ? null
                        : Notation.print(question.state(0).circuit()),
                question.drawn() ? null : HIDDEN,
                plan,
                names == null || names.isEmpty() ? null : names,
                running,
                tariff,
                question.states().isEmpty() ? List.of() : canonical(given, question.state(0)),
                after,
                tasks.stream().map(task -> task.canonical(question.states())).toList());
    }

    private static List<CellView> canonical(List<CellView> cells, State state) {
        return cells(cells, state.chart().subjects()).stream().map(CellView::of).toList();
    }

    private Running running(Subjects subjects, HouseStyle style) {
        Map<Subject, Double> seconds = new LinkedHashMap<>();
        for (RunningBody one : running == null ? List.<RunningBody>of() : running) {
            if (one == null || one.things() == null)
                throw Problem.badRequest("Say what runs for a time: things.").with("field", "running");
            double time = amount(one.time(), Quantity.TIME, "running", style);
            for (String name : one.things())
                seconds.put(
                        new CellView(name, Quantity.TIME.word()).in(subjects).subject(), time);
        }
        boolean priced = tariff != null && !tariff.isBlank();
        return new Running(seconds, priced ? amount(tariff, Quantity.COST, "tariff", style) : Double.NaN);
    }

    private static double amount(String typed, Quantity quantity, String field, HouseStyle style) {
        double si = style.numbers()
                .read(typed == null ? "" : typed, quantity)
                .match(read -> read.amount().si(), blank -> 0.0, unreadable -> 0.0);
        if (!(si > 0))
            throw Problem.badRequest("“" + typed + "” is no " + quantity.word() + "; it must be more than nothing.")
                    .with("field", field);
        return si;
    }

    private List<State> states(Chart drawn, HouseStyle style) {
        List<StateBody> after = states == null ? List.of() : states;
        if (after.size() > MOST_STATES) throw Problem.badRequest("A question has at most " + MOST_STATES + " states.");
        int parts = drawn.circuit().parts().size() * (after.size() + 1);
        if (parts > MOST_PARTS)
            throw Problem.badRequest("All states of a question together have at most " + MOST_PARTS
                            + " parts; these have " + parts + ".")
                    .with("field", "states");
        List<State> all = new ArrayList<>();
        all.add(State.asDrawn(drawn, cells(given, drawn.subjects())));
        for (StateBody body : after) {
            if (body == null || body.act() == null)
                throw Problem.badRequest("Say what is done to come to each state.")
                        .with("field", "states");
            State last = all.get(all.size() - 1);
            Act act = Acts.read(body.act(), last.circuit(), style);
            State state = last.after(act).orElseThrow(QuestionBody::shorted);
            all.add(state.telling(cells(body.given(), state.chart().subjects())));
        }
        return all;
    }

    private static Problem shorted() {
        return Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "With this done the source is shorted, and there is nothing to be asked.");
    }

    private static Set<Cell> cells(List<CellView> cells, Subjects subjects) {
        Set<Cell> found = new LinkedHashSet<>();
        if (cells == null) return found;
        for (CellView cell : cells) {
            if (cell == null) throw Problem.badRequest("A cell needs a subject and a quantity.");
            found.add(cell.in(subjects));
        }
        return found;
    }
}
