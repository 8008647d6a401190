package didaxis.server.question;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subjects;
import didaxis.core.question.OwnNames;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import didaxis.server.change.ActBody;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.Circuits;
import didaxis.server.circuit.PlanView;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

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
 * @param vary what has other values in each variant
 * @param conditions what must be true of these
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
        @Schema(types = {"array", "null"}) List<VariedBody> vary,
        @Schema(types = {"array", "null"}) List<VariedBody.ConditionBody> conditions,
        List<TaskBody> tasks) {
    /** The version of the language that is written. */
    public static final int FORMAT = 1;

    static final String HIDDEN = "hidden";
    private static final int LONGEST_STEM = 4_000;

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
        Question plain = kept(style);
        QuestionSize.boxes(plain);
        return plain;
    }

    /** The same as it was kept: a bound that was drawn lower since does not keep it from being read. */
    Question kept(HouseStyle style) {
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
        QuestionSize.tasks(tasks.size());
        if (notation == null || notation.isBlank()) return inWords();
        Question plain = asked(stem == null ? "" : stem, new StatesReader(this, style).states(), tasks);
        VariedBody.template(this, plain, style);
        return plain;
    }

    /** Without a circuit there is nothing else that could be told or done. */
    private Question inWords() {
        boolean more = given != null && !given.isEmpty()
                || states != null && !states.isEmpty()
                || names != null && !names.isEmpty()
                || running != null && !running.isEmpty()
                || !varies().isEmpty();
        if (more)
            throw Problem.badRequest("Without a circuit nothing of it can be told, done, named or varied.")
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
            State next = last.after(act).orElseThrow(StatesReader::shorted);
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
            return new Question(text, !HIDDEN.equals(drawing), all, asked);
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
        return named(kept(HouseStyle.RIDGE));
    }

    /** What varies; nothing where it has the same values for all. */
    public List<VariedBody> varies() {
        return vary == null ? List.of() : vary;
    }

    /** Of each task, whether it is a part of the one before it. */
    public List<Boolean> deeper() {
        return tasks.stream().map(task -> task.deeper() == Boolean.TRUE).toList();
    }

    /** The kinds of its tasks, each once, in their order. */
    public List<String> kinds() {
        return tasks.stream().map(TaskBody::kind).distinct().toList();
    }

    /** Under another title. */
    public QuestionBody titled(String name) {
        return with(name, tasks);
    }

    /** With other tasks. */
    QuestionBody asking(List<TaskBody> others) {
        return with(title, others);
    }

    private QuestionBody with(String name, List<TaskBody> asked) {
        return new QuestionBody(
                format,
                name,
                stem,
                notation,
                drawing,
                plan,
                names,
                running,
                tariff,
                given,
                states,
                vary,
                conditions,
                asked);
    }
}
