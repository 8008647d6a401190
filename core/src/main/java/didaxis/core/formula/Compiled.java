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

    /** Builds it from its pieces up. */
    record Compiler(ToIntFunction<Cell> place) implements Formula.Algebra<Compiled> {
        @Override
        public Compiled cell(Cell cell) {
            int at = place.applyAsInt(cell);
            return values -> values[at];
        }

        @Override
        public Compiled number(double value) {
            return values -> value;
        }

        @Override
        public Compiled sum(List<Compiled> terms) {
            Compiled[] all = terms.toArray(Compiled[]::new);
            return values -> sum(all, values);
        }

        private static double sum(Compiled[] terms, double[] values) {
            double sum = 0;
            for (Compiled term : terms) sum += term.of(values);
            return sum;
        }

        @Override
        public Compiled difference(Compiled from, List<Compiled> less) {
            Compiled[] all = less.toArray(Compiled[]::new);
            return values -> from.of(values) - sum(all, values);
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
