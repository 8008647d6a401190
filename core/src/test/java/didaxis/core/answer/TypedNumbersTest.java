package didaxis.core.answer;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedNumbersTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1/4 | 0.25
            0,25 | 0.25
            by a factor of 4 | 4
            a quarter | 0.25
            one fourth of it | 0.25
            three quarters | 0.75
            Two thirds | 0.6666666666666666
            half as much | 0.5
            a ninth | 0.1111111111111111
            twice as bright | 2
            doubled | 2
            four times | 4
            25 % | 0.25
            3.557e-05 | 0.00003557
            3,6×10^-5 | 0.000036
            2.5 x 10−3 | 0.0025
            """)
    void aFactorIsReadAsPeopleWriteIt(String typed, double factor) {
        assertEquals(factor, TypedNumbers.factor(typed).orElseThrow(), 1e-12 * factor);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "less", "no change", "2 or 3", "1/0", "1e9999"})
    void whatIsNoFactorIsNotRead(String typed) {
        assertEquals(Optional.empty(), TypedNumbers.factor(typed));
    }
}
