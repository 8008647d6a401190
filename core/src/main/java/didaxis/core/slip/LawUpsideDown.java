package didaxis.core.slip;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import didaxis.core.quantity.Quantity;
import java.util.stream.Stream;

/** Ohm's law and power with the right quantities at the wrong places. */
final class LawUpsideDown {
    private static final Formula TWICE = new Formula.Number(2);
    private static final double MINUTE = 60;
    private static final double HOUR = 3600;

    private LawUpsideDown() {}

    /** I = R/V or V·R, R = I/V or V·I, V = I/R or R/I. */
    static Stream<Twin> ohm(Places places) {
        return places.resisting().flatMap(subject -> {
            Formula v = Formula.of(Cell.voltage(subject));
            Formula i = Formula.of(Cell.current(subject));
            Formula r = Formula.of(Cell.resistance(subject));
            return Stream.of(
                    places.twin(Cell.current(subject), Formula.over(r, v)),
                    places.twin(Cell.current(subject), Formula.times(v, r)),
                    places.twin(Cell.resistance(subject), Formula.over(i, v)),
                    places.twin(Cell.resistance(subject), Formula.times(v, i)),
                    places.twin(Cell.voltage(subject), Formula.over(i, r)),
                    places.twin(Cell.voltage(subject), Formula.over(r, i)));
        });
    }

    /** P = I·R or V/R, and back: I = P/R, V = P·R. */
    static Stream<Twin> withoutSquare(Places places) {
        return places.resisting().flatMap(subject -> {
            Formula v = Formula.of(Cell.voltage(subject));
            Formula i = Formula.of(Cell.current(subject));
            Formula r = Formula.of(Cell.resistance(subject));
            Formula p = Formula.of(Cell.power(subject));
            return Stream.of(
                    places.twin(Cell.power(subject), Formula.times(i, r)),
                    places.twin(Cell.power(subject), Formula.over(v, r)),
                    places.twin(Cell.current(subject), Formula.over(p, r)),
                    places.twin(Cell.voltage(subject), Formula.times(p, r)));
        });
    }

    /** P = I·R², (I·R)², 2·I·R, V²·R, V/R², (V/R)², 2·V/R, V²·I, V·I², I²/R. */
    static Stream<Twin> wrongSquare(Places places) {
        return places.resisting().flatMap(subject -> {
            Formula v = Formula.of(Cell.voltage(subject));
            Formula i = Formula.of(Cell.current(subject));
            Formula r = Formula.of(Cell.resistance(subject));
            return Stream.of(
                            Formula.times(i, new Formula.Square(r)),
                            new Formula.Square(Formula.times(i, r)),
                            Formula.times(TWICE, i, r),
                            Formula.times(new Formula.Square(v), r),
                            Formula.over(v, new Formula.Square(r)),
                            new Formula.Square(Formula.over(v, r)),
                            Formula.over(Formula.times(TWICE, v), r),
                            Formula.times(new Formula.Square(v), i),
                            Formula.times(v, new Formula.Square(i)),
                            Formula.over(new Formula.Square(i), r))
                    .map(wrong -> places.twin(Cell.power(subject), wrong));
        });
    }

    /** Q = I·t and W = P·t with minutes or hours where seconds belong, and times that are no seconds. */
    static Stream<Twin> minutesForSeconds(Places places) {
        return places.chart().running().seconds().keySet().stream()
                .flatMap(subject -> Stream.of(MINUTE, HOUR).flatMap(seconds -> inMinutes(places, subject, seconds)));
    }

    private static Stream<Twin> inMinutes(Places places, Subject subject, double seconds) {
        Cell time = Cell.of(subject, Quantity.TIME);
        Cell charge = Cell.of(subject, Quantity.CHARGE);
        Cell energy = Cell.of(subject, Quantity.ENERGY);
        Formula unit = new Formula.Number(seconds);
        Formula byCharge = Formula.over(Formula.of(charge), Formula.of(Cell.current(subject)));
        Formula byEnergy = Formula.over(Formula.of(energy), Formula.of(Cell.power(subject)));
        return Stream.of(
                places.twin(charge, in(Cell.current(subject), subject, seconds)),
                places.twin(energy, in(Cell.power(subject), subject, seconds)),
                places.twin(time, Formula.over(byCharge, unit)),
                places.twin(time, Formula.times(byCharge, unit)),
                places.twin(time, Formula.over(byEnergy, unit)),
                places.twin(time, Formula.times(byEnergy, unit)));
    }

    private static Formula in(Cell rate, Subject subject, double seconds) {
        Formula time = Formula.of(Cell.of(subject, Quantity.TIME));
        return Formula.times(Formula.of(rate), Formula.over(time, new Formula.Number(seconds)));
    }
}
