package didaxis.core.question;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;

/**
 * The circuit in one state: as it is drawn, or after an act on the state before it.
 *
 * @param relations its relation network; all states of a question have the same rows
 * @param act what led here; empty for the circuit as drawn
 * @param given the cells that a learner is told in this state
 * @param numbered whether its values are numbers: not after something was raised without saying how far
 */
public record State(Relations relations, Optional<Act> act, Set<Cell> given, boolean numbered) {
    public State {
        given = Set.copyOf(given);
    }

    /** The circuit as drawn. */
    public static State asDrawn(Chart chart, Set<Cell> given) {
        return new State(Relations.of(chart), Optional.empty(), given, true);
    }

    /**
     * The state after an act; empty if the source would be shorted by it.
     *
     * @throws IllegalArgumentException if the act cannot be done to this circuit
     */
    public Optional<State> after(Act done, Set<Cell> told) {
        boolean stillNumbered = numbered && !(done instanceof Act.Varied);
        return chartOf(done.on(circuit()))
                .map(chart -> new State(Relations.of(chart), Optional.of(done), told, stillNumbered));
    }

    /** What a learner is told in this state: what is given, and what the act says that something was set to. */
    public Set<Cell> told() {
        Set<Cell> told = new LinkedHashSet<>(given);
        act.filter(done -> done instanceof Act.Set)
                .map(done -> Cell.resistance(Subject.part(done.part())))
                .filter(cell -> chart().value(cell).isPresent())
                .ifPresent(told::add);
        return told;
    }

    /** The chart of a circuit that is connected like this one; empty if its source is shorted. */
    Optional<Chart> chartOf(Circuit circuit) {
        return OperatingPoint.of(circuit).match(point -> Optional.of(chart().with(point)), shorted -> Optional.empty());
    }

    public Chart chart() {
        return relations.chart();
    }

    public Circuit circuit() {
        return chart().circuit();
    }

    /** Whether a cell is what something is set to, and so stays what it is in other states: a resistance, or the emf. */
    public static boolean isSetting(Cell cell) {
        Subject.Kind kind = cell.subject().kind();
        boolean own = kind == Subject.Kind.PART || kind == Subject.Kind.INTERNAL;
        return own && cell.quantity() == Quantity.RESISTANCE || cell.equals(Cell.voltage(Subject.TOTAL));
    }

    /** Whether the act that led here leaves this setting as it was. */
    boolean leavesAlone(Cell setting) {
        return act.map(done -> !setting.subject().equals(Subject.part(done.part())))
                .orElse(true);
    }
}
