package didaxis.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.words.KeyPhrase.Found;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GlossaryTest {
    /** Term, marks that a careful hand gives, and what was written; all written down before the first was read by it. */
    private static List<String[]> definitions() throws IOException {
        try (InputStream text = GlossaryTest.class.getResourceAsStream("/definitions.txt")) {
            return new String(text.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(line -> line.split(" # "))
                    .toList();
        }
    }

    private static long marks(String term, String answer) {
        return Glossary.of(term).orElseThrow().phrases().stream()
                .filter(phrase -> phrase.in(answer) == Found.SAID)
                .count();
    }

    @TestFactory
    Stream<DynamicTest> whatLearnersWriteEarnsWhatItSays() throws IOException {
        return definitions().stream()
                .map(row -> DynamicTest.dynamicTest(
                        row[0] + ": " + row[2], () -> assertEquals(Long.parseLong(row[1]), marks(row[0], row[2]))));
    }

    /** Each entry's own definition earns all of it, whatever its case and with a letter wrong in each long word. */
    @Test
    void theModelDefinitionsEarnAll() {
        for (Glossary entry : Glossary.values()) {
            assertEquals(entry.phrases().size(), marks(entry.term(), entry.definition()), entry.term());
            assertEquals(
                    entry.phrases().size(),
                    marks(entry.term(), entry.definition().toUpperCase(Locale.ROOT)),
                    entry.term());
            String slips = entry.definition().replaceAll("(?<=\\b[a-z]{4})[a-z](?=[a-z]{2})", "");
            assertEquals(entry.phrases().size(), marks(entry.term(), slips), slips);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '#', textBlock = """
            energy per charge # it is charge per energy # CONTRADICTED
            energy per charge # energy per charge and not charge per energy # SAID
            energy per charge # charge per energy, or energy per charge # CONTRADICTED
            resistance increases # the total resistance gets larger # SAID
            resistance increases # the resistance rises # SAID
            resistance increases # the resistance falls # CONTRADICTED
            resistance increases # the resistance stays the same # CONTRADICTED
            resistance increases # the current rises # MISSING
            current through it # the voltage across it # MISSING
            current through it # the current across it # CONTRADICTED
            in parallel # they are in series # MISSING
            lamps in parallel # the lamps are in series # CONTRADICTED
            other lamps stay lit # the other lamps do not stay lit # CONTRADICTED
            other lamps stay lit # the other lamp stays lit # SAID
            charge # change # MISSING
            charge # chrage # SAID
            """)
    void anOppositeCancelsAndASlipOfALetterDoesNot(String phrase, String answer, Found found) {
        assertEquals(found, KeyPhrase.of(phrase).in(answer));
    }

    /** Whatever is written is read, and capitals and blanks make no other wording of it. */
    @Property(tries = 300)
    void anythingIsReadAndItsWordingStandsForItself(@ForAll String any, @ForAll @AlphaChars String word) {
        Glossary.RESISTANCE.phrases().forEach(phrase -> phrase.in(any));
        assertEquals(
                Reader.normalised(word + " " + any),
                Reader.normalised("  " + word.toUpperCase(Locale.ROOT) + "\n" + any));
    }
}
