package didaxis.core.formula;

import didaxis.core.circuit.Cell;
import java.util.List;

/**
 * A formula over cells. It is computed, bounded and printed by the same walk with another {@link Algebra},
 * so that what is shown is what was computed.
 */
public sealed interface Formula {
    /** The value of a cell. */
    record Of(Cell cell) implements Formula {}

    /** A pure number. */
    record Number(double value) implements Formula {}

    record Sum(List<Formula> terms) implements Formula {}

    /** The first less all of the others. */
    record Difference(Formula from, List<Formula> less) implements Formula {}

    record Product(List<Formula> factors) implements Formula {}

    record Quotient(Formula over, Formula under) implements Formula {}

    record Square(Formula base) implements Formula {}

    /** The square root that is not negative. */
    record Root(Formula of) implements Formula {}

    /** What each kind of formula becomes, given what its pieces became. */
    interface Algebra<T> {
        T cell(Cell cell);

        T number(double value);

        T sum(List<T> terms);

        T difference(T from, List<T> less);

        T product(List<T> factors);

        T quotient(T over, T under);

        T square(T base);

        T root(T of);
    }

    /** Walks the formula from its pieces up. */
    default <T> T with(Algebra<T> algebra) {
        if (this instanceof Of one) return algebra.cell(one.cell);
        if (this instanceof Number one) return algebra.number(one.value);
        if (this instanceof Sum one) return algebra.sum(each(one.terms, algebra));
        if (this instanceof Difference one) return algebra.difference(one.from.with(algebra), each(one.less, algebra));
        if (this instanceof Product one) return algebra.product(each(one.factors, algebra));
        if (this instanceof Quotient one) return algebra.quotient(one.over.with(algebra), one.under.with(algebra));
        if (this instanceof Square one) return algebra.square(one.base.with(algebra));
        return algebra.root(((Root) this).of.with(algebra));
    }

    private static <T> List<T> each(List<Formula> pieces, Algebra<T> algebra) {
        return pieces.stream().map(piece -> piece.with(algebra)).toList();
    }

    static Formula of(Cell cell) {
        return new Of(cell);
    }

    static List<Formula> of(List<Cell> cells) {
        return cells.stream().map(Formula::of).toList();
    }

    static Formula over(Formula over, Formula under) {
        return new Quotient(over, under);
    }

    static Formula times(Formula... factors) {
        return new Product(List.of(factors));
    }

    /** 1 over it. */
    static Formula reciprocal(Formula of) {
        return new Quotient(new Number(1), of);
    }

    /** The terms added up; a single term is itself. */
    static Formula sum(List<Formula> terms) {
        return terms.size() == 1 ? terms.get(0) : new Sum(List.copyOf(terms));
    }

    /** The first less the others; with none, the first itself. */
    static Formula less(Formula from, List<Formula> less) {
        return less.isEmpty() ? from : new Difference(from, List.copyOf(less));
    }
}
