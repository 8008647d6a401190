package didaxis.core.wording;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Setting;
import didaxis.core.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(16);
    }

    /** Who hears the words can draw the circuit: they are read back to the same network. */
    @Property(tries = 500)
    void theWordsSayTheWholeCircuit(@ForAll("circuits") Circuit circuit) {
        String words = Words.describe(circuit);
        assertEquals(circuit.network(), new Listener(words, circuit).whole(), words);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "16 V : R1=5 + (R2=12 || R3=4) ; R1 in series with R2 and R3 in parallel",
                "9 V : L1=6 || (S1=open + L2=6) ; L1 and (S1 (open) and L2 in series) in parallel",
                "9 V : V1[R1=3 + R2=6] + .B + R3=9 ;"
                        + " (R1 and R2 in series) with voltmeter V1 across, point B and R3 in series"
            })
    void aCircuitIsSaidAsATeacherWould(String notation, String words) {
        assertEquals(words, Words.describe(Notation.circuit(notation)));
    }

    @Test
    void aCircuitIsReadAloudAsANestedListWithSourceGroupsAndJunctions() {
        assertEquals(
                List.of(
                        "source with emf E and internal resistance r, voltmeter V2 across its terminals",
                        "the network: R1, R2345 and point B, in series",
                        "  R1",
                        "  R2345: R23 and R45, in parallel, between a and b",
                        "    R23: R2, S1 and R3, in series",
                        "      R2",
                        "      S1 (open)",
                        "      R3",
                        "    voltmeter V1 across",
                        "      R45: R4 and R5, in series",
                        "        R4",
                        "        R5",
                        "  point B"),
                WordList.of(Notation.circuit("V2[9 V r=1] : R1=1 + ((R2=2 + S1=open + R3=3) || V1[R4=4 + R5=5]) + .B"))
                        .stream()
                        .map(line -> "  ".repeat(line.depth()) + line.text())
                        .toList());
    }

    /** Who hears the list can tell how deep each part lies and that none is left out. */
    @Property(tries = 300)
    void theListNamesEveryPartMeterAndPointOnce(@ForAll("circuits") Circuit circuit) {
        List<WordList.Line> lines = WordList.of(circuit);
        for (Part part : circuit.parts()) {
            long lone = lines.stream()
                    .filter(line -> line.text().split(" ")[0].equals(part.label()))
                    .count();
            assertEquals(1, lone, lines::toString);
        }
        assertEquals(circuit.outline().size() + 1, lines.size());
        assertTrue(lines.stream().noneMatch(line -> line.text().matches(".*[(\\[](?!open|taken out|shorted).*")));
    }

    /** Draws what it is told. */
    private static final class Listener {
        private static final Pattern WORD = Pattern.compile("\\((?:open|taken out|shorted)\\)|in series with|in series"
                + "|in parallel|with voltmeter V[0-9]* across|point [A-Z]|and|[(),]|[A-Z]+[0-9]*");

        private final List<String> words = new ArrayList<>();
        private final Map<String, Part> parts;

        Listener(String text, Circuit circuit) {
            Matcher word = WORD.matcher(text);
            while (word.find()) words.add(word.group());
            parts = circuit.parts().stream().collect(Collectors.toMap(Part::label, Function.identity()));
        }

        Network whole() {
            List<Network> members = members();
            if (words.isEmpty()) return members.get(0);
            String join = words.remove(0);
            if (join.equals("in series with")) {
                members.add(Parallel.of(members()));
                assertEquals("in parallel", words.remove(0));
            }
            assertEquals(List.of(), words);
            return join.equals("in parallel") ? Parallel.of(members) : Series.of(members);
        }

        private List<Network> members() {
            List<Network> members = new ArrayList<>(List.of(member()));
            while (!words.isEmpty() && words.get(0).matches(",|and")) {
                words.remove(0);
                members.add(member());
            }
            return members;
        }

        private Network member() {
            Network member = unmetered(words.remove(0));
            while (!words.isEmpty() && words.get(0).startsWith("with voltmeter"))
                member = new Metered(words.remove(0).split(" ")[2], member);
            return member;
        }

        private Network unmetered(String word) {
            if (word.equals("(")) {
                List<Network> members = members();
                boolean series = words.remove(0).equals("in series");
                assertEquals(")", words.remove(0));
                return series ? Series.of(members) : Parallel.of(members);
            }
            if (word.startsWith("point ")) return new Point(word.charAt("point ".length()));
            Part part = parts.get(word);
            String state = !words.isEmpty() && words.get(0).matches("\\(.+\\)") ? words.remove(0) : "";
            Map<Setting, String> states = Map.of(
                    Setting.Position.OPEN,
                    "(open)",
                    Setting.Fault.OUT,
                    "(taken out)",
                    Setting.Fault.SHORT,
                    "(shorted)");
            assertEquals(states.getOrDefault(part.setting(), ""), state, word);
            return part;
        }
    }
}
