package didaxis.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.solving.OperatingPoint;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.junit.jupiter.api.Test;

/** A deck read as a simulator reads it, by modified nodal analysis, has the currents of the chart. */
class SpiceDeckTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return Arbitraries.oneOf(RandomCircuits.plain(10), RandomCircuits.any(10));
    }

    @Test
    void aDeckHasATitleResistorsSourcesAndAnEnd() {
        assertEquals("""
                * V1[9 V r=0.5] : A1 + L1=4.7k + (S1=open || R2=2.2m)
                VE emf 0 9
                RE emf 1 0.5
                VA1 1 2 0
                RL1 2 3 4.7E+3
                RS1 3 0 1e12
                R2 3 0 0.0022
                .op
                .end
                """, SpiceDeck.print(Notation.circuit("V1[9 V r=0.5] : A1 + L1=4k7 + (S1=open || R2=2.2m)")));
    }

    @Property(tries = 300)
    void aSimulatorFindsTheChartsCurrents(@ForAll("circuits") Circuit circuit) {
        Optional<Chart> chart =
                OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
        Assume.that(chart.isPresent());
        double total = chart.get().point().totalCurrent();
        // A gap of 1 TΩ and a wire of 1 μΩ are not quite what they stand for; huge and tiny resistances show it.
        Assume.that(circuit.parts().stream()
                .mapToDouble(part -> part.resistance())
                .filter(ohms -> ohms > 0 && Double.isFinite(ohms))
                .allMatch(ohms -> ohms >= 0.1 && ohms <= 1e5));
        Map<String, Double> currents = simulated(SpiceDeck.print(circuit));
        for (var part : circuit.parts()) {
            Cell cell = Cell.current(Subject.part(part.label()));
            if (chart.get().value(cell).isEmpty()) continue;
            String name = currents.containsKey("V" + part.label())
                    ? "V" + part.label()
                    : currents.containsKey("R" + part.label()) ? "R" + part.label() : part.label();
            assertEquals(
                    chart.get().value(cell).getAsDouble(),
                    currents.get(name),
                    1e-5 * total + 1e-9 * circuit.source().emf(),
                    SpiceDeck.print(circuit) + name);
        }
    }

    /** Currents by the names of the elements: unknowns are the nodes' potentials and the currents through the sources. */
    private static Map<String, Double> simulated(String deck) {
        List<String[]> elements = new ArrayList<>();
        Map<String, Integer> unknowns = new HashMap<>();
        for (String line : deck.split("\n")) {
            if (line.startsWith("*") || line.startsWith(".")) continue;
            String[] words = line.split(" ");
            elements.add(words);
            for (int k = 1; k <= 2; k++) if (!words[k].equals("0")) unknowns.putIfAbsent(words[k], unknowns.size());
        }
        for (String[] element : elements) if (element[0].startsWith("V")) unknowns.put(element[0], unknowns.size());
        DMatrixRMaj matrix = new DMatrixRMaj(unknowns.size(), unknowns.size());
        DMatrixRMaj right = new DMatrixRMaj(unknowns.size(), 1);
        for (String[] element : elements) {
            double value = Double.parseDouble(element[3]);
            Integer[] ends = {unknowns.get(element[1]), unknowns.get(element[2])};
            if (element[0].startsWith("V")) source(matrix, right, ends, unknowns.get(element[0]), value);
            else resistor(matrix, ends, 1 / value);
        }
        DMatrixRMaj solution = new DMatrixRMaj(unknowns.size(), 1);
        if (!CommonOps_DDRM.solve(matrix, right, solution)) throw new AssertionError("no solution: " + deck);
        Map<String, Double> currents = new HashMap<>();
        for (String[] element : elements) {
            double from = element[1].equals("0") ? 0 : solution.get(unknowns.get(element[1]));
            double to = element[2].equals("0") ? 0 : solution.get(unknowns.get(element[2]));
            currents.put(
                    element[0],
                    element[0].startsWith("V")
                            ? solution.get(unknowns.get(element[0]))
                            : (from - to) / Double.parseDouble(element[3]));
        }
        return currents;
    }

    private static void resistor(DMatrixRMaj matrix, Integer[] ends, double siemens) {
        for (int k = 0; k < 2; k++) {
            if (ends[k] == null) continue;
            matrix.add(ends[k], ends[k], siemens);
            if (ends[1 - k] != null) matrix.add(ends[k], ends[1 - k], -siemens);
        }
    }

    private static void source(DMatrixRMaj matrix, DMatrixRMaj right, Integer[] ends, int own, double volts) {
        for (int k = 0; k < 2; k++) {
            if (ends[k] == null) continue;
            matrix.add(own, ends[k], k == 0 ? 1 : -1);
            matrix.add(ends[k], own, k == 0 ? 1 : -1);
        }
        right.set(own, 0, volts);
    }
}
