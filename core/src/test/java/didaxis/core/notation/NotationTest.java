package didaxis.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.wording.Words;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NotationTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "16 V : R1=5 + (R2=12 || R3=4) ; 16 V : R1=5 + (R2=12 || R3=4)",
                "16 : 5 + 12 ∥ 4 ; 16 V : R1=5 + (R2=12 || R3=4)",
                "12 V : R₁=4 + VR₁₂=6 + V₁[R₃=2] ; 12 V : R1=4 + VR12=6 + V1[R3=2]",
                "16V:R2=5+(7)+R3=4k7 ; 16 V : R2=5 + R1=7 + R3=4.7k",
                "9 V r=0.5 : A1 + S1 + V1[L1=6{6 V, 3 W}] + .B + (R2=4k7 || (A2 + R3=2.2k)) ;"
                        + " 9 V r=0.5 : A1 + S1=closed + V1[L1=6{6 V, 3 W}] + .B + (R2=4.7k || (A2 + R3=2.2k))",
                "V2[V1[12 V r=600m]] : (R1=1 + (R2=2 + R3=3)) ; V2[V1[12 V r=0.6]] : R1=1 + R2=2 + R3=3",
                "12 V : V1[(R1=1 || (R2=2 || R3=3))] + S1=open + F1=5A + W + VR1=2M2 ;"
                        + " 12 V : V1[R1=1 || R2=2 || R3=3] + S1=open + F1=5 A + W + VR1=2.2M",
                "12 V : VR1=0 + R5=0R + F1 + 7 + 0 ; 12 V : VR1=0 + R5=0 + F1 + R1=7 + R2=0"
            })
    void textIsReadAndPrintedCanonically(String typed, String canonical) {
        Circuit circuit = Notation.circuit(typed);
        assertEquals(canonical, Notation.print(circuit));
        assertEquals(circuit, Notation.circuit(canonical));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '~',
            quoteCharacter = '"',
            value = {
                "16 V : R1=5 + ) ~ expected a part or '(' at line 1, column 15; found ')'",
                "16 V : R1=5 + ~ expected a part or '(' at line 1, column 14; found the end of the text",
                "12 V R1=4 ~ expected ':' between the source and the network at line 1, column 6; found 'R1'",
                "12 V r=1 R1=4 ~ expected ':' between the source and the network at line 1, column 10; found 'R1'",
                "9 V battery : R1=3 ~ expected ':' between the source and the network at line 1, column 5; found 'battery'",
                "12 V : R1=4 kΩ and R2=6 ~ expected '+' or '||' at line 1, column 16; found 'and R2'",
                "12 V : 4 // 6 ~ expected '+' or '||' at line 1, column 10; found '// 6'",
                "12 V : R1=4 A + R2=6 ~ expected a resistance in Ω, such as 2.5 Ω or 4.7 kΩ at line 1, column 11; found '4 A'",
                "12 V : L1=0 ~ expected a resistance above 0, such as 4.7k at line 1, column 11; found '0'",
                "16 V = R1 ~ expected ':' between the source and the network at line 1, column 6; found '='",
                "16 V : R1 + R2=4 ~ expected '=' after R1 and a resistance, such as R1=4.7k at line 1, column 11; found '+'",
                "16 V : R1=5 + R1=4 ~ expected another name: R1 is used already at line 1, column 15; found 'R1'",
                "12 V : L1=2e13 ~ expected a resistance of at most 1e12 Ω, such as 4.7k at line 1, column 11; found '2e13'",
                "16 V : R1=1e-10 ~ expected a resistance of at least 1e-9 Ω, such as 4.7k at line 1, column 11; found '1e-10'",
                "16 V : R1=-5 ~ expected a resistance of 0 or more, such as 4.7k at line 1, column 11; found '-5'",
                "16 V : R1=5 | R2=4 ~ expected '||' for parallel at line 1, column 13; found '|'",
                "16 V : (R1=5 + R2=4 ~ expected '+', '||' or ')' at line 1, column 20; found the end of the text",
                "16 V : R1=5 || .B ~ expected a part in this branch, or a wire link W at line 1, column 16; found '.B'",
                "16 V : .B ~ expected a part or '(' at line 1, column 8; found '.B'",
                "16 V : S1=half ~ expected 'open' or 'closed' at line 1, column 11; found 'half'",
                "16 V : R1=5{3} ~ expected a rating with its unit, such as 6 V, 0.5 A or 3 W at line 1, column 13; found '3'",
                "16 V : R1=5 A ~ expected a resistance in Ω, such as 2.5 Ω or 4.7 kΩ at line 1, column 11; found '5 A'",
                "16 V : V1 + R1=5 ~ expected '[' and the stretch that voltmeter V1 stands across at line 1, column 11; found '+'",
                "sixteen : R1=5 ~ expected a voltage in V, such as 2.5 V or 2500 mV at line 1, column 1; found 'sixteen'"
            })
    void anErrorNamesThePlaceAndTheRemedy(String typed, String sentence) {
        assertEquals(
                sentence,
                Notation.parse(typed)
                        .match(parsed -> Notation.print(parsed.circuit()), Notation.Result.Refused::sentence));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "12,5 V r=0,4 : R1=4,7k + L1=6{6,5 V, 3 W} ; , ; 12.5 V r=0.4 : R1=4.7k + L1=6{6.5 V, 3 W}",
                "12,5 V r=0,4 : R1=4,7k + L1=6{6,5 V,3 W} ; . ; 12.5 V r=0.4 : R1=4.7k + L1=6{6.5 V, 3 W}",
                // Where a comma is a decimal sign, a point still is one: the printed form is read in any style.
                "9 V : 1,250 + 1.250                       ; , ; 9 V : R1=1.25 + R2=1.25",
                "9 V : 1,250 + 1.250                       ; . ; 9 V : R1=1.25k + R2=1.25"
            })
    void valuesAreReadInTheStylesDecimalSign(String typed, char sign, String printed) {
        assertEquals(
                printed,
                Notation.parse(typed, sign)
                        .match(parsed -> Notation.print(parsed.circuit()), Notation.Result.Refused::sentence));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "9 V : R1=3 + A1 || R2=4           ; A1",
                "9 V : R1=3 + (A1 || R2=4)         ; ''",
                "9 V : (A1 + R1=3) || R2=4         ; ''",
                "9 V : R1=3 + (S1 || R2=4 + R3=5)  ; S1",
                "9 V : V1[R1=3] || S2 || R2=4 + R3=5 ; V1 S2",
                "9 V : A1 + R1=3 || R2=4           ; ''"
            })
    void metersAndSwitchesAloneBesideBareBarsAreTold(String typed, String alone) {
        assertEquals(
                alone,
                Notation.parse(typed)
                        .match(parsed -> String.join(" ", parsed.alone()), Notation.Result.Refused::sentence));
    }

    @Test
    void anErrorIsPlacedInItsOwnLine() {
        String sentence = Notation.parse("16 V :\n  R1=5 +\n  )")
                .match(parsed -> Notation.print(parsed.circuit()), Notation.Result.Refused::sentence);
        assertEquals("expected a part or '(' at line 3, column 3; found ')'", sentence);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "16 V : R1=5 + (R2=12 || R3=4) ; R1 in series with R2 and R3 in parallel",
                "16 V : R1=5 ; R1",
                "16 V : R1=5 + R2=3 + R3=1 ; R1, R2 and R3 in series",
                "16 V : R1=5 || (R2=3 + S1=open) ; R1 and (R2 and S1 (open) in series) in parallel"
            })
    void aCircuitIsSaidInWords(String notation, String words) {
        assertEquals(words, Words.describe(Notation.circuit(notation)));
    }

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(40);
    }

    @Property
    void whatIsPrintedIsReadBack(@ForAll("circuits") Circuit circuit) {
        String printed = Notation.print(circuit);
        assertEquals(printed, Notation.print(Notation.circuit(printed)));
        assertEquals(circuit.network(), Notation.circuit(printed).network());
        assertEquals(circuit.source(), Notation.circuit(printed).source());
    }

    @Provide
    Arbitrary<String> nearNotation() {
        return Arbitraries.strings()
                .withChars("RVLSAFW.B123450+|()[]{}=: ,kr-∥\n")
                .ofMaxLength(30)
                .map(tail -> "9 V : " + tail);
    }

    @Property(tries = 3000)
    void anythingTypedIsACircuitOrARefusalWithinTheText(@ForAll("nearNotation") String typed) {
        boolean sound = Notation.parse(typed)
                .match(
                        // Built once more, since what is read is checked as it is read and not again.
                        parsed -> Circuit.of(
                                        parsed.circuit().source(),
                                        parsed.circuit().network())
                                .equals(Notation.circuit(Notation.print(parsed.circuit()))),
                        refused -> refused.line() >= 1
                                && refused.line() <= typed.lines().count() + 1
                                && refused.column() >= 1
                                && refused.column() <= typed.length() + 1);
        assertTrue(sound);
    }
}
