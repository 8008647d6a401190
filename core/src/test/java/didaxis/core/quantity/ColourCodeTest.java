package didaxis.core.quantity;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.quantity.ColourCode.Band;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourCodeTest {
    /** Values of the E series of IEC 60063 with their bands after IEC 60062 (both from memory). */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            yellow, violet, red, gold           | 4700     | 5
            brown, black, black, silver         | 10       | 10
            red, red, orange, gold              | 22000    | 5
            green, blue, gold, gold             | 5.6      | 5
            brown, green, silver, red           | 0.15     | 2
            blue, grey, brown                   | 680      | 20
            orange, white, green, brown         | 3900000  | 1
            yellow, white, white, red, brown    | 49900    | 1
            brown, black, black, gold, green    | 10       | 0.5
            """)
    void bandsAreReadFromTheFirst(String bands, BigDecimal ohms, double percent) {
        ColourCode code = ColourCode.of(ColourCode.read(bands).orElseThrow()).orElseThrow();
        assertEquals(0, ohms.compareTo(code.ohms()), code::toString);
        assertEquals(percent, code.percent());
    }

    @Test
    void whatIsNoBandIsNoneAndWhatTheyCannotSayHasNone() {
        assertTrue(ColourCode.read("yellow, pink, red").isEmpty());
        assertTrue(ColourCode.of(List.of(Band.GOLD, Band.RED, Band.RED)).isEmpty());
        assertTrue(ColourCode.of(List.of(Band.RED, Band.RED)).isEmpty());
        assertTrue(ColourCode.bands(4712, 5).isEmpty());
        assertTrue(ColourCode.bands(4700, 3).isEmpty());
        assertEquals(5, ColourCode.percent("± 5 %").orElseThrow());
        assertEquals(0.5, ColourCode.percent("+/- 0,5 per cent").orElseThrow());
        assertTrue(ColourCode.percent("some").isEmpty());
    }

    @Property
    void everyValueOfTwoOrThreeFiguresHasBandsThatSayIt(
            @ForAll @IntRange(min = 10, max = 999) int figures, @ForAll @IntRange(min = -2, max = 6) int power) {
        double ohms = BigDecimal.valueOf(figures).scaleByPowerOfTen(power).doubleValue();
        List<Band> bands = ColourCode.bands(ohms, 1).orElseThrow();
        assertEquals(figures % 10 == 0 || figures < 100 ? 4 : 5, bands.size());
        String typed = bands.stream().map(Band::word).collect(Collectors.joining(" "));
        ColourCode read = ColourCode.of(ColourCode.read(typed).orElseThrow()).orElseThrow();
        assertEquals(ohms, read.ohms().doubleValue(), 1e-12 * ohms);
        assertEquals(1, read.percent());
    }
}
