package didaxis.core.chart;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.solving.Outcome;
import java.util.List;
import java.util.OptionalDouble;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.MethodSource;

class ChartTest {
    static Chart chart(String notation) {
        return chart(Notation.circuit(notation));
    }

    static Chart chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(Chart::of, shorted -> {
            throw new AssertionError("no operating point: " + shorted);
        });
    }

    static OptionalDouble value(Chart chart, String subject, Quantity quantity) {
        return chart.value(Cell.of(chart.subjects().named(subject).orElseThrow(), quantity));
    }

    /** The sources stand in the first column of the file. */
    @ParameterizedTest(name = "{1} {2} {3}")
    @CsvFileSource(resources = "published-charts.csv", numLinesToSkip = 1, delimiter = ';')
    void publishedValuesHold(String source, String notation, String subject, Quantity quantity, String printed) {
        double value = value(chart(notation), subject, quantity).orElseThrow();
        int figures = printed.replaceFirst("^[0.]*", "").replace(".", "").length();
        assertEquals(printed, Precision.figures(figures).round(value).toPlainString(), source);
    }

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(24);
    }

    /**
     * To 1e-9 of the value, or of a hundredth of the whole where a cell is smaller: nodal analysis keeps no more. Nor
     * does it tell 1e-13 A per volt of the source from none, nor what that makes across a part's ohms.
     */
    @Property(tries = 500)
    void theChartAgreesWithNodalAnalysis(@ForAll("circuits") Circuit circuit) {
        OperatingPoint.of(circuit)
                .match(
                        point -> {
                            Chart chart = Chart.of(point);
                            NodalAnalysis nodal = NodalAnalysis.of(circuit);
                            double emf = circuit.source().emf();
                            List<Part> parts = circuit.parts();
                            double total = point.totalCurrent();
                            assertEquals(nodal.totalCurrent(), total, 1e-9 * Math.abs(total) + 1e-13 * emf);
                            for (int k = 0; k < parts.size(); k++) {
                                Subject part = Subject.part(parts.get(k).label());
                                int place = k;
                                double leak = 1e-13 * emf;
                                double ohms = parts.get(k).resistance();
                                boolean decided = !Double.isNaN(nodal.voltage(k));
                                if (decided)
                                    chart.value(Cell.of(part, Quantity.VOLTAGE))
                                            .ifPresent(v -> assertEquals(
                                                    nodal.voltage(place),
                                                    v,
                                                    1e-9 * Math.max(Math.abs(v), 1e-2 * emf)
                                                            + (Double.isFinite(ohms) ? leak * ohms : 0),
                                                    circuit + " V " + part.id()));
                                chart.value(Cell.of(part, Quantity.CURRENT))
                                        .ifPresent(i -> assertEquals(
                                                nodal.current(place),
                                                i,
                                                1e-9 * Math.max(Math.abs(i), 1e-2 * total) + leak,
                                                circuit + " I " + part.id()));
                            }
                            for (Check check : Check.all(chart)) assertTrue(check.holds(), circuit + " " + check);
                            return true;
                        },
                        shorted -> {
                            assertEquals(0, circuit.source().internalResistance());
                            return false;
                        });
    }

    @Property(tries = 200)
    void whatIsNotDecidedIsNamed(@ForAll("circuits") Circuit circuit) {
        OperatingPoint.of(circuit)
                .match(
                        point -> {
                            Chart chart = Chart.of(point);
                            boolean missing = circuit.parts().stream()
                                    .map(part -> Subject.part(part.label()))
                                    .anyMatch(part -> chart.value(Cell.of(part, Quantity.VOLTAGE))
                                                    .isEmpty()
                                            || chart.value(Cell.of(part, Quantity.CURRENT))
                                                    .isEmpty());
                            assertEquals(
                                    missing,
                                    !point.sharedCurrents().isEmpty()
                                            || !point.sharedVoltages().isEmpty());
                            return true;
                        },
                        shorted -> false);
    }

    @Test
    void anOpenSwitchTakesTheWholeVoltageAndItsReading() {
        Chart chart = chart("9 V r=0.5 : A1 + S1=open + V1[R1=6] + V2[.B + R2=3]");
        assertEquals(0, value(chart, "A1", Quantity.CURRENT).orElseThrow());
        assertEquals(9, value(chart, "S1", Quantity.VOLTAGE).orElseThrow());
        assertEquals(9, value(chart, "external", Quantity.VOLTAGE).orElseThrow());
        assertEquals(0, value(chart, "V1", Quantity.VOLTAGE).orElseThrow());
        assertEquals(0, value(chart, ".B", Quantity.POTENTIAL).orElseThrow());
        assertTrue(value(chart, "total", Quantity.RESISTANCE).isEmpty());
        assertEquals(Chart.Condition.NO_CURRENT, chart.condition(Subject.part("R1")));
    }

    @Test
    void aClosedSwitchAcrossAPartBypassesIt() {
        Chart chart = chart("12 V : R1=4 + (R2=8 || S1=closed)");
        assertEquals(3, value(chart, "S1", Quantity.CURRENT).orElseThrow());
        assertEquals(0, value(chart, "R2", Quantity.CURRENT).orElseThrow());
        assertEquals(Chart.Condition.BYPASSED, chart.condition(Subject.part("R2")));
    }

    @Test
    void twoIdealWiresSideBySideShareInNoDecidedWay() {
        Chart chart = chart("12 V : R1=4 + (A1 || W1)");
        assertTrue(value(chart, "A1", Quantity.CURRENT).isEmpty());
        assertEquals(3, value(chart, "R1", Quantity.CURRENT).orElseThrow());
        assertEquals(List.of(List.of("A1", "W1")), chart.point().sharedCurrents());
    }

    @Test
    void anIdealSourceShortedIsRefusedAndOneWithInternalResistanceIsNot() {
        assertEquals(
                List.of("S1"),
                OperatingPoint.of(Notation.circuit("12 V : R1=4 || S1"))
                        .match(point -> List.of(), Outcome.ShortedSource::across));
        Chart chart = chart("12 V r=0.5 : R1=4 || S1");
        assertEquals(24, value(chart, "S1", Quantity.CURRENT).orElseThrow());
        assertEquals(0, value(chart, "external", Quantity.VOLTAGE).orElseThrow());
        assertEquals(288, value(chart, "internal", Quantity.POWER).orElseThrow());
    }

    @Test
    void aGroupIsNamedShortOrByItsParts() {
        Chart chart = chart("16 V : R1=5 + (R2=12 || (A1 + R3=4))");
        assertEquals(
                List.of("R1", "R2", "A1", "R3", "R23", "total"),
                chart.rows().stream().map(Subject::id).toList());
        assertEquals(3, value(chart, "R3, R2", Quantity.RESISTANCE).orElseThrow());
        assertEquals(
                List.of("R2", "A1", "R3"),
                chart.subjects().membersOf(chart.subjects().named("R23").orElseThrow()));
        Chart crowded = chart("16 V : R23=5 + (R2=12 || R3=4) + (R10=2 || L1=1)");
        assertEquals(
                List.of("R23", "R2", "R3", "R2,R3", "R10", "L1", "L1,R10", "total"),
                crowded.rows().stream().map(Subject::id).toList());
    }

    @Test
    void aHundredThousandPartsAreParsedAnalysedAndPrinted() {
        String ladder = ladder(50_000);
        Circuit circuit = Notation.circuit(ladder);
        assertEquals(100_000, circuit.parts().size());
        assertEquals(ladder, Notation.print(circuit));
        // The golden ratio: an endless ladder of 1 Ω steps has this resistance.
        double resistance = OperatingPoint.of(circuit).match(point -> point.resistance(0), shorted -> 0.0);
        assertEquals((1 + Math.sqrt(5)) / 2, resistance, 1e-12);
    }

    private static String ladder(int rungs) {
        StringBuilder text = new StringBuilder("10 V : ");
        for (int k = 1; k < rungs; k++)
            text.append("R").append(2 * k - 1).append("=1 + (R").append(2 * k).append("=1 || (");
        text.append("R")
                .append(2 * rungs - 1)
                .append("=1 + R")
                .append(2 * rungs)
                .append("=1");
        return text.append("))".repeat(rungs - 1)).toString();
    }

    /** The second method agrees as far as it can tell: with many parts, and with resistances seven powers of ten apart. */
    @ParameterizedTest
    @MethodSource("hardForNodalAnalysis")
    void theSecondMethodAgreesWhereItIsHard(String notation) {
        Chart chart = chart(Notation.circuit(notation));
        for (Check check : Check.all(chart)) assertTrue(check.holds(), () -> notation + " " + check);
    }

    static List<String> hardForNodalAnalysis() {
        return List.of(
                "24 V : " + "5 + ".repeat(199) + "7",
                "24 V : " + "5 || ".repeat(199) + "7",
                "12 V r=0.4 : ((((R1=33 || R2=33) + R3=100k) || (R4=1 || R5=33)) + R6=9M1)",
                "12 V r=1m : R1=1m + (R2=10M || R3=1)");
    }
}
