package didaxis.core.quantity;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AmountFormatTest {
    private static final AmountFormat COMMA = new AmountFormat(',', Precision.figures(3));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2.5 A | CURRENT | 2.5",
                "2,5 A | CURRENT | 2.5",
                "2500 mA | CURRENT | 2.5",
                "2.5A | CURRENT | 2.5",
                "2.5 amps | CURRENT | 2.5",
                "4k7 | RESISTANCE | 4700",
                "0R5 | RESISTANCE | 0.5",
                "2M2 | RESISTANCE | 2.2e6",
                "4.7 kOhm | RESISTANCE | 4700",
                "4.7 MOhm | RESISTANCE | 4.7e6",
                "4.7 mOhm | RESISTANCE | 4.7e-3",
                "4.7k | RESISTANCE | 4700",
                "600m | RESISTANCE | 0.6",
                "220 ohm | RESISTANCE | 220",
                "5 \u2126 | RESISTANCE | 5",
                "30/8 Ω | RESISTANCE | 3.75",
                "1.5e-3 A | CURRENT | 0.0015",
                "1,5×10^-3 A | CURRENT | 0.0015",
                "1.5·10⁻³ A | CURRENT | 0.0015",
                "1 250 Ω | RESISTANCE | 1250",
                "1\u202f250 Ω | RESISTANCE | 1250",
                "1,250.5 | RESISTANCE | 1250.5",
                "1.250,5 | RESISTANCE | 1250.5",
                "1,250 | RESISTANCE | 1250",
                "1.250 | RESISTANCE | 1.25",
                "0,125 | RESISTANCE | 0.125",
                "−3 V | VOLTAGE | -3",
                "12 \u00b5W | POWER | 12e-6",
                "12 μW | POWER | 12e-6",
                ".5 | CURRENT | 0.5",
                "3 A. | CURRENT | 3",
                "3. | CURRENT | 3",
                "I = 2 A | CURRENT | 2",
                "I2 = 2 A | CURRENT | 2",
                "V(L1) = 6 V = 6V | VOLTAGE | 6",
                "6000 mV = 6 V. | VOLTAGE | 6",
                "R₂₃ = 30/8 = 3.75 Ω | RESISTANCE | 3.75",
                "30/7 = 4.29 Ω | RESISTANCE | 4.29",
                "I ≈ 1714 mA ≈ 1.71 A | CURRENT | 1.71",
                "= 2 A | CURRENT | 2",
                "~ 2 | CURRENT | 2",
                "２．５ Ａ | CURRENT | 2.5",
                "zero | CURRENT | 0",
                "Zero volts | VOLTAGE | 0",
                "none | POWER | 0",
                "2 x 10^0 A | CURRENT | 2",
                "2x10⁰ | CURRENT | 2",
                "1.5x10-3 A | CURRENT | 1.5e-3"
            })
    void whatPeopleTypeIsRead(String typed, Quantity quantity, double si) {
        double read = AmountFormat.STANDARD
                .read(typed, quantity)
                .match(r -> r.amount().si(), b -> Double.NaN, u -> Double.NaN);
        assertEquals(si, read, Math.abs(si) * 1e-12);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 5 A | CURRENT",
                "2.5 V | CURRENT",
                "1/0 | RESISTANCE",
                "NaN | POWER",
                "Infinity | POWER",
                "1e999 | POWER",
                "abc | VOLTAGE",
                "1.2.3 | VOLTAGE",
                "- | VOLTAGE",
                "4k7 | CURRENT",
                "2² A | CURRENT",
                "2*100 A | CURRENT",
                "6 V = 7 V | VOLTAGE",
                "6 V = 6.4 V | VOLTAGE",
                "30/7 = 4.28 | CURRENT",
                "= | VOLTAGE",
                "I = | CURRENT",
                "99999999999999999999999999999999999999999999999999999999999999999 | POWER"
            })
    void whatCannotBeReadSaysWhatWasExpected(String typed, Quantity quantity) {
        String expected = AmountFormat.STANDARD
                .read(typed, quantity)
                .match(r -> "read " + r.shown(), b -> "blank", Reading.Unreadable::expected);
        String unit = quantity.unit();
        String other = quantity == Quantity.RESISTANCE ? "4.7 kΩ" : "2500 m" + unit;
        assertEquals(quantity.phrase() + " in " + unit + ", such as 2.5 " + unit + " or " + other, expected);
    }

    @Test
    void anotherQuantitysUnitIsToldAsThat() {
        assertEquals("2 V", unitOf("2 V", Quantity.CURRENT, Quantity.VOLTAGE));
        assertEquals("3 kΩ", unitOf("3 kΩ", Quantity.POTENTIAL, Quantity.RESISTANCE));
        assertEquals("", unitOf("two", Quantity.CURRENT, Quantity.VOLTAGE));
    }

    private static String unitOf(String typed, Quantity asked, Quantity unit) {
        return AmountFormat.STANDARD
                .read(typed, asked)
                .match(
                        r -> "read",
                        b -> "blank",
                        u -> u.unitOf()
                                .filter(unit::equals)
                                .map(one -> u.typed())
                                .orElse(""));
    }

    @Test
    void theDecimalSignDecidesWhatIsAmbiguous() {
        assertEquals("1.25\u2009kΩ", shown(AmountFormat.STANDARD, "1,250"));
        assertEquals("1,25\u2009Ω", shown(COMMA, "1,250"));
        assertEquals("1,25\u2009kΩ", shown(COMMA, "1.250"));
    }

    private static String shown(AmountFormat format, String typed) {
        return format.read(typed, Quantity.RESISTANCE)
                .match(Reading.Read::shown, b -> "", Reading.Unreadable::expected);
    }

    @ParameterizedTest
    @CsvSource({
        "2.345, 2.35",
        "0.285, 0.285",
        "0.2855, 0.286",
        "5, 5.00",
        "12, 12.0",
        "4700, 4700",
        "12345, 12300",
        "-0.5, −0.500",
        "0, 0"
    })
    void numbersAreRoundedHalfUpOnTheDecimalValue(double value, String printed) {
        assertEquals(printed, AmountFormat.STANDARD.number(value));
    }

    @Test
    void halvesAreJudgedOnTheDecimalEvenWhenComputed() {
        assertEquals("0.29", new AmountFormat('.', Precision.figures(2)).number(0.285));
        assertEquals("1.15", new AmountFormat('.', Precision.decimals(2)).number(1.1 + 0.045));
    }

    @ParameterizedTest
    @CsvSource({"0.024, 24.0 mA", "4700, 4.70 kA", "0.5, 0.500 A", "999.95, 1.00 kA", "2e-7, 200 nA"})
    void amountsTakeAPrefix(double si, String printed) {
        assertEquals(
                printed,
                AmountFormat.STANDARD.print(Amount.of(si, Quantity.CURRENT)).replace('\u2009', ' '));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0.0023 0.0054 0.0031 | mA",
                "0.9 0.5 0.4 | mA",
                "0.0005 0.02 3 | A",
                "0.0005 0.002 0.03 3 | mA",
                "1200 4700 330 | kA",
                "0.6 0.002 | mA",
                "5000 3 | kA",
                "0 0 | A"
            })
    void aColumnsPrefixKeepsMostNumbersBetweenOneAndAThousand(String amounts, String unit) {
        List<Double> values = Stream.of(amounts.split(" ")).map(Double::valueOf).toList();
        assertEquals(
                unit, AmountFormat.STANDARD.column(Quantity.CURRENT, values).unit());
    }

    @Property
    void whatIsPrintedIsReadBackWithinItsOwnRounding(
            @ForAll @IntRange(min = 1, max = 999_999_999) int digits,
            @ForAll @IntRange(min = -17, max = 0) int exponent,
            @ForAll boolean negative,
            @ForAll Quantity quantity,
            @ForAll @IntRange(min = 1, max = 9) int figures,
            @ForAll boolean comma) {
        AmountFormat format = new AmountFormat(comma ? ',' : '.', Precision.figures(figures));
        double size = digits * Math.pow(10, exponent);
        double value = negative ? -size : size;
        String printed = format.print(Amount.of(value, quantity));
        double read = format.read(printed, quantity).match(r -> r.amount().si(), b -> Double.NaN, u -> Double.NaN);
        // Half a unit of the last figure, in whatever unit it is printed.
        double half = format.halfOfLastPlace(Amount.of(value, quantity));
        assertEquals(value, read, half * (1 + 1e-6));
        assertTrue(half <= 5.3 * size * Math.pow(10, -figures) || quantity == Quantity.COST && half <= 0.005, printed);
    }

    @Test
    void aNumberThatHidesMoreThanItShowsTellsTheWholeOfIt() {
        AmountFormat.Column amperes = AmountFormat.STANDARD.column(Quantity.CURRENT, List.of(1.997, 2.0, 0.5));
        assertEquals("2.00", amperes.print(1.997));
        assertEquals(Optional.of("1.997\u2009A"), amperes.whole(1.997));
        assertEquals(Optional.empty(), amperes.whole(2.0));
        assertEquals(Optional.of("0.6666667\u2009A"), amperes.whole(2.0 / 3));
    }

    @ParameterizedTest
    @CsvSource({
        "FIGURES, 3, 2.0281690140845, 2.028 A",
        "FIGURES, 3, 1.125, 1.125 A",
        "FIGURES, 3, 0.028169014, 28.17 mA",
        "FIGURES, 5, 2.0281690140845, 2.02817 A",
        "DECIMALS, 2, 0.0028169014, 2.817 mA",
        "DECIMALS, 2, 123.45678, 123.457 A",
        "FIGURES, 3, 0, 0 A"
    })
    void aComputedAmountIsToldWithAFigureMoreThanIsPrinted(Precision.Kind kind, int digits, double si, String told) {
        AmountFormat format = new AmountFormat('.', new Precision(kind, digits));
        assertEquals(
                told,
                format.exactly(format.told(Amount.of(si, Quantity.CURRENT))).replace('\u2009', ' '));
    }
}
