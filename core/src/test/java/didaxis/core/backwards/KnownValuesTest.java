package didaxis.core.backwards;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relations;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a teacher has of a circuit, worked backwards: readings, powers, supplies. */
class KnownValuesTest {
    private static List<Given> givens(Circuit circuit, String... cells) {
        Chart truth = BackwardsTest.chart(circuit);
        return Arrays.stream(cells)
                .map(text -> text.split(" "))
                .map(words -> Cell.of(
                        truth.subjects().named(words[0]).orElseThrow(), Quantity.valueOf(words[1].toUpperCase())))
                .map(cell -> Given.exactly(cell, truth.value(cell).orElseThrow()))
                .toList();
    }

    /** Every step by one law, none together. */
    private static void solvedStepByStep(String notation, String... cells) {
        Circuit circuit = Notation.circuit(notation);
        Outcome outcome = BackwardsTest.work(circuit, givens(circuit, cells), 5);
        assertTrue(outcome instanceof Outcome.Solved, () -> notation + ": " + outcome);
        Outcome.Solved solved = (Outcome.Solved) outcome;
        assertTrue(solved.deduction().steps().stream().noneMatch(step -> step.phase() == Step.Phase.TOGETHER));
        Chart truth = BackwardsTest.chart(circuit);
        for (Cell cell : BackwardsTest.cells(truth)) {
            double expected = truth.value(cell).orElseThrow();
            assertEquals(expected, solved.deduction().values().get(cell), 1e-9 * Math.abs(expected), cell::toString);
        }
    }

    @Test
    void oneBranchsAmmeterAndThreeBranchResistancesGiveAllElse() {
        solvedStepByStep(
                "12 V : (A1 + R1=24) || R2=8 || R3=6", "A1 current", "R1 resistance", "R2 resistance", "R3 resistance");
    }

    @Test
    void fourLampsPowersOneCurrentAndTheSupplyGiveEveryResistance() {
        solvedStepByStep(
                "24 V : L1=6 + (L2=12 || L3=6) + L4=2",
                "L1 power",
                "L2 power",
                "L3 power",
                "L4 power",
                "L1 current",
                "total voltage");
    }

    @Test
    void oneBranchGivesAFourBranchParallel() {
        solvedStepByStep(
                "24 V : R1=12 || R2=8 || R3=6 || R4=24",
                "R1 current",
                "R1 resistance",
                "R2 current",
                "R3 resistance",
                "R4 power");
    }

    @Test
    void aPowerAndACurrentGiveAnUnknownResistanceAndWithTheEmfTheInternalOne() {
        solvedStepByStep("9 V r=0.5 : R1=4", "R1 power", "R1 current", "total voltage");
    }

    @Test
    void unknownsThatNoLawGivesAloneAreSolvedTogether() {
        Circuit circuit = Notation.circuit("12 V : R1=4 + R2=6 + R3=2");
        Outcome outcome = BackwardsTest.work(
                circuit, givens(circuit, "R1 voltage", "R2 resistance", "R3 resistance", "total power"), 5);
        Outcome.Solved solved = (Outcome.Solved) outcome;
        assertTrue(solved.deduction().steps().stream().anyMatch(step -> step.phase() == Step.Phase.TOGETHER));
        assertEquals(4, solved.deduction().values().get(Cell.resistance(Subject.part("R1"))), 1e-6);
    }

    @Test
    void twoSolutionsAreBothTold() {
        // A load of given power behind an internal resistance: 2 Ω or 8 Ω (maximum power transfer at r lies between).
        Circuit circuit = Notation.circuit("12 V r=4 : R1=2");
        Outcome outcome =
                BackwardsTest.work(circuit, givens(circuit, "R1 power", "total voltage", "internal resistance"), 5);
        Outcome.Several several = (Outcome.Several) outcome;
        assertEquals(
                List.of(2.0, 8.0),
                several.circuits().stream()
                        .map(one -> Math.round(1e6 * one.parts().get(0).resistance()) / 1e6)
                        .sorted()
                        .toList());
    }

    @Test
    void twoSolutionsDecadesApartAreBothTold() {
        Circuit circuit = Notation.circuit("3 V : R1=880 + R2=68k");
        Outcome outcome = BackwardsTest.work(circuit, givens(circuit, "R1 resistance", "R2 power", "total voltage"), 5);
        Outcome.Several several = (Outcome.Several) outcome;
        // The product of the two is R1², as for any load behind a resistance.
        assertEquals(
                List.of(Math.round(880.0 * 880 / 68e3), 68_000L),
                several.circuits().stream()
                        .map(one -> Math.round(one.parts().get(1).resistance()))
                        .sorted()
                        .toList());
    }

    @Test
    void aPowerThatNoLoadCanTakeIsContradictory() {
        // At most E²/4r, 9 W, wherever the load (maximum power transfer).
        Circuit circuit = Notation.circuit("12 V r=4 : R1=2");
        List<Given> givens = new ArrayList<>(givens(circuit, "total voltage", "internal resistance"));
        Given tooMuch = Given.exactly(Cell.power(Subject.part("R1")), 9.1);
        givens.add(tooMuch);
        Outcome.Contradictory contradictory = (Outcome.Contradictory) BackwardsTest.work(circuit, givens, 5);
        assertTrue(contradictory.disagreeing().contains(tooMuch));
    }

