package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Slips in words, orders and comparisons, each beside an answer that is wrong in another way and is given no name. */
class SlipsTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private static final String CHAIN = """
            {"title":"q","notation":"12 V : L1=8 + L2=8 + (L3=8 || S1=closed)","states":[{"act":{"act":"open","part":"S1"}}],
             "tasks":[{"kind":"explain","state":1,"cells":[{"subject":"L1","quantity":"power"}]}]}""";

    private final Person teacher = school.signedIn("teacher");

    private JsonNode marked(String question, String answer) {
        return teacher.post(
                        "/api/marking/trial",
                        "{\"question\":" + question + ",\"answers\":[{\"box\":\"1.1\",\"answer\":\"" + answer + "\"}]}")
                .done()
                .json()
                .get("findings")
                .get(0);
    }

    private static String task(String notation, String task) {
        return "{\"title\":\"q\",\"notation\":\"" + notation + "\",\"tasks\":[" + task.replace('\'', '"') + "]}";
    }

    private static String compare(String one, String other, String quantity) {
        return "{'kind':'compare','cells':[{'subject':'%s','quantity':'%s'},{'subject':'%s','quantity':'%s'}]}"
                .formatted(one, quantity, other, quantity);
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "12 V : R1=2 + R2=4, R1, R2, current, greater, current-used-up",
                "12 V : R1=2 + R2=4, R2, R1, current, less, current-used-up",
                // More behind than before is no using up; it is less at the larger, as if there were one voltage.
                "12 V : R1=4 + R2=2, R1, R2, current, less, size-before-place",
                "12 V : R1=2 + R2=2, R1, R2, current, less, -",
                // R3 is the largest, but in parallel; R1 is alone in the loop and takes most.
                "12 V : R1=4 + (R2=2 || R3=6), R3, R1, voltage, greater, size-before-place",
                "12 V : R1=4 + (R2=2 || R3=6), R3, R1, voltage, equal, -",
                "12 V : R1=4 + (R2=2 || R3=6), R3, R1, voltage, less, -"
            })
    void aComparisonThatIsWrongByAnIdeaIsNamed(
            String notation, String one, String other, String quantity, String answer, String slip) {
        JsonNode found = marked(task(notation, compare(one, other, quantity)), answer);
        assertEquals(slip, found.get("slip").asString(null), found::toString);
        assertEquals(slip != null, found.get("finding").asString().equals("slip"));
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "current, 'R1 > R2 > R3', size-before-place",
                "voltage, 'R3 > R2 > R1', size-before-place",
                "voltage, 'R1 > R3 > R2', -",
                "voltage, 'R1 > R2 = R3', -"
            })
    void anOrderByTheResistancesAloneIsNamed(String quantity, String answer, String slip) {
        String rank = "{'kind':'rank','things':['R1','R2','R3'],'quantity':'" + quantity + "'}";
        JsonNode found = marked(task("12 V : R2=5 + (R1=4 || R3=6)", rank), answer);
        assertEquals(slip, found.get("slip").asString(null), found::toString);
    }

    @Test
    void aCurrentThatFallsFromPointToPointIsUsedUp() {
        String points = task(
                "12 V : .A + R1=2 + .B + ((.C + R2=3) || (.D + R3=6)) + .E",
                "{'kind':'rank','things':['A','B','C','D','E'],'quantity':'current'}");
        assertEquals(
                "current-used-up",
                marked(points, "A > B > C > D > E").get("slip").asString(null));
        assertEquals(null, marked(points, "A = B = E > D > C").get("slip").asString(null));
    }

    @Test
    void aChainFromItsEndIsTurnedRound() {
        JsonNode checked = teacher.post("/api/questions/check", "{\"body\":" + CHAIN + "}")
                .done()
                .json();
        String right = checked.get("model").get(0).get("answer").asString();
        List<String> links = new ArrayList<>(List.of(right.split("[^A-Za-z]+")));
        Collections.reverse(links);
        JsonNode found = marked(CHAIN, String.join(" ", links));
        assertEquals("chain-turned-round", found.get("slip").asString(null), found + " of " + right);
    }

    /** A heater of 2.4 Ω on 12 V for 750 s: 60 W, 45 kJ; with 12.5 minutes for its time 750 J. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "energy, 750 J, minutes-for-seconds",
                "energy, 45 J, prefix",
                "energy, 45000 W, unit-of-another-quantity",
                "energy, about 9, -",
                "power, 47.3 W, -",
                "power, 12 W, power-without-square"
            })
    void anAmountIsNamedByItsSlip(String quantity, String answer, String slip) {
        String heater = """
                {"title":"q","notation":"12 V : H1=2.4","running":[{"things":["H1"],"time":"750 s"}],
                 "given":[{"subject":"total","quantity":"voltage"},{"subject":"H1","quantity":"time"},
                 {"subject":"H1","quantity":"resistance"}],
                 "tasks":[{"kind":"calculate","cells":[{"subject":"H1","quantity":"%s"}]}]}""".formatted(quantity);
        JsonNode found = marked(heater, answer);
        assertEquals(slip, found.get("slip").asString(null), found::toString);
        assertEquals(slip != null, found.get("finding").asString().equals("slip"), found::toString);
    }

    @Test
    void aTimeInMinutesIsNamed() {
        String heater = """
                {"title":"q","notation":"12 V : H1=2.4","running":[{"things":["H1"],"time":"750 s"}],
                 "given":[{"subject":"H1","quantity":"power"},{"subject":"H1","quantity":"energy"}],
                 "tasks":[{"kind":"calculate","cells":[{"subject":"H1","quantity":"time"}]}]}""";
        assertEquals("minutes-for-seconds", marked(heater, "12.5 s").get("slip").asString(null));
        assertEquals("right", marked(heater, "12.5 min").get("finding").asString());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "It is the current across a part. | through-and-across",
                "how the voltage flows through the part | through-and-across",
                "The ratio of the voltage across a part to the current through it. | -",
                "how strong it is | -"
            })
    void whatIsThroughAndWhatIsAcrossIsTold(String answer, String slip) {
        JsonNode found = marked("{\"title\":\"q\",\"tasks\":[{\"kind\":\"define\",\"term\":\"resistance\"}]}", answer);
        assertEquals(slip, found.get("slip").asString(null), found::toString);
    }
}
