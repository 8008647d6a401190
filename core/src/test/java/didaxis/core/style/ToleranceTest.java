package didaxis.core.style;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import java.math.BigDecimal;
import java.math.MathContext;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ToleranceTest {
    /** An answer that lies on the limit as a decimal counts, whatever binary makes of it; one beyond does not. */
    @Property(tries = 1000)
    void theLimitItselfCountsAndNothingBeyond(
            @ForAll @IntRange(min = 1, max = 99999) int digits,
            @ForAll @IntRange(min = -6, max = 6) int exponent,
            @ForAll @IntRange(min = 1, max = 20) int percent) {
        BigDecimal expected = BigDecimal.valueOf(digits).scaleByPowerOfTen(exponent);
        BigDecimal share = BigDecimal.valueOf(percent, 2);
        Tolerance tolerance = new Tolerance(share.doubleValue());
        for (int sign : new int[] {1, -1}) {
            BigDecimal limit = expected.multiply(BigDecimal.ONE.add(share.multiply(BigDecimal.valueOf(sign))));
            BigDecimal beyond = expected.multiply(
                    BigDecimal.ONE.add(share.multiply(new BigDecimal("1.0001").multiply(BigDecimal.valueOf(sign)))));
            assertTrue(tolerance.matches(expected.doubleValue(), limit.doubleValue()), limit + " of " + expected);
            assertFalse(tolerance.matches(expected.doubleValue(), beyond.doubleValue()), beyond + " of " + expected);
        }
    }

    @Property
    void whatIsCloserMatchesWhereverWhatIsFartherDoes(
            @ForAll @DoubleRange(min = 0, max = 0.5) double relative,
            @ForAll @DoubleRange(min = -1, max = 1) double off,
            @ForAll @DoubleRange(min = 0, max = 1) double nearer) {
        Tolerance tolerance = new Tolerance(relative);
        double expected = 37.5;
        if (tolerance.matches(expected, expected * (1 + off)))
            assertTrue(tolerance.matches(expected, expected * (1 + off * nearer)));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.01, 0.51, Double.NaN, Double.POSITIVE_INFINITY})
    void aToleranceIsAtMostAHalf(double relative) {
        String said = assertThrows(IllegalArgumentException.class, () -> new Tolerance(relative))
                .getMessage();
        assertEquals("tolerance (" + relative + ") must be 0 to 0.5", said);
    }

    /** How far a written number may be from the one it was rounded from. */
    @ParameterizedTest
    @CsvSource({
        "8.6 A, 0.05",
        "8.60 A, 0.005",
        "24 mA, 0.0005",
        "0.024 A, 0.0005",
        "1.20 kA, 5",
        "12 A, 0.5",
        // Final zeros of a whole number may only hold the place, but two figures are always meant.
        "100 A, 5",
        "1200 A, 50",
        "1250 A, 5",
        // Below the least figures a number has no rounding of its own.
        "3 A, 0",
        "0.02 A, 0"
    })
    void aNumberIsAsExactAsItsLastSureFigure(String typed, double half) {
        Reading.Read read = (Reading.Read) AmountFormat.STANDARD.read(typed, Quantity.CURRENT);
        assertEquals(half, MarkingStyle.STANDARD.halfOfLastPlace(read), 1e-12 + 1e-9 * half);
    }

    /** Whatever is rounded to the figures that are written lies within that half. */
    @Property(tries = 500)
    void aRoundedNumberLiesWithinItsHalf(
            @ForAll @DoubleRange(min = 0.01, max = 9e5) double value, @ForAll @IntRange(min = 2, max = 6) int figures) {
        BigDecimal rounded = new BigDecimal(value).round(new MathContext(figures));
        Reading.Read read = (Reading.Read) AmountFormat.STANDARD.read(rounded.toPlainString() + " A", Quantity.CURRENT);
        double half = MarkingStyle.STANDARD.halfOfLastPlace(read);
        assertTrue(Math.abs(rounded.doubleValue() - value) <= half * (1 + 1e-9), rounded + " of " + value);
    }
}
