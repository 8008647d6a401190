package didaxis.core.chart;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.solving.OperatingPoint;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Facts of the trade (common practice), without a source of their own. */
class CommonPracticeTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(20);
    }

    private static Chart chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(Chart::of, shorted -> {
            throw new AssertionError("no operating point: " + shorted);
        });
    }

    private static double value(Chart chart, Cell cell) {
        return chart.value(cell).orElseThrow();
    }

    private static Chart sideBySide(List<Double> ohms) {
        List<Part> parts = IntStream.range(0, ohms.size())
                .mapToObj(k -> Part.resistor("R" + (k + 1), ohms.get(k)))
                .toList();
        return chart(Circuit.of(new Source(12, 0, List.of()), Parallel.of(parts)));
    }

    @Property
    void equalResistorsInParallelHaveOneNth(
            @ForAll @DoubleRange(min = 0.1, max = 1e6) double ohms, @ForAll @IntRange(min = 2, max = 30) int n) {
        Chart chart = sideBySide(java.util.Collections.nCopies(n, ohms));
        assertEquals(ohms / n, value(chart, Cell.resistance(Subject.TOTAL)), 1e-9 * ohms);
    }

    @Property
    void productOverSumHoldsForTwoAndForNoMore(
            @ForAll @Size(min = 2, max = 6) List<@DoubleRange(min = 1, max = 1000) Double> ohms) {
        // Of three it may hold by chance, as of 1 Ω each; then it does not of the same in another unit.
        List<Double> doubled = ohms.stream().map(one -> 2 * one).toList();
        assertEquals(ohms.size() == 2, isProductOverSum(ohms) && isProductOverSum(doubled), ohms::toString);
    }

    private static boolean isProductOverSum(List<Double> ohms) {
        double total = value(sideBySide(ohms), Cell.resistance(Subject.TOTAL));
        double product = ohms.stream().reduce(1.0, (a, b) -> a * b);
        double sum = ohms.stream().mapToDouble(Double::doubleValue).sum();
        return Math.abs(product / sum - total) <= 1e-9 * total;
    }

    @Property
    void aParallelCombinationIsBelowItsSmallestBranch(
            @ForAll @Size(min = 2, max = 8) List<@DoubleRange(min = 0.1, max = 1e5) Double> ohms) {
        double smallest = ohms.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        assertTrue(value(sideBySide(ohms), Cell.resistance(Subject.TOTAL)) < smallest);
    }

    @Property(tries = 300)
    void powersAddWhateverTheConnection(@ForAll("circuits") Circuit circuit) {
        Optional<Chart> some =
                OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
        Assume.that(some.isPresent() && some.get().point().sharedCurrents().isEmpty());
        Chart chart = some.get();
        double parts = circuit.parts().stream()
                .mapToDouble(part ->
                        chart.value(Cell.power(Subject.part(part.label()))).orElse(0))
                .sum();
        double inside = circuit.source().internalResistance() > 0 ? value(chart, Cell.power(Subject.INTERNAL)) : 0;
        double supplied = circuit.source().emf() * chart.point().totalCurrent();
        assertEquals(supplied, parts + inside, 1e-9 * supplied);
    }

    /** Each has a third of the supply and a ninth of the power it has alone. */
    @Property
    void threeEqualLampsInSeriesShareAlike(
            @ForAll @DoubleRange(min = 1, max = 200) double ohms, @ForAll @DoubleRange(min = 1, max = 60) double emf) {
        String lamp = "=" + ohms;
        Chart three = chart(Notation.circuit(emf + " V : L1" + lamp + " + L2" + lamp + " + L3" + lamp));
        Chart alone = chart(Notation.circuit(emf + " V : L1" + lamp));
        for (String label : List.of("L1", "L2", "L3")) {
            assertEquals(emf / 3, value(three, Cell.voltage(Subject.part(label))), 1e-9 * emf);
            assertEquals(
                    value(alone, Cell.power(Subject.part("L1"))) / 9,
                    value(three, Cell.power(Subject.part(label))),
                    1e-9 * emf * emf / ohms);
        }
    }

    /** Of unequal lamps: in series the larger resistance is the brighter, in parallel the smaller. */
    @Test
    void whichOfTwoLampsIsBrighterDependsOnHowTheyAreJoined() {
        Chart series = chart(Notation.circuit("12 V : L1=6 + L2=12"));
        Chart parallel = chart(Notation.circuit("12 V : L1=6 || L2=12"));
        Cell small = Cell.power(Subject.part("L1"));
        Cell large = Cell.power(Subject.part("L2"));
        assertTrue(value(series, large) > value(series, small));
        assertTrue(value(parallel, large) < value(parallel, small));
    }

    @Test
    void anIdealVoltmeterOnAnOpenCircuitReadsTheEmf() {
        Chart open = chart(Notation.circuit("V1[9 V r=2] : R1=4 + S1=open"));
        assertEquals(9, value(open, Cell.voltage(Subject.voltmeter("V1"))), 1e-12);
        Chart closed = chart(Notation.circuit("V1[9 V r=2] : R1=4 + S1=closed"));
        assertEquals(6, value(closed, Cell.voltage(Subject.voltmeter("V1"))), 1e-12);
    }
}
