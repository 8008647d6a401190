package didaxis.core.question;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import didaxis.core.circuit.Circuit;
import didaxis.core.notation.Notation;
import didaxis.core.notation.Wiring;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnNamesTest {
    private static final Circuit CIRCUIT = Notation.circuit("9 V : A + .P + V1[R1=2] + (L2=3 || H1=4)");
    private static final OwnNames NAMES = OwnNames.of(Map.of("A", "meter", "R1", "X", "H1", "L"), List.of(CIRCUIT));

    @Test
    void theRenamedCircuitIsConnectedAlikeAndReadInItsNames() {
        Circuit renamed = NAMES.in(CIRCUIT);
        assertEquals("meter + .P + V1[X] + (L2 || L)", Wiring.print(renamed));
        Circuit typed = Wiring.read("METER + .P + V1[x] + (l // L2)", CIRCUIT.source(), renamed.parts())
                .orElseThrow();
        assertEquals(Wiring.canonical(renamed), Wiring.canonical(typed));
    }

    @Test
    void aStemIsReadInTheNamesAndAWordIsNoLabel() {
        assertEquals("A meter of {X} and {meter}: X, R12.", NAMES.stem("A meter of {R1} and {A}: R1, R12."));
    }

    @ParameterizedTest
    @CsvSource({
        "R9, X, must be one of the circuit's",
        "R1, P, is used twice",
        "R1, L2, must be a word of at most 12 letters and digits that is no label such as R7",
        "R1, two words, must be a word of at most 12 letters and digits that is no label such as R7",
        "R1, V7, must be a word of at most 12 letters and digits that is no label such as R7",
        "R1, All, must be none that means something else"
    })
    void whatIsNoNameOrTakenIsRefused(String label, String name, String why) {
        String message = assertThrows(
                        IllegalArgumentException.class, () -> OwnNames.of(Map.of(label, name), List.of(CIRCUIT)))
                .getMessage();
        assertEquals(why, message.substring(message.indexOf(") ") + 2));
    }
}
