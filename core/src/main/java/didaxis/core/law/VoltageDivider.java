package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import java.util.ArrayList;
import java.util.List;

/** In series, voltages are as the resistances: V1/V = R1/R. */
final class VoltageDivider {
    private VoltageDivider() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        List<Relation> relations = new ArrayList<>();
        for (Structure.Combination combination : structure.combinations()) {
            if (!combination.series() || combination.hasOpenMember()) continue;
            Combinations.wholeAndMembers(combination)
                    .filter(cells -> cells.members().size() > 1)
                    .ifPresent(cells -> {
                        for (Subject member : cells.members()) relations.add(ratio(member, cells.whole()));
                    });
        }
        return relations;
    }

    private static Relation ratio(Subject member, Subject whole) {
        Cell v = Cell.voltage(member);
        Cell r = Cell.resistance(member);
        Cell wholeV = Cell.voltage(whole);
        Cell wholeR = Cell.resistance(whole);
        return proportion(Law.VOLTAGE_DIVIDER, v, wholeV, r, wholeR);
    }

    /** a/b = c/d, solved for each. */
    static Relation proportion(Law law, Cell a, Cell b, Cell c, Cell d) {
        return Relation.of(law)
                .solved(a, rule(b, c, d))
                .solved(b, rule(a, d, c))
                .solved(c, rule(d, a, b))
                .solved(d, rule(c, b, a))
                .build();
    }

    private static Formula rule(Cell whole, Cell over, Cell under) {
        return Formula.over(Formula.times(Formula.of(whole), Formula.of(over)), Formula.of(under));
    }
}
