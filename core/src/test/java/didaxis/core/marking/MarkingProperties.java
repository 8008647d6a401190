package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relations;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.FindingSentence;
import didaxis.core.wording.PrintedSumReader;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
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
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.statistics.Statistics;

/**
 * How often marking errs on made-up sheets, with every kind of part among them. Each limit is on a share of all tries;
 * their seeds are fixed, since a share moves a little with the sheets it is taken of.
 */
class MarkingProperties {
    private static final List<Precision> WRITTEN = List.of(
            Precision.figures(2),
            Precision.figures(3),
            Precision.figures(4),
            Precision.decimals(1),
            Precision.decimals(2));

    @Provide
    Arbitrary<LearnerWork> works() {
        return RandomCircuits.any(3, 12)
                .map(LearnerWork::of)
                .filter(Optional::isPresent)
                .map(Optional::get)
                .filter(work -> work.some(3, new Random(0)).size() == 3);
    }

    private static <T> T oneOf(List<T> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    private static void collect(String label, boolean bad, double mostPercent) {
        Statistics.label(label).collect(bad);
        Statistics.label(label).coverage(coverage -> coverage.check(true).percentage(share -> share <= mostPercent));
    }

    private static boolean anyOf(List<Finding> findings, Class<? extends Finding> kind) {
        return findings.stream().anyMatch(kind::isInstance);
    }

    private static Set<Cell> origins(List<Finding> findings) {
        return findings.stream()
                .filter(finding -> finding instanceof Finding.Wrong || finding instanceof Finding.Slipped)
                .map(Finding::cell)
                .collect(Collectors.toSet());
    }

    @Property(tries = 250, seed = "2026")
    void honestWorkWithEverythingWrittenIsRight(@ForAll("works") LearnerWork work, @ForAll long seed) {
        Random random = new Random(seed);
        Map<Cell, String> answers =
                work.worked(oneOf(WRITTEN, random), Map.of(), oneOf(List.of(Habit.values()), random), random);
        for (Finding finding : work.marker().mark(answers))
            collect("all written", finding instanceof Finding.Wrong, 0.2);
    }

    @Property(tries = 250, seed = "2026")
    void honestWorkWithMostInTheHeadIsRight(@ForAll("works") LearnerWork work, @ForAll long seed) {
        Random random = new Random(seed);
        for (Habit habit : List.of(Habit.OWN_STEPS, Habit.USUAL_WAYS)) {
            Set<Cell> asked = work.asked(0.4, Set.of(), random);
            Map<Cell, String> answers = work.worked(oneOf(WRITTEN, random), Map.of(), habit, asked, random);
            for (Finding finding : work.marker().mark(answers))
                collect("60 % unasked, " + habit, finding instanceof Finding.Wrong, 1.5);
        }
    }

    @Property(tries = 250, seed = "2026")
    void aSmallErrorCarriedOnIsFound(@ForAll("works") LearnerWork work, @ForAll long seed) {
        Random random = new Random(seed);
        Cell cell = work.some(1, random).get(0);
        double factor = 1 + (0.02 + 0.03 * random.nextDouble()) * (random.nextBoolean() ? 1 : -1);
        Map<Cell, String> answers = work.worked(
                Precision.figures(3),
                Map.of(cell, factor),
                oneOf(List.of(Habit.OWN_STEPS, Habit.ANY_LAW), random),
                random);
        Assume.that(work.isWrong(cell, answers.get(cell)));
        collect("no origin", origins(work.marker().mark(answers)).isEmpty(), 2);
    }

    @Property(tries = 250, seed = "2026")
    void valuesToWhichNothingLeadsAreNotAccepted(@ForAll("works") LearnerWork work, @ForAll long seed) {
        Random random = new Random(seed);
        for (int figures = 2; figures <= 3; figures++) {
            List<Cell> two = work.some(2, random);
            List<Finding> findings = work.marker().mark(work.guessed(two, figures, random));
            collect("two independent, figures " + figures, origins(findings).size() < 2, figures == 2 ? 6 : 3);
            List<Cell> all = work.some(Integer.MAX_VALUE, random);
            for (Finding finding : work.marker().mark(work.guessed(all, figures, random)))
                collect(
                        "guessed, figures " + figures,
                        anyOf(List.of(finding), Finding.FollowThrough.class)
                                || anyOf(List.of(finding), Finding.RoundedEarly.class),
                        figures == 2 ? 30 : 10);
        }
    }

    @Property(tries = 250, seed = "2026")
    void errorsCarriedOnHaveExactlyTheirOrigins(@ForAll("works") LearnerWork work, @ForAll long seed) {
        Random random = new Random(seed);
        for (Habit habit : List.of(Habit.OWN_STEPS, Habit.USUAL_WAYS)) {
            for (int errors = 1; errors <= 3; errors++) {
                Map<Cell, Double> spoiled = new HashMap<>();
                for (Cell cell : work.some(errors, random)) spoiled.put(cell, LearnerWork.wrongBy(random));
                origins(work, spoiled, habit, Set.copyOf(work.cells()), new double[] {0.5, 3, 5}, random);
                origins(
                        work,
                        spoiled,
                        habit,
                        work.asked(0.4, spoiled.keySet(), random),
                        new double[] {0.5, 10, 15},
                        random);
            }
        }
    }

    private static void origins(
            LearnerWork work,
            Map<Cell, Double> spoiled,
            Habit habit,
            Set<Cell> asked,
            double[] mostPercent,
            Random random) {
        Map<Cell, String> answers = work.worked(Precision.figures(3), spoiled, habit, asked, random);
        boolean visible = spoiled.keySet().stream().allMatch(cell -> work.isWrong(cell, answers.get(cell)))
                && answers.values().stream().noneMatch(typed -> typed.startsWith("-"));
        if (!visible) return;
        int errors = spoiled.size();
        String unasked = asked.size() == work.cells().size() ? "all written" : "60 % unasked";
        collect(
                errors + " errors, " + unasked + ", " + habit,
                !origins(work.marker().mark(answers)).equals(spoiled.keySet()),
                mostPercent[errors - 1]);
    }

    /** A small difference of large readings hangs on their last figure: what counts is what the learner was told. */
    @Property(tries = 200)
    void whatIsWorkedFromAGivenAsItIsToldEarns(
            @ForAll @DoubleRange(min = 5, max = 90) double ohms, @ForAll @DoubleRange(min = 0.01, max = 1) double few) {
        Circuit circuit = Notation.circuit("12 V : R1=" + ohms + " + R2=" + few);
        Relations relations = LearnerWork.of(circuit).orElseThrow().relations();
        Cell given = Cell.voltage(relations.chart().subjects().named("R1").orElseThrow());
        Cell asked = Cell.voltage(relations.chart().subjects().named("R2").orElseThrow());
        AmountFormat format = MarkingStyle.STANDARD.format();
        double told =
                given.told(relations.chart().value(given).orElseThrow(), format).si();
        Finding finding = Marker.of(relations, Set.of(Cell.voltage(Subject.TOTAL), given), MarkingStyle.STANDARD)
                .mark(Map.of(asked, format.print(Amount.of(12 - told, Quantity.VOLTAGE))))
                .get(0);
        assertTrue(finding.earns(), () -> circuit + ", told " + told + ": " + finding);
    }

    @Property(tries = 200)
    void theOrderOfTheAnswersChangesNothing(@ForAll("works") LearnerWork work, @ForAll long seed) {
        Random random = new Random(seed);
        Map<Cell, Double> spoiled = Map.of(work.some(1, random).get(0), 1.5);
        Map<Cell, String> answers = work.worked(Precision.figures(3), spoiled, Habit.ANY_LAW, random);
        List<Cell> cells = new ArrayList<>(answers.keySet());
        answers.put(oneOf(cells, random), "0.77");
        Collections.shuffle(cells, random);
        Map<Cell, String> shuffled = new LinkedHashMap<>();
        cells.forEach(cell -> shuffled.put(cell, answers.get(cell)));
        Map<Cell, Finding> one = byCell(work.marker().mark(answers));
        assertEquals(one, byCell(work.marker().mark(shuffled)));
    }

    private static Map<Cell, Finding> byCell(List<Finding> findings) {
        return findings.stream().collect(Collectors.toMap(Finding::cell, finding -> finding));
    }

    @Property(tries = 200)
    void thePrintedSumGivesThePrintedResult(@ForAll("works") LearnerWork work, @ForAll long seed) {
        Random random = new Random(seed);
        Map<Cell, Double> spoiled = Map.of(work.some(1, random).get(0), oneOf(List.of(1.0, 1.03, 1.5, 10.0), random));
        Map<Cell, String> all = work.worked(oneOf(WRITTEN, random), spoiled, Habit.ANY_LAW, random);
        FindingSentence sentences = new FindingSentence(MarkingStyle.STANDARD.format());
        for (Finding finding : work.marker().mark(LearnerWork.asked(all, 0.6, Set.of(), random))) {
            if (!(finding instanceof Finding.RoundedEarly || finding instanceof Finding.FollowThrough)) continue;
            String sentence = sentences.say(finding);
            PrintedSumReader.Sum sum = PrintedSumReader.read(sentence);
            assertTrue(sum.holds(), () -> work.relations().chart().circuit() + ": " + sentence + " " + sum);
        }
    }
}
