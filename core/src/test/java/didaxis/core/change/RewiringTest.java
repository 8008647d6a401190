package didaxis.core.change;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Terminals;
import didaxis.core.notation.Notation;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.solving.NodalAnalysis.Edge;
import didaxis.core.solving.OperatingPoint;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Circuits that are connected otherwise, against nodal analysis of the same parts with one edge more. */
class RewiringTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.plain(12);
    }

    private static Optional<Chart> chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
    }

    private static List<Edge> edges(Circuit circuit) {
        Outline outline = circuit.outline();
        Terminals terminals = Terminals.of(circuit);
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++)
            if (outline.node(i) instanceof Part part)
                edges.add(new Edge(terminals.from(i), terminals.to(i), part.resistance()));
        return edges;
    }

    /** Every part carries what nodal analysis finds with one edge more. */
    private static void assertCarriesThatOf(List<Edge> edges, Circuit before, Circuit after) {
        NodalAnalysis nodal =
                NodalAnalysis.of(before.source(), edges, Terminals.of(before).count());
        Chart chart = chart(after).orElseThrow();
        List<Part> parts = before.parts();
        for (int k = 0; k < parts.size(); k++)
            assertEquals(
                    Math.abs(nodal.current(k)),
                    chart.value(Cell.current(Subject.part(parts.get(k).label())))
                            .orElseThrow(),
                    1e-9 * nodal.totalCurrent(),
                    Notation.print(before) + " → " + Notation.print(after));
    }

    @Property(tries = 400)
    void joinedByAWireAllPartsCarryWhatTheyCarryWithAnEdgeOfNoResistance(
            @ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Random random = new Random(seed);
        List<String> places = new ArrayList<>(List.of("+", "-"));
        Terminals terminals = Terminals.of(circuit);
        List<Integer> numbers = new ArrayList<>(List.of(Terminals.POSITIVE, Terminals.NEGATIVE));
        for (int place = 0; place < terminals.count(); place++) {
            int number = place;
            terminals.junction(place).ifPresent(name -> {
                places.add(name);
                numbers.add(number);
            });
        }
        int one = random.nextInt(places.size());
        int other = random.nextInt(places.size());
        Assume.that(!numbers.get(one).equals(numbers.get(other)));
        Circuit after;
        try {
            after = new Rewiring.Wired(places.get(one), places.get(other)).on(circuit);
        } catch (IllegalArgumentException noLongerSeriesParallel) {
            Assume.that(false);
            return;
        }
        Assume.that(chart(after).isPresent());
        List<Edge> edges = edges(circuit);
        edges.add(new Edge(numbers.get(one), numbers.get(other), 0));
        assertCarriesThatOf(edges, circuit, after);
    }

    @Property(tries = 300)
    void onePartMoreIsOneEdgeMoreOrSoMuchMoreResistance(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Random random = new Random(seed);
        List<Part> resistors = circuit.parts().stream()
                .filter(part -> part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                .toList();
        Assume.that(!resistors.isEmpty());
        Part beside = resistors.get(random.nextInt(resistors.size()));
        Part more = Part.resistor("R999", 1 + random.nextInt(50));
        Optional<Subject> at = Optional.of(Subject.part(beside.label()));
        List<Edge> edges = edges(circuit);
        Edge its = edges.get(circuit.parts().indexOf(beside));
        edges.add(new Edge(its.from(), its.to(), more.resistance()));
        assertCarriesThatOf(edges, circuit, new Rewiring.Added(more, false, at).on(circuit));
        double sum = beside.resistance() + more.resistance();
        assertEquals(
                chart(circuit.with(beside.with(new Setting.Ohms(sum))))
                        .orElseThrow()
                        .point()
                        .totalCurrent(),
                chart(new Rewiring.Added(more, true, at).on(circuit))
                        .orElseThrow()
                        .point()
                        .totalCurrent(),
                1e-12 * circuit.source().emf());
        double whole = chart(circuit).orElseThrow().point().resistance(0);
        assertEquals(
                whole + more.resistance(),
                chart(new Rewiring.Added(more, true, Optional.empty()).on(circuit))
                        .orElseThrow()
                        .point()
                        .resistance(0),
                1e-9 * whole);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '#', textBlock = """
            12 V : V1[R1=4] + R2=6 # R1 # series   # 12 V : V1[R1=4] + R9=3 + R2=6
            12 V : V1[R1=4] + R2=6 # R1 # parallel # 12 V : V1[R1=4 || R9=3] + R2=6
            12 V : R1=4 + (R2=6 || R3=6) # R3 # series   # 12 V : R1=4 + (R2=6 || (R3=6 + R9=3))
            V1[12 V r=1] : R1=4 + R2=6      #    # parallel # V1[12 V r=1] : (R1=4 + R2=6) || R9=3
            """)
    void aMeterStillReadsWhatItReadWhereOnePartMoreIsPut(String before, String at, String how, String after) {
        Rewiring.Added added = new Rewiring.Added(
                Part.resistor("R9", 3),
                how.equals("series"),
                Optional.ofNullable(at).map(Subject::part));
        assertEquals(Notation.circuit(after), added.on(Notation.circuit(before)));
    }

    @Test
    void aWireMayMakeAPartUselessABridgeOneNodeAndTheWholeAShort() {
        Circuit bridge = Notation.circuit("12 V : (R1=4 + .P + R2=6) || (R3=4 + .Q + R4=12)");
        assertEquals(
                7.0 - 1,
                chart(new Rewiring.Wired("P", "Q").on(bridge))
                        .orElseThrow()
                        .point()
                        .resistance(0),
                1e-9,
                "4 beside 4, then 6 beside 12");
        Circuit row = Notation.circuit("12 V : R1=4 + .P + R2=6 + .Q + R3=2");
        Chart bypassed = chart(new Rewiring.Wired("P", "Q").on(row)).orElseThrow();
        assertEquals(0, bypassed.value(Cell.current(Subject.part("R2"))).orElseThrow());
        assertTrue(chart(new Rewiring.Wired("+", "-").on(row)).isEmpty());
        assertThrows(IllegalArgumentException.class, () -> new Rewiring.Wired("P", "P").on(row));
        assertThrows(IllegalArgumentException.class, () -> new Rewiring.Wired("P", "Z").on(row));
    }

    @Test
    void connectedOtherwisePartsKeepWhatTheyAreSetToAndNoOtherPartsCome() {
        Circuit lamps = Notation.circuit("12 V : L1=40 + L2=40{6 V, 3 W} + L3=40");
        Circuit beside = new Rewiring.Connected("L1 || L2 || L3").on(lamps);
        assertEquals(Notation.circuit("12 V : L1=40 || L2=40{6 V, 3 W} || L3=40"), beside);
        assertEquals(Set.copyOf(lamps.parts()), Set.copyOf(beside.parts()));
        assertThrows(IllegalArgumentException.class, () -> new Rewiring.Connected("L1 || L4").on(lamps));
        assertThrows(IllegalArgumentException.class, () -> new Rewiring.Connected("L1 ||").on(lamps));
    }
}
