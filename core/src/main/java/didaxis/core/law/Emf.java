package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import java.util.ArrayList;
import java.util.List;

/** E = V + I·r: the emf is the terminal voltage and the volts lost inside the source. */
final class Emf {
    private Emf() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        if (structure.chart().circuit().source().internalResistance() == 0) return List.of();
        List<Relation> relations = new ArrayList<>();
        relations.add(round(Law.EMF, List.of(Cell.voltage(Subject.EXTERNAL))));
        // Without current nothing is lost inside, whatever the internal resistance.
        if (structure.chart().point().totalCurrent() == 0)
            Relation.equal(Law.EMF, List.of(Cell.voltage(Subject.TOTAL), Cell.voltage(Subject.EXTERNAL)))
                    .ifPresent(relations::add);
        return relations;
    }

    /** E = these voltages + I·r. */
    static Relation round(Law law, List<Cell> voltages) {
        Cell emf = Cell.voltage(Subject.TOTAL);
        Cell current = Cell.current(Subject.TOTAL);
        Cell r = Cell.resistance(Subject.INTERNAL);
        Formula lost = Formula.times(Formula.of(current), Formula.of(r));
        Formula left = Formula.less(Formula.of(emf), Formula.of(voltages));
        List<Cell> cells = new ArrayList<>(voltages);
        cells.addAll(List.of(emf, current, r));
        return Relation.solvedBy(law, cells, target -> {
            if (target.equals(emf)) return Formula.sum(with(Formula.of(voltages), lost));
            if (target.equals(current)) return Formula.over(left, Formula.of(r));
            if (target.equals(r)) return Formula.over(left, Formula.of(current));
            return Formula.less(Formula.of(emf), with(Formula.of(Relation.without(voltages, target)), lost));
        });
    }

    private static List<Formula> with(List<Formula> terms, Formula more) {
        List<Formula> all = new ArrayList<>(terms);
        all.add(more);
        return all;
    }
}
