package didaxis.core.formula;

import didaxis.core.circuit.Cell;
import java.util.ArrayList;
import java.util.List;

/**
 * A formula over cells. It is computed, bounded and printed by the same walk with another {@link Algebra},
 * so that what is shown is what was computed.
 */
public sealed interface Formula {
    /** The value of a cell. */
    record Of(Cell cell) implements Formula {
        @Override
        public <T> T with(Algebra<T> algebra) {
            return algebra.cell(cell);
        }
    }

    /** A pure number. */
    record Number(double value) implements Formula {
        @Override
        public <T> T with(Algebra<T> algebra) {
            return algebra.number(value);
        }
    }

    record Sum(List<Formula> terms) implements Formula {
        @Override
        public <T> T with(Algebra<T> algebra) {
            return algebra.sum(each(terms, algebra));
        }
    }

    /** The first less all of the others. */
    record Difference(Formula from, List<Formula> less) implements Formula {
        @Override
        public <T> T with(Algebra<T> algebra) {
            return algebra.difference(from.with(algebra), each(less, algebra));
        }
    }

    record Product(List<Formula> factors) implements Formula {
        @Override
        public <T> T with(Algebra<T> algebra) {
            return algebra.product(each(factors, algebra));
        }
    }

    record Quotient(Formula over, Formula under) implements Formula {
        @Override
        public <T> T with(Algebra<T> algebra) {
            return algebra.quotient(over.with(algebra), under.with(algebra));
        }
    }

    record Square(Formula base) implements Formula {
        @Override
        public <T> T with(Algebra<T> algebra) {
            return algebra.square(base.with(algebra));
        }
    }

    /** The square root that is not negative. */
    record Root(Formula of) implements Formula {
        @Override
        public <T> T with(Algebra<T> algebra) {
            return algebra.root(of.with(algebra));
        }
    }

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
    <T> T with(Algebra<T> algebra);

    private static <T> List<T> each(List<Formula> pieces, Algebra<T> algebra) {
        List<T> became = new ArrayList<>(pieces.size());
        for (Formula piece : pieces) became.add(piece.with(algebra));
        return became;
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
