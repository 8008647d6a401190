package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import java.util.ArrayList;
import java.util.List;

/** In parallel, currents are inversely as the resistances: I1/I = R/R1. */
final class CurrentDivider {
    private CurrentDivider() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        List<Relation> relations = new ArrayList<>();
        for (Structure.Combination combination : structure.combinations()) {
            if (combination.series() || combination.hasIdealMember()) continue;
            Combinations.wholeAndMembers(combination)
                    .filter(cells -> cells.members().size() > 1)
                    .ifPresent(cells -> {
                        if (cells.members().size() == 2) relations.addAll(ofTwo(cells));
                        for (Subject member : cells.members()) {
                            relations.add(VoltageDivider.proportion(
                                    Law.CURRENT_DIVIDER,
                                    Cell.current(member),
                                    Cell.current(cells.whole()),
                                    Cell.resistance(cells.whole()),
                                    Cell.resistance(member)));
                        }
                    });
        }
        return relations;
    }

    /** I1 = I·R2/(R1 + R2), which needs no resistance of the whole. */
    private static List<Relation> ofTwo(Combinations.WholeAndMembers cells) {
        Subject one = cells.members().get(0);
        Subject other = cells.members().get(1);
        return List.of(branch(one, other, cells.whole()), branch(other, one, cells.whole()));
    }

    private static Relation branch(Subject one, Subject other, Subject whole) {
        Cell own = Cell.current(one);
        Cell all = Cell.current(whole);
        Cell ownOhms = Cell.resistance(one);
        Cell otherOhms = Cell.resistance(other);
        Formula both = Formula.sum(Formula.of(List.of(ownOhms, otherOhms)));
        Formula rest = Formula.less(Formula.of(all), List.of(Formula.of(own)));
        return Relation.of(Law.CURRENT_DIVIDER)
                .solved(own, Formula.over(Formula.times(Formula.of(all), Formula.of(otherOhms)), both))
                .solved(all, Formula.over(Formula.times(Formula.of(own), both), Formula.of(otherOhms)))
                .solved(ownOhms, Formula.over(Formula.times(rest, Formula.of(otherOhms)), Formula.of(own)))
                .solved(otherOhms, Formula.over(Formula.times(Formula.of(own), Formula.of(ownOhms)), rest))
                .build();
    }
}
