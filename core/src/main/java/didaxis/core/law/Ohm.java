package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import didaxis.core.style.Terms;
import java.util.List;

/** V = I·R. */
final class Ohm implements Law {
    @Override
    public String id() {
        return "ohm";
    }

    @Override
    public String reason(Terms terms) {
        return "Ohm's law";
    }

    @Override
    public List<Relation> in(Structure structure) {
        return structure.resisting().stream().map(this::relation).toList();
    }

    private Relation relation(Subject subject) {
        Cell v = Law.voltage(subject);
        Cell i = Law.current(subject);
        Cell r = Law.resistance(subject);
        return Relation.of(this)
                .solved(v, Formula.times(Formula.of(i), Formula.of(r)))
                .solved(i, Formula.over(Formula.of(v), Formula.of(r)))
                .solved(r, Formula.over(Formula.of(v), Formula.of(i)))
                .build();
    }
}
