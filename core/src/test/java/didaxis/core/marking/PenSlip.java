package didaxis.core.marking;

import didaxis.core.quantity.Precision;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;

/** A slip of the pen: a number that is written as another. */
interface PenSlip {
    Precision WRITTEN = Precision.figures(3);

    BigDecimal write(BigDecimal value);

    static BigDecimal negated(BigDecimal value) {
        return rounded(value).negate();
    }

    /** The point so many places off: a number below one becomes larger, another smaller. */
    static PenSlip shifted(int places) {
        return value -> rounded(value).movePointRight(value.doubleValue() < 1 ? places : -places);
    }

    static BigDecimal cutOff(BigDecimal value) {
        return value.round(new MathContext(2, RoundingMode.DOWN));
    }

    static BigDecimal rounded(BigDecimal value) {
        return LearnerWork.rounded(value.doubleValue(), WRITTEN);
    }

    static BigDecimal swapped(BigDecimal value) {
        BigDecimal rounded = rounded(value);
        String digits = rounded.unscaledValue().toString();
        // A number that begins with 0 is not written so.
        if (digits.charAt(1) == '0') return rounded;
        char[] swapped = digits.toCharArray();
        swapped[0] = digits.charAt(1);
        swapped[1] = digits.charAt(0);
        return new BigDecimal(new BigInteger(new String(swapped)), rounded.scale());
    }

    static BigDecimal leftOut(BigDecimal value) {
        BigDecimal rounded = LearnerWork.rounded(value.doubleValue(), Precision.figures(4));
        String digits = rounded.unscaledValue().toString();
        if (digits.length() < 3) return rounded;
        return new BigDecimal(new BigInteger(digits.charAt(0) + digits.substring(2)), rounded.scale());
    }
}
