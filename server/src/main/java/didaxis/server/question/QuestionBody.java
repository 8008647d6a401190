package didaxis.server.question;

import didaxis.core.change.Act;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
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
    private static final int FORMAT = 1;
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
            @Schema(types = {"string", "null"}) String value) {}

    /**
     * The question that this means.
     *
     * @throws Problem if the circuit cannot be read, an act cannot be done, or a task is none
     */
    public Question question(HouseStyle style) {
        if (format != null && format != FORMAT)
            throw Problem.badRequest("A question of format " + format + " is not known; this is format " + FORMAT + ".")
                    .with("field", "format");
        if (tasks == null)
            throw Problem.badRequest("A question has a list of tasks.").with("field", "tasks");
        if (tasks.size() > MOST_TASKS) throw Problem.badRequest("A question has at most " + MOST_TASKS + " tasks.");
        Circuit circuit = Circuits.read(notation, style).circuit();
        List<State> all = states(State.asDrawn(Circuits.chart(circuit), Set.of()), style);
        Subjects subjects = all.get(0).chart().subjects();
        List<Task> asked = new ArrayList<>();
        try {
            for (TaskBody task : tasks) {
                if (task == null) throw Problem.badRequest("A task is missing.").with("field", "tasks");
                asked.add(task.task("1." + (asked.size() + 1), subjects));
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

    private List<State> states(State drawn, HouseStyle style) {
        List<StateBody> after = states == null ? List.of() : states;
        if (after.size() > MOST_STATES) throw Problem.badRequest("A question has at most " + MOST_STATES + " states.");
        int parts = drawn.circuit().parts().size() * (after.size() + 1);
        if (parts > MOST_PARTS)
            throw Problem.badRequest("All states of a question together have at most " + MOST_PARTS
                            + " parts; these have " + parts + ".")
                    .with("field", "states");
        List<State> all = new ArrayList<>();
        all.add(new State(drawn.relations(), drawn.act(), cells(given, drawn), true));
        for (StateBody body : after) {
            if (body == null || body.act() == null)
                throw Problem.badRequest("Say what is done to come to each state.")
                        .with("field", "states");
            State last = all.get(all.size() - 1);
            Set<Cell> told = cells(body.given(), drawn);
            try {
                all.add(last.after(act(body.act(), style), told).orElseThrow(() -> shorted(body.act())));
            } catch (IllegalArgumentException e) {
                throw Problem.badRequest("This cannot be done: " + e.getMessage() + ".")
                        .with("field", "states");
            }
        }
        return all;
    }

    private static Problem shorted(ActBody act) {
        return Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "With this done to " + act.part() + " the source is shorted, and there is nothing to be asked.");
    }

    private static Set<Cell> cells(List<CellView> cells, State drawn) {
        Set<Cell> found = new LinkedHashSet<>();
        if (cells == null) return found;
        for (CellView cell : cells) {
            if (cell == null) throw Problem.badRequest("A cell needs a subject and a quantity.");
            found.add(cell.in(drawn.chart().subjects()));
        }
        return found;
    }

    private static Act act(ActBody body, HouseStyle style) {
        String part = body.part() == null ? "" : body.part();
        return switch (body.act() == null ? "" : body.act()) {
            case "open" -> new Act.Turned(part, Setting.Position.OPEN);
            case "close" -> new Act.Turned(part, Setting.Position.CLOSED);
            case "out" -> new Act.Failed(part, Setting.Fault.OUT);
            case "short" -> new Act.Failed(part, Setting.Fault.SHORT);
            case "raised" -> new Act.Varied(part, true);
            case "lowered" -> new Act.Varied(part, false);
            case "set" -> new Act.Set(part, ohms(body.value(), style));
            default ->
                throw Problem.badRequest("“" + body.act()
                                + "” is no act; known are open, close, out, short, set, raised and lowered.")
                        .with("field", "act");
        };
    }

    private static double ohms(String value, HouseStyle style) {
        Reading reading = style.read(value == null ? "" : value, Quantity.RESISTANCE);
        return reading.match(
                read -> read.amount().si(),
                blank -> {
                    throw Problem.badRequest("Say to what the part is set.").with("field", "value");
                },
                unreadable -> {
                    throw Problem.badRequest("“" + value + "” is not " + unreadable.expected() + ".")
                            .with("field", "value");
                });
    }
}
