package didaxis.server;

import static didaxis.server.Correcting.I;
import static didaxis.server.Correcting.R1_IS_10;
import static didaxis.server.Correcting.WHY;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** A memo is put right after its work came in: what that does is seen before, reaches every sheet, and is taken back. */
class CorrectionTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private final Person teacher = school.signedIn("teacher");
    private Correcting memo;
    private long id;

    @BeforeEach
    void handOut() {
        memo = Correcting.of(school, teacher);
        id = memo.id();
        memo.send("learner1", "2 A", "4 V", "increases");
        memo.send("learner2", "1 A", "2 V", "");
        memo.send("learner3", "1.5 A", "3 V", "it rises");
    }

    @Test
    void anotherAnswerIsAcceptedFromAllWhoWroteItAndFromThoseWhoWillYet() throws InterruptedException {
        assertEquals(List.of("6 of 6", "2 of 6", "3 of 6"), memo.marks());
        String range = Correcting.accept(I, "1.4 to 1.6 A");
        assertEquals(Map.of("learner3", "3 6"), memo.preview(range));
        assertEquals(List.of("6 of 6", "2 of 6", "3 of 6"), memo.marks(), "looking changes nothing");
        memo.correct(range);
        assertEquals(List.of("6 of 6", "2 of 6", "6 of 6"), memo.marks());
        memo.send("learner4", "1.55 A");
        assertEquals(List.of("6 of 6", "2 of 6", "6 of 6", "3 of 6"), memo.marks());
        JsonNode found = teacher.get("/api/assignments/" + id + "/review?box=" + I)
                .done()
                .json();
        for (JsonNode group : found.get("groups"))
            if (group.get("text").asString().equals("1.5 A")) {
                assertEquals(0, group.get("own").asInt(), "the marker's own word stays");
                assertEquals("as agreed", group.get("given").get("reason").asString());
            }
    }

    @Test
    void aValueIsPutRightAndAllThatFollowsIsMarkedByIt() throws InterruptedException {
        assertEquals(Map.of("learner1", "6 3", "learner2", "2 5"), memo.preview(R1_IS_10));
        memo.correct(R1_IS_10);
        assertEquals(List.of("3 of 6", "5 of 6", "3 of 6"), memo.marks());
        JsonNode review = teacher.get("/api/assignments/" + id + "/review?box=" + I)
                .done()
                .json();
        assertEquals("1.00 A", plain(review.get("expected")));
        JsonNode history = memo.correct("{\"kind\":\"back\"}").get("history");
        assertEquals(List.of("6 of 6", "2 of 6", "3 of 6"), memo.marks());
        assertEquals("R1", history.get(1).get("correction").get("thing").asString());
        assertEquals("4 Ω", plain(history.get(1).get("correction").get("was")));
        assertEquals("10 Ω", plain(history.get(1).get("correction").get("value")));
        assertTrue(history.get(1).get("takenBack").asBoolean());
    }

    private static String plain(JsonNode text) {
        return text.asString().replaceAll("\\h", " ");
    }

    @Test
    void whatATeacherGaveStandsAboveTheMemoAsLongAsTheBoxCounts() throws InterruptedException {
        String box = teacher.get("/api/assignments/" + id + "/review?box=" + I)
                .done()
                .body();
        long second = memo.learner("learner2");
        assertTrue(box.contains("1 A"), box);
        teacher.post(
                        "/api/assignments/" + id + "/overrides",
                        "{\"box\":\"" + I + "\",\"learners\":[" + second
                                + "],\"points\":2,\"reason\":\"nearly\",\"revision\":0}")
                .done();
        assertEquals(List.of("6 of 6", "4 of 6", "3 of 6"), memo.marks());
        memo.correct(Correcting.accept(I, "1 A"));
        assertEquals(List.of("6 of 6", "4 of 6", "3 of 6"), memo.marks());
        memo.correct("{\"kind\":\"award\",\"boxes\":[\"" + I + "\"],\"marks\":1}");
        assertEquals(List.of("4 of 4", "3 of 4", "3 of 4"), memo.marks(), "no more than the box earns now");
        memo.correct(Correcting.on("leave-out", I));
        assertEquals(List.of("3 of 3", "2 of 3", "3 of 3"), memo.marks());
        memo.correct(Correcting.on("count-again", I));
        memo.correct("{\"kind\":\"award\",\"boxes\":[\"" + I + "\"],\"marks\":3}");
        assertEquals(List.of("6 of 6", "4 of 6", "3 of 6"), memo.marks());
    }

    @Test
    void aWithdrawnTaskIsGivenToAllOrCountsForNobody() throws InterruptedException {
        memo.correct(Correcting.on("give-all", WHY));
        assertEquals(List.of("6 of 6", "3 of 6", "3 of 6"), memo.marks());
        assertEquals(
                Map.of("learner1", "6 5", "learner2", "3 2", "learner3", "3 2"),
                memo.preview(Correcting.on("leave-out", WHY)));
        memo.correct(Correcting.on("leave-out", WHY));
        assertEquals(List.of("5 of 5", "2 of 5", "2 of 5"), memo.marks());
        JsonNode again = teacher.post(
                        "/api/classes/1/assignments",
                        "{\"assignmentId\":" + id + ",\"again\":true,\"dueAt\":\"2999-01-01T00:00:00Z\"}")
                .done()
                .json();
        assertEquals(6, again.get("total").asInt(), "handed out once more all counts");
        JsonNode box = memo.summary().get("boxes").get(2);
        assertEquals(0, box.get("marks").asInt() + box.get("lost").asInt());
    }

    @Test
    void learnersAreToldWithTheReasonOnceTheirWorkIsBackAndNotBefore() throws InterruptedException {
        Person learner = school.signedIn("learner3");
        memo.correct(Correcting.accept(I, "1.5 A"));
        String work = learner.get("/api/my/work/" + id).done().body();
        assertFalse(work.contains("as agreed") || work.contains("1.6 A"), work);
        assertEquals(409, learner.get("/api/my/work/" + id + "/model").status());
        teacher.post("/api/assignments/" + id + "/release", "").done();
        assertTrue(changedAt(learner).isNull(), "nothing has changed since it was handed back");
        JsonNode feedback =
                learner.get("/api/my/work/" + id + "/feedback").done().json();
        assertEquals(1, feedback.get("corrections").size());
        assertEquals("", feedback.get("corrections").get(0).get("by").asString());
        assertTrue(feedback.get("next").isNull(), "nothing was lost");
        JsonNode next = school.signedIn("learner2")
                .get("/api/my/work/" + id + "/feedback")
                .done()
                .json()
                .get("next");
        assertEquals(I + " 1", next.get("box").asString() + " " + next.get("led"));
        JsonNode model = learner.get("/api/my/work/" + id + "/model")
                .done()
                .json()
                .get("boxes")
                .get(0);
        assertEquals(I, model.get("box").asString());
        assertTrue(model.get("entry").get("lines").toString().contains("\"result\":\"2.00"), model::toString);
        memo.correct(Correcting.on("give-all", WHY));
        assertTrue(changedAt(learner).isNull(), "hers are the same");
        assertFalse(changedAt(school.signedIn("learner2")).isNull());
        memo.correct("{\"kind\":\"back\"}");
        assertEquals(
                1,
                learner.get("/api/my/work/" + id + "/feedback")
                        .done()
                        .json()
                        .get("corrections")
                        .size());
    }

    private JsonNode changedAt(Person learner) {
        for (JsonNode one : learner.get("/api/my/work").done().json())
            if (one.get("id").asLong() == id) return one.get("changedAt");
        throw new AssertionError("the work is not there");
    }

    /** For as long as sheets are being marked anew they still have what an earlier memo gave. */
    @Test
    void sheetsThatAreStillBehindCanBeLookedAt() {
        school.bean(JdbcClient.class)
                .sql(
                        "UPDATE finding SET amended = 3 WHERE box = :box AND submission_id IN ("
                                + "SELECT s.id FROM submission s JOIN sheet h ON h.id = s.sheet_id WHERE h.assignment_id = :id)")
                .param("box", I)
                .param("id", id)
                .update();
        JsonNode sheet = teacher.get("/api/assignments/" + id + "/sheets/" + memo.learner("learner2"))
                .done()
                .json();
        assertEquals(3, sheet.get("findings").get(0).get("points").asInt());
        assertEquals("", sheet.get("findings").get(0).get("given").get("reason").asString());
    }

    @Test
    void theLaterOfTwoTeachersIsToldAndWhatIsNoCorrectionIsRefused() throws InterruptedException {
        memo.correct(Correcting.accept(I, "1.5 A"));
        Answer late = memo.correcting(Correcting.accept(I, "1 A"), 0);
        assertEquals(409, late.status());
        assertEquals("changed-elsewhere", late.json().get("reason").asString());
        for (String refused : List.of(
                Correcting.accept(I, "1.5 V"),
                Correcting.accept("1/9.9", "1.5 A"),
                Correcting.accept(I, " "),
                "{\"kind\":\"accept\",\"boxes\":[\"" + I + "\"],\"text\":\"1 A\",\"points\":4}",
                "{\"kind\":\"award\",\"boxes\":[\"" + I + "\"],\"marks\":0}",
                "{\"kind\":\"award\",\"boxes\":[\"" + I + "\"],\"marks\":3}",
                "{\"kind\":\"award\",\"boxes\":[\"" + WHY + "\"],\"marks\":2}",
                Correcting.on("count-again", I),
                "{\"kind\":\"value\",\"question\":1,\"thing\":\"R9\",\"value\":\"3\"}",
                "{\"kind\":\"value\",\"question\":1,\"thing\":\"R1\",\"value\":\"much\"}",
                "{\"kind\":\"value\",\"question\":1,\"thing\":\"R1\",\"value\":\"0\"}",
                "{\"kind\":\"value\",\"question\":1,\"thing\":\"R1\",\"value\":\"4 Ω\"}",
                "{\"kind\":\"value\",\"question\":2,\"thing\":\"R1\",\"value\":\"3\"}",
                "{\"kind\":\"erase\"}",
                "{}")) {
            Answer answer = memo.correcting(refused, 1);
            assertTrue(answer.status() == 400 || answer.status() == 404, () -> refused + " " + answer);
        }
        assertEquals(1, memo.corrections().get("revision").asInt());
        assertEquals(403, school.signedIn("learner1").get(memo.path()).status());
    }
}
