package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.circuit.Cell;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.FindingSentence;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarkerTest {
    private static final FindingSentence SENTENCES = new FindingSentence(MarkingStyle.STANDARD.format());

    /** Marks "R2 current = 0.5 A; R2 power = 3" and the like on a circuit, in this order. */
    private static List<Finding> mark(String notation, String answers) {
        LearnerWork work = LearnerWork.of(Notation.circuit(notation)).orElseThrow();
        Map<Cell, String> typed = new LinkedHashMap<>();
        for (String answer : answers.split(" *; *")) {
            String[] words = answer.split(" ", 3);
            Cell cell = Cell.of(
                    work.relations().chart().subjects().named(words[0]).orElseThrow(),
                    Quantity.valueOf(words[1].toUpperCase(Locale.ROOT)));
            typed.put(cell, words.length > 2 ? words[2] : "");
        }
        return work.marker().mark(typed);
    }

    private static String kinds(List<Finding> findings) {
        return findings.stream()
                .map(finding -> finding instanceof Finding.Slipped slipped
                        ? slipped.simplest().slip().name()
                        : finding.getClass().getSimpleName())
                .collect(Collectors.joining(" "));
    }

    private static List<String> said(List<Finding> findings) {
        return findings.stream()
                .map(SENTENCES::say)
                .map(said -> said.replace('\u2009', ' '))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '~',
            value = {
                // P2 is worked from a wrong I2; the two must not both be right, each from the other.
                "24 V : R1=15 || R2=21 ~ R2 voltage 24 V; R2 current 1.10 A; R2 power 26.4 W ~ Right Wrong FollowThrough",
                // Values that only a difference of unwritten ones, or one that is below zero, could lead to.
                "20 V : R1=6 || R2=10 + R3=7 ~ R1 voltage 12.4; R1 power 10.6 ~ Wrong Wrong",
                "20 V : (R1=17 + R2=20) || R3=11 ~ R3 voltage 36.6; total resistance 12.9 ~ Wrong PARALLEL_ABOVE_SMALLEST_BRANCH",
                "9 V : R1=2 || (R2=2 + R3=2) ~ R23 voltage 13; R2 voltage 27; R23 resistance 1 ~ Wrong SUPPLY_CURRENT_IN_EVERY_BRANCH SERIES_COMBINED_AS_PARALLEL",
                "20 V : R1=6 || R2=10 + R3=7 ~ R1,R2 current 2.9; R1 voltage 10 ~ Wrong VOLTAGE_SHARED_EQUALLY",
                "12 V : R1=24 || R2=19 + R3=4 + R4=9 || R5=1"
                        + " ~ R1,R2 current 0.774; R2 power 16; total power 18; R3 current 11 ~ Right Wrong Wrong TWO_NUMBERS_FOR_ONE",
                // Half of 5.625 was rounded down, from which 14.4 Ω would follow to the figures written: the earlier is
                // the origin.
                "9 V : R1=6 + R2=12 ~ total resistance 14.4; total current 0.625 A; total power 5.62 W"
                        + " ~ Wrong FollowThrough FollowThrough",
                // A cell that stands alone has only the truth to lean on.
                "16 V : R1=5 + (R2=12 || R3=4) ~ R3 power 10.1 ~ Wrong",
                // 57.1 − 50.0 is 7.1, as written.
                "57.1 V : R1=50 + R2=7.1 ~ R1 voltage 50.0; R2 voltage 7.19 ~ Right Wrong",
                // 36 V over an own 4.2 Ω is 8.6 A; the true values are 4.211 Ω and 8.55 A.
                "36 V : (R1=8 || R2=8.8889) ~ R1 voltage 36 V; total resistance 4.2; total current 8.6 A ~ Right Right Right",
                // 20 V less an own 19.9 V: the difference keeps one figure, and 0.1 V is what the own values give.
                "20 V : R1=1k + R2=5.5 ~ R1 voltage 19.9 V; R2 voltage 0.1 V ~ Right RoundedEarly",
                // 13.2 mA from 2.04 V over 155 Ω, and 13.2 mA times 1.14 V; the true values are 13.1 mA and 14.8 mW.
                "9 V : (R1=820 || R2=970) + (R3=79k || R4=15) + ((R5=86 + R6=69) || (R7=79 + R8=900))"
                        + " ~ R5678 voltage 2.04 V; R5 power 0.0150 W ~ Right RoundedEarly",
                // 7.18 − 7.15 = 30.0 mA for 23.1 mA, and all that is worked from it.
                "70 V : (R1=96 || R2=37 || R3=3.6) + (R4=16k || R5=4.2 || R6=52) + (R7=2.7 || (R8=6.5 + R9=830))"
                        + " ~ R789 current 7.18 A; R7 current 7.15 A; R89 current 0.0300 A; R8 current 0.0300 A;"
                        + " R8 voltage 0.195 V; R8 power 0.00585 W ~ Right Right RoundedEarly RoundedEarly RoundedEarly RoundedEarly",
                // The same current in series: what is written for one is written for all.
                "6.3 V r=63k : R1=200 + R2=30 ~ R1 current 0.0000997; external voltage 0.019 ~ Right RoundedEarly",
                // Two branches: I1 = I·R2/(R1 + R2).
                "24 V : R0=2 + (R1=12 || R2=4) ~ total current 5.2; R1 current 1.3 ~ Wrong FollowThrough",
                // Round the loop with the terminal voltage unwritten: 12 − 3 × 1 − 2 × 3.
                "12 V r=1 : R1=3 + R2=2 ~ total current 3 A; R1 voltage 3 V; R2 voltage 6 V ~ Wrong FollowThrough FollowThrough",
                // Cut off at two figures: 1.69 A.
                "12 V : R1=5 + R2=2.1 ~ total current 1.6 A; R1 voltage 8.0 V ~ CUT_OFF FollowThrough",
                // A bypass ignored does not follow by taking away powers that nobody wrote.
                "12 V : R1=4 + (S1=closed || R2=8) ~ total current 1 A; R2 power 8 W ~ BYPASS_IGNORED SUPPLY_CURRENT_IN_EVERY_BRANCH",
                // Both branches' currents are one slip where the total is written, two origins where it is not.
                "16 V : R1=5 + (R2=12 || R3=4) ~ R2 current 1.5 A; R3 current 0.50 A"
                        + " ~ LARGER_BRANCH_LARGER_CURRENT LARGER_BRANCH_LARGER_CURRENT",
                "16 V : R1=5 + (R2=12 || R3=4) ~ R2 power 9.00 W; R3 power 3.00 W ~ EXCHANGED EXCHANGED",
                // A slip made at a value that nobody asks for, and carried on.
                "16 V : R1=5 + (R2=12 || R3=4) ~ total current 0.762 A ~ PARALLEL_ADDED_AS_SERIES",
                // One rule for all, though there are two parallels and the internal resistance.
                "12 V r=1 : (R1=3 || R2=6) + (R3=4 || R4=12) ~ total current 0.462 A ~ PARALLEL_ADDED_AS_SERIES",
                "12 V : R1=3 + (R2=6 || R3=12) ~ total resistance 1.71 ~ SERIES_COMBINED_AS_PARALLEL",
                // 12 V over 17.0 Ω, but over 20 Ω when the total is rounded to one figure.
                "12 V : R1=4.7 + R2=12.3 ~ total current 0.600 A ~ ROUNDED_TOO_EARLY",
                // The voltage is shared equally; the current was worked from that and is no origin though it comes
                // first.
                "12 V : R1=3 + R2=5 ~ R1 current 2.00 A; R1 voltage 6.00 V ~ FollowThrough VOLTAGE_SHARED_EQUALLY",
                // Nobody wrote the whole current, and R3's voltage is what it would give by chance only.
                "7 V : R1=86 || R2=100 || (R3=97 + R4=7.6 + R5=6.1) ~ R2 voltage 24.1; R345 current 0.217; R3 voltage 21.0;"
                        + " R4 voltage 1.65 ~ Wrong FollowThrough FollowThrough FollowThrough",
                // Where it is written, the part's voltage is the origin and not that of the branches.
                "16 V : R1=5 + (R2=12 || R3=4) ~ R1 current 2 A; R23 voltage 24 V; R2 current 2.00 A; R2 voltage 24.0 V"
                        + " ~ Right FollowThrough FollowThrough SUPPLY_CURRENT_IN_EVERY_BRANCH",
                // A resistance does not come of a current that nobody wrote.
                "17 V : R1=86k + R2=3.1 + (R4=15 || R5=470 || R6=17) ~ R456 resistance 17.1; R1 current 0.000198;"
                        + " R4 voltage 0.00339; R6 voltage 0.00339; R6 current 0.000199"
                        + " ~ PARALLEL_ABOVE_SMALLEST_BRANCH Right FollowThrough FollowThrough FollowThrough",
                // An idea is the origin though nobody wrote the current that is shared, and what came of it comes
                // first.
                "16 V r=1 : R1=4 + (R2=12 || R3=4) ~ R2 current 1.00 A; R3 current 1.00 A; R2 voltage 12.0 V; R3 voltage 4.00 V"
                        + " ~ CURRENT_SHARED_EQUALLY CURRENT_SHARED_EQUALLY FollowThrough FollowThrough",
                "18 V r=0.5 : R1=4 + (R2=12 || R3=6) ~ R2 current 1.06 A; R2 voltage 12.7 V"
                        + " ~ CURRENT_SHARED_EQUALLY FollowThrough",
                // Two answers for one voltage: one of them follows, and the other from it.
                "97 V r=5 : R1=1.2 + (V1[R2=49] || R3=320) ~ total current 1.99; internal voltage 9.95; R1 voltage 13.6;"
                        + " V1 voltage 73.5; R2 current 1.73; R3 voltage 73.5"
                        + " ~ Right Right Wrong FollowThrough Right FollowThrough",
                // What one part of a branch carries in the head, the others carry too.
                "7k V : (R1=92k + (R2=630 || R3=4k)) || R4=38.9 ~ R23 resistance 544; total current 720; R2 current 0.262;"
                        + " R3 current 0.0412 ~ Right Wrong FollowThrough FollowThrough",
            })
    void answersAreJudgedByWhatLeadsToThem(String notation, String answers, String expected) {
        List<Finding> findings = mark(notation, answers);
        assertEquals(expected, kinds(findings), () -> String.join("\n", said(findings)));
    }

    @Test
    void renamingPartsChangesNothing() {
        List<Finding> one = mark(
                "16 V : R1=5 + (R2=12 || R3=4)",
                "R23 resistance 16; total resistance 21; total current 0.762; R2 current 3");
        List<Finding> other = mark(
                "16 V : L9=5 + (H2=12 || R1=4)",
                "H2,R1 resistance 16; total resistance 21; total current 0.762; H2 current 3");
        assertEquals(kinds(one), kinds(other));
        assertEquals("PARALLEL_ADDED_AS_SERIES FollowThrough FollowThrough Wrong", kinds(one));
    }

    @Test
    void twoWrongAnswersThatOnlyVouchForEachOtherHaveOneOriginAndOneFollowThrough() {
        // V = I·R makes each of 9 V and 3 A follow from the other; the earlier in the working is the origin.
        assertEquals("Wrong FollowThrough", kinds(mark("12 V : R1=3 + R2=3", "R1 current 3 A; R1 voltage 9 V")));
        assertEquals("FollowThrough Wrong", kinds(mark("12 V : R1=3 + R2=3", "R1 voltage 9 V; R1 current 3 A")));
    }

    @Test
    void aFindingSaysTheNumbersItUsed() {
        assertEquals(
                List.of(
                        "You wrote 0.333 Ω; right is 3.00 Ω. R₂₃ = 1/R₂ + 1/R₃ = 1/12 + 1/4 = 0.333 Ω is still the reciprocal; turn it over at the end.",
                        "Follows correctly from your R₂₃ = 0.333 Ω: R(total) = R₁ + R₂₃ = 5 + 0.333 = 5.33 Ω (right would be 8.00 Ω).",
                        "Nothing was written; P₂ is 3.00 W.",
                        "“x” could not be read as a power in W, such as 2.5 W or 2500 mW; right is 9.00 W.",
                        "“6 A” is a current and cannot be a voltage in V, such as 2.5 V or 2500 mV; right is 6.00 V."),
                said(mark(
                        "16 V : R1=5 + (R2=12 || R3=4)",
                        "R23 resistance 0.333 ohm; total resistance 5.33; R2 power; R3 power x; R2 voltage 6 A")));
        // All numbers stand in units that give the answer's: V times mA is mW.
        assertEquals(
                "Follows correctly from your I₁ = 312 μA: P₁ = V₁ × I₁ = 5 × 0.312 = 1.56 mW (right would be 2.50 mW).",
                said(mark("5 V : R1=10k", "R1 current 312 uA; R1 power 1.56 mW"))
                        .get(1));
        // An equality has a formula too.
        assertEquals(
                "Follows correctly from your V₁ = 3 V: V₂ = V₁ = 3.00 V (right would be 5.00 V).",
                said(mark("5 V : R1=10 || R2=20", "R1 voltage 3 V; R2 voltage 3 V"))
                        .get(1));
        // Where nothing of the learner's was used it says so.
        String early =
                said(mark("9 V : R1=7 + (R2=6 || R3=11)", "R3 power 0.96")).get(0);
        assertEquals("Right within what rounding unwritten values can do", early.split(":")[0]);
    }
}
