package didaxis.core.memo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.chart.Running;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.formula.FormulaText;
import didaxis.core.formula.Symbols;
import didaxis.core.law.Relations;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every route is a working that comes to what nodal analysis finds, and those that are taught are among them. */
class RoutesTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 7);
    }

    private static Optional<Chart> chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
    }

    private static String text(List<Step> route) {
        return route.stream()
                .map(step -> Symbols.USUAL.text(step.cell()) + " = "
                        + FormulaText.print(step.formula(), Symbols.USUAL::text))
                .collect(Collectors.joining("; "));
    }

    /** Those of its steps that work something out. */
    private static long length(List<Step> route) {
        return route.stream()
                .filter(step -> !(step.formula() instanceof Formula.Of))
                .count();
    }

    @Property(tries = 80)
    void eachRouteIsATrueWorkingAndNoTwoAreTheSame(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Optional<Chart> found = chart(circuit);
        Assume.that(found.isPresent());
        Random random = new Random(seed);
        List<Part> parts =
                circuit.parts().stream().filter(part -> part.kind().resistive()).toList();
        Assume.that(!parts.isEmpty());
        int place = circuit.parts().indexOf(parts.get(random.nextInt(parts.size())));
        Subject part = Subject.part(circuit.parts().get(place).label());
        NodalAnalysis nodal = NodalAnalysis.of(circuit);
        List<Cell> cells = List.of(Cell.voltage(part), Cell.current(part), Cell.power(part));
        double[] truths = {nodal.voltage(place), nodal.current(place), nodal.voltage(place) * nodal.current(place)};
        int which = random.nextInt(3);
        Assume.that(Math.abs(nodal.current(place)) > 1e-9 * Math.abs(nodal.totalCurrent())
                && found.get().value(cells.get(which)).isPresent());
        Relations relations = Relations.of(found.get());
        Map<Cell, Double> given = Deduction.fromResistancesAndEmf(found.get());
        List<List<Step>> routes = Routes.to(cells.get(which), relations, given.keySet());
        Set<Set<String>> seen = new HashSet<>();
        for (List<Step> route : routes) {
            Map<Cell, Double> values = new HashMap<>(given);
            Set<Cell> used = new HashSet<>(Set.of(cells.get(which)));
            for (Step step : route) {
                assertTrue(values.keySet().containsAll(FormulaCells.in(step.formula())), () -> text(route));
                values.put(step.cell(), step.formula().with(new Evaluation(values::get)));
                used.addAll(FormulaCells.in(step.formula()));
            }
            // What is nothing comes out of nodal analysis as nothing within rounding of the emf.
            double size = Math.abs(truths[which]) + 1e-4 * circuit.source().emf();
            assertEquals(truths[which], values.get(cells.get(which)), 1e-6 * size, () -> text(route));
            for (Step step : route) assertTrue(used.contains(step.cell()), () -> "not needed: " + text(route));
            assertTrue(seen.add(Set.of(text(route).split("; "))), () -> text(route));
            assertTrue(length(route) <= length(routes.get(0)) + 1, () -> text(route));
        }
        // No working that goes the classroom's way is shorter than the shortest.
        Deduction usual = Deduction.of(relations, given, List.of(cells.get(which)));
        if (!routes.isEmpty() && usual.steps().stream().noneMatch(step -> step.formula() instanceof Formula.Number))
            assertTrue(length(routes.get(0)) <= length(usual.steps()), () -> text(routes.get(0)));
    }

    /** The check values' circuits, and the last lines that a teacher would expect among the routes. */
    @ParameterizedTest
    @CsvSource(delimiter = '#', textBlock = """
            16 V : R1=5 + (R2=12 || R3=4) # R2 # CURRENT # I₂ = I₂₃ × R₃/(R₂ + R₃)
            16 V : R1=5 + (R2=12 || R3=4) # R2 # CURRENT # I₂ = V₂/R₂
            16 V : R1=5 + (R2=12 || R3=4) # R23 # VOLTAGE # V₂₃ = E − V₁
            16 V : R1=5 + (R2=12 || R3=4) # R23 # VOLTAGE # V₂₃ = I₂₃ × R₂₃
            16 V : R1=5 + (R2=12 || R3=4) # R23 # VOLTAGE # V₂₃ = E × R₂₃/R(total)
            16 V : R1=5 + (R2=12 || R3=4) # R2 # POWER # P₂ = V₂²/R₂
            16 V : R1=5 + (R2=12 || R3=4) # R2 # POWER # P₂ = I₂² × R₂
            16 V : R1=5 + (R2=12 || R3=4) # R2 # POWER # P₂ = V₂ × I₂
            9 V : R1=4 + R2=5 # R2 # VOLTAGE # V₂ = E × R₂/R(total)
            9 V : R1=4 + R2=5 # R2 # VOLTAGE # V₂ = I₂ × R₂
            16 V : R1=5 + (R2=12 || R3=4) # R2 # CHARGE # Q₂ = I₂ × t₂
            16 V : R1=5 + (R2=12 || R3=4) # R2 # ENERGY # W₂ = P₂ × t₂
            16 V : R1=5 + (R2=12 || R3=4) # R2 # ENERGY # W₂ = Q₂ × V₂
            """)
    void theRoutesThatAreTaughtAreThere(String circuit, String subject, Quantity quantity, String last) {
        Chart bare = chart(Notation.circuit(circuit)).orElseThrow();
        Subject asked = bare.subjects().named(subject).orElseThrow();
        Chart chart = bare.with(new Running(Map.of(asked, 60.0), Double.NaN));
        Cell cell = Cell.of(asked, quantity);
        Set<Cell> given = new HashSet<>(Deduction.fromResistancesAndEmf(chart).keySet());
        given.add(Cell.of(asked, Quantity.TIME));
        List<String> routes = Routes.to(cell, Relations.of(chart), given).stream()
                .map(RoutesTest::text)
                .toList();
        assertTrue(routes.stream().anyMatch(route -> route.endsWith(last)), () -> String.join("\n", routes));
    }
}
