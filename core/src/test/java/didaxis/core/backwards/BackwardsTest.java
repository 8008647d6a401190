package didaxis.core.backwards;

import static org.junit.jupiter.api.Assertions.assertEquals;
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
import java.util.ArrayList;
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

class BackwardsTest {
    static final double CLOSE = 1e-6;
    /** Of what the whole circuit has, so little is noise. */
    private static final double NOTHING = 1e-9;

    @Provide
    Arbitrary<Circuit> circuits() {
        return Arbitraries.oneOf(RandomCircuits.plain(7), RandomCircuits.any(6))
                .filter(circuit -> OperatingPoint.of(circuit)
                        .match(
                                point -> point.sharedCurrents().isEmpty()
                                        && point.sharedVoltages().isEmpty(),
                                shorted -> false));
    }

    static Chart chart(Circuit circuit) {
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

    static Set<Cell> cells(Chart chart) {
        Set<Cell> cells = new LinkedHashSet<>();
        for (Subject subject : chart.rows()) {
            for (Quantity quantity : Quantity.values()) {
                Cell cell = Cell.of(subject, quantity);
                if (chart.value(cell).isPresent()) cells.add(cell);
            }
        }
        return cells;
    }

    static Outcome work(Circuit circuit, List<Given> givens, long seed) {
        return Backwards.of(alike(circuit, seed), givens, cells(chart(circuit)));
    }

    /** Some settings cleared and as many other cells given instead, or one fewer; the seed is fixed for the share. */
    @Property(tries = 300, seed = "2026")
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
                                CLOSE * Math.max(Math.abs(expected), NOTHING * whole(cell, found)),
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

    /** What the whole circuit has of a cell's quantity, against which a bypassed branch has nothing but noise. */
    private static double whole(Cell cell, Chart chart) {
        Quantity quantity = cell.quantity() == Quantity.POTENTIAL ? Quantity.VOLTAGE : cell.quantity();
        return Math.abs(chart.value(Cell.of(Subject.TOTAL, quantity)).orElse(0));
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
}
