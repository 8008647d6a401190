package didaxis.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;

/**
 * Prints amounts and reads them back: {@code read(print(x))} is x within the rounding of the print.
 *
 * <p>Printed: rounded half-up, engineering prefix, true minus sign, thin space before the unit
 * (ISO 80000-1): {@code 24.0 mA}. Read: see {@link AmountReader}.
 *
 * @param decimalSign '.' or ','; it also decides what '1,250' and '1.250' mean
 */
public record AmountFormat(char decimalSign, Precision precision) {
    /** Three significant figures, decimal point. */
    public static final AmountFormat STANDARD = new AmountFormat('.', Precision.figures(3));

    /** No amount is read that has more characters. */
    public static final int LONGEST = 64;

    private static final String THIN_SPACE = "\u2009";
    private static final MathContext SHOWN_BACK = new MathContext(12);
    private static final MathContext WHOLE = new MathContext(7);
    private static final MathContext LEAST_TOLD = new MathContext(4);
    private static final int SHORT = 5;
    private static final MathContext QUOTIENT = MathContext.DECIMAL64;
    private static final int CENTS = 2;

    public AmountFormat {
        if (decimalSign != '.' && decimalSign != ',') {
            throw new IllegalArgumentException("decimal sign (" + decimalSign + ") must be '.' or ','");
        }
    }

    /** Number, prefix and unit: "24.0 mA". */
    public String print(Amount amount) {
        BigDecimal value = BigDecimal.valueOf(amount.si());
        UnitShown unit = unit(value, amount.quantity());
        return withUnit(rounded(value, unit, amount.quantity()), unit);
    }

    /** The same in a unit that is wanted: "30.0 mA". */
    public String print(Amount amount, String unit) {
        if (unit.isEmpty()) return print(amount);
        UnitShown wanted = AmountReader.unit(unit, amount.quantity())
                .orElseThrow(() -> new IllegalArgumentException("unit (" + unit + ") must be one of "
                        + amount.quantity().phrase()));
        return withUnit(rounded(BigDecimal.valueOf(amount.si()), wanted, amount.quantity()), wanted);
    }

    /** Whether a quantity can be told in this unit. */
    public static boolean isUnit(String unit, Quantity quantity) {
        return !unit.isBlank() && AmountReader.unit(unit, quantity).isPresent();
    }

    /** How a unit is written behind a number. */
    public enum UnitForm {
        NONE,
        SYMBOL,
        WORD
    }

    /** What stands behind the number of what was typed; a prefix alone is no unit. */
    public static UnitForm unitIn(String typed, Quantity quantity) {
        return AmountReader.unitForm(typed, quantity);
    }

    /** The value in SI that is left when an amount is written down as printed. */
    public double rounded(Amount amount) {
        BigDecimal value = BigDecimal.valueOf(amount.si());
        UnitShown unit = unit(value, amount.quantity());
        return rounded(value, unit, amount.quantity()).multiply(unit.size()).doubleValue();
    }

    /** Half a unit of the last printed place, in SI: as far as rounding can take a value. */
    public double halfOfLastPlace(Amount amount) {
        BigDecimal value = BigDecimal.valueOf(amount.si());
        UnitShown unit = unit(value, amount.quantity());
        int scale = rounded(value, unit, amount.quantity()).scale();
        return BigDecimal.ONE.movePointLeft(scale).multiply(unit.size()).doubleValue() / 2;
    }

    /** The power of ten of the prefix an amount is printed with. */
    public int exponent(Amount amount) {
        return prefix(BigDecimal.valueOf(amount.si())).exponent;
    }

    /** All digits of a number, under this decimal sign. */
    public String plain(BigDecimal number) {
        return digits(number.scale() < 0 ? number.setScale(0) : number);
    }

    private UnitShown unit(BigDecimal value, Quantity quantity) {
        return UnitShown.of(precision.kind() == Precision.Kind.FIGURES ? precision.round(value) : value, quantity);
    }

    /** In a unit; a sum of money never has fewer than two decimals. */
    private BigDecimal rounded(BigDecimal si, UnitShown unit, Quantity quantity) {
        BigDecimal number = si.divide(unit.size(), QUOTIENT);
        BigDecimal rounded = precision.round(number);
        boolean money = quantity == Quantity.COST && rounded.scale() < CENTS;
        return money ? number.setScale(CENTS, RoundingMode.HALF_UP) : rounded;
    }

    /** Figures may round up into the next prefix; decimals are counted in the unit with its prefix. */
    private Prefix prefix(BigDecimal value) {
        return Prefix.fitting(precision.kind() == Precision.Kind.FIGURES ? precision.round(value) : value);
    }

    /** The number alone, in the SI unit without prefix, as it is put into a formula: "0.500"; decimals keep small values as "24.00×10⁻³". */
    public String number(double si) {
        BigDecimal value = BigDecimal.valueOf(si);
        Prefix prefix = prefix(value);
        if (precision.kind() == Precision.Kind.FIGURES || prefix.exponent >= 0) return digits(precision.round(value));
        return digits(precision.round(value.movePointLeft(prefix.exponent))) + "×10" + raised(prefix.exponent);
    }

