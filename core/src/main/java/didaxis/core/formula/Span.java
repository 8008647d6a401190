package didaxis.core.formula;

import didaxis.core.circuit.Cell;
import java.util.List;
import java.util.function.Function;

/** A value and the interval it may lie in, in SI; lo ≤ mid ≤ hi, or NaN where it has none. */
public record Span(double lo, double mid, double hi) {
    private static final int ROUNDINGS = 3;
    /** A half is rounded up as a decimal and may fall just short in binary; a bound holds both. */
    private static final double HALF = 0.5 + 1e-9;

    public static Span exactly(double value) {
        return new Span(value, value, value);
    }

    /** The smallest span around both, with the first one's value. */
    public Span hull(Span other) {
        return new Span(Math.min(lo, other.lo), mid, Math.max(hi, other.hi));
    }

    /** As wide as rounding its ends can make it, to this many figures or up to a few more. */
    public Span widenedByRounding(int leastFigures) {
        double low = lo;
        double high = hi;
        for (int figures = leastFigures; figures < leastFigures + ROUNDINGS; figures++) {
            double lowPlace = place(lo, figures);
            double highPlace = place(hi, figures);
            low = Math.min(low, Math.ceil(lo / lowPlace - HALF) * lowPlace);
            high = Math.max(high, Math.floor(hi / highPlace + HALF) * highPlace);
        }
        return new Span(low, mid, high);
    }

    /** The value of the last place that so many figures leave. */
    private static double place(double value, int figures) {
        if (value == 0) return 1;
        return Math.pow(10, Math.floor(Math.log10(Math.abs(value))) - figures + 1);
    }

    public boolean finite() {
        return Double.isFinite(lo) && Double.isFinite(mid) && Double.isFinite(hi);
    }

    /** Computes a formula with interval arithmetic; not finite where a divisor's interval holds 0. */
    public record Arithmetic(Function<Cell, Span> values) implements Formula.Algebra<Span> {
        private static final Span NONE = exactly(Double.NaN);

        @Override
        public Span cell(Cell cell) {
            return values.apply(cell);
        }

        @Override
        public Span number(double value) {
            return exactly(value);
        }

        @Override
        public Span sum(List<Span> terms) {
            double lo = 0;
            double mid = 0;
            double hi = 0;
            for (Span term : terms) {
                lo += term.lo;
                mid += term.mid;
                hi += term.hi;
            }
            return new Span(lo, mid, hi);
        }

        @Override
        public Span difference(Span from, List<Span> less) {
            Span rest = sum(less);
            return new Span(from.lo - rest.hi, from.mid - rest.mid, from.hi - rest.lo);
        }

        @Override
        public Span product(List<Span> factors) {
            Span product = exactly(1);
            for (Span factor : factors) product = times(product, factor);
            return product;
        }

        private static Span times(Span a, Span b) {
            double one = a.lo * b.lo;
            double two = a.lo * b.hi;
            double three = a.hi * b.lo;
            double four = a.hi * b.hi;
            return new Span(
                    Math.min(Math.min(one, two), Math.min(three, four)),
                    a.mid * b.mid,
                    Math.max(Math.max(one, two), Math.max(three, four)));
        }

        @Override
        public Span quotient(Span over, Span under) {
            // One over a resistance of exactly nothing is an infinite conductance, and one over that nothing again.
            if (under.lo == 0 && under.hi == 0 && over.lo > 0) return exactly(Double.POSITIVE_INFINITY);
            if (under.lo <= 0 && under.hi >= 0) return NONE;
            return times(over, new Span(1 / under.hi, 1 / under.mid, 1 / under.lo));
        }

        @Override
        public Span square(Span base) {
            Span square = times(base, base);
            return base.lo < 0 && base.hi > 0 ? new Span(0, square.mid, square.hi) : square;
        }

        @Override
        public Span root(Span of) {
            return of.mid < 0 ? NONE : new Span(Math.sqrt(Math.max(0, of.lo)), Math.sqrt(of.mid), Math.sqrt(of.hi));
        }
    }
}
