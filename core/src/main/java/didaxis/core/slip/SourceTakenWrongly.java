package didaxis.core.slip;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import java.util.List;
import java.util.stream.Stream;

/** A source with internal resistance that is treated as if it had none, or the other way about. */
final class SourceTakenWrongly {
    private static final Formula EMF = Formula.of(Cell.voltage(Subject.TOTAL));

    private SourceTakenWrongly() {}

    /** R = Rext, I = E/Rext. */
    static Stream<Twin> internalLeftOut(Places places) {
        if (!places.hasInternalResistance()) return Stream.empty();
        Formula outside = Formula.of(Cell.resistance(Subject.EXTERNAL));
        return Stream.of(
                places.twin(Cell.resistance(Subject.TOTAL), outside),
                places.twin(Cell.current(Subject.TOTAL), Formula.over(EMF, outside)),
                places.twin(Cell.power(Subject.TOTAL), Formula.over(new Formula.Square(EMF), outside)));
    }

    /** V = E, and what is worked with that where the terminal voltage stands. */
    static Stream<Twin> emfForTerminal(Places places) {
        if (!places.hasInternalResistance()) return Stream.empty();
        Cell terminal = Cell.voltage(Subject.EXTERNAL);
        Stream<Twin> across = places.resisting()
                .filter(subject -> subject.kind() != Subject.Kind.TOTAL && subject.kind() != Subject.Kind.INTERNAL)
                .filter(subject -> !places.differ(Cell.voltage(subject), terminal))
                .flatMap(subject -> SharedWrongly.withVoltage(places, subject, Cell.voltage(Subject.TOTAL)));
        Formula withOwnCurrent = Formula.times(EMF, Formula.of(Cell.current(Subject.EXTERNAL)));
        return Stream.concat(across, Stream.of(places.twin(Cell.power(Subject.EXTERNAL), withOwnCurrent)));
    }

    /** V = E + I·r. */
    static Stream<Twin> lostVoltsAdded(Places places) {
        if (!places.hasInternalResistance()) return Stream.empty();
        Formula lost = Formula.of(Cell.voltage(Subject.INTERNAL));
        Formula worked = Formula.times(
                Formula.of(Cell.current(Subject.INTERNAL)), Formula.of(Cell.resistance(Subject.INTERNAL)));
        Cell terminal = Cell.voltage(Subject.EXTERNAL);
        return Stream.of(
                places.twin(terminal, Formula.sum(List.of(EMF, lost))),
                places.twin(terminal, Formula.sum(List.of(EMF, worked))));
    }
}
