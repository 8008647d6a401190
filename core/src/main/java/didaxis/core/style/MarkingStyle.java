package didaxis.core.style;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Reading;
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

    public MarkingStyle {
        if (leastFigures < 1 || leastFigures > 12) {
            throw new IllegalArgumentException("least figures (" + leastFigures + ") must be 1 to 12");
        }
    }

    /**
     * Half a unit of the last place that surely counts, in SI: final zeros of a whole number may only hold the place.
     * With fewer figures than the least a number has no rounding of its own.
     */
    public double halfOfLastPlace(Reading.Read answer) {
        if (answer.mostFigures() < leastFigures) return 0;
        int sure = Math.min(answer.mostFigures(), Math.max(answer.fewestFigures(), leastFigures));
        int zeros = answer.mostFigures() - sure;
        return BigDecimal.ONE.movePointLeft(answer.written().scale() - zeros).doubleValue() / 2;
    }
}
