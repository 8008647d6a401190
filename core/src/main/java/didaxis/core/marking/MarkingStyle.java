package didaxis.core.marking;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Reading;
import didaxis.core.working.Span;
import java.math.BigDecimal;

/**
 * How strictly a school judges a number.
 *
 * @param leastFigures the fewest significant figures at which a rounded answer still counts
 * @param format how numbers are read, and printed in sentences
 */
public record MarkingStyle(Tolerance tolerance, int leastFigures, AmountFormat format) {
    /** One per cent, two figures, decimal point, three figures shown. */
    public static final MarkingStyle STANDARD = new MarkingStyle(new Tolerance(0.01), 2, AmountFormat.STANDARD);

    private static final double ULPS = 1e-12;
    private static final double WIDEST = 0.25;

    public MarkingStyle {
        if (leastFigures < 1 || leastFigures > 12) {
            throw new IllegalArgumentException("least figures (" + leastFigures + ") must be 1 to 12");
        }
    }

    /** Whether an answer is the expected value: within the tolerance, or what it rounds to at the figures written. */
    boolean matches(double expected, Reading.Read answer) {
        if (tolerance.matches(expected, answer.amount().si())) return true;
        for (int figures = Math.max(leastFigures, answer.fewestFigures());
                figures <= Math.min(12, answer.mostFigures());
                figures++) {
            if (Precision.figures(figures).round(expected).compareTo(answer.written()) == 0) return true;
        }
        return false;
    }

    /**
     * Whether some value of the span rounds to the answer as it is written. A span too wide for its size,
     * as of a small difference of large numbers, proves nothing and reaches nothing.
     */
    boolean reaches(Span span, Reading.Read answer) {
        if (span.hi() - span.lo() > WIDEST * Math.abs(span.mid())) return false;
        double half = answer.mostFigures() >= leastFigures ? halfOfLastPlace(answer) : 0;
        double slack = ULPS * Math.abs(answer.amount().si());
        return answer.amount().si() + half + slack >= span.lo()
                && answer.amount().si() - half - slack <= span.hi();
    }

    /** Half a unit of the last place that surely counts, in SI: final zeros of a whole number may only hold the place. */
    double halfOfLastPlace(Reading.Read answer) {
        int sure = Math.min(answer.mostFigures(), Math.max(answer.fewestFigures(), leastFigures));
        int zeros = answer.mostFigures() - sure;
        return BigDecimal.ONE.movePointLeft(answer.written().scale() - zeros).doubleValue() / 2;
    }
}
