package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Source;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Precision;
import didaxis.core.slip.Slip;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.FindingSentence;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

/** Slips put into random charts by formulas of the test's own, and carried on, are named; what is right never is. */
class SlipProperties {
    private static final int SHEETS = 50;
    private static final double MOST_MISSED = 0.03;
    /** The share of cells that are asked where most are not. */
    private static final double ASKED = 0.4;

    private static final double MOST_BY_CHANCE = 0.02;
    /** Nearer to the truth than this a wrong value may be right by what was rounded before it. */
    private static final double FAR = 0.06;

    private static final FindingSentence SENTENCES = new FindingSentence(MarkingStyle.STANDARD.format());

    /** One learner's sheet with one slip in it, and the chance that goes on from there. */
    private record Slipped(LearnerWork work, Cell cell, Map<Cell, String> answers, Random random) {
        String circuit() {
            return Notation.print(work.relations().chart().circuit());
        }

        boolean isVisible(Slip slip) {
            double written = Double.parseDouble(answers.get(cell));
            double truth = work.truth(cell);
            double far = slip == Slip.SIGN ? 0 : slip == Slip.CUT_OFF ? 0.02 : FAR;
            boolean below = slip != Slip.SIGN && answers.values().stream().anyMatch(typed -> typed.startsWith("-"));
            return written != 0 && truth != 0 && Math.abs(written - truth) > far * Math.abs(truth) && !below;
        }
    }

    @ParameterizedTest
    @EnumSource(
            mode = Mode.EXCLUDE,
            // Of words, of times and of what others have written; each is shown by examples.
            names = {
                "UNIT_OF_ANOTHER_QUANTITY",
                "EXCHANGED",
                "MINUTES_FOR_SECONDS",
                "ROUNDED_TOO_EARLY",
                "SIZE_BEFORE_PLACE",
                "CHAIN_TURNED_ROUND",
                "THROUGH_AND_ACROSS"
            })
    void aSlipThatIsCarriedOnIsNamed(Slip slip) {
        List<String> missed = new ArrayList<>();
        List<Slipped> sheets = sheets(slip, Habit.OWN_STEPS, 1);
        int tried = sheets.size();
        for (Slipped sheet : sheets) {
            Random random = sheet.random();
            // What is seen by what stands elsewhere must stand there, and so must what a missing digit is missed by.
            boolean all = slip.sort() == Slip.Sort.SHEET || slip == Slip.DIGIT_LEFT_OUT;
            double share = all || random.nextBoolean() ? 1 : 0.4;
            Map<Cell, String> asked = LearnerWork.asked(sheet.answers(), share, Set.of(sheet.cell()), random);
            List<Finding> findings = sheet.work().marker().mark(asked);
            if (findings.stream().anyMatch(finding -> names(finding, slip))) continue;
            // Cut off, it may be what the learner's own rounded values lead to.
            Finding own = findings.stream()
                    .filter(finding -> finding.cell().equals(sheet.cell()))
                    .findFirst()
                    .orElseThrow();
            if (slip == Slip.CUT_OFF && own.earns()) tried--;
            else missed.add(sheet.circuit() + " " + own.cell() + ": " + SENTENCES.say(own));
        }
        assertSeldomMissed(slip, tried, missed);
    }

    /** Who thinks so does not wait until it is that cell's turn, and works the others from it. */
    @ParameterizedTest
    @EnumSource(
            mode = Mode.INCLUDE,
            names = {
                "RECIPROCAL_NOT_TURNED_OVER",
                "INTERNAL_RESISTANCE_LEFT_OUT",
                "EMF_TAKEN_FOR_TERMINAL_VOLTAGE",
                "WHOLE_SUPPLY_FOR_ONE_PART",
                "VOLTAGE_SHARED_EQUALLY",
                "SUPPLY_CURRENT_IN_EVERY_BRANCH",
                "CURRENT_SHARED_EQUALLY",
                "LARGER_BRANCH_LARGER_CURRENT",
                "OHMS_LAW_UPSIDE_DOWN"
            })
    void aSlipMadeBeforeItsTurnIsNamedWhereMostIsNotAsked(Slip slip) {
        List<String> missed = new ArrayList<>();
        List<Slipped> sheets = sheets(slip, Habit.HAND_FIRST, ASKED);
        for (Slipped sheet : sheets) {
            List<Finding> findings = sheet.work().marker().mark(sheet.answers());
            // Without the internal resistance the terminal voltage is the emf, whichever of them is told.
            Slip same = slip == Slip.EMF_TAKEN_FOR_TERMINAL_VOLTAGE ? Slip.INTERNAL_RESISTANCE_LEFT_OUT : slip;
            if (findings.stream().noneMatch(finding -> names(finding, slip) || names(finding, same)))
                missed.add(sheet.circuit() + " "
                        + findings.stream().map(SENTENCES::say).toList());
        }
        assertSeldomMissed(slip, sheets.size(), missed);
    }

    private static void assertSeldomMissed(Slip slip, int tried, List<String> missed) {
        assertTrue(tried >= SHEETS / 4, () -> slip + " on " + tried + " sheets only");
        assertTrue(
                missed.size() <= MOST_MISSED * tried,
                () -> slip + " on " + tried + " sheets: " + missed.size() + "\n" + String.join("\n", missed));
    }

