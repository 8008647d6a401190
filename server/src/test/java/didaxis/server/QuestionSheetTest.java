package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Questions as learners get them: what is told and drawn, and what is not. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class QuestionSheetTest {
    @RegisterExtension
    final School school = School.DEMO;

    private QuestionTrial trial;

    @BeforeAll
    void signIn() {
        trial = new QuestionTrial(school.signedIn("teacher"));
    }

    /** Where a circuit is to be drawn from words, its sheet has neither the drawing nor its list, in any state. */
    @Test
    void aDrawingThatIsHiddenIsOnNoSheet() {
        String body = """
                {"notation":"9 V : R1=3 + (R2=4 || S1=open)","drawing":"hidden","tasks":[{"kind":"draw"}],
                 "states":[{"act":{"act":"close","part":"S1"}}]}""";
        JsonNode sheet = trial.teacher()
                .post("/api/questions/sheet", "{\"body\":" + body + "}")
                .json()
                .get("question");
        assertEquals(2, sheet.get("states").size());
        for (JsonNode state : sheet.get("states")) {
            assertTrue(!state.hasNonNull("scene"), state::toString);
            assertEquals(0, state.get("wordList").size());
        }
        JsonNode prompt = sheet.get("tasks").get(0).get("prompt");
        assertEquals("Draw this circuit: R1 in series with R2 and S1 (open) in parallel.", prompt.asString());
        String shown = body.replace("\"drawing\":\"hidden\",", "");
        assertTrue(trial.teacher()
                .post("/api/questions/sheet", "{\"body\":" + shown + "}")
                .body()
                .contains("\"lines\""));
    }

    /** The current is 12/7 A; a learner has to work with what is on the sheet, and so does the marking. */
    @Test
    void aComputedValueThatIsGivenIsToldShortInStemAndSheet() {
        JsonNode sheet =
                trial.teacher().post("/api/questions/sheet", """
                        {"body":{"notation":"12 V : A1 + R1=3 + R2=4","stem":"A1 reads {A1}.",
                         "given":[{"subject":"A1","quantity":"current"},{"subject":"R1","quantity":"resistance"}],
                         "tasks":[{"kind":"calculate","cells":[{"subject":"R1","quantity":"voltage"}]}]}}""").json().get("question");
        assertEquals("A1 reads 1.714\u2009A.", sheet.get("stem").asString());
        assertTrue(sheet.get("states").get(0).get("given").toString().contains("\"1.714\u2009A\""), sheet::toString);
    }

    /** Rows and columns in the style's order, as far as something is asked or told; a point stands among the voltages. */
    @Test
    void aChartToBeFilledHasWhatIsToldInIt() {
        String body = """
                {"notation":"12 V : R1=3 + .B + (R2=6 || R3=6)","given":[{"subject":"R1","quantity":"resistance"},
                 {"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},
                 {"subject":"total","quantity":"voltage"}],
                 "tasks":[{"kind":"chart","cells":[{"subject":"B","quantity":"potential"},{"subject":"R1","quantity":"current"},
                 {"subject":"R23","quantity":"resistance"}]},{"kind":"calculate","cells":[{"subject":"R1","quantity":"power"}]}]}""";
        JsonNode tasks = trial.teacher()
                .post("/api/questions/sheet", "{\"style\":\"forge\",\"body\":" + body + "}")
                .json()
                .get("question")
                .get("tasks");
        assertTrue(tasks.get(1).get("chart").isNull());
        List<String> columns = new ArrayList<>();
        tasks.get(0)
                .get("chart")
                .get("columns")
                .forEach(one -> columns.add(one.get("symbol").asString()));
        assertEquals(List.of("E", "I", "R"), columns);
        List<String> rows = new ArrayList<>();
        for (JsonNode row : tasks.get(0).get("chart").get("rows")) {
            StringBuilder line = new StringBuilder(row.get("id").asString());
            row.get("slots")
                    .forEach(slot -> line.append(" | ")
                            .append(slot.get("told").asString())
                            .append(slot.get("box").asString()));
            rows.add(line.toString().replace('\u2009', ' '));
        }
        assertEquals(
                List.of(
                        "R1 |  | 1/1.1-2 | 3 Ω",
                        "R2 |  |  | 6 Ω",
                        "R3 |  |  | 6 Ω",
                        "R23 |  |  | 1/1.1-3",
                        "total | 12 V |  | ",
                        ".B | 1/1.1-1 |  | "),
                rows);
    }

    /** What the drawing shows goes with the question: laid out on a line, without junction names, with arrows and signs. */
    @Test
    void theLearnersDrawingIsAsTheQuestionHasIt() {
        String body = """
                {"notation":"9 V : R1=3 + (R2=4 || R3=4)","plan":{"arrangement":"line","arrows":true,"junctionNames":false},
                 "tasks":[{"kind":"nesting"}]}""";
        JsonNode plain = scene(body.replaceFirst("\"plan\".*,\\s", ""));
        JsonNode own = scene(body);
        assertEquals(List.of(true, false), List.of(has(plain, "name"), has(plain, "arrow")));
        assertEquals(List.of(false, true), List.of(has(own, "name"), has(own, "arrow")));
        assertTrue(own.get("height").asDouble() < plain.get("height").asDouble());
        Answer refused =
                trial.teacher().post("/api/questions/check", "{\"body\":" + body.replace("line", "knot") + "}");
        assertEquals(400, refused.status());
        assertTrue(refused.body().contains("A drawing is a loop, a line or disguised"), refused::body);
    }

    /** What a learner connects is drawn back with the values that are told, and no others; what cannot be read is not drawn. */
    @Test
    void whatWasConnectedIsDrawnWithoutWhatIsWithheld() {
        String body = """
                {"notation":"9.1 V : R1=3.31 + R2=4.77","given":[{"subject":"R1","quantity":"resistance"}],
                 "tasks":[{"kind":"draw"}]}""";
        String drawn = connected(body, "r2 + R1").get("scene").toString();
        assertTrue(drawn.contains("3.31") && drawn.contains("\"R2\""), drawn);
        assertTrue(!drawn.contains("4.77") && !drawn.contains("9.1\u2009V"), drawn);
        assertTrue(connected(body, "R1 + R9").get("scene").isNull());
    }

    private JsonNode connected(String body, String text) {
        return trial.teacher()
                .post(
                        "/api/questions/sheet",
                        "{\"answers\":[{\"box\":\"1/1.1\",\"text\":\"" + text + "\"}],\"body\":" + body + "}")
                .json()
                .get("question")
                .get("tasks")
                .get(0)
                .get("boxes")
                .get(0)
                .get("reading");
    }

    private JsonNode scene(String body) {
        Answer answer = trial.teacher().post("/api/questions/sheet", "{\"body\":" + body + "}");
        return answer.json().get("question").get("states").get(0).get("scene");
    }

    private static boolean has(JsonNode scene, String role) {
        return Stream.of("lines", "texts")
                .flatMap(kind -> scene.get(kind).valueStream())
                .anyMatch(item -> item.get("role").asString().equals(role));
    }
}
