package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/**
 * The ways on which a learner usually works: any law solved for what is wanted, with one value at most that is not written
 * down. What is taken away, or taken away from, is written, and at least a quarter of it is left: who rounds does not take
 * nearly equal numbers from each other.
 */
record UsualWays(Map<Cell, Double> known, Predicate<Cell> written) implements Formula.Algebra<UsualWays.Piece> {
    private static final double LEAST_LEFT = 0.25;

    /**
     * A piece of a formula.
     *
     * @param written whether all of its values are
     * @param usual whether its differences are
     */
    record Piece(double value, boolean written, boolean usual) {}

    boolean has(Formula way) {
        long inTheHead = FormulaCells.in(way).stream().filter(written.negate()).count();
        return inTheHead <= 1 && way.with(this).usual;
    }

    /** The ways that are usual, of these. */
    static List<Formula> of(List<Formula> ways, Map<Cell, Double> known, Set<Cell> written) {
        UsualWays usual = new UsualWays(known, written::contains);
        return ways.stream().filter(usual::has).toList();
    }

    private static Piece made(double value, List<Piece> of) {
        return new Piece(
                value, of.stream().allMatch(Piece::written), of.stream().allMatch(Piece::usual));
    }

    @Override
    public Piece cell(Cell cell) {
        return new Piece(known.get(cell), written.test(cell), true);
    }

    @Override
    public Piece number(double value) {
        return new Piece(value, true, true);
    }

    @Override
    public Piece sum(List<Piece> terms) {
        return made(terms.stream().mapToDouble(Piece::value).sum(), terms);
    }

    @Override
    public Piece difference(Piece from, List<Piece> less) {
        Piece taken = sum(less);
        double left = from.value - taken.value;
        boolean usual = from.written && taken.written && left >= LEAST_LEFT * from.value;
        return new Piece(left, true, usual && from.usual && taken.usual);
    }

    @Override
    public Piece product(List<Piece> factors) {
        return made(factors.stream().mapToDouble(Piece::value).reduce(1, (one, other) -> one * other), factors);
    }

    @Override
    public Piece quotient(Piece over, Piece under) {
        return made(over.value / under.value, List.of(over, under));
    }

    @Override
    public Piece square(Piece base) {
        return made(base.value * base.value, List.of(base));
    }

    @Override
    public Piece root(Piece of) {
        return made(Math.sqrt(of.value), List.of(of));
    }
}
