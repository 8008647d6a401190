package didaxis.core.question;

import didaxis.core.change.Act;
import didaxis.core.change.Rewiring;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The circuit in one state: as it is drawn, or after an act on the state before it.
 *
 * @param relations its relation network; states have the same rows unless something was connected otherwise between them
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
     * The state after an act, of which nothing is told yet; empty if the source would be shorted by it.
     *
     * @throws IllegalArgumentException if the act cannot be done to this circuit
     */
    public Optional<State> after(Act done) {
        boolean stillNumbered = numbered && !(done instanceof Act.Varied);
        return chartAfter(chart(), done)
                .map(after -> new State(Relations.of(after), Optional.of(done), Set.of(), stillNumbered));
    }

    /** The chart after an act; empty if the source would be shorted by it. It has other rows if something is rewired. */
    public static Optional<Chart> chartAfter(Chart before, Act done) {
        return OperatingPoint.of(done.on(before.circuit()))
                .match(
                        point -> Optional.of(
                                done instanceof Rewiring ? Chart.of(point).with(before.running()) : before.with(point)),
                        shorted -> Optional.empty());
    }

    /** The state after an act, with these cells told in it. */
    public Optional<State> after(Act done, Set<Cell> told) {
        return after(done).map(state -> state.telling(told));
    }

    /** The same state with these cells told to a learner. */
    public State telling(Set<Cell> told) {
        return new State(relations, act, told, numbered);
    }

    /** The same worked in the forms of a house style. */
    State in(HouseStyle style) {
        return relations.style().equals(style) ? this : new State(Relations.of(chart(), style), act, given, numbered);
    }

    /** What a learner is told in this state: what is given, and what the act says that something was set to. */
    public Set<Cell> told() {
        Set<Cell> told = new LinkedHashSet<>(given);
        settings().stream().filter(cell -> chart().value(cell).isPresent()).forEach(told::add);
        return told;
    }

    /** What the act that led here says that something was set to. */
    private List<Cell> settings() {
        return act.map(done -> done.match(new Act.Cases<>(
                        turned -> List.<Cell>of(),
                        failed -> List.<Cell>of(),
                        set -> List.of(Cell.resistance(Subject.part(set.part()))),
                        varied -> List.<Cell>of(),
                        supplied -> List.of(Cell.voltage(Subject.TOTAL), Cell.resistance(Subject.INTERNAL)),
                        rewiring -> rewiring instanceof Rewiring.Added added
                                ? List.of(Cell.resistance(
                                        Subject.part(added.part().label())))
                                : List.<Cell>of())))
                .orElse(List.of());
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

    /** Whether the act that led here leaves this setting as it was. */
    boolean leavesAlone(Cell setting) {
        return setting.quantity() == Quantity.TIME
                || act.map(done -> !done.touches(setting.subject())).orElse(true);
    }
}
