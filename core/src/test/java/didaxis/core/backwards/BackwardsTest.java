package didaxis.core.backwards;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relations;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Test;

class BackwardsTest {
    private static final double CLOSE = 1e-6;

    @Provide
    Arbitrary<Circuit> circuits() {
        return Arbitraries.oneOf(RandomCircuits.plain(7), RandomCircuits.any(6))
                .filter(circuit -> OperatingPoint.of(circuit)
                        .match(
                                point -> point.sharedCurrents().isEmpty()
                                        && point.sharedVoltages().isEmpty(),
                                shorted -> false));
    }

    private static Chart chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(Chart::of, shorted -> {
            throw new AssertionError("no operating point: " + shorted);
        });
    }

    /** A circuit connected alike, with values of its own: nothing of the true values can leak into the work. */
    private static Relations alike(Circuit circuit, long seed) {
        Random random = new Random(seed);
        Map<String, Setting> settings = new HashMap<>();
        for (Part part : circuit.parts()) {
            if (part.setting() instanceof Setting.Ohms)
                settings.put(part.label(), new Setting.Ohms(1 + 99 * random.nextDouble()));
        }
        double r = circuit.source().internalResistance() > 0 ? 0.1 + random.nextDouble() : 0;
        Source source =
                new Source(1 + 20 * random.nextDouble(), r, circuit.source().voltmeters());
        return Relations.of(chart(circuit.with(source, settings)));
    }

    private static Set<Cell> cells(Chart chart) {
        Set<Cell> cells = new LinkedHashSet<>();
        for (Subject subject : chart.rows()) {
            for (Quantity quantity : Quantity.values()) {
                Cell cell = Cell.of(subject, quantity);
                if (chart.value(cell).isPresent()) cells.add(cell);
            }
        }
        return cells;
    }

    private static Outcome work(Circuit circuit, List<Given> givens, long seed) {
        return Backwards.of(alike(circuit, seed), givens, cells(chart(circuit)));
    }

    /** Some settings cleared and as many other cells given instead, or one fewer. */
    @Property(tries = 300)
    void whatComesOutIsTheTrueChartOrATrueStatement(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Random random = new Random(seed);
        Chart truth = chart(circuit);
        List<Cell> all = new ArrayList<>(cells(truth));
        List<Cell> settings = new ArrayList<>();
        settings.add(Cell.voltage(Subject.TOTAL));
        for (Part part : circuit.parts()) {
            if (part.setting() instanceof Setting.Ohms) settings.add(Cell.resistance(Subject.part(part.label())));
        }
        if (circuit.source().internalResistance() > 0) settings.add(Cell.resistance(Subject.INTERNAL));
        Collections.shuffle(settings, random);
        int cleared = 1 + random.nextInt(Math.min(4, settings.size()));
        Set<Cell> given = new LinkedHashSet<>(settings.subList(cleared, settings.size()));
        Collections.shuffle(all, random);
        int others = cleared - 1 + random.nextInt(3);
        for (Cell cell : all) if (given.size() < settings.size() - cleared + others) given.add(cell);
        List<Given> givens = given.stream()
                .map(cell -> Given.exactly(cell, truth.value(cell).orElseThrow()))
                .toList();
        String where = Notation.print(circuit) + " given " + given;
        Outcome outcome = work(circuit, givens, seed);
        Statistics.collect(outcome.getClass().getSimpleName());
        // Never wrong, and hardly ever without an answer.
        Statistics.coverage(outcomes -> outcomes.check("Undecided").percentage(share -> share < 2.5));
        outcome.match(
                solved -> {
                    Chart found = chart(solved.circuit());
                    for (Cell cell : all) {
                        double expected = found.value(cell).orElseThrow();
                        assertEquals(
                                expected,
                                solved.deduction().values().get(cell),
                                CLOSE * Math.abs(expected),
                                where + " " + cell);
                    }
                    if (!alike(truth, found)) fits(between(circuit, solved.circuit()), givens, 1e-8, where);
                    return true;
                },
                notEnough -> {
                    fitsBoth(notEnough.one(), notEnough.other(), givens, where);
                    return true;
                },
                contradictory -> {
                    throw new AssertionError(where + " is said to be contradictory: " + contradictory);
                },
                several -> {
                    for (Circuit one : several.circuits()) fits(one, givens, where);
                    return true;
                },
                undecided -> true);
    }

    private static boolean alike(Chart one, Chart other) {
        return cells(one).stream().allMatch(cell -> {
            double expected = one.value(cell).orElseThrow();
            return Math.abs(other.value(cell).orElseThrow() - expected) <= CLOSE * Math.abs(expected);
        });
    }

    /**
     * The circuit halfway. If it fits as well as both, they are no two solutions but one that the givens do not tell
     * more exactly; a given is taken to be exact to 1e-9.
     */
    private static Circuit between(Circuit one, Circuit other) {
        Map<String, Setting> settings = new HashMap<>();
        for (int k = 0; k < one.parts().size(); k++) {
            Part part = one.parts().get(k);
            double ohms = Math.sqrt(part.resistance() * other.parts().get(k).resistance());
            if (part.setting() instanceof Setting.Ohms) settings.put(part.label(), new Setting.Ohms(ohms));
        }
        Source a = one.source();
        Source b = other.source();
        return one.with(
                new Source(
                        Math.sqrt(a.emf() * b.emf()),
                        Math.sqrt(a.internalResistance() * b.internalResistance()),
                        a.voltmeters()),
                settings);
    }

    private static void fitsBoth(Circuit one, Circuit other, List<Given> givens, String where) {
        fits(one, givens, where);
        fits(other, givens, where);
        Chart a = chart(one);
        Chart b = chart(other);
        boolean differ = cells(a).stream().anyMatch(cell -> {
            double x = a.value(cell).orElseThrow();
            double y = b.value(cell).orElseThrow();
            return Math.abs(x - y) > 1e-4 * Math.max(Math.abs(x), Math.abs(y));
        });
        assertTrue(differ, where + ": " + one + " and " + other);
    }

    private static void fits(Circuit circuit, List<Given> givens, String where) {
        fits(circuit, givens, 1e-5, where);
    }

    private static void fits(Circuit circuit, List<Given> givens, double within, String where) {
        Chart chart = chart(circuit);
        for (Given given : givens) {
            assertEquals(
                    given.value(),
                    chart.value(given.cell()).orElseThrow(),
                    // A value of nothing is met by what is nothing beside the others.
                    Math.max(within * given.value(), 1e-12),
                    where + " " + given + " in " + Notation.print(circuit));
        }
    }

    @Property(tries = 150)
    void aGivenThatIsSpoiltIsFoundOut(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Random random = new Random(seed);
        Chart truth = chart(circuit);
        List<Given> givens = new ArrayList<>();
        givens.add(Given.exactly(Cell.voltage(Subject.TOTAL), circuit.source().emf()));
        for (Part part : circuit.parts()) {
            if (part.setting() instanceof Setting.Ohms)
                givens.add(Given.exactly(Cell.resistance(Subject.part(part.label())), part.resistance()));
        }
        Assume.that(truth.point().totalCurrent() > 0 && circuit.source().internalResistance() == 0);
        Subject spoilt = Subject.part(
                circuit.parts().get(random.nextInt(circuit.parts().size())).label());
        Assume.that(truth.value(Cell.current(spoilt)).orElseThrow() > 0);
        double wrong = 1.3 * truth.value(Cell.current(spoilt)).orElseThrow();
        givens.add(Given.exactly(Cell.current(spoilt), wrong));
        boolean found = work(circuit, givens, seed)
                .match(
                        solved -> false,
                        notEnough -> false,
                        contradictory -> contradictory.disagreeing().stream()
                                .anyMatch(given -> given.cell().equals(Cell.current(spoilt))),
                        several -> false,
                        undecided -> false);
        assertTrue(found, () -> Notation.print(circuit) + " with " + givens);
    }

    private static List<Given> givens(Circuit circuit, String... cells) {
        Chart truth = chart(circuit);
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
        Outcome outcome = work(circuit, givens(circuit, cells), 5);
        assertTrue(outcome instanceof Outcome.Solved, () -> notation + ": " + outcome);
        Outcome.Solved solved = (Outcome.Solved) outcome;
        assertTrue(solved.deduction().steps().stream().noneMatch(step -> step.phase() == Step.Phase.TOGETHER));
        Chart truth = chart(circuit);
        for (Cell cell : cells(truth)) {
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
        Outcome outcome =
                work(circuit, givens(circuit, "R1 voltage", "R2 resistance", "R3 resistance", "total power"), 5);
        Outcome.Solved solved = (Outcome.Solved) outcome;
        assertTrue(solved.deduction().steps().stream().anyMatch(step -> step.phase() == Step.Phase.TOGETHER));
        assertEquals(4, solved.deduction().values().get(Cell.resistance(Subject.part("R1"))), 1e-6);
    }

    @Test
    void twoSolutionsAreBothTold() {
        // A load of given power behind an internal resistance: 2 Ω or 8 Ω (maximum power transfer at r lies between).
        Circuit circuit = Notation.circuit("12 V r=4 : R1=2");
        Outcome outcome = work(circuit, givens(circuit, "R1 power", "total voltage", "internal resistance"), 5);
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
        Outcome outcome = work(circuit, givens(circuit, "R1 resistance", "R2 power", "total voltage"), 5);
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
        Outcome.Contradictory contradictory = (Outcome.Contradictory) work(circuit, givens, 5);
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
        assertFalse(work(circuit, givens, 5) instanceof Outcome.Several);
    }

    @Test
    void whatIsToldBadlyContradictsNothing() {
        // 100 mΩ beside R3 is all but all that 84 kΩ leave of R123: R3 could be anything, but for its own current.
        Circuit circuit = Notation.circuit("950 V : R1=84k + (R2=0.1 || R3=83)");
        Outcome outcome = work(
                circuit,
                givens(circuit, "R1 resistance", "R2 resistance", "total resistance", "R2 voltage", "R3 current"),
                5);
        Outcome.Solved solved = (Outcome.Solved) outcome;
        assertEquals(83, solved.deduction().values().get(Cell.resistance(Subject.part("R3"))), 83 * CLOSE);
    }

    @Test
    void roundedReadingsThatSayMoreThanNeededStillFit() {
        // Six readings for five settings, each to two decimals, and worked in the style that carries on two decimals.
        Circuit circuit = Notation.circuit("24 V : L1=6 + (L2=12 || L3=7) + L4=2");
        List<Given> givens =
                givens(circuit, "L1 power", "L2 power", "L3 power", "L4 power", "L1 current", "total voltage").stream()
                        .map(given -> new Given(given.cell(), Math.round(100 * given.value()) / 100.0, 0.005))
                        .toList();
        Relations relations = Relations.of(chart(circuit), HouseStyle.FORGE);
        Outcome outcome = Backwards.of(relations, givens, cells(chart(circuit)));
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
        Outcome.Solved solved = (Outcome.Solved) work(circuit, givens, 5);
        assertEquals("12 V : R1=3 + R2=6.02", Notation.print(solved.circuit()));
    }

    @Test
    void whatIsMissingIsNamed() {
        Circuit circuit = Notation.circuit("16 V : R1=5 + (R2=12 || R3=4)");
        Outcome outcome = work(circuit, givens(circuit, "R1 resistance", "R2 resistance", "total voltage"), 5);
        Outcome.NotEnough notEnough = (Outcome.NotEnough) outcome;
        assertTrue(notEnough.alone());
        assertTrue(notEnough
                .wouldDo()
                .containsAll(List.of(
                        Cell.resistance(Subject.part("R3")),
                        Cell.current(Subject.part("R1")),
                        Cell.voltage(Subject.part("R2")))));
    }
}
