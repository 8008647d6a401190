package didaxis.core.question;

import didaxis.core.circuit.Cell;
import didaxis.core.working.Deduction;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What can be known in each state of a question: all that follows from what is given there, and the settings that follow
 * in other states and that no act between has touched. So the reading of a voltmeter with the switch open gives the emf
 * for the switch closed.
 */
public final class Knowledge {
    private final List<State> states;
    private final List<Set<Cell>> told;
    private final List<Set<Cell>> reached;

    private Knowledge(List<State> states, List<Task> tasks) {
        this.states = states;
        told = new ArrayList<>(states.stream().map(State::told).toList());
        for (Task task : tasks)
            if (!task.tells().isEmpty()) told.get(task.state()).addAll(task.tells());
        reached = new ArrayList<>();
        for (int k = 0; k < states.size(); k++) reached.add(reached(k));
        boolean more = true;
        while (more) {
            more = false;
            for (int from = 0; from < states.size(); from++) more |= spread(from);
        }
    }

    public static Knowledge of(List<State> states) {
        return new Knowledge(states, List.of());
    }

    /** With what its tasks tell by themselves. */
    public static Knowledge of(Question question) {
        return new Knowledge(question.states(), question.tasks());
    }

    private Set<Cell> reached(int k) {
        Map<Cell, Double> values = new LinkedHashMap<>();
        for (Cell cell : told.get(k)) states.get(k).chart().value(cell).ifPresent(value -> values.put(cell, value));
        return Deduction.of(states.get(k).relations(), values, List.of())
                .values()
                .keySet();
    }

    /** Tells the settings that one state knows to all others that have them unchanged; whether there was news. */
    private boolean spread(int from) {
        List<Cell> settings = reached.get(from).stream().filter(Cell::isSetting).toList();
        boolean news = false;
        for (int to = 0; to < states.size(); to++) {
            int other = to;
            List<Cell> fresh = settings.stream()
                    .filter(cell -> !reached.get(other).contains(cell)
                            && unchanged(cell, from, other)
                            && states.get(other).chart().value(cell).isPresent())
                    .toList();
            if (to == from || fresh.isEmpty()) continue;
            told.get(to).addAll(fresh);
            reached.set(to, reached(to));
            news = true;
        }
        return news;
    }

    /** Whether a setting is the same in two states: no act on the way from one to the other is on its part. */
    public boolean unchanged(Cell setting, int one, int other) {
        return unchanged(states, setting, one, other);
    }

    static boolean unchanged(List<State> states, Cell setting, int one, int other) {
        for (int k = Math.min(one, other) + 1; k <= Math.max(one, other); k++)
            if (!states.get(k).leavesAlone(setting)) return false;
        return true;
    }

    /** What is given in a state, and the settings that others tell it. */
    public Set<Cell> told(int state) {
        return told.get(state);
    }

    /** Whether a cell follows in a state. */
    public boolean reaches(Cell cell, int state) {
        return reached.get(state).contains(cell);
    }
}
