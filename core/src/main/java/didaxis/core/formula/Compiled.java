package didaxis.core.formula;

import didaxis.core.circuit.Cell;
import java.util.List;
import java.util.function.ToIntFunction;

/** A formula over an array of values, for those who compute it many times; not finite where it has no value. */
@FunctionalInterface
public interface Compiled {
    double of(double[] values);

    /**
     * @param place where in the array a cell's value stands
     */
    static Compiled of(Formula formula, ToIntFunction<Cell> place) {
        return formula.with(new Compiler(place));
    }

    /** The value of one cell. */
    record At(int place) implements Compiled {
        @Override
        public double of(double[] values) {
            return values[place];
        }
    }

    /** A sum of cells: there are some of two hundred, and they are worked most. */
    record SumAt(int[] places) implements Compiled {
        @Override
        public double of(double[] values) {
            double sum = 0;
            for (int place : places) sum += values[place];
            return sum;
        }
    }

    /** Builds it from its pieces up. */
    record Compiler(ToIntFunction<Cell> place) implements Formula.Algebra<Compiled> {
        @Override
        public Compiled cell(Cell cell) {
            return new At(place.applyAsInt(cell));
        }

        @Override
        public Compiled number(double value) {
            return values -> value;
        }

        @Override
        public Compiled sum(List<Compiled> terms) {
            if (terms.stream().allMatch(At.class::isInstance))
                return new SumAt(
                        terms.stream().mapToInt(term -> ((At) term).place()).toArray());
            Compiled[] all = terms.toArray(Compiled[]::new);
            return values -> {
                double sum = 0;
                for (Compiled term : all) sum += term.of(values);
                return sum;
            };
        }

        @Override
        public Compiled difference(Compiled from, List<Compiled> less) {
            Compiled all = sum(less);
            return values -> from.of(values) - all.of(values);
        }

        @Override
        public Compiled product(List<Compiled> factors) {
            Compiled[] all = factors.toArray(Compiled[]::new);
            return values -> {
                double product = 1;
                for (Compiled factor : all) product *= factor.of(values);
                return product;
            };
        }

        @Override
        public Compiled quotient(Compiled over, Compiled under) {
            return values -> over.of(values) / under.of(values);
        }

        @Override
        public Compiled square(Compiled base) {
            return values -> {
                double value = base.of(values);
                return value * value;
            };
        }

        @Override
        public Compiled root(Compiled of) {
            return values -> Math.sqrt(of.of(values));
        }
    }
}
