package didaxis.core.slip;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import java.util.function.Function;
import java.util.stream.Stream;

/** The supply's voltage and current where only a share of them is, or shares that are not as the resistances. */
final class SharedWrongly {
    private SharedWrongly() {}

    /** V1 = E, or the voltage of the series it is a member of; and what is worked with that. */
    static Stream<Twin> wholeVoltage(Places places) {
        Stream<Twin> ofSupply = below(places)
                .filter(subject -> places.differ(Cell.voltage(subject), Cell.voltage(places.outside())))
                .flatMap(subject -> withVoltage(places, subject, Cell.voltage(Subject.TOTAL)));
        Stream<Twin> ofGroup = places.groups(true)
                .filter(group -> group.whole().kind() == Subject.Kind.GROUP)
                .flatMap(group -> group.members().stream()
                        .flatMap(member -> withVoltage(places, member, Cell.voltage(group.whole()))));
        return Stream.concat(ofSupply, ofGroup);
    }

    /** V1 = V/n of unequal members. */
    static Stream<Twin> equalVoltages(Places places) {
        return unequal(places, true).flatMap(group -> equalShares(places, group, Cell::voltage));
    }

    /** I1 = I/n of unequal branches. */
    static Stream<Twin> equalCurrents(Places places) {
        return unequal(places, false).flatMap(group -> equalShares(places, group, Cell::current));
    }

    /** I1 = I·R1/(R1 + R2). */
    static Stream<Twin> moreForTheLarger(Places places) {
        return unequal(places, false)
                .flatMap(group -> group.members().stream()
                        .map(member -> places.twin(
                                Cell.current(member),
                                Formula.over(
                                        Formula.times(
                                                Formula.of(Cell.current(group.whole())),
                                                Formula.of(Cell.resistance(member))),
                                        Formula.sum(Formula.of(group.resistances()))))));
    }

    /** V1 = V·R2/(R1 + R2). */
    static Stream<Twin> moreForTheSmaller(Places places) {
        return unequal(places, true)
                .filter(group -> group.members().size() == 2)
                .flatMap(group -> group.members().stream()
                        .map(member -> places.twin(
                                Cell.voltage(member),
                                Formula.over(
                                        Formula.times(
                                                Formula.of(Cell.voltage(group.whole())),
                                                Formula.of(Cell.resistance(other(group, member)))),
                                        Formula.sum(Formula.of(group.resistances()))))));
    }

    /** I1 = I of a branch, the supply's or that of the parallel it is a branch of; and what is worked with that. */
    static Stream<Twin> wholeCurrent(Places places) {
        Stream<Twin> ofSupply = below(places)
                .filter(subject -> places.differ(Cell.current(subject), Cell.current(Subject.TOTAL)))
                .flatMap(subject -> withCurrent(places, subject, Cell.current(Subject.TOTAL)));
        Stream<Twin> ofGroup = places.groups(false)
                .filter(group -> group.whole().kind() == Subject.Kind.GROUP)
                .flatMap(group -> group.members().stream()
                        .flatMap(member -> withCurrent(places, member, Cell.current(group.whole()))));
        return Stream.concat(ofSupply, ofGroup);
    }

    /** P1 = E·I1, P1 = V1·I, R1 = E/I1 and R1 = V1/I: one of the two is not its own. */
    static Stream<Twin> mixed(Places places) {
        Formula volts = Formula.of(Cell.voltage(Subject.TOTAL));
        Formula amperes = Formula.of(Cell.current(Subject.TOTAL));
        return below(places).flatMap(subject -> {
            Formula ownVolts = Formula.of(Cell.voltage(subject));
            Formula ownAmperes = Formula.of(Cell.current(subject));
            return Stream.of(subject, Subject.TOTAL)
                    .flatMap(of -> Stream.of(
                            places.twin(Cell.power(of), Formula.times(volts, ownAmperes)),
                            places.twin(Cell.resistance(of), Formula.over(volts, ownAmperes)),
                            places.twin(Cell.power(of), Formula.times(ownVolts, amperes)),
                            places.twin(Cell.resistance(of), Formula.over(ownVolts, amperes))));
        });
    }

    static Stream<Twin> withVoltage(Places places, Subject subject, Cell voltage) {
        Formula volts = Formula.of(voltage);
        Formula ohms = Formula.of(Cell.resistance(subject));
        return Stream.of(
                places.twin(Cell.voltage(subject), volts),
                places.twin(Cell.current(subject), Formula.over(volts, ohms)),
                places.twin(Cell.power(subject), Formula.over(new Formula.Square(volts), ohms)));
    }

    private static Stream<Twin> withCurrent(Places places, Subject subject, Cell current) {
        Formula amperes = Formula.of(current);
        Formula ohms = Formula.of(Cell.resistance(subject));
        return Stream.of(
                places.twin(Cell.current(subject), amperes),
                places.twin(Cell.voltage(subject), Formula.times(amperes, ohms)),
                places.twin(Cell.power(subject), Formula.times(new Formula.Square(amperes), ohms)));
    }

    private static Stream<Twin> equalShares(Places places, Places.Group group, Function<Subject, Cell> cell) {
        Formula share = Formula.over(
                Formula.of(cell.apply(group.whole())),
                new Formula.Number(group.members().size()));
        return group.members().stream().map(member -> places.twin(cell.apply(member), share));
    }

    /** Combinations whose members are not all alike, of no more than are worked by hand. */
    private static Stream<Places.Group> unequal(Places places, boolean series) {
        return places.groups(series)
                .filter(Places.Group::isSmall)
                .filter(group -> group.resistances().stream()
                        .anyMatch(one -> places.differ(one, group.resistances().get(0))));
    }

    private static Subject other(Places.Group group, Subject member) {
        return group.members().get(group.members().get(0).equals(member) ? 1 : 0);
    }

    /** Parts and groups. */
    private static Stream<Subject> below(Places places) {
        return places.resisting()
                .filter(subject -> subject.kind() == Subject.Kind.PART || subject.kind() == Subject.Kind.GROUP);
    }
}
