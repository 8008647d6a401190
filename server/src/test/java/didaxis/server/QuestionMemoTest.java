package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Every example question with its model answers and its memo, and how answers to it are marked. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class QuestionMemoTest {
    @RegisterExtension
    final School school = School.DEMO;

    private QuestionTrial trial;

    @BeforeAll
    void signIn() {
        trial = new QuestionTrial(school.signedIn("teacher"));
    }

    @ParameterizedTest
    @MethodSource("didaxis.server.QuestionTrial#examples")
    void theModelAnswerOfEveryExampleEarnsEverythingAndNothingEarnsNothing(String body) {
        JsonNode checked = trial.check(body, "ridge");
        assertEquals(0, checked.get("flaws").size(), checked.toString());
        Map<String, String> model = QuestionTrial.model(checked);
        assertEquals(checked.get("boxes").size(), model.size());
        List<JsonNode> right = trial.marked(body, model);
        assertEquals(checked.get("total").asInt(), QuestionTrial.points(right), right.toString());
        assertTrue(right.stream().allMatch(one -> one.get("finding").asString().equals("right")), right.toString());
        List<JsonNode> blank = trial.marked(body, Map.of());
        assertEquals(0, QuestionTrial.points(blank));
        assertTrue(blank.stream().allMatch(one -> one.get("finding").asString().equals("blank")), blank.toString());
        // Each box alone answered with nonsense loses its own marks and no others.
        for (JsonNode box : checked.get("boxes")) {
            Map<String, String> spoilt = new LinkedHashMap<>(model);
            spoilt.put(box.get("id").asString(), "purple");
            int lost = checked.get("total").asInt() - QuestionTrial.points(trial.marked(body, spoilt));
            assertEquals(box.get("marks").asInt(), lost, box.toString());
        }
    }

    @Test
    void anErrorInTheFirstStateThatIsCarriedIntoTheSecondCostsItsOwnPointsAndSaysWhereItCameFrom() throws Exception {
        String body = QuestionTrial.examples().findFirst().orElseThrow();
        Map<String, String> answers = QuestionTrial.model(trial.check(body, "ridge"));
        // 1.5 A through 0.5 Ω, R1 and two of 7 Ω side by side: of 15 V for the emf 6 Ω are left for R1.
        answers.put("1.1", "15 V");
        answers.put("1.3", "6 ohm");
        answers.put("1.4-1", "9 V");
        List<JsonNode> findings = trial.marked(body, answers);
        Map<String, JsonNode> byBox =
                findings.stream().collect(Collectors.toMap(one -> one.get("box").asString(), one -> one));
        assertEquals("wrong", byBox.get("1.1").get("finding").asString(), findings.toString());
        assertEquals(
                "follow-through",
                byBox.get("1.3").get("finding").asString(),
                byBox.get("1.3").toString());
        assertEquals(
                "follow-through",
                byBox.get("1.4-1").get("finding").asString(),
                byBox.get("1.4-1").toString());
        assertEquals("total", byBox.get("1.3").get("from").get(0).get("subject").asString());
        assertEquals(trial.check(body, "ridge").get("total").asInt() - 1, QuestionTrial.points(findings));
    }

    /** The memo of every example: the ticks of each line together are the marks, and nothing that is asked is without one. */
    @ParameterizedTest
    @MethodSource("didaxis.server.QuestionTrial#examples")
    void theMemoTicksWhatEachBoxEarns(String body) throws Exception {
        for (String style : List.of("ridge", "valley")) {
            JsonNode checked = trial.check(body, style);
            JsonNode memo = trial.teacher()
                    .post("/api/questions/memo", "{\"style\":\"" + style + "\",\"body\":" + body + "}")
                    .json();
            assertEquals(checked.get("total"), memo.get("total"));
            int boxes = 0;
            for (int k = 0; k < memo.get("tasks").size(); k++) {
                JsonNode task = memo.get("tasks").get(k);
                assertEquals(checked.get("prompts").get(k).get("number"), task.get("number"));
                for (JsonNode entry : task.get("entries")) {
                    boxes++;
                    int ticks = 0;
                    for (JsonNode line : entry.get("lines")) {
                        assertTrue(!line.get("text").asString().isBlank(), entry::toString);
                        ticks += line.get("points").size();
                    }
                    assertEquals(entry.get("marks").asInt(), ticks, entry::toString);
                }
            }
            assertEquals(checked.get("boxes").size(), boxes);
        }
    }

    @Test
    void aMemoHasWhatIsAcceptedAndOtherRoutesAndNoneIsMadeOfAQuestionWithFlaws() {
        String power = """
                {"notation":"16 V : R1=5 + (R2=12 || R3=4)","given":[{"subject":"R1","quantity":"resistance"},
                 {"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},
                 {"subject":"total","quantity":"voltage"}],
                 "tasks":[{"kind":"calculate","cells":[{"subject":"R23","quantity":"resistance"}]},
                          {"kind":"calculate","cells":[{"subject":"R2","quantity":"power"}]}]}""";
        JsonNode tasks = trial.teacher()
                .post("/api/questions/memo", "{\"body\":" + power + "}")
                .json()
                .get("tasks");
        JsonNode group = tasks.get(0).get("entries").get(0);
        assertEquals("2.97\u2009Ω to 3.03\u2009Ω", group.get("accepted").asString());
        assertEquals(
                "R₂₃ = R₂ × R₃/(R₂ + R₃) = 12.0 × 4.00/(12.0 + 4.00) = 3.00\u2009Ω",
                group.get("routes").get(0).get(0).get("text").asString());
        String routes = tasks.get(1).get("entries").get(0).get("routes").toString();
        for (String way : List.of("V₂²/R₂", "I₂² × R₂", "E − V₁")) assertTrue(routes.contains(way), way);
        String flawed = power.replace("\"R3\",\"quantity\":\"resistance\"", "\"R3\",\"quantity\":\"power\"");
        assertEquals(
                422,
                trial.teacher()
                        .post(
                                "/api/questions/memo",
                                "{\"body\":"
                                        + flawed.replace(
                                                "{\"subject\":\"total\",\"quantity\":\"voltage\"}",
                                                "{\"subject\":\"R3\",\"quantity\":\"power\"}")
                                        + "}")
                        .status());
    }
}
