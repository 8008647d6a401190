package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static didaxis.core.question.Asking.judged;
import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class RatingsTasksTest {
    /** V = √(P·R): 0.3 W at 1.2, 3 and 1.5 kΩ; common practice. */
    @Test
    void eachRatedResistorStandsItsOwnVoltage() {
        State state = drawn(Notation.circuit("12 V : R1=1.2k{0.3 W} + (R2=3k{0.3 W} || R3=1.5k{0.3 W})"))
                .orElseThrow();
        PartLimits task = new PartLimits("1", 0, Quantity.VOLTAGE, List.of("R1", "R2", "R3"), 1);
        Question question = asking(task, state);
        List<String> shown = task.boxes().stream()
                .map(box -> task.judge(box, "", question, didaxis.core.style.MarkingStyle.STANDARD)
                        .model()
                        .replace('\u2009', ' '))
                .toList();
        assertEquals(List.of("19.0 V", "30.0 V", "21.2 V"), shown);
        PartLimits none = new PartLimits("1", 0, Quantity.CURRENT, List.of("R1"), 1);
        State unrated = drawn(Notation.circuit("12 V : R1=5")).orElseThrow();
        assertEquals(
                List.of(new TaskFlaw.NoRating("1", "R1")), asking(none, unrated).flaws());
    }

    /** At its limit a part has just the power it is rated for, asked by voltage as by current. */
    @Property(tries = 100)
    void atItsLimitAPartHasItsRatedPower(
            @ForAll @DoubleRange(min = 0.1, max = 100) double watts,
            @ForAll @DoubleRange(min = 1, max = 1e5) double ohms) {
        String circuit = "12 V : R1=%s{%s W}".formatted(plain(ohms), plain(watts));
        State state = drawn(Notation.circuit(circuit)).orElseThrow();
        PartLimits volts = new PartLimits("1", 0, Quantity.VOLTAGE, List.of("R1"), 1);
        PartLimits amperes = new PartLimits("2", 0, Quantity.CURRENT, List.of("R1"), 1);
        double v = volts.limit("R1", asking(volts, state)).orElseThrow();
        double i = amperes.limit("R1", asking(amperes, state)).orElseThrow();
        assertEquals(watts, v * i, 1e-4 * watts, circuit);
        assertEquals(ohms, v / i, 1e-4 * ohms, circuit);
    }

    private static String plain(double value) {
        return new java.math.BigDecimal(value)
                .round(new java.math.MathContext(6))
                .toPlainString();
    }

    /** 4 A each on 16 A: four are just the rating, which opens nothing; the fifth does. */
    @Property(tries = 20)
    void aBreakerOpensAtTheFirstApplianceThatIsTooMuch(@ForAll @IntRange(min = 1, max = 7) int rating) {
        String appliances = "H1=3 || H2=3 || H3=3 || H4=3 || H5=3";
        State state = drawn(Notation.circuit("12 V : F1=%dA + (%s)".formatted(4 * rating, appliances)))
                .orElseThrow();
        Breaker task = new Breaker("1", 0, "F1", List.of("H1", "H2", "H3", "H4", "H5"), false, 2);
        String expected = rating < 5 ? "H" + (rating + 1) : "none";
        assertEquals(expected, judged(asking(task, state), "").model());
        assertEquals(2, judged(asking(task, state), expected).points());
        assertEquals(0, judged(asking(task, state), "H1, H2").points());
    }
}
