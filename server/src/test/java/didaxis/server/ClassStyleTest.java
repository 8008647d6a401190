package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A class's own style reaches every screen of its learners, and the marking of what they write; no other class's. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ClassStyleTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Set<String> NO_WORDS = Set.of(
            "quantity",
            "form",
            "id",
            "dueAt",
            "keptAt",
            "sentAt",
            "handedOutAt",
            "releasedAt",
            "box",
            "number",
            "points",
            "task",
            "text");

    /** 10 V over 4 Ω: 2.5 A. */
    private static final String QUESTION = """
            {"title":"%s","stem":"A lamp of {L1} at {E}.","notation":"10 V : A1 + R1=2.4 + V1[L1=1.6]",
             "given":[{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"},
                      {"subject":"L1","quantity":"resistance"}],
             "states":[{"act":{"act":"set","part":"R1","value":"3.4"}}],
             "tasks":[{"kind":"calculate","marks":3,"cells":[{"subject":"total","quantity":"current"}]},
                      {"kind":"write-down","cells":[{"subject":"V1","quantity":"voltage"}]},
                      {"kind":"fold"},{"kind":"combinations","parts":["R1","L1"]},
                      {"kind":"explain","state":1,"cells":[{"subject":"L1","quantity":"voltage"}]},
                      {"kind":"compare","factor":true,"state":1,"otherState":0,
                       "cells":[{"subject":"L1","quantity":"power"},{"subject":"L1","quantity":"power"}]}]}""";

    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;
    private Person learner;
    private long learnerId;
    private long strict;

    private long made(String name, Person[] own) {
        long id = teacher.post("/api/classes", "{\"name\":\"" + name + "\"}")
                .json()
                .get("id")
                .asLong();
        String username = name.toLowerCase().replace(' ', '-');
        Answer added = teacher.post(
                "/api/classes/" + id + "/learners",
                "{\"displayName\":\"" + name + "\",\"username\":\"" + username + "\"}");
        learnerId = added.json().get("learner").get("id").asLong();
        own[0] = school.signedIn(username, added.json().get("password").asString());
        return id;
    }

    private long handOut(long classroom, String title) {
        long question = teacher.post("/api/questions", QUESTION.formatted(title))
                .json()
                .get("id")
                .asLong();
        Answer handed = teacher.post(
                "/api/classes/" + classroom + "/assignments",
                "{\"questionIds\":[" + question + "],\"dueAt\":\"2999-01-01T00:00:00Z\"}");
        assertEquals(201, handed.status(), handed::toString);
        return handed.json().get("id").asLong();
    }

    /** E for a voltage, a decimal comma, two decimals, units required and no words for them, zigzags, electron flow. */
    private ObjectNode style() {
        ObjectNode style = null;
        for (JsonNode preset : teacher.get("/api/styles/presets").json())
            if (preset.get("name").asString().equals("forge")) style = (ObjectNode) preset;
        return style.put("name", "Ours")
                .put("decimalSign", ",")
                .put("unitRequired", true)
                .put("unitWords", false);
    }

    @BeforeAll
    void twoClasses() {
        teacher = school.signedIn("teacher");
        Person[] own = new Person[1];
        long ours = made("Strict style", own);
        learner = own[0];
        Answer set = teacher.put("/api/classes/" + ours + "/style", style().toString());
        assertEquals(200, set.status(), set::toString);
        assertEquals(style(), teacher.get("/api/classes/" + ours + "/style").json());
        strict = handOut(ours, "Strict");
        // What was handed out keeps its style, whatever becomes of the class's.
        teacher.put(
                "/api/classes/" + ours + "/style",
                style().put("decimalSign", ".").toString());
    }

    private static void collect(JsonNode node, List<String> into) {
        if (node.isString()) into.add(node.asString());
        for (JsonNode element : node.isArray() ? node : JSON.createArrayNode()) collect(element, into);
        node.propertyStream()
                .filter(field -> !NO_WORDS.contains(field.getKey()))
                .forEach(field -> collect(field.getValue(), into));
    }

    private static int corners(JsonNode scene) {
        int corners = 0;
        for (JsonNode line : scene.get("lines"))
            if (line.get("part").asString().equals("R1")
                    && line.get("role").asString().equals("symbol"))
                corners = Math.max(corners, line.get("points").asString().split(" ").length);
        return corners;
    }

    @Test
    void everyScreenOfALearnerAndEverySentenceIsInTheClasssStyle() {
        String work = "/api/my/work/" + strict;
        String typed = "\"answers\":[{\"box\":\"1/1.1\",\"text\":\"2,5 amps\"},{\"box\":\"1/1.2\",\"text\":\"4\"},"
                + "{\"box\":\"1/1.4\",\"text\":\"1,5 Ω; 4 Ω\"}]";
        JsonNode sheet = learner.get(work).json();
        List<String> said = new ArrayList<>();
        collect(sheet, said);
        collect(learner.put(work + "/draft", "{\"revision\":0," + typed + "}").json(), said);
        learner.post(work + "/submission", "{" + typed + "}");
        teacher.post("/api/assignments/" + strict + "/release", "");
        JsonNode feedback = learner.get(work + "/feedback").json();
        collect(feedback, said);
        collect(teacher.get("/api/assignments/" + strict + "/results").json(), said);
        assertTrue(said.size() > 150, "things said: " + said.size());
        Pattern point = Pattern.compile("\\d\\.\\d");
        for (String one : said) {
            // Coordinates of a drawing are no numbers of the class.
            if (one.matches("[-\\d., ]+")) continue;
            assertFalse(point.matcher(one).find(), one);
            assertFalse(one.matches("(?s).*\\bV[₀-₉]* [=×].*"), one);
        }
        assertTrue(
                said.contains("2,4\u2009Ω") && said.stream().anyMatch(one -> one.contains("<mi>E</mi>")),
                said::toString);
        assertTrue(corners(sheet.get("questions").get(0).get("states").get(0).get("scene")) > 4);
        List<JsonNode> findings = feedback.get("findings").valueStream().toList();
        assertEquals(2, findings.get(0).get("points").asInt(), "amps: one of three marks is lost");
        assertEquals("partly", findings.get(0).get("finding").asString());
        assertTrue(
                findings.get(0).get("sentence").asString().contains("2,50\u2009A. The mark of the unit is lost"),
                findings.get(0)::toString);
        assertEquals(0, findings.get(1).get("points").asInt(), "no unit");
        JsonNode shown = teacher.get("/api/assignments/" + strict + "/sheets/" + learnerId)
                .json();
        assertTrue(shown.get("charts").toString().contains("2,50"), shown::toString);
    }

    /** Marked as the strict class has it, and as the usual one has it. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2.5 A    | 3 | 3
            2.5      | 2 | 3
            2.5 amps | 2 | 3
            2500 mA  | 3 | 3
            2.5 V    | 0 | 0
            I = 2.5  | 2 | 3
            """)
    void aUnitCostsItsMarkWhereItIsRequiredAndNowhereElse(String typed, int inStrict, int inUsual) {
        String trial = "{\"question\":" + QUESTION.formatted("Trial") + ",\"answers\":[{\"box\":\"1.1\",\"answer\":\""
                + typed + "\"}],\"style\":%s}";
        Answer strictly =
                teacher.post("/api/marking/trial", trial.formatted("{\"unitRequired\":true,\"unitWords\":false}"));
        assertEquals(
                inStrict, strictly.json().get("findings").get(0).get("points").asInt(), strictly::toString);
        Answer usually = teacher.post("/api/marking/trial", trial.formatted("{}"));
        assertEquals(
                inUsual, usually.json().get("findings").get(0).get("points").asInt(), usually::toString);
    }

    @Test
    void theSampleShowsWhatAStyleDoesAndAStyleThatIsNoneIsRefusedWithItsReason() {
        JsonNode sample = teacher.post("/api/styles/sample", style().toString()).json();
        assertTrue(corners(sample.get("scene")) > 4);
        List<Integer> points = new ArrayList<>();
        for (JsonNode answer : sample.get("answers"))
            points.add(answer.get("points").asInt());
        assertEquals(List.of(2, 1, 1, 2), points, sample::toString);
        assertTrue(sample.get("steps").toString().contains("1,59"), sample::toString);
        Answer refused = teacher.post(
                "/api/styles/sample", style().put("voltageLetter", "X").toString());
        assertEquals(400, refused.status());
        assertTrue(refused.body().contains("must be V, E or U"), refused::body);
        assertEquals(403, learner.get("/api/classes/1/style").status());
    }
}
