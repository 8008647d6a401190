package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static didaxis.core.question.Asking.judged;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.answer.Verdict;
import didaxis.core.answer.Verdict.Code;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.notation.Notation;
import didaxis.core.style.MarkingStyle;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Reductions to one resistance, in whatever order they are done. */
class ReducingTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.plain(10);
    }

    private static Question fold(Circuit circuit, boolean letters) {
        State state = drawn(circuit).orElseThrow();
        return asking(new Reducing("1", 0, letters, Reducing.usualMarks(state, letters)), state);
    }

    @Property(tries = 300)
    void anyOrderThatMayBeEarnsAllAndAnErrorThatIsCarriedOnCostsItself(
            @ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Assume.that(circuit.parts().size() > 2);
        Question values = fold(circuit, false);
        String right = String.join("; ", LearnersReduction.lines(circuit, new Random(seed), 1));
        Verdict whole = judged(values, right);
        assertEquals(Code.RIGHT, whole.code(), () -> Notation.print(circuit) + ": " + right);
        Verdict slipped = judged(values, String.join("\n", LearnersReduction.lines(circuit, new Random(seed), 1.7)));
        int marks = values.total();
        assertEquals(Code.PARTLY, slipped.code());
        assertEquals(marks - 1, slipped.points(), () -> Notation.print(circuit) + ": " + right);
        Question letters = fold(circuit, true);
        String bare = LearnersReduction.lines(circuit, new Random(seed), 1).stream()
                .map(line -> line.replaceAll(" = [0-9.E-]+$", ""))
                .collect(Collectors.joining("; "));
        assertEquals(Code.RIGHT, judged(letters, bare).code(), () -> Notation.print(circuit) + ": " + bare);
        assertEquals(
                Code.RIGHT,
                judged(values, values.model(values.boxes().get(0), MarkingStyle.STANDARD))
                        .code());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '#', textBlock = """
            R2 + R3 = 12; R23 || R4 = 3 Ω; R1 + R234 = 8 # 6 # RIGHT
            R2 and R3 in series = 12; R23 ∥ R4 = 3; R1 in series with R234 = 8 # 6 # RIGHT
            Ra = R2 + R3 → 12; Rb = Ra // R4 = 12·4/16 = 3 Ω; Rt = R1 + Rb = 8 Ω # 6 # RIGHT
            R1 + ((R2 + R3) || R4) = 8 # 6 # RIGHT
            R2 + R3 = 12; R23 || R4 = 4; R1 + R234 = 9 # 5 # PARTLY
            R2 + R3 = 12; R23 || R4 = 3 # 4 # PARTLY
            R2 + R3; R23 || R4; R1 + R234 # 3 # PARTLY
            R1 + R2 = 8; R3 || R4 = 3 # 0 # WRONG
            R2 || R3 = 3 # 0 # WRONG
            8 Ω # 0 # UNREADABLE
            """)
    void stagesAreReadAsTheyAreWritten(String typed, int points, Code code) {
        Question question = fold(Notation.circuit("16 V : R1=5 + ((R2=3 + R3=9) || R4=4)"), false);
        assertEquals(6, question.total());
        Verdict found = judged(question, typed);
        assertEquals(code, found.code());
        assertEquals(points, found.points());
        assertEquals(
                "R2 + R3 = 12.0 Ω; R23 || R4 = 3.00 Ω; R1 + R234 = 8.00 Ω",
                found.model().replace('\u2009', ' '));
    }

    @Test
    void inLettersAnExpressionIsAReductionAndABranchOfWireIsOneOfNoResistance() {
        Question letters = fold(Notation.circuit("16 V : R1=5 + ((R2=3 + R3=9) || R4=4)"), true);
        assertEquals(Code.RIGHT, judged(letters, "(R4 ∥ (R3 + R2)) + R1").code());
        assertEquals(Code.WRONG, judged(letters, "R1 + R2 || R3 || R4").code());
        Question wire = fold(Notation.circuit("9 V : R1=3 + (R2=6 || W1)"), false);
        assertEquals(Code.RIGHT, judged(wire, "R2 || W1 = 0; R1 + R2W1 = 3").code());
        Question battery = fold(Notation.circuit("9 V r=1 : R1=3 + (R2=6 || R3=3)"), false);
        assertEquals(
                Code.RIGHT,
                judged(battery, "R2 || R3 = 2; R1 + R23 = 5; R123 + r = 6").code());
        Question open = fold(Notation.circuit("9 V : R1=3 + (R2=6 || (R3=6 + S1=open))"), false);
        assertEquals(Code.RIGHT, judged(open, "R1 + R2 = 9").code());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '#', textBlock = """
            R1=1 + (R2=2 || (R3=3 + R4=4)) # series within parallel within series # RIGHT
            R1=1 + (R2=2 || (R3=3 + R4=4)) # a series in a parallel in a series # RIGHT
            R1=1 + (R2=2 || (R3=3 + R4=4)) # series containing parallel containing series # RIGHT
            (R1=1 + A1) || (R2=2 + (R3=3 || R4=4)) # parallel within series within parallel # RIGHT
            R1=1 + (R2=2 || R3=3) # series within parallel # WRONG
            R1=1 + R2=2 # series # RIGHT
            """)
    void nestingIsNamedInnermostFirst(String network, String typed, Code code) {
        Question question = asking(
                new Nesting("1", 0, 1),
                drawn(Notation.circuit("9 V : " + network)).orElseThrow());
        assertTrue(question.flaws().isEmpty());
        assertEquals(code, judged(question, typed).code());
    }
}
