package didaxis.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * To how many significant figures, or decimals, a number is given. Rounding is half-up on the decimal
 * value (2.345 to 2.35, 0.285 to 0.29), as taught; the binary neighbour of 2.345 does not decide.
 */
public record Precision(Kind kind, int digits) {
    /** How the digits are counted: from the first that is not zero, or from the decimal sign. */
    public enum Kind {
        FIGURES,
        DECIMALS
    }

    /** Computed values carry noise behind about the fifteenth figure; it goes before a half is judged. */
    private static final MathContext WITHOUT_NOISE = new MathContext(12, RoundingMode.HALF_EVEN);

    public Precision {
        int least = kind == Kind.FIGURES ? 1 : 0;
        if (digits < least || digits > 12) {
            throw new IllegalArgumentException("digits (" + digits + ") must be " + least + " to 12");
        }
    }

    /** Significant figures, 1 to 12. */
    public static Precision figures(int digits) {
        return new Precision(Kind.FIGURES, digits);
    }

    /** Decimals, 0 to 12. */
    public static Precision decimals(int digits) {
        return new Precision(Kind.DECIMALS, digits);
    }

    /** The value rounded half-up; its scale keeps the zeros that belong to the precision (5 to 5.00). */
    public BigDecimal round(double value) {
        return round(BigDecimal.valueOf(value));
    }

    BigDecimal round(BigDecimal value) {
        BigDecimal clean = value.round(WITHOUT_NOISE);
        if (clean.signum() == 0) return BigDecimal.ZERO;
        if (kind == Kind.DECIMALS) return clean.setScale(digits, RoundingMode.HALF_UP);
        BigDecimal rounded = clean.round(new MathContext(digits, RoundingMode.HALF_UP));
        return rounded.setScale(rounded.scale() + digits - rounded.precision(), RoundingMode.UNNECESSARY);
    }
}
