package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import didaxis.core.law.Combinations.WholeAndMembers;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.HouseStyle.ParallelForm;
import java.util.ArrayList;
import java.util.List;

/** 1/R = 1/R1 + 1/R2 + …: the same voltage stands across each, and their currents add. */
final class ParallelResistance {
    private ParallelResistance() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        return structure.combinations().stream()
                .filter(combination -> !combination.series() && !combination.hasIdealMember())
                .flatMap(combination -> Combinations.wholeAndMembers(combination).stream())
                .map(cells -> relation(cells, structure.style()))
                .toList();
    }

    private static Relation relation(WholeAndMembers cells, HouseStyle style) {
        Cell whole = Cell.resistance(cells.whole());
        List<Cell> members = cells.members().stream().map(Cell::resistance).toList();
        if (members.size() == 1) return Relation.sum(Law.PARALLEL_RESISTANCE, whole, members);
        // Product over sum holds for two only.
        boolean product = members.size() == 2 && style.parallelForm() == ParallelForm.PRODUCT_OVER_SUM;
        Formula forWhole = product ? productOverSum(members) : reciprocalSum(members);
        List<Cell> all = new ArrayList<>(members);
        all.add(0, whole);
        return Relation.solvedBy(
                Law.PARALLEL_RESISTANCE,
                all,
                target -> target.equals(whole) ? forWhole : branch(whole, Relation.without(members, target)));
    }

    private static Formula branch(Cell whole, List<Cell> others) {
        return Formula.reciprocal(Formula.less(Formula.reciprocal(Formula.of(whole)), reciprocals(others)));
    }

    private static Formula productOverSum(List<Cell> members) {
        List<Formula> both = Formula.of(members);
        return Formula.over(new Formula.Product(both), Formula.sum(both));
    }

    private static Formula reciprocalSum(List<Cell> members) {
        return Formula.reciprocal(Formula.sum(reciprocals(members)));
    }

    private static List<Formula> reciprocals(List<Cell> cells) {
        return cells.stream().map(cell -> Formula.reciprocal(Formula.of(cell))).toList();
    }
}
