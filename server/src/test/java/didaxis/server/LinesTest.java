package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class LinesTest {
    private static final JsonMapper JSON = new JsonMapper();

    @RegisterExtension
    final School school = School.DEMO;

    /** A working of 12 V and 0.5 Ω over 4 Ω, 12 Ω beside 4 Ω, and 4.5 Ω, with a slip of each kind. */
    @Test
    void everyLineOfAWorkingComesBackAsReadWithWhatThereIsToSayOfIt() {
        String working = String.join(
                "\n",
                "1/Rp = 1/12 + 1/4 = 1/3 → Rp = 3 Ω",
                "Rt = 4 + 3 + 4,5 + 0.5 = 12 Ω",
                "because they are in series",
                "I = 12/12 = 1.1 A",
                "V1 = 4 A",
                "I2 = I1 R2/(R2 + R3)",
                "V2 = 12 - Vx",
                "1/Rp = 0.5",
                "R = ((4 + 3");
        JsonNode lines = school.signedIn("teacher")
                .post(
                        "/api/circuits/lines",
                        "{\"notation\":\"12 V r=0.5 : R1=4 + (R2=12 || R3=4) + L4=4.5\",\"style\":\"ridge\",\"working\":"
                                + JSON.writeValueAsString(working) + "}")
                .json();
        List<String> holds =
                lines.valueStream().map(line -> line.get("holds").asString()).toList();
        assertEquals(List.of("YES", "YES", "WORDS", "NO", "NO", "NO", "OPEN", "NO", "UNREAD"), holds);
        assertEquals(2, lines.get(0).get("read").size());
        assertEquals(
                "<msub><mi>R</mi><mtext>p</mtext></msub><mo>=</mo><mtext>3 Ω</mtext>",
                lines.get(0).get("read").get(1).asString());
        String said = lines.valueStream()
                .flatMap(line -> line.get("said").valueStream())
                .map(JsonNode::asString)
                .collect(Collectors.joining("\n"));
        assertEquals(
                String.join(
                        "\n",
                        "12/12 = 1.1 A does not hold: 12/12 is 1.",
                        "There is no current of 1.10\u2009A in this circuit.",
                        "V1 is a voltage and has V as its unit, not A.",
                        "I2 = I1 × R2/(R2 + R3) is no law of this circuit.",
                        "What Vx is here is not known, so this could not be held against the circuit.",
                        "1/Rp is 0.3333 in this circuit, not 0.5.",
                        "Something is missing at the end."),
                said);
    }
}
