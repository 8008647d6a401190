package didaxis.core.style;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import java.math.BigDecimal;

/**
 * How strictly a school judges a number.
 *
 * @param leastFigures the fewest significant figures at which a rounded answer still counts
 * @param format how numbers are read, and printed in sentences
 * @param unitRequired whether a number without its unit loses a mark
 * @param unitWords whether a unit may be written as a word: amps for A
 * @param followThrough whether what follows from an earlier wrong answer earns
 * @param answerAlone whether a right answer earns all the marks of a calculation, without its working
 */
public record MarkingStyle(
        Tolerance tolerance,
        int leastFigures,
        AmountFormat format,
        boolean unitRequired,
        boolean unitWords,
        boolean followThrough,
        boolean answerAlone) {
    /** One per cent, two figures, decimal point, three figures shown; a unit may be left out, or written as a word. */
    public static final MarkingStyle STANDARD = new MarkingStyle(new Tolerance(0.01), 2, AmountFormat.STANDARD);

    /** Units as the learner likes, and what follows from an error earns. */
    public MarkingStyle(Tolerance tolerance, int leastFigures, AmountFormat format) {
        this(tolerance, leastFigures, format, false, true, true, true);
    }

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

    /** The same with numbers in another form. */
    public MarkingStyle with(AmountFormat other) {
        return new MarkingStyle(tolerance, leastFigures, other, unitRequired, unitWords, followThrough, answerAlone);
    }

    /** Whether an answer loses its unit's mark: it has none where one is required, or a word where none is accepted. */
    public boolean losesUnit(String typed, Quantity quantity) {
        return switch (AmountFormat.unitIn(typed, quantity)) {
            case NONE -> unitRequired;
            case WORD -> !unitWords;
            case SYMBOL -> false;
        };
    }
}
