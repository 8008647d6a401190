package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static didaxis.core.question.Asking.judged;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.answer.Verdict.Code;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Setting;
import didaxis.core.notation.Notation;
import didaxis.core.notation.Wiring;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.Pattern;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Circuits that learners draw: connected to have a resistance, or again as they were. */
class ConnectingTest {
    private record Made(String text, double ohms) {}

    /** Every way to put some texts together two at a time, each with its resistance; written anew here, by strings. */
    private static List<Made> all(List<Made> left) {
        if (left.size() == 1) return left;
        List<Made> all = new ArrayList<>();
        for (int i = 0; i < left.size(); i++)
            for (int j = i + 1; j < left.size(); j++) {
                List<Made> rest = new ArrayList<>(left);
                Made other = rest.remove(j);
                Made one = rest.remove(i);
                for (boolean series : new boolean[] {true, false}) {
                    List<Made> next = new ArrayList<>(rest);
                    next.add(new Made(
                            "(" + one.text + (series ? " + " : " || ") + other.text + ")",
                            series ? one.ohms + other.ohms : 1 / (1 / one.ohms + 1 / other.ohms)));
                    all.addAll(all(next));
                }
            }
        return all;
    }

    @ParameterizedTest
    @CsvSource({"12, 6, 3, 0", "10, 10, 10, 0", "10, 20, 30, 40", "5, 5, 8, 2"})
    void everyArrangementThatHasTheResistanceIsRightAndNoOther(double a, double b, double c, double d) {
        List<Made> parts = new ArrayList<>();
        for (double ohms : new double[] {a, b, c, d}) if (ohms > 0) parts.add(new Made("R" + (parts.size() + 1), ohms));
        List<String> names = parts.stream().map(Made::text).toList();
        String network = String.join(
                " + ", parts.stream().map(part -> part.text + "=" + part.ohms).toList());
        State state = drawn(Notation.circuit("9 V : " + network)).orElseThrow();
        List<Made> made = all(parts);
        for (double wanted : made.stream().map(Made::ohms).distinct().toList()) {
            Question question = asking(new Connecting("1", 0, names, wanted, 2), state);
            assertEquals(List.of(), question.flaws());
            assertEquals(
                    Code.RIGHT,
                    judged(question, question.model(question.boxes().get(0), MarkingStyle.STANDARD))
                            .code());
            for (Made one : made)
                assertEquals(
                        MarkingStyle.STANDARD.tolerance().matches(wanted, one.ohms) ? Code.RIGHT : Code.WRONG,
                        judged(question, one.text).code(),
                        () -> one.text + " for " + wanted);
        }
    }

    @Test
    void allPartsAreUsedOnceAndWhatCannotBeMadeIsRefusedWithTheNearest() {
        State state = drawn(Notation.circuit("9 V : R1=12 + R2=6 + R3=3")).orElseThrow();
        Question question = asking(new Connecting("1", 0, List.of("R1", "R2", "R3"), 14, 2), state);
        assertEquals(
                Code.RIGHT,
                judged(question, "r1 in series with (r2 parallel to r3)").code());
        assertEquals(Code.RIGHT, judged(question, "(R3=3 // R2=6) + R1=12 Ω").code());
        assertEquals(Code.UNREADABLE, judged(question, "R1 + R2 + R3 + R3").code());
        assertEquals(Code.WRONG, judged(question, "R1 + R3").code());
        assertEquals(Code.UNREADABLE, judged(question, "R1 + R9").code());
        Question none = asking(new Connecting("1", 0, List.of("R1", "R2", "R3"), 10, 2), state);
        TaskFlaw.NoArrangement flaw = (TaskFlaw.NoArrangement) none.flaws().get(0);
        assertEquals(8.4, flaw.nearest(), 1e-9);
    }

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.plain(9);
    }

    private static Network shuffled(Network node, Random random) {
        if (node instanceof Part) return node;
        boolean series = node instanceof Series;
        List<Network> members = new ArrayList<>();
        for (Network member : series ? ((Series) node).members() : ((Parallel) node).members())
            members.add(shuffled(member, random));
        Collections.shuffle(members, random);
        return series ? Series.of(members) : Parallel.of(members);
    }

    /** With each part at the resistance that belongs to its label. */
    private static double resistance(Circuit circuit, Map<String, Double> ohms) {
        Circuit now = circuit;
        for (Part part : circuit.parts()) now = now.with(part.with(new Setting.Ohms(ohms.get(part.label()))));
        return OperatingPoint.of(now).match(point -> point.resistance(0), shorted -> 0.0);
    }

    /** Two networks are connected alike if they have the same resistance whatever their parts have. */
    @Property(tries = 150)
    void aDrawingIsComparedByItsConnections(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Assume.that(circuit.parts().size() > 2);
        Random random = new Random(seed);
        Question question = asking(new Redrawing("1", 0, 3), drawn(circuit).orElseThrow());
        Circuit again = Circuit.of(circuit.source(), shuffled(circuit.network(), random));
        assertEquals(Code.RIGHT, judged(question, Wiring.print(again)).code(), () -> Wiring.print(again));
        Map<String, String> others = new HashMap<>();
        Map<String, Double> ohms = new HashMap<>();
        List<String> labels = circuit.parts().stream().map(Part::label).toList();
        for (String label : labels) ohms.put(label, 1 + 9 * random.nextDouble());
        int one = random.nextInt(labels.size());
        int other = random.nextInt(labels.size());
        for (String label : labels) others.put(label, label);
        others.put(labels.get(one), labels.get(other));
        others.put(labels.get(other), labels.get(one));
        String text =
                Pattern.compile("R[0-9]+").matcher(Wiring.print(again)).replaceAll(found -> others.get(found.group()));
        Circuit exchanged = Wiring.read(text, circuit.source(), circuit.parts()).orElseThrow();
        double same = resistance(circuit, ohms);
        boolean alike = Math.abs(resistance(exchanged, ohms) - same) < 1e-9 * same;
        assertEquals(
                alike ? Code.RIGHT : Code.WRONG,
                judged(question, text).code(),
                () -> Wiring.print(circuit) + " as " + text);
    }

    @Test
    void aMeterMayBeDrawnAtAnyBranchAndOrderInSeriesIsFreeBetweenPoints() {
        Question meter = asking(
                new Redrawing("1", 0, 3),
                drawn(Notation.circuit("9 V : A1 + R1=3 + V1[R2=6 || R3=6]")).orElseThrow());
        assertEquals(Code.RIGHT, judged(meter, "R1 + A1 + (V1[R3] || R2)").code());
        assertEquals(Code.WRONG, judged(meter, "V1[R1] + A1 + (R3 || R2)").code());
        assertEquals(Code.WRONG, judged(meter, "R1 + ((A1 + R2) || V1[R3])").code());
        Question points = asking(
                new Redrawing("1", 0, 3),
                drawn(Notation.circuit("9 V : R1=3 + R2=4 + .B + R3=6")).orElseThrow());
        assertEquals(Code.RIGHT, judged(points, "R2 + R1 + .B + R3").code());
        assertEquals(Code.WRONG, judged(points, "R1 + R3 + .B + R2").code());
        assertEquals(Code.RIGHT, judged(points, "R3 + R1 + R2").code(), "without points");
        assertFalse(points.boxes().isEmpty());
        assertTrue(points.flaws().isEmpty());
    }
}
