package didaxis.server.question;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subjects;
import didaxis.core.notation.Notation;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import didaxis.server.change.Acts;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;

/**
 * A question in states, in JSON; docs/question.md says all of it.
 *
 * @param format the version of this language; 1 where it is left out
 * @param given the cells that are told with the circuit as drawn
 * @param states what is done to the circuit, one act after the other
 */
public record QuestionBody(
        @Schema(types = {"integer", "null"}) Integer format,
        @Schema(types = {"string", "null"}) String title,
        @Schema(types = {"string", "null"}) String stem,
        String notation,
        @Schema(types = {"array", "null"}) List<CellView> given,
        @Schema(types = {"array", "null"}) List<StateBody> states,
        List<TaskBody> tasks) {
    /** The version of the language that is written. */
    public static final int FORMAT = 1;

    private static final int LONGEST_STEM = 4_000;
    private static final int MOST_STATES = 12;
    private static final int MOST_TASKS = 60;
    private static final int MOST_BOXES = 400;
    /** Of all states together. */
    private static final int MOST_PARTS = 400;

    /** A state after the first: what was done, and what is told then. */
    public record StateBody(
            ActBody act, @Schema(types = {"array", "null"}) List<CellView> given) {}

    /** What is done to one part. */
    public record ActBody(
            @Schema(allowableValues = {"open", "close", "out", "short", "set", "raised", "lowered"})
            String act,

            String part,
            @Schema(types = {"string", "null"}) String value) {
        /** With its value as the notation has it, whatever style it was typed in. */
        ActBody canonical(Circuit after) {
            String set = value == null
                    ? null
                    : after.part(part).map(Notation::setting).orElse(value);
            return new ActBody(act, part, set);
        }
    }

    /**
     * The question that this means.
     *
     * @throws Problem if the circuit cannot be read, an act cannot be done, or a task is none
     */
    public Question question(HouseStyle style) {
        if (format != null && format != FORMAT)
            throw Problem.badRequest("A question of format " + format + " is not known; this is format " + FORMAT + ".")
                    .with("field", "format");
        if (stem != null && stem.length() > LONGEST_STEM)
            throw Problem.badRequest("A stem has at most " + LONGEST_STEM + " characters.")
                    .with("field", "stem");
        if (tasks == null)
            throw Problem.badRequest("A question has a list of tasks.").with("field", "tasks");
        if (tasks.size() > MOST_TASKS) throw Problem.badRequest("A question has at most " + MOST_TASKS + " tasks.");
        Circuit circuit = Circuits.read(notation, style).circuit();
        Chart chart = Circuits.chart(circuit);
        Subjects subjects = chart.subjects();
        List<State> all = states(chart, style);
        List<Task> asked = new ArrayList<>();
        try {
            for (TaskBody task : tasks) {
                if (task == null) throw Problem.badRequest("A task is missing.").with("field", "tasks");
                asked.add(read(task, "1." + (asked.size() + 1), subjects));
            }
            Question question = new Question(stem == null ? "" : stem, all, asked);
            if (question.boxes().size() > MOST_BOXES)
                throw Problem.badRequest("A question has at most " + MOST_BOXES + " boxes.")
                        .with("field", "tasks");
            return question;
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("This question cannot be asked: " + e.getMessage() + ".");
        }
    }

    private static Task read(TaskBody task, String id, Subjects subjects) {
        try {
            return task.task(id, subjects);
        } catch (Problem problem) {
            throw problem.with("task", id);
        }
    }

    /** The question in the standard style, as it is kept. */
    public Question question() {
        return question(HouseStyle.RIDGE);
    }

    /** Under another title. */
    QuestionBody titled(String name) {
        return new QuestionBody(format, name, stem, notation, given, states, tasks);
    }

    /** The same as it is kept: its circuit and its cells in canonical form, no title. */
    QuestionBody canonical(Question question) {
        Subjects subjects = question.state(0).chart().subjects();
        List<StateBody> after = new ArrayList<>();
        for (int k = 1; k < question.states().size(); k++) {
            StateBody state = states.get(k - 1);
            after.add(new StateBody(
                    state.act().canonical(question.state(k).circuit()), canonical(state.given(), subjects)));
        }
        return new QuestionBody(
                FORMAT,
                null,
                stem == null ? "" : stem.strip(),
                Notation.print(question.state(0).circuit()),
                canonical(given, subjects),
                after,
                tasks.stream().map(task -> task.canonical(subjects)).toList());
    }

    private static List<CellView> canonical(List<CellView> cells, Subjects subjects) {
        return cells(cells, subjects).stream().map(CellView::of).toList();
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
            ActBody done = body.act();
            Act act = Acts.read(done.act(), done.part(), done.value(), last.circuit(), style);
            all.add(last.after(act, cells(body.given(), drawn.subjects())).orElseThrow(() -> shorted(act)));
        }
        return all;
    }

    private static Problem shorted(Act act) {
        return Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "With this done to " + act.part() + " the source is shorted, and there is nothing to be asked.");
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
