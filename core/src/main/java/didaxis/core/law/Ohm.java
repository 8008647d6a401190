package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import java.util.List;

/** V = I·R. */
final class Ohm {
    private Ohm() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        return structure.resisting().stream().map(Ohm::relation).toList();
    }

    private static Relation relation(Subject subject) {
        Cell v = Cell.voltage(subject);
        Cell i = Cell.current(subject);
        Cell r = Cell.resistance(subject);
        return Relation.of(Law.OHM)
                .solved(v, Formula.times(Formula.of(i), Formula.of(r)))
                .solved(i, Formula.over(Formula.of(v), Formula.of(r)))
                .solved(r, Formula.over(Formula.of(v), Formula.of(i)))
                .build();
    }
}
