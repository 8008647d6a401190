package didaxis.core.line;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Circuit;
import didaxis.core.notation.Notation;
import didaxis.core.style.HouseStyle;
import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Chars;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class LineReaderTest {
    private static final Circuit CIRCUIT = Notation.circuit("12 V r=0.5 : R1=4 + (R2=12 || R3=4) + L4=4.5");
    private static final LineReader READER = new LineReader(CIRCUIT, HouseStyle.RIDGE);

    /** What a line was read as, the cells its names are, and where reading stopped. */
    static String told(String typed, LineReader reader) {
        Line line = reader.read(typed);
        String names = line.chains().stream()
                .flatMap(chain -> chain.sides().stream())
                .flatMap(Term::names)
                .map(name -> name.cell()
                        .map(cell -> cell.subject().id() + "." + cell.quantity().symbol())
                        .orElse("-"))
                .collect(Collectors.joining(" "));
        String stop = line.unread().map(unread -> "stops at " + unread.at()).orElse("");
        return String.join("\t", typed, LineText.print(line), names, stop);
    }

    /** Lines as people write them, each with its reading by hand; common practice. */
    @ParameterizedTest
    @CsvFileSource(resources = "/lines/read.tsv", delimiter = '\t', quoteCharacter = '\u0007', emptyValue = "")
    void aLineIsReadAsItIsMeant(String typed, String read, String names, String stop) {
        List<String> parts = List.of(typed, orEmpty(read), orEmpty(names), orEmpty(stop));
        assertEquals(String.join("\t", parts), told(typed, READER));
    }

    /** Words and numbers are looked up once for all lines: who has read others reads one as somebody who reads nothing else. */
    @Property(tries = 300)
    void whatWasReadBeforeChangesNoReading(@ForAll("lines") List<String> lines) {
        for (String typed : lines) {
            LineReader anew = new LineReader(CIRCUIT, HouseStyle.RIDGE);
            assertEquals(anew.readings(typed).toList(), READER.readings(typed).toList());
            assertEquals(anew.likeliest(typed), READER.likeliest(typed));
        }
    }

    /** Pieces of lines in any order, more sensible than letters alone. */
    @Provide
    Arbitrary<List<String>> lines() {
        Arbitrary<String> joined = Arbitraries.of(
                        "I2R",
                        "IR1",
                        "V2/R",
                        "Rt",
                        "R23",
                        "Vt",
                        "It",
                        "P1",
                        "4",
                        "4",
                        "0.5",
                        "3 Ω",
                        "4k7",
                        "12 V",
                        "2A",
                        "½",
                        " = ",
                        " + ",
                        " × ",
                        "/",
                        "(",
                        ")",
                        "²",
                        " is ",
                        "voltage",
                        "R2 and R3")
                .list()
                .ofMinSize(1)
                .ofMaxSize(9)
                .map(pieces -> String.join("", pieces));
        // Of these the plainest reading is all read, and false.
        Arbitrary<String> doubtful = Arbitraries.of("12/4 + 2 = 2", "1/2 × 3 = 1/6", "12/4 + 2 = 5", "(4)2 = 16");
        return Arbitraries.oneOf(joined, doubtful).list().ofMaxSize(4);
    }

    /** The reading that is shown is found before all are made, and is the one that would be chosen from all. */
    @Property(tries = 300)
    void theLikeliestIsTheFirstOfTheBest(@ForAll("lines") List<String> lines) {
        for (String typed : lines)
            assertEquals(READER.readings(typed).min(LineReader.LIKELIER).orElseThrow(), READER.likeliest(typed), typed);
    }

    private static String orEmpty(String column) {
        return column == null ? "" : column;
    }

    /** Whatever is typed, nothing is thrown, and what is said to be unread stands in the text. */
    @Property(tries = 2000)
    void anyTextIsReadOrTheStopIsTold(
            @ForAll
                    @StringLength(max = 60)
                    @Chars({
                        'R', 'V', 'I', 'P', 'r', 't', 'p', '1', '2', '3', '0', '.', ',', '=', '+', '-', '/', '*', '×',
                                '÷',
                        '^', '²', '⁻', '√', '(', ')', '[', '|', ' ', 'k', 'Ω', 'm', 'A', 'x', 'e', ':', ';', '→', '%',
                                '_',
                        '{', '}', '½', '₂', 'o', 'f', 's', '?', '\n'
                    })
                    String text) {
        for (Line line : READER.readings(text).toList()) {
            assertEquals(text, line.typed());
            line.unread()
                    .ifPresent(unread -> assertTrue(
                            text.length() >= unread.at() + unread.found().length(), text));
            for (Line.Chain chain : line.chains()) assertTrue(!chain.sides().isEmpty(), text);
        }
    }
}
