package didaxis.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.FormulaCells;
import didaxis.core.formula.FormulaText;
import didaxis.core.formula.Symbols;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WorkingTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(16);
    }

    private static Optional<Relations> relations(Circuit circuit) {
        return OperatingPoint.of(circuit)
                .match(point -> Optional.of(Relations.of(Chart.of(point))), shorted -> Optional.empty());
    }

    @Property(tries = 200)
    void everyRelationHoldsInTheChartSolvedForAnyOfItsCells(@ForAll("circuits") Circuit circuit) {
        Optional<Relations> some = relations(circuit);
        Assume.that(some.isPresent());
        Chart chart = some.get().chart();
        for (Relation relation : some.get().all()) {
            // A difference of nearly equal numbers keeps fewer figures than its terms have.
            double scale = relation.cells().stream()
                    .mapToDouble(cell -> Math.abs(chart.value(cell).orElseThrow()))
                    .max()
                    .orElse(0);
            for (Cell cell : relation.cells()) {
                double expected = chart.value(cell).orElseThrow();
                relation.formulas(cell).forEach(formula -> {
                    double solved = formula.with(
                            new Evaluation(input -> chart.value(input).orElseThrow()));
                    if (Double.isFinite(solved))
                        assertEquals(
                                expected,
                                solved,
                                1e-6 * Math.abs(expected) + 1e-9 * scale + 1e-12,
                                circuit + " " + relation + " for " + cell);
                });
            }
        }
    }

    @Property(tries = 400)
    void theWorkingReachesEveryCellThatHasAValueEachStepAfterWhatItUses(@ForAll("circuits") Circuit circuit) {
        Optional<Relations> some = relations(circuit);
        Assume.that(some.isPresent());
        assertReachesAll(circuit, some.get());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "20 V : (A1 || V1[R1=6 + S1=open]) + R2=8",
                "20 V : (R2=4 || (V1[R4=6 + S1=open] + R3=4)) + R1=8",
                "25 V r=86 : (R1=93 || R2=24) || ((R3=49 || R4=4.6) + (S1=open || (S2=open + R5=out)))",
                "58 V : R1=out + R2=3.4 + ((S4=open + S5=open) || (L6=81 + R7=6.9))",
                "12 V : R1=8 + ((L1=2.5 + A1) || (V1[W1] + (A2 || H1=short)))"
            })
    void theWorkingReachesWhatWiresAndGapsLeave(String notation) {
        Circuit circuit = Notation.circuit(notation);
        assertReachesAll(circuit, relations(circuit).orElseThrow());
    }

    /** What ends with the cell that is asked, on relations that many deductions share, is told as the whole chain tells it. */
    @Property(tries = 100)
    void theStepsToOneCellAreThoseOfTheWholeChain(@ForAll("circuits") Circuit circuit, @ForAll Random random) {
        Optional<Relations> some = relations(circuit);
        Assume.that(some.isPresent());
        List<Cell> cells = new ArrayList<>(some.get().cells());
        Collections.shuffle(cells, random);
        Map<Cell, Double> known = new LinkedHashMap<>();
        for (Cell cell : cells.subList(0, random.nextInt(cells.size())))
            known.put(cell, some.get().chart().value(cell).orElseThrow());
        Chaining shared = new Chaining(some.get());
        for (Cell cell : cells) {
            Deduction whole = Deduction.of(some.get(), known, Set.of(cell));
            Deduction one = shared.deduce(known, cell);
            assertEquals(whole.steps(), one.steps(), () -> circuit + " " + cell + " from " + known.keySet());
            assertEquals(whole.unreached(), one.unreached());
            assertEquals(whole.values().get(cell), one.values().get(cell));
        }
    }

    private static void assertReachesAll(Circuit circuit, Relations relations) {
        Chart chart = relations.chart();
        Set<Cell> all = new HashSet<>();
        List<Subject> subjects = new ArrayList<>(chart.rows());
        subjects.addAll(chart.subjects().readings());
        for (Subject subject : subjects) {
            for (Quantity quantity : Quantity.values()) {
                Cell cell = Cell.of(subject, quantity);
                if (chart.value(cell).isPresent()) all.add(cell);
            }
        }
        var givens = Deduction.fromResistancesAndEmf(relations.chart());
        Deduction deduction = Deduction.of(relations, givens, all);
        assertTrue(deduction.unreached().isEmpty(), () -> circuit + " " + deduction.unreached());
        Set<Cell> known = new HashSet<>(givens.keySet());
        Step.Phase phase = Step.Phase.FOLD;
        for (Step step : deduction.steps()) {
            assertTrue(known.containsAll(FormulaCells.in(step.formula())), step::toString);
            assertTrue(step.phase().compareTo(phase) >= 0, step + " after " + phase);
            assertEquals(
                    chart.value(step.cell()).orElseThrow(),
                    step.value(),
                    1e-9 * Math.abs(step.value())
                            + 1e-12 * (1 + circuit.source().emf()));
            phase = step.phase();
            known.add(step.cell());
        }
    }

    @Test
    void theWorkedSolutionIsTheOneOfTheClassroom() {
        Relations relations =
                relations(Notation.circuit("16 V : R1=5 + (R2=12 || R3=4)")).orElseThrow();
        Set<Cell> asked =
                Set.of(Cell.of(Subject.part("R3"), Quantity.POWER), Cell.of(Subject.part("R2"), Quantity.CURRENT));
        Deduction deduction = Deduction.of(relations, Deduction.fromResistancesAndEmf(relations.chart()), asked);
        AmountFormat format = AmountFormat.STANDARD;
        assertEquals(
                List.of(
                        "R₂₃ = 1/(1/R₂ + 1/R₃) = 1/(1/12.0 + 1/4.00) = 3.00",
                        "R(total) = R₁ + R₂₃ = 5.00 + 3.00 = 8.00",
                        "I(total) = E/R(total) = 16.0/8.00 = 2.00",
                        "I₂₃ = I(total) = 2.00 = 2.00",
                        "V₂₃ = I₂₃ × R₂₃ = 2.00 × 3.00 = 6.00",
                        "V₂ = V₂₃ = 6.00 = 6.00",
                        "I₂ = V₂/R₂ = 6.00/12.0 = 0.500",
                        "V₃ = V₂₃ = 6.00 = 6.00",
                        "I₃ = V₃/R₃ = 6.00/4.00 = 1.50",
                        "P₃ = V₃ × I₃ = 6.00 × 1.50 = 9.00"),
                deduction.steps().stream()
                        .map(step -> Symbols.USUAL.text(step.cell()) + " = "
                                + FormulaText.print(step.formula(), Symbols.USUAL::text) + " = "
                                + FormulaText.print(
                                        step.formula(),
                                        cell -> format.number(deduction.values().get(cell)))
                                + " = " + format.number(step.value()))
                        .collect(Collectors.toList()));
    }

    @Test
    void otherGivensLeadBackToResistances() {
        Relations relations = relations(Notation.circuit("12 V r=1 : A1 + L1=2 + (L2=6 || L3=3)"))
                .orElseThrow();
        Cell rOfL3 = Cell.of(Subject.part("L3"), Quantity.RESISTANCE);
        Chart chart = relations.chart();
        java.util.Map<Cell, Double> givens = new java.util.LinkedHashMap<>();
        for (Cell cell : List.of(
                Cell.of(Subject.part("A1"), Quantity.CURRENT),
                Cell.of(Subject.TOTAL, Quantity.VOLTAGE),
                Cell.of(Subject.INTERNAL, Quantity.RESISTANCE),
                Cell.of(Subject.part("L1"), Quantity.POWER),
                Cell.of(Subject.part("L2"), Quantity.RESISTANCE)))
            givens.put(cell, chart.value(cell).orElseThrow());
        Deduction deduction = Deduction.of(relations, givens, Set.of(rOfL3));
        assertEquals(3, deduction.values().get(rOfL3), 1e-9);
        givens.remove(Cell.of(Subject.part("L2"), Quantity.RESISTANCE));
        assertEquals(
                Set.of(rOfL3), Deduction.of(relations, givens, Set.of(rOfL3)).unreached());
    }

    /** With the switch open and nothing but the emf given, every voltage follows: limits are laws. */
    @Test
    void whereNothingFlowsTheEmfIsEnoughForTheVoltmeters() {
        Relations relations = relations(Notation.circuit("V2[9 V r=0.5] : S1=open + V1[R1=6] + V3[R2=4 || L1=8]"))
                .orElseThrow();
        Cell emf = Cell.of(Subject.TOTAL, Quantity.VOLTAGE);
        List<Cell> meters = List.of("V1", "V2", "V3", "S1").stream()
                .map(name -> Cell.of(relations.chart().subjects().named(name).orElseThrow(), Quantity.VOLTAGE))
                .toList();
        Deduction deduction = Deduction.of(relations, java.util.Map.of(emf, 9.0), meters);
        assertEquals(Set.of(), deduction.unreached());
        assertEquals(
                List.of(0.0, 9.0, 0.0, 9.0),
                meters.stream().map(deduction.values()::get).toList());
    }
}
