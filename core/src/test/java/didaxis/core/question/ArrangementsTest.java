package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static didaxis.core.question.Asking.judged;
import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.answer.Verdict.Code;
import didaxis.core.notation.Notation;
import didaxis.core.style.MarkingStyle;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ArrangementsTest {
    /** How many resistances three, four and five equal parts make, all used: 4, 9, 22 (OEIS A048211, from memory). */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            R1=300 + R2=300 + R3=300 | R1 R2 R3 | 100 Ω; 200 Ω; 450 Ω; 900 Ω
            R1=12 + R2=6 + R3=3 | R1 R2 R3 | 1.71 Ω; 2.57 Ω; 4.29 Ω; 5.14 Ω; 7 Ω; 8.4 Ω; 14 Ω; 21 Ω
            R1=1 + R2=1 + R3=1 + R4=1 | R1 R2 R3 R4 | 0.25 Ω; 0.4 Ω; 0.6 Ω; 0.75 Ω; 1 Ω; 1.33 Ω; 1.67 Ω; 2.5 Ω; 4 Ω
            """)
    void allResistancesThatPartsCanMakeAreAskedForAndOneTooManyCostsWhatOneTooFewDoes(
            String network, String parts, String values) {
        int count = values.split(";").length;
        Arrangements task = new Arrangements("1", 0, List.of(parts.split(" ")), count);
        Question question =
                asking(task, drawn(Notation.circuit("9 V : " + network)).orElseThrow());
        assertEquals(List.of(), question.flaws());
        assertEquals(
                count, task.values(question).size(), () -> task.values(question).toString());
        assertEquals(count, judged(question, values).points());
        assertEquals(count - 1, judged(question, values + "; 777 Ω").points());
        assertEquals(
                count, judged(question, values + "; " + values.split(";")[0]).points());
        assertEquals(
                count - 1,
                judged(question, values.substring(values.indexOf(';') + 1)).points());
        assertEquals(Code.UNREADABLE, judged(question, values + "; many").code());
    }

    @Test
    void fiveEqualPartsMakeTwentyTwoResistances() {
        Arrangements task = new Arrangements("1", 0, List.of("R1", "R2", "R3", "R4", "R5"), 4);
        State state = drawn(Notation.circuit("9 V : R1=1 + R2=1 + R3=1 + R4=1 + R5=1"))
                .orElseThrow();
        assertEquals(22, task.values(asking(task, state)).size());
    }

    /** Among many there are some that differ by less than the tolerance. */
    @Property(tries = 200)
    void theWholeListEarnsAllInAnyOrder(
            @ForAll @Size(4) List<@IntRange(min = 1, max = 1000) Integer> ohms, @ForAll long seed) {
        String network = IntStream.range(0, 4)
                .mapToObj(k -> "R" + (k + 1) + "=" + ohms.get(k))
                .collect(Collectors.joining(" + "));
        Arrangements task = new Arrangements("1", 0, List.of("R1", "R2", "R3", "R4"), 4);
        Question question =
                asking(task, drawn(Notation.circuit("9 V : " + network)).orElseThrow());
        List<String> list = task.values(question).stream()
                .map(one -> String.format(Locale.ROOT, "%.4f", one))
                .collect(Collectors.toList());
        Collections.shuffle(list, new Random(seed));
        assertEquals(4, judged(question, String.join("; ", list)).points(), () -> list.toString());
        // What is alike to three figures may be written once.
        List<String> printed = List.of(
                question.model(question.boxes().get(0), MarkingStyle.STANDARD).split("; "));
        String once = String.join("; ", new TreeSet<>(printed));
        assertEquals(4, judged(question, once).points(), once);
    }
}