    @Test
    void circuitsThatDifferWithinTheReadingsRoomAreNotSeveral() {
        // 12.03 V, 12.04 V and their like all have 9.1 W, the most that may be read there.
        Circuit circuit = Notation.circuit("12 V r=4 : R1=2");
        List<Given> givens = List.of(
                new Given(Cell.voltage(Subject.TOTAL), 12, 0.5),
                new Given(Cell.resistance(Subject.INTERNAL), 4, 0.05),
                new Given(Cell.power(Subject.part("R1")), 9.1, 0.05));
        assertFalse(BackwardsTest.work(circuit, givens, 5) instanceof Outcome.Several);
    }

    @Test
    void whatIsToldBadlyContradictsNothing() {
        // 100 mΩ beside R3 is all but all that 84 kΩ leave of R123: R3 could be anything, but for its own current.
        Circuit circuit = Notation.circuit("950 V : R1=84k + (R2=0.1 || R3=83)");
        Outcome outcome = BackwardsTest.work(
                circuit,
                givens(circuit, "R1 resistance", "R2 resistance", "total resistance", "R2 voltage", "R3 current"),
                5);
        Outcome.Solved solved = (Outcome.Solved) outcome;
        assertEquals(
                83, solved.deduction().values().get(Cell.resistance(Subject.part("R3"))), 83 * BackwardsTest.CLOSE);
    }

    @Test
    void roundedReadingsThatSayMoreThanNeededStillFit() {
        // Six readings for five settings, each to two decimals, and worked in the style that carries on two decimals.
        Circuit circuit = Notation.circuit("24 V : L1=6 + (L2=12 || L3=7) + L4=2");
        List<Given> givens =
                givens(circuit, "L1 power", "L2 power", "L3 power", "L4 power", "L1 current", "total voltage").stream()
                        .map(given -> new Given(given.cell(), Math.round(100 * given.value()) / 100.0, 0.005))
                        .toList();
        Relations relations = Relations.of(BackwardsTest.chart(circuit), HouseStyle.FORGE);
        Outcome outcome = Backwards.of(relations, givens, BackwardsTest.cells(BackwardsTest.chart(circuit)));
        Outcome.Solved solved = (Outcome.Solved) outcome;
        assertEquals(7, solved.circuit().parts().get(2).resistance(), 0.05);
    }

    @Test
    void aCircuitFoundFromReadingsHasNoMoreFiguresThanTheyBear() {
        // 12 V / 1.33 A = 9.0226 Ω, of which R2 is 6.02 Ω: 12.0 V over 9.02 Ω is read as 1.33 A again.
        Circuit circuit = Notation.circuit("10 V : R1=1 + R2=1");
        List<Given> givens = List.of(
                new Given(Cell.voltage(Subject.TOTAL), 12, 0.05),
                new Given(Cell.resistance(Subject.part("R1")), 3, 0.005),
                new Given(Cell.current(Subject.TOTAL), 1.33, 0.005));
        Outcome.Solved solved = (Outcome.Solved) BackwardsTest.work(circuit, givens, 5);
        assertEquals("12 V : R1=3 + R2=6.02", Notation.print(solved.circuit()));
    }

    @Test
    void whatIsMissingIsNamed() {
        Circuit circuit = Notation.circuit("16 V : R1=5 + (R2=12 || R3=4)");
        Outcome outcome =
                BackwardsTest.work(circuit, givens(circuit, "R1 resistance", "R2 resistance", "total voltage"), 5);
        Outcome.NotEnough notEnough = (Outcome.NotEnough) outcome;
        assertTrue(notEnough.alone());
        assertTrue(notEnough
                .wouldDo()
                .containsAll(List.of(
                        Cell.resistance(Subject.part("R3")),
                        Cell.current(Subject.part("R1")),
                        Cell.voltage(Subject.part("R2")))));
    }

    /** A part that is known to be a wire is one, whatever stood for it, and a wire that is known to resist is none. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "12 V : R1=4 + R2=8          ; 12 V : R1=4 + R2=0 ; R1 resistance, R2 resistance, total voltage",
                "12 V : R1=4 + R2=8          ; 12 V : R1=4 + R2=0 ; R1 resistance, R2 power, total current",
                "12 V : R1=4 + (VR2=8 || R3=6) ; 12 V : R1=4 + (VR2=0 || R3=6) ;"
                        + " R1 resistance, VR2 resistance, R3 resistance, R1 current",
                "12 V : R1=4 + R2=0          ; 12 V : R1=4 + R2=8 ; R1 resistance, R2 resistance, total current"
            })
    void nothingIsAResistanceToo(String typed, String truth, String known) {
        Circuit circuit = Notation.circuit(truth);
        Outcome outcome = Backwards.of(
                Relations.of(BackwardsTest.chart(Notation.circuit(typed))),
                givens(circuit, known.split(", ")),
                BackwardsTest.cells(BackwardsTest.chart(Notation.circuit(typed))));
        Outcome.Solved solved = (Outcome.Solved) outcome;
        assertEquals(truth, Notation.print(solved.circuit()));
    }

    @Test
    void whichOfTwoIsTheWireIsNotMadeUp() {
        Circuit circuit = Notation.circuit("12 V r=1 : R1=4 + (R2=0 || R3=6)");
        Outcome outcome = BackwardsTest.work(
                circuit, givens(circuit, "internal resistance", "total voltage", "R1 resistance", "R2 voltage"), 5);
        assertFalse(outcome instanceof Outcome.Contradictory, outcome::toString);
        assertFalse(outcome instanceof Outcome.Solved, outcome::toString);
    }
}
