package didaxis.core.wording;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.BridgeChart;
import didaxis.core.chart.Chart;
import didaxis.core.chart.Check;
import didaxis.core.chart.Folding;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.notation.Netlist;
import didaxis.core.notation.Notation;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.solving.Pair;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.HouseStyle.FoldingOrder;
import didaxis.core.working.ChartColumns;
import didaxis.core.working.Step;
import didaxis.core.working.StyledChart;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the rules found, said to people. */
class SentencesTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(10);
    }

    @Provide
    Arbitrary<HouseStyle> styles() {
        return Arbitraries.of(HouseStyle.PRESETS);
    }

    private static Optional<StyledChart> styled(Circuit circuit, HouseStyle style) {
        return OperatingPoint.of(circuit)
                .match(point -> Optional.of(StyledChart.of(Chart.of(point), style)), shorted -> Optional.empty());
    }

    /** In a style that says 'potential difference' nobody is told of a voltage, and every step has a reason. */
    @Property(tries = 300)
    void everySentenceIsInTheStylesOwnWords(@ForAll("circuits") Circuit circuit, @ForAll("styles") HouseStyle style) {
        Optional<StyledChart> chart = styled(circuit, style);
        Assume.that(chart.isPresent());
        ChartColumns columns = ChartColumns.of(chart.get());
        Stream<String> reasons = chart.get().working().steps().stream()
                .map((Step step) -> LawReason.of(step, chart.get().working(), style.terms()));
        Stream<String> notes = ChartSentence.notes(chart.get()).stream();
        Stream<String> checks = chart.get().checks().stream().map((Check check) -> ChartSentence.check(check, columns));
        boolean other = !style.terms().voltage().equals("voltage");
        Stream.of(reasons, notes, checks).flatMap(some -> some).forEach(sentence -> {
            assertFalse(sentence.isBlank());
            if (other) assertFalse(sentence.contains("voltage"), sentence);
            if (style.numbers().decimalSign() == ',') assertFalse(sentence.matches(".*[0-9]\\.[0-9].*"), sentence);
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "R2 ; R3 ; R2 and R3 are in parallel: both ends of each are on a and b.",
                "R4 ; R5 ; R4 and R5 are in series: the same current must pass both.",
                "R1 ; R2 ; R1 and R2 are not in series: junction a lies between them, and there the current divides.",
                "R3 ; R4 ; R3 and R4 are not in parallel: R5 is in the same branch, so their ends are not on the same"
                        + " two junctions."
            })
    void whetherTwoFoldIsSaidWithTheReason(String one, String other, String sentence) {
        Circuit circuit = Notation.circuit("12 V : R1=1 + (R2=2 || R3=3 || (R4=4 + R5=5))");
        assertEquals(sentence, FoldSentence.pair(Pair.of(circuit, one, other), one, other));
    }

    @Test
    void aFoldNamesItsMembersAndWhyTheyFold() {
        Chart chart = styled(Notation.circuit("12 V r=1 : R1=1 + (R2=2 || R3=3 || R4=4)"), HouseStyle.RIDGE)
                .orElseThrow()
                .chart();
        assertEquals(
                List.of(
                        "R2, R3 and R4: both ends on a and b",
                        "R1 and R234: the same current must pass",
                        "the network and r: the same current must pass"),
                Folding.of(chart, FoldingOrder.INNERMOST_FIRST).stream()
                        .flatMap(stage -> stage.fold().stream())
                        .map(fold -> FoldSentence.members(fold) + ": " + FoldSentence.reason(fold))
                        .toList());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "12 V : R1=4 + L1=2{3 V} ; L1 is over its rating: 4.00 V, made for 3 V."
                        + " The highest safe supply is 9.00 V, set by L1 (3 V).",
                "12 V : R1=4 + S1=open ; The circuit is open: no current flows.",
                "12 V : R1=4 + (W1 || A1 || S1) ;"
                        + " W1, A1 and S1 are ideal wires side by side: how they share the current is not decided.",
                "12 V : R1=4 ; ''"
            })
    void whatIsWorthANoteIsSaidUnderTheChart(String notation, String notes) {
        StyledChart chart = styled(Notation.circuit(notation), HouseStyle.RIDGE).orElseThrow();
        assertEquals(notes, String.join(" ", ChartSentence.notes(chart)).replace('\u2009', ' '));
    }

    @Test
    void aShortedSourceIsRefusedWithTheReasonAndTheMend() {
        String said = OperatingPoint.of(Notation.circuit("12 V : R1=4 || W1 || S1"))
                .match(point -> "", shorted -> ChartSentence.shorted(shorted.across()));
        assertTrue(said.startsWith("The source is shorted by W1 and S1: "), said);
        assertTrue(said.contains("overheat") && said.contains("give the source an r"), said);
    }

    @Test
    void aBridgeIsNamedByItsNodesAndItsPowersAreCompared() {
        Netlist.Result.Bridge bridge = (Netlist.Result.Bridge)
                Netlist.read("E1 p 0 10 V\nR1 p a 10\nR2 p b 20\nR3 a 0 10\nR4 b 0 10\nR5 a b 7");
        assertTrue(BridgeSentence.named(bridge.circuit()).contains("between the nodes a and b"));
        String check = BridgeSentence.check(
                bridge.circuit(), BridgeChart.of(bridge.circuit()).orElseThrow(), HouseStyle.RIDGE);
        assertTrue(
                check.replace('\u2009', ' ').matches("The source gives .* A and (.*) W; parts take \\1 W\\."), check);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"'' ; ''", "R1 ; R1", "R1 R2 ; R1 and R2", "R1 R2 R3 ; R1, R2 and R3"})
    void namesAreListedAsLists(String names, String listed) {
        assertEquals(listed, Listed.of(names.isEmpty() ? List.of() : List.of(names.split(" "))));
    }
}
