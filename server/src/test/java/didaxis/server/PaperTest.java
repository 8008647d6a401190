package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Questions in states, with every kind of task, handed out together, answered, handed back and looked at. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PaperTest {
    private static final String FAR = "\"dueAt\":\"2999-01-01T00:00:00Z\"";

    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;
    private Person learner;
    private long classroom;
    private long id;

    private long question(String body) {
        Answer kept = teacher.post("/api/questions", body);
        assertEquals(201, kept.status(), kept::toString);
        assertEquals(0, kept.json().get("flaws").size(), kept::toString);
        return kept.json().get("id").asLong();
    }

    @BeforeAll
    void handOut() {
        teacher = school.signedIn("teacher");
        classroom = teacher.post("/api/classes", "{\"name\":\"Paper class\"}")
                .json()
                .get("id")
                .asLong();
        Answer added = teacher.post(
                "/api/classes/" + classroom + "/learners", "{\"displayName\":\"Teasel\",\"username\":\"teasel\"}");
        learner = school.signedIn("teasel", added.json().get("password").asString());
        long battery = question("""
                {"title":"Dryer on a battery","stem":"A battery feeds a boot dryer.",
                 "notation":"13.7 V r=0.53 : V1[S1=open + A1 + R1=4.31]",
                 "given":[{"subject":"V1","quantity":"voltage"}],
                 "states":[{"act":{"act":"close","part":"S1"},"given":[{"subject":"A1","quantity":"current"}]}],
                 "tasks":[{"kind":"write-down","cells":[{"subject":"total","quantity":"voltage"}]},
                          {"kind":"change","state":1,"cells":[{"subject":"V1","quantity":"voltage"}]},
                          {"kind":"rank","state":1,"things":["R1","internal"],"quantity":"voltage"}]}""");
        long lamps = question("""
                {"title":"Lamps","notation":"12 V : L1=6 + ((L2=4 + L3=4) || L4=12)",
                 "tasks":[{"kind":"goes-out","parts":["L1","L2"]},{"kind":"joint","parts":["L2","L3"]},
                          {"kind":"compare","factor":true,"cells":[{"subject":"L2","quantity":"power"},
                           {"subject":"L3","quantity":"power"}]},
                          {"kind":"combinations","parts":["L1","L2"],"marks":2,"deeper":true}]}""");
        String ids = "\"questionIds\":[" + battery + "," + lamps + "]";
        assertEquals(
                400,
                teacher.post("/api/classes/" + classroom + "/assignments", "{" + ids + "," + FAR + "}")
                        .status(),
                "two questions need a title of their own");
        Answer handed = teacher.post(
                "/api/classes/" + classroom + "/assignments", "{" + ids + ",\"title\":\"Test 1\"," + FAR + "}");
        assertEquals(201, handed.status(), handed::toString);
        id = handed.json().get("id").asLong();
        assertEquals(10, handed.json().get("total").asInt());
        teacher.delete("/api/questions/" + battery);
        teacher.delete("/api/questions/" + lamps);
    }

    private static List<String> texts(JsonNode list, String field) {
        List<String> all = new ArrayList<>();
        list.forEach(one -> all.add(one.get(field).asString().replace('\u2009', ' ')));
        return all;
    }

    private static String answers(String... texts) {
        String[] boxes = {
            "1/1.1", "1/1.2", "1/1.3", "2/1.1-1", "2/1.1-2", "2/1.2", "2/1.3-1", "2/1.3-2", "2/1.4",
        };
        List<String> answers = new ArrayList<>();
        for (int k = 0; k < texts.length; k++)
            answers.add("{\"box\":\"" + boxes[k] + "\",\"text\":\"" + texts[k] + "\"}");
        return "\"answers\":[" + String.join(",", answers) + "]";
    }

    @Test
    void everyBoxIsAskedReadBackMarkedAndSeenByTheClass() {
        String path = "/api/my/work/" + id;
        Answer opened = learner.get(path);
        JsonNode sheet = opened.json();
        JsonNode battery = sheet.get("questions").get(0);
        assertEquals("A battery feeds a boot dryer.", battery.get("stem").asString());
        assertEquals(List.of("", "S1 is closed."), texts(battery.get("states"), "act"));
        assertEquals(List.of("13.7 V"), texts(battery.get("states").get(0).get("given"), "shown"), "V1 reads the emf");
        assertEquals(List.of("1.1", "1.2", "1.3"), texts(battery.get("tasks"), "number"));
        assertEquals(
                List.of("2.1", "2.2", "2.3", "2.3.1"),
                texts(sheet.get("questions").get(1).get("tasks"), "number"));
        assertFalse(
                opened.body().contains("0.53") || opened.body().contains("4.31"), "what is asked later is not shown");

        Answer kept = learner.put(
                path + "/draft",
                "{\"revision\":0,"
                        + answers(
                                "13,7 V",
                                "goes down",
                                "r<X1",
                                "L2 and L3, L4",
                                "L3",
                                "they are in series",
                                "equal",
                                "1",
                                "3 Ω")
                        + "}");
        assertEquals(200, kept.status(), kept::toString);
        JsonNode readings = kept.json().get("readings");
        assertEquals(
                "each of them once, such as R1 > r",
                readings.get(2).get("expected").asString());
        assertEquals(
                List.of("13.7 V", "decreases", "", "L2, L3, L4", "L3", "in series", "equal", "× 1", "3 Ω"),
                texts(readings, "shown"));

        Answer sent = learner.post(
                path + "/submission",
                "{" + answers("13.7", "stays the same", "r < R1", "none", "L3", "series", "=", "2", "2.4 Ω") + "}");
        assertEquals(200, sent.status(), sent::toString);
        JsonNode results =
                teacher.get("/api/assignments/" + id + "/boxes").json().get("boxes");
        assertEquals(List.of("1", "0", "1", "0", "1", "1", "1", "0", "0"), texts(results, "right"));
        assertEquals(List.of("0", "0", "0", "0", "0", "0", "0", "0", "1"), texts(results, "partly"));
        assertEquals("L2, L3, L4", results.get(3).get("expected").asString());
        assertEquals(
                "stays the same",
                results.get(1).get("wrongValues").get(0).get("shown").asString());

        teacher.post("/api/assignments/" + id + "/release", "");
        JsonNode back = learner.get(path + "/feedback").json();
        assertEquals(6, back.get("marks").asInt());
        List<String> points = texts(back.get("findings"), "points");
        assertEquals(List.of("1", "0", "1", "0", "1", "1", "1", "0", "1"), points);
        assertEquals(
                "Not right; right is: decreases.",
                back.get("findings").get(1).get("sentence").asString());
        JsonNode seen =
                teacher.get("/api/assignments/" + id + "/sheets/" + learnerId()).json();
        assertEquals(3, seen.get("charts").size(), "two states and a circuit without");
        assertTrue(seen.get("charts").get(1).get("act").asString().contains("closed"));
        assertEquals(texts(back.get("findings"), "finding"), texts(seen.get("findings"), "finding"));
    }

    private long learnerId() {
        return teacher.get("/api/assignments/" + id)
                .json()
                .get("learners")
                .get(0)
                .get("learner")
                .get("id")
                .asLong();
    }

    @Test
    void aDrawingThatWasAskedForIsShownOnceTheSheetIsBack() {
        long drawn = question("""
                {"title":"From words","drawing":"hidden","notation":"9 V : R1=3 + (R2=4 || R3=5)",
                 "tasks":[{"kind":"draw"}]}""");
        Answer handed = teacher.post(
                "/api/classes/" + classroom + "/assignments", "{\"questionIds\":[" + drawn + "]," + FAR + "}");
        long own = handed.json().get("id").asLong();
        String path = "/api/my/work/" + own;
        learner.post(path + "/submission", "{\"answers\":[{\"box\":\"1/1.1\",\"text\":\"R1 + R2 + R3\"}]}");
        assertTrue(state(learner.get(path).json()).get("scene").isNull());
        assertEquals(
                200, teacher.post("/api/assignments/" + own + "/release", "{}").status());
        JsonNode back = state(learner.get(path + "/feedback").json().get("sheet"));
        assertTrue(back.get("scene").toString().contains("\"text\":\"R3\""), back::toString);
    }

    private static JsonNode state(JsonNode sheet) {
        return sheet.get("questions").get(0).get("states").get(0);
    }
}
