package didaxis.core.compose;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.notation.Notation;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class ComposerTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(12);
    }

    @Property(tries = 60)
    void twoHundredEditsAreLegalAndUndoneGiveTheStart(@ForAll("circuits") Circuit start, @ForAll long seed) {
        Random random = new Random(seed);
        Deque<Circuit> done = new ArrayDeque<>();
        Deque<Circuit> undone = new ArrayDeque<>();
        Circuit now = start;
        for (int k = 0; k < 200; k++) {
            if (random.nextInt(5) == 0 && !done.isEmpty()) {
                undone.push(now);
                now = done.pop();
            } else if (random.nextInt(8) == 0 && !undone.isEmpty()) {
                done.push(now);
                now = undone.pop();
            } else {
                Circuit before = now;
                now = edit(before, random).match(Outcome.Composed::circuit, emptied -> before, refused -> before);
                if (now != before) {
                    done.push(before);
                    undone.clear();
                }
            }
            String text = Notation.print(now);
            assertEquals(now, Notation.circuit(text), text);
        }
        while (!done.isEmpty()) now = done.pop();
        assertEquals(start, now);
    }

    private static Outcome edit(Circuit circuit, Random random) {
        Composer composer = Composer.of(circuit);
        List<String> names = names(circuit);
        String name = names.get(random.nextInt(names.size()));
        Place place = Place.values()[random.nextInt(Place.values().length)];
        PartKind kind = PartKind.TYPED.get(random.nextInt(PartKind.TYPED.size()));
        return switch (random.nextInt(9)) {
            case 0, 1 -> composer.put(kind, place, name);
            case 2 -> composer.putVoltmeter(name);
            case 3 -> composer.putPoint(place, name);
            case 4 ->
                composer.set(
                        name,
                        List.of("4k7", "open", "R2=33", "9 V r=0.5", "6{6 V, 3 W}", "nonsense", "Q", "V7")
                                .get(random.nextInt(8)));
            case 5 -> composer.replace(name, kind);
            case 6 -> composer.toggle(name);
            default -> composer.remove(name);
        };
    }

    private static List<String> names(Circuit circuit) {
        List<String> names = new ArrayList<>(circuit.source().voltmeters());
        names.add(Composer.SOURCE);
        for (int i = 0; i < circuit.outline().size(); i++) {
            Network node = circuit.outline().node(i);
            if (node instanceof Part part) names.add(part.label());
            if (node instanceof Metered metered) names.add(metered.voltmeter());
            if (node instanceof Point point) names.add("." + point.name());
        }
        return names;
    }

    @Test
    void partsArePutWhereTheyAreMeant() {
        String start = "9 V : R1=5 + V1[R2=12] + (R3=4 || L1=6)";
        assertEquals("9 V : R1=5 + V1[R2=12] + R4=10 + (R3=4 || L1=6)", put(start, Place.AFTER, "R2"));
        assertEquals("9 V : R1=5 + V1[R2=12 || R4=10] + (R3=4 || L1=6)", put(start, Place.BESIDE, "R2"));
        assertEquals("9 V : R1=5 + V1[R2=12] + ((R4=10 + R3=4) || L1=6)", put(start, Place.BEFORE, "R3"));
        assertEquals("9 V : (R1=5 + V1[R2=12] + (R3=4 || L1=6)) || R4=10", put(start, Place.BESIDE_GROUP, "L1"));
        assertEquals("9 V : R4=10 + R1=5 + V1[R2=12] + (R3=4 || L1=6)", put(start, Place.BEFORE, Composer.SOURCE));
    }

    private static String put(String start, Place place, String name) {
        return composed(Composer.of(Notation.circuit(start)).put(PartKind.RESISTOR, place, name));
    }

    @Test
    void whatIsTakenAwayLeavesNoEmptyBranch() {
        assertEquals("9 V : R1=5 + R3=4", composed(removing("9 V : R1=5 + ((.A + V1[R2=12]) || R3=4)", "R2")));
        assertEquals("9 V : R1=5 + R2=1", composed(removing("9 V : V1[R1=5 + R2=1]", "V1")));
        assertEquals("9 V : R1=5", composed(removing("V2[9 V] : R1=5", "V2")));
        assertTrue(removing("9 V : R1=5 + .B", "R1") instanceof Outcome.Emptied);
    }

    private static Outcome removing(String start, String name) {
        return Composer.of(Notation.circuit(start)).remove(name);
    }

    @Test
    void whatCannotBeDoneIsSaid() {
        Composer composer = Composer.of(Notation.circuit("9 V : R1=5 + R2=4 + A1"));
        assertEquals("The name R2 is taken; every name must differ.", refused(composer.set("R1", "R2=3")));
        assertEquals("“R1” is no switch of this circuit.", refused(composer.toggle("R1")));
        assertEquals("This circuit has no “R9” to do that with.", refused(composer.remove("R9")));
        assertTrue(refused(composer.set("R1", "−3")).startsWith("Expected "));
        assertTrue(refused(composer.set("A1", "3")).startsWith("Expected "));
        assertEquals("6 V r=0.5 : R1=5 + R2=4 + A1", composed(composer.set(Composer.SOURCE, "6 V r=0.5")));
        Composer named = Composer.of(Notation.circuit("V1[9 V] : .A + V2[R1=5] + .C"));
        assertEquals("V1[9 V] : .B + V2[R1=5] + .C", composed(named.set(".A", "B")));
        assertEquals("V1[9 V] : .A + V3[R1=5] + .C", composed(named.set("V2", "V3")));
        assertEquals("V4[9 V] : .A + V2[R1=5] + .C", composed(named.set("V1", "V4")));
        assertEquals("The name .C is taken; every name must differ.", refused(named.set(".A", ".C")));
        assertEquals("The name V1 is taken; every name must differ.", refused(named.set("V2", "V1")));
        assertEquals("A point is named by one capital letter, such as B.", refused(named.set(".A", "b1")));
        for (String meter : List.of("V1", "V2")) {
            for (String wrong : List.of("R3", ".B"))
                assertEquals("A voltmeter is named V and a number, such as V2.", refused(named.set(meter, wrong)));
        }
        assertEquals("A point is named by one capital letter, such as B.", refused(named.set(".A", "V3")));
    }

    private static String composed(Outcome outcome) {
        return outcome.match(one -> Notation.print(one.circuit()), emptied -> "emptied", Outcome.Refused::sentence);
    }

    private static String refused(Outcome outcome) {
        return outcome.match(one -> "not refused: " + one.circuit(), emptied -> "emptied", Outcome.Refused::sentence);
    }
}
