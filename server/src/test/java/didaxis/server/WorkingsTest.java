package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Calculations in lines over HTTP: tried, sent, marked point by point, decided by a teacher, told to the learner. */
class WorkingsTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private static final String QUESTION = """
            {"title":"Beacon in lines","notation":"18 V : R1=6 + (R2=12 || R3=4)","given":[
              {"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"},
              {"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"}],"tasks":[
              {"kind":"calculate","cells":[{"subject":"total","quantity":"resistance"}]},
              {"kind":"calculate","cells":[{"subject":"total","quantity":"current"}]}]}""";

    private final Person teacher = school.signedIn("teacher");

    private static List<String> credits(JsonNode finding) {
        List<String> credits = new ArrayList<>();
        finding.get("working")
                .get("credits")
                .forEach(one ->
                        credits.add(one.get("point").asString() + " " + one.get("earned") + " " + one.get("line")));
        return credits;
    }

    @Test
    void aTrialTakesLinesAndTellsEachPointWithItsLine() {
        JsonNode findings = teacher.post(
                        "/api/marking/trial",
                        "{\"question\":" + QUESTION + ",\"answers\":["
                                + "{\"box\":\"1.1\",\"answer\":\"Rt = 6 + 3\\n= 10 Ω\"},"
                                + "{\"box\":\"1.2\",\"answer\":[\"I = V/R\",\"= 18/10 = 1.8 A\"]}]}")
                .done()
                .json()
                .get("findings");
        JsonNode slip = findings.get(0);
        assertEquals(List.of("formula true 0", "substitution true 0", "answer false null"), credits(slip));
        assertEquals("partly", slip.get("finding").asString());
        assertTrue(
                slip.get("working")
                        .get("lines")
                        .get(1)
                        .get("said")
                        .get(0)
                        .asString()
                        .contains("9"),
                slip::toString);
        JsonNode follows = findings.get(1);
        assertEquals(List.of("formula true 0", "substitution true 1", "answer true 1"), credits(follows));
        assertEquals("follow-through", follows.get("finding").asString());
        assertEquals("1.8\u2009A", follows.get("shown").asString());

        String alone = "{\"question\":" + QUESTION
                + ",\"answers\":[{\"box\":\"1.2\",\"answer\":\"2 A\"}],\"style\":{\"answerAlone\":false}}";
        JsonNode right = teacher.post("/api/marking/trial", alone)
                .done()
                .json()
                .get("findings")
                .get(1);
        assertEquals(1, right.get("points").asInt());
    }

    @Test
    void whatCannotBeReadGoesToTheTeacherWhoseWordStandsOnEverySheetWithTheSameLines() {
        long question =
                teacher.post("/api/questions", QUESTION).done().json().get("id").asLong();
        long id = teacher.post(
                        "/api/classes/1/assignments",
                        "{\"questionIds\":[" + question + "],\"dueAt\":\"2999-01-01T00:00:00Z\"}")
                .done()
                .json()
                .get("id")
                .asLong();
        String lines = "R = 6 § 3 = 9.9 Ω";
        for (String name : List.of("learner1", "learner2")) {
            Person person = school.signedIn(name);
            String answers = "[{\"box\":\"1/1.1\",\"text\":\"" + lines
                    + "\"},{\"box\":\"1/1.2\",\"text\":\"I = V/R\\n= 18/9 = 2 A\"}]";
            JsonNode read = person.put("/api/my/work/" + id + "/draft", "{\"revision\":0,\"answers\":" + answers + "}")
                    .done()
                    .json();
            // What was read is shown while it is written, and nothing of what it is worth.
            assertTrue(read.toString().contains("<mfrac>"), read::toString);
            assertFalse(read.toString().contains("credits"), read::toString);
            person.post("/api/my/work/" + id + "/submission", "{\"answers\":" + answers + "}")
                    .done();
        }
        JsonNode box = teacher.get("/api/assignments/" + id + "/boxes")
                .done()
                .json()
                .get("boxes")
                .get(0);
        assertEquals(2, box.get("undecided").asInt());
        JsonNode written = box.get("wrongValues").get(0);
        assertTrue(written.get("decidable").asBoolean());
        long learner = written.get("learners").get(0).get("id").asLong();
        JsonNode decided = teacher.post(
                        "/api/assignments/" + id + "/wordings",
                        "{\"box\":\"1/1.1\",\"text\":\"" + lines + "\",\"points\":2}")
                .done()
                .json()
                .get("boxes")
                .get(0);
        assertEquals(0, decided.get("undecided").asInt());
        assertEquals(2, decided.get("partly").asInt());
        JsonNode findings = teacher.get("/api/assignments/" + id + "/sheets/" + learner)
                .done()
                .json()
                .get("findings");
        assertEquals(2, findings.get(0).get("points").asInt());
        assertEquals(List.of("formula true 0", "substitution true 1", "answer true 1"), credits(findings.get(1)));
        assertEquals(2, findings.get(1).get("working").get("lines").size());
    }
}