    private static String raised(int exponent) {
        StringBuilder text = new StringBuilder("⁻");
        for (char digit : String.valueOf(-exponent).toCharArray()) text.append("⁰¹²³⁴⁵⁶⁷⁸⁹".charAt(digit - '0'));
        return text.toString();
    }

    /** A column of amounts of one quantity under one unit with prefix: "mA". */
    public record Column(String unit, AmountFormat format, int exponent) {
        /** The number alone, in the column's unit. */
        public String print(double si) {
            return format.digits(format.precision.round(BigDecimal.valueOf(si).movePointLeft(exponent)));
        }

        /** The amount with its unit to seven figures; empty where the printed number hides nothing of that. */
        public Optional<String> whole(double si) {
            BigDecimal all = BigDecimal.valueOf(si).movePointLeft(exponent).round(WHOLE);
            if (all.compareTo(format.precision.round(BigDecimal.valueOf(si).movePointLeft(exponent))) == 0)
                return Optional.empty();
            return Optional.of(format.digits(all.stripTrailingZeros()) + THIN_SPACE + unit);
        }
    }

    /**
     * The column under whose unit most of these amounts in SI stand between 1 and 1000, of equally good ones the largest;
     * the plain unit where there is nothing but 0.
     */
    public Column column(Quantity quantity, List<Double> amounts) {
        Prefix best = Prefix.NONE;
        for (Prefix prefix : Prefix.values()) {
            long easy = easy(amounts, prefix);
            long more = easy - easy(amounts, best);
            if (more > 0 || more == 0 && easy > 0 && prefix.exponent > best.exponent) best = prefix;
        }
        return new Column(best.symbol + quantity.unit(), this, best.exponent);
    }

    private static long easy(List<Double> amounts, Prefix prefix) {
        double unit = Math.pow(10, prefix.exponent);
        return amounts.stream()
                .filter(si -> Math.abs(si) >= unit && Math.abs(si) < 1000 * unit)
                .count();
    }

    /**
     * A computed amount as it is told to somebody who works with it: as it is where it has few figures, else with one
     * more than is printed and no fewer than four, so that nothing hangs on how it was rounded.
     */
    public Amount told(Amount amount) {
        BigDecimal all = BigDecimal.valueOf(amount.si()).round(SHOWN_BACK);
        if (all.stripTrailingZeros().precision() <= SHORT) return Amount.of(all.doubleValue(), amount.quantity());
        UnitShown unit = unit(all, amount.quantity());
        BigDecimal number = all.divide(unit.size(), QUOTIENT);
        int places = precision.round(number).scale() + 1;
        BigDecimal four = number.round(LEAST_TOLD);
        BigDecimal told = number.setScale(Math.max(places, four.scale()), RoundingMode.HALF_UP);
        return Amount.of(told.multiply(unit.size()).doubleValue(), amount.quantity());
    }

    /** Every figure it has, as a setting is printed beside its part: "4.7 kΩ". */
    public String exactly(Amount amount) {
        return exactly(BigDecimal.valueOf(amount.si()), amount.quantity());
    }

    /** All that was written, without rounding: what a reader is shown back. */
    String exactly(BigDecimal value, Quantity quantity) {
        BigDecimal all = value.round(SHOWN_BACK);
        UnitShown unit = UnitShown.of(all, quantity);
        BigDecimal scaled = all.divide(unit.size(), SHOWN_BACK);
        return withUnit(scaled.signum() == 0 ? BigDecimal.ZERO : scaled.stripTrailingZeros(), unit);
    }

    /** Every digit of the double and a prefix, no unit, as the circuit notation writes it: "4.7k", "0.5". */
    public static String exactly(double si) {
        BigDecimal value = BigDecimal.valueOf(si);
        Prefix prefix = Prefix.fitting(value);
        BigDecimal scaled = value.movePointLeft(prefix.exponent);
        return scaled.stripTrailingZeros().toPlainString() + prefix.symbol;
    }

    /** What a typed text means as an amount of this quantity. */
    public Reading read(String typed, Quantity quantity) {
        return AmountReader.read(typed, quantity, quantity.phrase(), this);
    }

    /** The same for a reader who calls the quantity by another word. */
    public Reading read(String typed, Quantity quantity, String word) {
        return AmountReader.read(typed, quantity, "a " + word, this);
    }

    private String withUnit(BigDecimal number, UnitShown unit) {
        return digits(number) + (unit.symbol().isEmpty() ? "" : THIN_SPACE + unit.symbol());
    }

    private String digits(BigDecimal number) {
        return number.toPlainString().replace('.', decimalSign).replace('-', '−');
    }

    /** Samples of what is read, for a hint, as one would meet them: "2.5 A, 2500 mA", but "2.5 Ω, 4.7 kΩ". */
    List<String> samples(Quantity quantity) {
        return switch (quantity) {
            case RESISTANCE -> List.of("2" + decimalSign + "5 Ω", "4" + decimalSign + "7 kΩ");
            case TIME -> List.of("90 s", "1" + decimalSign + "5 min");
            case ENERGY -> List.of("45 kJ", "2" + decimalSign + "5 kWh");
            case COST -> List.of("2" + decimalSign + "50", "2");
            default -> List.of("2" + decimalSign + "5 " + quantity.unit(), "2500 m" + quantity.unit());
        };
    }
}
