package didaxis.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.notation.Notation;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class StagedSolutionTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(14);
    }

    @Provide
    Arbitrary<HouseStyle> styles() {
        return Arbitraries.of(HouseStyle.PRESETS);
    }

    private static Optional<StyledChart> styled(Circuit circuit, HouseStyle style) {
        return OperatingPoint.of(circuit)
                .match(point -> Optional.of(StyledChart.of(Chart.of(point), style)), shorted -> Optional.empty());
    }

    @Property(tries = 300)
    void everyStepStandsInOneStageAndFoldsGiveTheirGroups(
            @ForAll("circuits") Circuit circuit, @ForAll("styles") HouseStyle style) {
        Optional<StyledChart> chart = styled(circuit, style);
        Assume.that(chart.isPresent());
        List<StagedSolution.Stage> stages = StagedSolution.of(chart.get());
        List<Cell> told = new ArrayList<>();
        for (StagedSolution.Stage stage : stages) {
            if (!stage.folding().isEmpty())
                assertEquals(
                        Cell.resistance(stage.redraw().fold().orElseThrow().group()),
                        stage.folding().get(stage.folding().size() - 1).cell());
            stage.folding().forEach(step -> told.add(step.cell()));
            stage.unfolding().forEach(step -> told.add(step.cell()));
        }
        assertEquals(told.size(), new HashSet<>(told).size(), told::toString);
        Set<Cell> expected = new HashSet<>();
        for (Step step : chart.get().working().steps())
            if (step.phase() != Step.Phase.FOLD || told.contains(step.cell()) || isWorked(step, chart.get()))
                expected.add(step.cell());
        assertEquals(expected, new HashSet<>(told));
    }

    /** A fold of several that conduct; what is shorted or open is left out of the redraws. */
    private static boolean isWorked(Step step, StyledChart chart) {
        boolean several = FormulaCells.in(step.formula()).size() > 1;
        return several && chart.chart().condition(step.cell().subject()) == Chart.Condition.NORMAL;
    }

    /** Folding from the left, then unfolding from the right: every fold uses only what stands there already. */
    @Property(tries = 300)
    void eachFoldUsesWhatEarlierOnesGave(@ForAll("circuits") Circuit circuit) {
        Optional<StyledChart> chart = styled(circuit, HouseStyle.RIDGE);
        Assume.that(chart.isPresent());
        Set<Cell> known = new HashSet<>(
                Deduction.fromResistancesAndEmf(chart.get().chart()).keySet());
        // Ideal wires and what they short are nothing from the start; the network of one part is that part.
        chart.get().working().steps().stream()
                .filter(step -> step.value() == 0 || step.formula() instanceof Formula.Of)
                .forEach(step -> known.add(step.cell()));
        for (StagedSolution.Stage stage : StagedSolution.of(chart.get())) {
            for (Step step : stage.folding()) {
                assertTrue(
                        known.containsAll(FormulaCells.in(step.formula())), () -> Notation.print(circuit) + " " + step);
                known.add(step.cell());
            }
        }
    }

    @Test
    void aTextbookCircuitIsFoldedTwiceAndUnfoldedTwice() {
        StyledChart chart = styled(Notation.circuit("16 V : R1=5 + (R2=12 || R3=4)"), HouseStyle.RIDGE)
                .orElseThrow();
        List<String> told = StagedSolution.of(chart).stream()
                .map(stage -> said(stage.folding()) + " | " + said(stage.unfolding()))
                .toList();
        assertEquals(
                List.of(
                        " | total power, R1 power, R23 power, R2 power, R3 power",
                        "R23 resistance | R2 voltage, R2 current, R3 voltage, R3 current",
                        "total resistance | total current, R1 current, R1 voltage, R23 current, R23 voltage"),
                told);
    }

    private static String said(List<Step> steps) {
        return String.join(
                ", ",
                steps.stream()
                        .map(step -> step.cell().subject().id() + " "
                                + step.cell().quantity().word())
                        .toList());
    }
}
