package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import java.util.List;
import java.util.stream.Stream;

/** P = V·I = I²·R = V²/R. */
final class Power {
    private Power() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        return structure.resisting().stream().flatMap(Power::forms).toList();
    }

    private static Stream<Relation> forms(Subject subject) {
        Cell p = Cell.power(subject);
        Cell v = Cell.voltage(subject);
        Cell i = Cell.current(subject);
        Cell r = Cell.resistance(subject);
        Formula power = Formula.of(p);
        Formula ohms = Formula.of(r);
        Formula amperesSquared = new Formula.Square(Formula.of(i));
        Formula voltsSquared = new Formula.Square(Formula.of(v));
        return Stream.of(
                Relation.of(Law.POWER)
                        .solved(p, Formula.times(Formula.of(v), Formula.of(i)))
                        .solved(v, Formula.over(power, Formula.of(i)))
                        .solved(i, Formula.over(power, Formula.of(v)))
                        .build(),
                Relation.of(Law.POWER)
                        .solved(p, Formula.times(amperesSquared, ohms))
                        .solved(i, new Formula.Root(Formula.over(power, ohms)))
                        .solved(r, Formula.over(power, amperesSquared))
                        .build(),
                Relation.of(Law.POWER)
                        .solved(p, Formula.over(voltsSquared, ohms))
                        .solved(v, new Formula.Root(Formula.times(power, ohms)))
                        .solved(r, Formula.over(voltsSquared, power))
                        .build());
    }
}
