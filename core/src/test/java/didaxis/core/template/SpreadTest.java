package didaxis.core.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SpreadTest {
    private static Optional<Spread> read(String typed, Quantity quantity) {
        return Spread.parse(typed, quantity, AmountFormat.STANDARD);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            4 to 10 by 2              | RESISTANCE | 4 6 8 10               | 4 to 10 by 2
            4 Ω to 9 Ω by 2 Ω         | RESISTANCE | 4 6 8                  | 4 to 9 by 2
            0.7..1 step 0.1           | VOLTAGE    | 0.7 0.8 0.9 1          | 0.7 to 1 by 0.1
            1k – 3k by 500            | RESISTANCE | 1000 1500 2000 2500 3000 | 1k to 3k by 500
            0 to 1 by 0.5             | RESISTANCE | 0 0.5 1                | 0 to 1 by 0.5
            6; 12; 24                 | VOLTAGE    | 6 12 24                | 6; 12; 24
            12 V, 6 V or 9            | VOLTAGE    | 6 9 12                 | 6; 9; 12
            4k7                       | RESISTANCE | 4700                   | 4.7k
            30 min; 1 h               | TIME       | 1800 3600              | 30 min; 1 h
            E6 from 10 to 100         | RESISTANCE | 10 15 22 33 47 68 100  | E6 from 10 to 100
            e3 4..300                 | RESISTANCE | 4.7 10 22 47 100 220   | E3 from 4 to 300
            """)
    void isReadAsItIsWritten(String typed, Quantity quantity, String values, String text) {
        Spread spread = read(typed, quantity).orElseThrow();
        assertEquals(Arrays.stream(values.split(" ")).map(Double::valueOf).toList(), spread.values());
        assertEquals(text, spread.text().replace('\u2009', ' '));
        assertEquals(Optional.of(spread), read(spread.text(), quantity), "what is kept is read again");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "some",
                "4 to 2 by 1",
                "1 to 1M by 1",
                "1 to 2 by 0",
                "E5 from 1 to 10",
                "-3; 4",
                "4 to by 2",
                "3; ;4",
                "E24 from 0 to 9"
            })
    void isRefusedWhereThereAreNoValuesOrTooMany(String typed) {
        assertEquals(Optional.empty(), read(typed, Quantity.RESISTANCE));
    }

    @ParameterizedTest
    @CsvSource({"'2,5; 3', '2.5; 3'", "'0,5 to 1,5 by 0,5', 0.5 to 1.5 by 0.5"})
    void followsTheDecimalSignOfTheStyle(String typed, String text) {
        AmountFormat comma = new AmountFormat(',', Precision.figures(3));
        assertEquals(
                text,
                Spread.parse(typed, Quantity.RESISTANCE, comma).orElseThrow().text());
    }

    /** IEC 60063, table of the E 12 and E 24 series, written down from memory. */
    @ParameterizedTest
    @CsvSource({
        "E12, '1.0 1.2 1.5 1.8 2.2 2.7 3.3 3.9 4.7 5.6 6.8 8.2'",
        "E24, '1.0 1.1 1.2 1.3 1.5 1.6 1.8 2.0 2.2 2.4 2.7 3.0 3.3 3.6 3.9 4.3 4.7 5.1 5.6 6.2 6.8 7.5 8.2 9.1'"
    })
    void theSeriesAreThoseOfTheStandard(String series, String decade) {
        List<Double> values =
                Arrays.stream(decade.split(" ")).map(Double::valueOf).toList();
        assertEquals(
                values,
                read(series + " from 1 to 9.9", Quantity.RESISTANCE)
                        .orElseThrow()
                        .values());
        Spread thousands =
                read(series + " from 1k to 9.9k", Quantity.RESISTANCE).orElseThrow();
        for (int k = 0; k < values.size(); k++)
            assertTrue(Math.abs(thousands.values().get(k) / values.get(k) - 1000) < 1e-9);
    }
}
