package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.analysis.Chart;
import didaxis.core.analysis.OperatingPoint;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Notation;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
import didaxis.core.working.Deduction;
import didaxis.core.working.Relations;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class MarkerTest {
    private static final Precision THREE_FIGURES = Precision.figures(3);

    /** A circuit with its relations, its givens and its working to every cell. */
    private record Sheet(Relations relations, Map<Cell, Double> givens, List<Step> steps) {
        static Sheet of(Circuit circuit) {
            Relations relations = OperatingPoint.of(circuit).match(point -> Relations.of(Chart.of(point)), shorted -> {
                throw new AssertionError(shorted);
            });
            Map<Cell, Double> givens = Deduction.fromResistancesAndEmf(relations.chart());
            return new Sheet(
                    relations,
                    givens,
                    Deduction.of(relations, givens, relations.cells()).steps());
        }

        Marker marker() {
            return Marker.of(relations, givens.keySet(), MarkingStyle.STANDARD);
        }

        /** A cell from its names, such as "R8 power". */
        Cell cell(String names) {
            String[] words = names.split(" ");
            return Cell.of(
                    relations.chart().subjects().named(words[0]).orElseThrow(),
                    Quantity.valueOf(words[1].toUpperCase(Locale.ROOT)));
        }

        /** Whether right, rounded neighbours lead to the spoiled value, as a difference of nearly equal numbers may: then it is no error. */
        boolean roundingExplains(Cell cell, Map<Cell, String> right, Map<Cell, String> spoiled) {
            double value = number(spoiled.get(cell));
            return relations.of(cell).stream().anyMatch(relation -> {
                double led = relation.solve(
                        cell, input -> givens.containsKey(input) ? givens.get(input) : number(right.get(input)));
                return Math.abs(led - value) <= 0.02 * Math.abs(value);
            });
        }

        private static double number(String typed) {
            return Double.parseDouble(typed.split(" ")[0]);
        }

        /** The working done by hand, each value rounded and carried on rounded; one of them spoiled by a factor. */
        Map<Cell, String> byHand(int spoiled, double factor) {
            Map<Cell, Double> known = new HashMap<>(givens);
            Map<Cell, String> written = new LinkedHashMap<>();
            for (int k = 0; k < steps.size(); k++) {
                Step step = steps.get(k);
                double value = step.formula().with(new didaxis.core.working.Evaluation(known::get));
                String digits = THREE_FIGURES
                        .round(k == spoiled ? value * factor : value)
                        .toPlainString();
                known.put(step.cell(), Double.parseDouble(digits));
                written.put(step.cell(), digits + " " + step.cell().quantity().unit());
            }
            return written;
        }
    }

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.plain(9);
    }

    private static List<String> kinds(List<Finding> findings) {
        return findings.stream()
                .map(finding -> finding.getClass().getSimpleName())
                .toList();
    }

    private static long count(List<Finding> findings, Class<? extends Finding> kind) {
        return findings.stream().filter(kind::isInstance).count();
    }

    @Property(tries = 150)
    void aChartWorkedByHandWithThreeFiguresIsAllRight(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Sheet sheet = Sheet.of(circuit);
        Map<Cell, String> answers = someOf(sheet.byHand(-1, 1), new Random(seed), List.of());
        List<Finding> findings = sheet.marker().mark(answers);
        assertEquals(
                findings.size(),
                count(findings, Finding.Right.class) + count(findings, Finding.RoundedEarly.class),
                () -> circuit + " " + wrongOnes(findings));
    }

    @Property(tries = 150)
    void anErrorCarriedOnCorrectlyHasOneOriginAndFollowThroughForTheRest(
            @ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Sheet sheet = Sheet.of(circuit);
        Assume.that(!sheet.steps().isEmpty());
        Random random = new Random(seed);
        int spoiled = random.nextInt(sheet.steps().size());
        double factor = List.of(0.5, 0.7, 1.3, 2.0, 10.0).get(random.nextInt(5));
        Cell origin = sheet.steps().get(spoiled).cell();
        Assume.that(!sheet.roundingExplains(origin, sheet.byHand(-1, 1), sheet.byHand(spoiled, factor)));
        Map<Cell, String> answers = someOf(sheet.byHand(spoiled, factor), random, List.of(origin));
        List<Finding> findings = sheet.marker().mark(answers);
        assertEquals(
                1,
                count(findings, Finding.Wrong.class),
                () -> circuit + " spoiled " + origin + " ×" + factor + " of " + answers + " " + wrongOnes(findings));
        assertEquals(0, count(findings, Finding.Blank.class) + count(findings, Finding.Unreadable.class));
        boolean restsOnWrong = findings.stream()
                .filter(Finding.FollowThrough.class::isInstance)
                .map(Finding.FollowThrough.class::cast)
                .allMatch(finding -> !finding.derivation().from().isEmpty());
        assertTrue(restsOnWrong);
    }

    /** 7.18 − 7.15 = 30.0 mA for 23.1 mA is right by rounding; a product of two that rest on it is no error of its own. */
    @Test
    void whatIsWorkedFromASmallDifferenceFollows() {
        List<Finding> findings = mark(
                "70 V : (R1=96 || R2=37 || R3=3.6) + (R4=16k || R5=4.2 || R6=52) + (R7=2.7 || (R8=6.5 + R9=830))",
                "R789 current 7.18 A",
                "R7 current 7.15 A",
                "R89 current 0.0300 A",
                "R8 current 0.0300 A",
                "R8 voltage 0.195 V",
                "R8 power 0.00585 W",
                "R9 power 0.44 W");
        assertEquals(
                List.of("Right", "Right", "RoundedEarly", "RoundedEarly", "RoundedEarly", "FollowThrough", "Right"),
                kinds(findings),
                () -> wrongOnes(findings));
    }

    /** The answers that are asked: all, or a random half with these in it. */
    private static Map<Cell, String> someOf(Map<Cell, String> answers, Random random, List<Cell> always) {
        boolean all = random.nextBoolean();
        Map<Cell, String> some = new LinkedHashMap<>();
        answers.forEach((cell, typed) -> {
            if (all || random.nextBoolean() || always.contains(cell)) some.put(cell, typed);
        });
        return some;
    }

    private static String wrongOnes(List<Finding> findings) {
        FindingSentence sentence = new FindingSentence(MarkingStyle.STANDARD.format());
        return findings.stream()
                .filter(finding -> !(finding instanceof Finding.Right))
                .map(finding ->
                        "\n" + finding.cell() + " " + finding.getClass().getSimpleName() + ": " + sentence.say(finding))
                .collect(Collectors.joining());
    }

    @Property(tries = 60)
    void theOrderOfTheAnswersChangesNothing(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Sheet sheet = Sheet.of(circuit);
        Assume.that(sheet.steps().size() > 2);
        Random random = new Random(seed);
        Map<Cell, String> answers = sheet.byHand(random.nextInt(sheet.steps().size()), 1.5);
        List<Cell> cells = new ArrayList<>(answers.keySet());
        answers.put(cells.get(random.nextInt(cells.size())), "0.77");
        Map<Cell, String> shuffled = new LinkedHashMap<>();
        Collections.shuffle(cells, random);
        cells.forEach(cell -> shuffled.put(cell, answers.get(cell)));
        Map<Cell, Finding> one = byCell(sheet.marker().mark(answers));
        Map<Cell, Finding> other = byCell(sheet.marker().mark(shuffled));
        one.forEach((cell, finding) ->
                assertEquals(finding.getClass(), other.get(cell).getClass()));
    }

    private static Map<Cell, Finding> byCell(List<Finding> findings) {
        return findings.stream().collect(Collectors.toMap(Finding::cell, finding -> finding));
    }

    /** Marks "R2 current = 0.5 A" and the like on a circuit, in this order. */
    private static List<Finding> mark(String notation, String... answers) {
        Sheet sheet = Sheet.of(Notation.circuit(notation));
        Map<Cell, String> typed = new LinkedHashMap<>();
        for (String answer : answers) {
            String[] words = answer.split(" ", 3);
            typed.put(sheet.cell(words[0] + " " + words[1]), words.length > 2 ? words[2] : "");
        }
        return sheet.marker().mark(typed);
    }

    @Test
    void renamingPartsChangesNothing() {
        List<Finding> one = mark(
                "16 V : R1=5 + (R2=12 || R3=4)",
                "R23 resistance 16",
                "total resistance 21",
                "total current 0.762",
                "R2 current 3");
        List<Finding> other = mark(
                "16 V : L9=5 + (H2=12 || R1=4)",
                "H2,R1 resistance 16",
                "total resistance 21",
                "total current 0.762",
                "H2 current 3");
        assertEquals(kinds(one), kinds(other));
        assertEquals(List.of("Wrong", "FollowThrough", "FollowThrough", "Wrong"), kinds(one));
    }

    @Test
    void twoWrongAnswersThatOnlyVouchForEachOtherHaveOneOriginAndOneFollowThrough() {
        // V = I·R makes each of 9 V and 3 A follow from the other.
        assertEquals(
                List.of("Wrong", "FollowThrough"),
                kinds(mark("12 V : R1=3 + R2=3", "R1 current 3 A", "R1 voltage 9 V")));
        // The earlier in the working is the origin, in whatever order they stand.
        assertEquals(
                List.of("FollowThrough", "Wrong"),
                kinds(mark("12 V : R1=3 + R2=3", "R1 voltage 9 V", "R1 current 3 A")));
    }

    @Test
    void aValueRoundedEarlyIsRightAndSoIsWhatFollowsFromIt() {
        // 36 V over an own 4.2 Ω is 8.6 A; the true values are 4.211 Ω and 8.55 A (the rule's own example).
        List<Finding> findings =
                mark("36 V : (R1=8 || R2=8.8889)", "R1 voltage 36 V", "total resistance 4.2", "total current 8.6 A");
        assertEquals(List.of("Right", "Right", "Right"), kinds(findings));
        // 20 V less an own 19.9 V: the difference keeps one figure, and 0.1 V is what the learner's own values give.
        findings = mark("20 V : R1=1k + R2=5.5", "R1 voltage 19.9 V", "R2 voltage 0.1 V");
        assertEquals(List.of("Right", "RoundedEarly"), kinds(findings));
        // 13.2 mA from 2.04 V over 155 Ω, and 13.2 mA times 1.14 V; the true values are 13.1 mA and 14.8 mW.
        findings = mark(
                "9 V : (R1=820 || R2=970) + (R3=79k || R4=15) + ((R5=86 + R6=69) || (R7=79 + R8=900))",
                "R5678 voltage 2.04 V",
                "R5 power 0.0150 W");
        assertEquals(List.of("Right", "RoundedEarly"), kinds(findings));
        // 2.41 A times 5 kΩ is 12.05 kV, in the head 12.1 kV, and 12.1 kV times 2.41 A is 29.2 kW; the true value is
        // 28.8 kW.
        findings =
                mark("37k V : R1=150 + R2=9 + (R3=78 || (R4=5k + R5=18))", "R4,R5 current 2.41 A", "R4 power 29200 W");
        assertEquals(List.of("Right", "RoundedEarly"), kinds(findings));
    }

    @Test
    void aFollowedAnswerNamesTheOwnValueAndTheNumbers() {
        List<Finding> findings = mark(
                "16 V : R1=5 + (R2=12 || R3=4)",
                "R23 resistance 0.333 ohm",
                "total resistance 5.33",
                "R2 power",
                "R3 power x");
        FindingSentence sentence = new FindingSentence(MarkingStyle.STANDARD.format());
        assertEquals(
                List.of(
                        "You wrote 0.333 Ω; right is 3.00 Ω, and nothing else on your sheet leads to your value.",
                        "Follows correctly from your R₂₃ = 0.333 Ω: R(total) = 5.00 + 0.333 = 5.33 Ω (right would be 8.00 Ω).",
                        "Nothing was written; P₂ is 3.00 W.",
                        "“x” could not be read as a power in W, such as 2.5 W or 2500 mW; right is 9.00 W."),
                findings.stream()
                        .map(sentence::say)
                        .map(said -> said.replace('\u2009', ' '))
                        .toList());
    }
}
