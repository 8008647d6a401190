package didaxis.core.slip;

import didaxis.core.quantity.Reading;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.stream.IntStream;

/** Slips of the pen: a number that is another one, but for its sign, its prefix or its digits. */
final class Digits {
    private static final int MOST_FIGURES = 12;
    /** With fewer figures any number is like many. */
    private static final int TELLING = 3;

    private Digits() {}

    /** Two neighbouring digits are swapped. */
    static boolean swapped(Reading.Read read, double value) {
        return figures(read).anyMatch(figures -> swapped(read, rounded(value, figures)));
    }

    private static boolean swapped(Reading.Read read, BigDecimal meant) {
        String digits = meant.unscaledValue().abs().toString();
        for (int k = 0; k + 1 < digits.length(); k++) {
            char one = digits.charAt(k);
            char next = digits.charAt(k + 1);
            if (one == next || k == 0 && next == '0') continue;
            String other = digits.substring(0, k) + next + one + digits.substring(k + 2);
            if (is(read, new BigDecimal(new BigInteger(other), meant.scale()))) return true;
        }
        return false;
    }

    /** One digit but the last is left out: the rest stands as it was, or has moved a place. */
    static boolean leftOut(Reading.Read read, double value) {
        return figures(read)
                .filter(figures -> figures >= TELLING)
                .anyMatch(figures -> leftOut(read, rounded(value, figures + 1)));
    }

    private static boolean leftOut(Reading.Read read, BigDecimal meant) {
        String digits = meant.unscaledValue().abs().toString();
        for (int k = 0; k + 1 < digits.length(); k++) {
            String other = digits.substring(0, k) + digits.substring(k + 1);
            if (other.startsWith("0")) continue;
            BigInteger rest = new BigInteger(other);
            if (is(read, new BigDecimal(rest, meant.scale())) || is(read, new BigDecimal(rest, meant.scale() - 1)))
                return true;
        }
        return false;
    }

    /** With as many figures as were surely written, or more where final zeros may be figures too; one alone tells nothing. */
    private static IntStream figures(Reading.Read read) {
        return IntStream.rangeClosed(Math.max(2, read.fewestFigures()), Math.min(MOST_FIGURES, read.mostFigures()));
    }

    private static BigDecimal rounded(double value, int figures) {
        BigDecimal rounded = new BigDecimal(value).round(new MathContext(figures, RoundingMode.HALF_UP));
        // All figures are written, those of a round number too.
        return rounded.setScale(rounded.scale() + figures - rounded.precision(), RoundingMode.UNNECESSARY);
    }

    /** Whether the number stands there, but for one in its last place, where what led to it may have been rounded. */
    private static boolean is(Reading.Read read, BigDecimal size) {
        BigDecimal off = read.written().abs().subtract(size).abs();
        boolean telling = size.precision() >= TELLING;
        return off.compareTo(telling ? BigDecimal.ONE.movePointLeft(size.scale()) : BigDecimal.ZERO) <= 0;
    }
}
