package didaxis.core.working;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.style.Terms;
import java.util.List;

/** E = V + I·r: the emf is the terminal voltage and the volts lost inside the source. */
final class Emf implements Law {
    @Override
    public String id() {
        return "emf";
    }

    @Override
    public String reason(Terms terms) {
        return "the emf is the terminal " + terms.voltage() + " and what is lost inside the source";
    }

    @Override
    public List<Relation> in(Structure structure) {
        if (structure.chart().circuit().source().internalResistance() == 0) return List.of();
        Cell emf = Law.voltage(Subject.TOTAL);
        Cell terminal = Law.voltage(Subject.EXTERNAL);
        Cell current = Law.current(Subject.TOTAL);
        Cell r = Law.resistance(Subject.INTERNAL);
        Formula lost = Formula.times(Formula.of(current), Formula.of(r));
        Formula difference = Formula.less(Formula.of(emf), List.of(Formula.of(terminal)));
        return List.of(Relation.of(this)
                .solved(terminal, Formula.less(Formula.of(emf), List.of(lost)))
                .solved(emf, Formula.sum(List.of(Formula.of(terminal), lost)))
                .solved(current, Formula.over(difference, Formula.of(r)))
                .solved(r, Formula.over(difference, Formula.of(current)))
                .build());
    }
}