    private static boolean names(Finding finding, Slip slip) {
        return finding instanceof Finding.Slipped slipped
                && slipped.slips().stream().anyMatch(named -> named.slip() == slip);
    }

    private static List<Slipped> sheets(Slip slip, Habit habit, double share) {
        return LongStream.range(0, 20L * SHEETS)
                .mapToObj(seed -> sheet(slip, seed, habit, share, new Random(seed)))
                .flatMap(Optional::stream)
                .filter(sheet -> sheet.isVisible(slip))
                .limit(SHEETS)
                .toList();
    }

    private static Optional<Slipped> sheet(Slip slip, long seed, Habit habit, double share, Random random) {
        boolean withSwitches = slip == Slip.OPEN_SWITCH_TAKEN_FOR_CLOSED || slip == Slip.BYPASS_IGNORED;
        Circuit plain = RandomCircuits.random(seed, 3 + random.nextInt(7), !withSwitches);
        boolean withResistance = Set.of(
                        Slip.INTERNAL_RESISTANCE_LEFT_OUT, Slip.EMF_TAKEN_FOR_TERMINAL_VOLTAGE, Slip.LOST_VOLTS_ADDED)
                .contains(slip);
        Circuit circuit = withResistance
                ? plain.with(new Source(plain.source().emf(), 1 + random.nextInt(9), List.of()), Map.of())
                : plain;
        return LearnerWork.of(circuit).flatMap(work -> {
            List<SlipPlaces.Made> made = Slipping.in(slip, work).stream()
                    .filter(one -> work.cells().contains(one.cell()))
                    .toList();
            if (made.isEmpty()) return Optional.empty();
            SlipPlaces.Made one = made.get(random.nextInt(made.size()));
            try {
                Set<Cell> asked = share < 1 ? work.asked(share, Set.of(one.cell()), random) : Set.copyOf(work.cells());
                Map<Cell, String> written =
                        work.written(PenSlip.WRITTEN, Map.of(one.cell(), one.hand()), habit, asked, random);
                return Optional.of(new Slipped(work, one.cell(), written, random));
            } catch (ArithmeticException | NumberFormatException e) {
                // Something it is worked from has no value yet, or comes to nothing.
                return Optional.empty();
            }
        });
    }

    @Test
    void whatIsRightIsNeverNamed() {
        for (long seed = 0; seed < 500; seed++) {
            Random random = new Random(seed);
            Optional<LearnerWork> work = LearnerWork.of(RandomCircuits.random(seed, 1 + random.nextInt(9), false));
            if (work.isEmpty()) continue;
            Map<Cell, String> truth = new LinkedHashMap<>();
            Precision precision = Precision.figures(2 + random.nextInt(3));
            for (Cell cell : work.get().cells())
                truth.put(
                        cell,
                        LearnerWork.rounded(work.get().truth(cell), precision).toPlainString());
            for (Finding finding :
                    work.get().marker().mark(LearnerWork.asked(truth, random.nextDouble(), Set.of(), random)))
                assertTrue(finding.earns(), () -> SENTENCES.say(finding));
        }
    }

    /** A wrong value that came of nothing is seldom like one that came of an idea; and what is named gives it. */
    @Test
    void whatIsNamedGivesTheAnswer() {
        int wrong = 0;
        int byAnIdea = 0;
        for (long seed = 0; seed < 500; seed++) {
            Random random = new Random(seed);
            LearnerWork work = LearnerWork.of(RandomCircuits.random(seed, 3 + random.nextInt(7), true))
                    .orElseThrow();
            Cell cell = work.some(1, random).get(0);
            Map<Cell, String> answers =
                    work.worked(PenSlip.WRITTEN, Map.of(cell, LearnerWork.wrongBy(random)), Habit.OWN_STEPS, random);
            if (!work.isWrong(cell, answers.get(cell))) continue;
            wrong++;
            for (Finding finding : work.marker().mark(answers)) {
                if (!(finding instanceof Finding.Slipped slipped)) continue;
                Slip.Sort sort = slipped.simplest().slip().sort();
                if (sort == Slip.Sort.IDEA || sort == Slip.Sort.FORMULA) byAnIdea++;
                for (NamedSlip named : slipped.slips())
                    assertTrue(gives(named, slipped), () -> SENTENCES.say(slipped) + " " + named);
            }
        }
        int all = wrong;
        int named = byAnIdea;
        assertTrue(named <= MOST_BY_CHANCE * all, () -> named + " of " + all + " named by an idea");
    }

    /** What only alters a number, or says what cannot be, gives it in another way. */
    private static boolean gives(NamedSlip named, Finding.Slipped slipped) {
        boolean worked = named.at().equals(slipped.cell()) && named.slip().sort() != Slip.Sort.PEN;
        boolean impossible = named.slip().compareTo(Slip.PARALLEL_ABOVE_SMALLEST_BRANCH) >= 0;
        if (!worked || impossible || named.slip() == Slip.CUT_OFF) return true;
        double answer = slipped.read().amount().si();
        double off = Math.abs(named.value() - answer);
        MarkingStyle style = MarkingStyle.STANDARD;
        return style.tolerance().matches(named.value(), answer) || off <= style.halfOfLastPlace(slipped.read());
    }
}
