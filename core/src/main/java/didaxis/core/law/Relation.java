package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/**
 * One law written for particular cells. An equality gives each of them from any one of the others, every other
 * relation from all the others. What it solves to is written down when it is asked for: a sum of 200 has 200 solutions
 * of 200 terms.
 */
public final class Relation {
    private final Law law;
    private final List<Cell> cells;
    private final boolean equality;
    private final Function<Cell, Formula> solution;

    private Relation(Law law, List<Cell> cells, boolean equality, Function<Cell, Formula> solution) {
        this.law = law;
        this.cells = List.copyOf(cells);
        this.equality = equality;
        this.solution = solution;
    }

    /** Begins a relation. */
    static Builder of(Law law) {
        return new Builder(law);
    }

    /** Collects the solutions of one relation. */
    static final class Builder {
        private final Law law;
        private final Map<Cell, Formula> solutions = new LinkedHashMap<>();

        private Builder(Law law) {
            this.law = law;
        }

        Builder solved(Cell target, Formula formula) {
            solutions.put(target, formula);
            return this;
        }

        Relation build() {
            return solvedBy(law, List.copyOf(solutions.keySet()), solutions::get);
        }
    }

    /** A relation that is solved for a cell when this is asked for. */
    static Relation solvedBy(Law law, List<Cell> cells, Function<Cell, Formula> solution) {
        return new Relation(law, cells, false, solution);
    }

    /** All of these cells are equal. */
    static Relation equality(Law law, List<Cell> cells) {
        return new Relation(law, cells, true, target -> Formula.of(firstOther(cells, target)));
    }

    /** whole = sum of the members, solved for each. */
    static Relation sum(Law law, Cell whole, List<Cell> members) {
        List<Cell> cells = new ArrayList<>(members);
        cells.add(0, whole);
        if (members.size() == 1) return equality(law, cells);
        List<Formula> terms = Formula.of(members);
        return solvedBy(
                law,
                cells,
                target -> target.equals(whole)
                        ? Formula.sum(terms)
                        : Formula.less(Formula.of(whole), without(terms, Formula.of(target))));
    }

    /** Any of these cells equals any other; no relation if there are fewer than two. */
    static Optional<Relation> equal(Law law, List<Cell> cells) {
        return cells.size() < 2 ? Optional.empty() : Optional.of(equality(law, cells));
    }

    static <T> List<T> without(List<T> all, T left) {
        List<T> others = new ArrayList<>(all);
        others.remove(left);
        return others;
    }

    private static Cell firstOther(List<Cell> cells, Cell target) {
        return cells.get(cells.get(0).equals(target) ? 1 : 0);
    }

    public Law law() {
        return law;
    }

    /** The cells it ties together. */
    public List<Cell> cells() {
        return cells;
    }

    /** How many of its cells must be known before it gives the others. */
    public int enough() {
        return equality ? 1 : cells.size() - 1;
    }

    /** Whether it says that all its cells are equal. */
    public boolean isEquality() {
        return equality;
    }

    /** Every formula it has for a cell; none if it is none of its cells. */
    public Stream<Formula> formulas(Cell target) {
        if (!cells.contains(target)) return Stream.empty();
        if (!equality) return Stream.of(solution.apply(target));
        return cells.stream().filter(cell -> !cell.equals(target)).map(Formula::of);
    }

    /** How a cell follows from known ones; empty if it does not. */
    public Optional<Formula> formula(Cell target, Predicate<Cell> known) {
        if (!equality) return Optional.of(solution.apply(target));
        return cells.stream()
                .filter(cell -> !cell.equals(target) && known.test(cell))
                .findFirst()
                .map(Formula::of);
    }

    /** A cell's value from those of the others, in SI; not finite where the formula has none. */
    public double solve(Cell target, ToDoubleFunction<Cell> values) {
        return solution.apply(target).with(new Evaluation(values));
    }

    @Override
    public String toString() {
        return law + " " + cells;
    }
}
