package didaxis.core.working;

import didaxis.core.circuit.Cell;
import didaxis.core.working.Combinations.WholeAndMembers;
import java.util.List;

/** 1/R = 1/R1 + 1/R2 + …: the same voltage stands across each, and their currents add. */
final class ParallelResistance implements Law {
    @Override
    public String id() {
        return "parallel-resistance";
    }

    @Override
    public String reason() {
        return "in parallel, the reciprocals of resistances add";
    }

    @Override
    public List<Relation> in(Structure structure) {
        return structure.combinations().stream()
                .filter(combination -> !combination.series() && !combination.hasIdealMember())
                .flatMap(combination -> Combinations.wholeAndMembers(combination).stream())
                .map(this::relation)
                .toList();
    }

    private Relation relation(WholeAndMembers cells) {
        Cell whole = Law.resistance(cells.whole());
        List<Cell> members = cells.members().stream().map(Law::resistance).toList();
        if (members.size() == 1) return Law.sum(this, whole, members);
        Relation.Builder relation =
                Relation.of(this).solved(whole, Formula.reciprocal(Formula.sum(reciprocals(members))));
        for (Cell member : members) {
            Formula rest =
                    Formula.less(Formula.reciprocal(Formula.of(whole)), reciprocals(Law.without(members, member)));
            relation.solved(member, Formula.reciprocal(rest));
        }
        return relation.build();
    }

    private static List<Formula> reciprocals(List<Cell> cells) {
        return cells.stream().map(cell -> Formula.reciprocal(Formula.of(cell))).toList();
    }
}
