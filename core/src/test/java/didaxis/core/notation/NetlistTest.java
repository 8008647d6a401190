package didaxis.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.BridgeChart;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NetlistTest {
    @Provide
    Arbitrary<Circuit> plain() {
        return RandomCircuits.plain(20);
    }

    @Provide
    Arbitrary<Circuit> any() {
        return RandomCircuits.any(16);
    }

    private static Circuit read(String text) {
        return Netlist.read(text)
                .match(Netlist.Result.Read::circuit, bridge -> fail(bridge, text), refused -> fail(refused, text));
    }

    private static Circuit fail(Object result, String text) {
        throw new AssertionError(result + " of\n" + text);
    }

    @Property(tries = 200)
    void whatIsWrittenReadsBackUpToTheOrderInParallel(@ForAll("plain") Circuit circuit) {
        Circuit back = read(Netlist.write(circuit));
        assertEquals(
                Circuit.of(circuit.source(), sorted(circuit.network())),
                Circuit.of(back.source(), sorted(back.network())));
    }

    private static Network sorted(Network network) {
        if (network instanceof Metered metered) return new Metered(metered.voltmeter(), sorted(metered.stretch()));
        if (network instanceof Series series)
            return Series.of(series.members().stream().map(NetlistTest::sorted).toList());
        if (!(network instanceof Parallel parallel)) return network;
        List<Network> members = new ArrayList<>(
                parallel.members().stream().map(NetlistTest::sorted).toList());
        members.sort(Comparator.comparing(Object::toString));
        return Parallel.of(members);
    }

    /** With meters, switches and points, whose place on one wire is free: every value is what it was. */
    @Property(tries = 200)
    void everyValueAndReadingIsKept(@ForAll("any") Circuit circuit) {
        Circuit back = read(Netlist.write(circuit));
        OperatingPoint.of(circuit)
                .match(
                        point -> {
                            Chart before = Chart.of(point);
                            Chart after = OperatingPoint.of(back).match(Chart::of, shorted -> null);
                            for (Part part : circuit.parts()) same(before, after, Subject.part(part.label()));
                            for (Subject reading : before.subjects().readings()) {
                                if (after.subjects().readings().contains(reading)) same(before, after, reading);
                                // Two points on one wire are one node, which has one name.
                                else assertEquals(Subject.Kind.POINT, reading.kind());
                            }
                            return true;
                        },
                        shorted -> OperatingPoint.of(back).match(point -> fail(back, "shorted"), same -> same));
    }

    private static void same(Chart before, Chart after, Subject subject) {
        for (Quantity quantity : Quantity.values()) {
            // A node does not tell on which of its wires a point lies.
            if (subject.kind() == Subject.Kind.POINT && quantity == Quantity.CURRENT) continue;
            double expected = before.limit(Cell.of(subject, quantity));
            double found = after.limit(Cell.of(subject, quantity));
            double slack = !Double.isFinite(expected) ? 1e-12 : 1e-9 * Math.abs(expected) + 1e-12;
            assertEquals(
                    expected,
                    found,
                    slack,
                    Notation.print(before.circuit()) + " " + Notation.print(after.circuit()) + " " + subject
                            + quantity);
        }
    }

    /** As simulators name it: a V with a value is the source, and needs no unit; without one it is a voltmeter. */
    @Test
    void theSourceMayBeCalledV() {
        Circuit read = ((Netlist.Result.Read) Netlist.read("V1 1 0 12\nR1 1 2 4\nR2 2 0 8\nV2 2 0")).circuit();
        assertEquals("12 V : R1=4 + V2[R2=8]", Notation.print(read));
    }

    @Test
    void aBridgeIsNamedAndSolved() {
        // A balanced bridge of 10 Ω arms carries nothing in its middle (common practice); unbalanced ones do.
        Netlist.Result.Bridge bridge = (Netlist.Result.Bridge)
                Netlist.read("E1 p 0 10 V\nR1 p a 10\nR2 p b 10\nR3 a 0 10\nR4 b 0 10\nR5 a b 7");
        assertEquals(List.of("a", "b"), bridge.circuit().bridgeNodes());
        List<BridgeChart.Row> rows =
                BridgeChart.of(bridge.circuit()).orElseThrow().rows();
        assertEquals(0, rows.get(4).current(), 1e-12);
        assertEquals(0.5, rows.get(0).current(), 1e-12);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "R1 1 0 5; 0; The list has no source",
                "E1 1 0 9 V|R1 1 2 5|R2 1 0 4; 2; Line 2: R1 dangles: nothing else is on node 2.",
                "E1 1 0 9 V|R1 1 0 5|R2 3 4 1|R3 3 4 2; 3; Line 3: R2 between 3 and 4 is not connected to the source",
                "E1 1 0 9 V|E2 2 0 6 V|R1 1 2 5; 2; Line 2: E2 is a second source",
                "E1 1 0 9 V|Q1 1 0 5; 2; Line 2: Q is no kind of part",
                "E1 1 0 9 V|R1 1 0 five; 2; Line 2: expected",
                "E1 1 0 9 V|R1 1 0 5|R1 1 0 6; 3; Line 3: R1 stands twice.",
                "E1 1 0 9 V|R1 1 1 5; 2; Line 2: R1 has both ends on node 1.",
                "E1 1 0 9 V|R1 1; 2; Line 2: R1 needs two nodes",
                "E1 1 0 9 V|R1 1 0 5|R2 1 2 3|R3 2 1 4; 3; Line 3: R2, R3 hang on node 1 only",
                "E1 1 0 9 V|R1 1 2 5|R2 2 0 4|R3 2 3 1|R4 3 4 1|R5 4 2 1|R6 3 4 2; 4; Line 4: R3, R4, R5, R6 hang on node 2",
                "E1 1 0 9 V|R1 1 2 5|R2 2 0 4|V1 3 0; 4; Line 4: no stretch of the circuit lies between 3 and 0 for V1",
                "E1 p 0 9 V|R1 p a 1|R2 p b 2|R3 a 0 3|R4 b 0 4|R5 a b 5|V1 a x; 7; Line 7: V1 is on a node that no part",
                "E1 1 0|R1 1 0 5; 1; Line 1: the source needs its emf",
                "'|* only a remark'; 0; The list has no source"
            })
    void whatCannotBeReadNamesItsLine(String text, int line, String sentence) {
        Netlist.Result result = Netlist.read(text.replace("|", "\n"));
        Netlist.Result.Refused refused = (Netlist.Result.Refused) result;
        assertEquals(line, refused.line(), refused.sentence());
        assertTrue(refused.sentence().startsWith(sentence), refused.sentence());
    }
}
