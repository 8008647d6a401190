package didaxis.core.question;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.quantity.Amount;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A circuit in its states, and what is asked of it.
 *
 * @param stem what stands above the tasks
 * @param drawn whether its drawing is shown; not where it is to be drawn from words
 * @param states the circuit as drawn, then after each act; none where all is asked in words
 * @param tasks in the order of the sheet
 */
public record Question(String stem, boolean drawn, List<State> states, List<Task> tasks) {
    public static final int MOST_MARKS_A_BOX = 20;

    public Question {
        states = List.copyOf(states);
        tasks = List.copyOf(tasks);
        Set<String> ids = new HashSet<>();
        for (Task task : tasks) {
            for (int state : states.isEmpty()
                    ? task.states()
                    : Stream.concat(Stream.of(task.state()), task.states().stream())
                            .toList())
                if (state < 0 || state >= states.size())
                    throw new IllegalArgumentException(
                            "state (" + state + ") of task " + task.id() + " must be 0 to " + (states.size() - 1));
            for (Box box : task.boxes())
                if (!ids.add(box.id()))
                    throw new IllegalArgumentException(
                            "box (" + box.id() + ") of task " + task.id() + " is there twice");
        }
        if (tasks.stream().map(Task::id).distinct().count() < tasks.size())
            throw new IllegalArgumentException("two tasks have the same id");
    }

    /** One whose drawing is shown. */
    public Question(String stem, List<State> states, List<Task> tasks) {
        this(stem, true, states, tasks);
    }

    /** The same worked in the forms of a house style. */
    public Question in(HouseStyle style) {
        return new Question(
                stem, drawn, states.stream().map(state -> state.in(style)).toList(), tasks);
    }

    /**
     * The same asked of a circuit that is connected alike and has other values: the same acts are done to it, the same
     * cells are told. Empty if a source would be shorted in one of its states.
     */
    public Optional<Question> with(Chart drawn) {
        List<State> now =
                new ArrayList<>(List.of(State.asDrawn(drawn, states.get(0).given())));
        for (State state : states.subList(1, states.size())) {
            Optional<State> next = now.get(now.size() - 1).after(state.act().orElseThrow(), state.given());
            if (next.isEmpty()) return Optional.empty();
            now.add(next.get());
        }
        return Optional.of(new Question(
                stem, drawn(), now, tasks.stream().map(task -> task.over(now)).toList()));
    }

    public State state(int place) {
        return states.get(place);
    }

    /** All boxes in the order of the sheet. */
    public List<Box> boxes() {
        return tasks.stream().flatMap(task -> task.boxes().stream()).toList();
    }

    public Optional<Task> task(String id) {
        return tasks.stream().filter(task -> task.id().equals(id)).findFirst();
    }

    /** What a learner is shown in a state: what is told there, and the settings told before that nothing has touched. */
    public Set<Cell> shown(int place) {
        Set<Cell> shown = states.get(place).told();
        for (int before = 0; before < place; before++)
            for (Cell cell : states.get(before).told())
                if (cell.isSetting()
                        && Knowledge.unchanged(states, cell, before, place)
                        && states.get(place).chart().value(cell).isPresent()) shown.add(cell);
        return shown;
    }

    /** Whether a cell is told in this state, or as a setting that nothing touches between in any other. */
    public boolean isTold(Cell cell, int place) {
        for (int other = 0; other < states.size(); other++) {
            boolean same = other == place || cell.isSetting() && Knowledge.unchanged(states, cell, other, place);
            if (same && states.get(other).told().contains(cell)) return true;
        }
        return false;
    }

    /**
     * The right answer of a box, as one would write it.
     *
     * @throws java.util.NoSuchElementException if it asks for a cell that has no value
     */
    public String model(Box box, MarkingStyle style) {
        if (!(box.form() instanceof Box.Form.Amount amount))
            return task(box.task()).orElseThrow().judge(box, "", this, style).model();
        double value = state(amount.state()).chart().value(amount.cell()).orElseThrow();
        return style.format().print(Amount.of(value, amount.cell().quantity()), amount.unit());
    }

    /** All marks together. */
    public int total() {
        return boxes().stream().mapToInt(Box::marks).sum();
    }

    /** Everything that keeps it from being handed out; empty if nothing does. */
    public List<TaskFlaw> flaws() {
        List<TaskFlaw> flaws = new ArrayList<>();
        if (tasks.isEmpty()) flaws.add(new TaskFlaw.NothingAsked());
        flaws.addAll(Stem.flaws(this));
        for (State state : states) {
            if (!state.given().isEmpty() && !state.numbered()) flaws.add(new TaskFlaw.NoNumber(""));
            for (Cell cell : state.given())
                if (state.chart().value(cell).isEmpty()) flaws.add(new TaskFlaw.NoValue("", cell));
        }
        record Place(Cell cell, int state) {}
        Set<Place> asked = new HashSet<>();
        Knowledge knowledge = Knowledge.of(this);
        for (Task task : tasks) {
            flaws.addAll(task.flaws(this, knowledge));
            for (Box box : task.boxes()) {
                if (box.marks() < 1 || box.marks() > MOST_MARKS_A_BOX)
                    flaws.add(new TaskFlaw.MarksOutOfRange(task.id(), box.marks()));
                if (box.form() instanceof Box.Form.Amount amount
                        && !asked.add(new Place(amount.cell(), amount.state())))
                    flaws.add(new TaskFlaw.AskedTwice(task.id(), amount.cell()));
            }
        }
        return flaws;
    }
}
