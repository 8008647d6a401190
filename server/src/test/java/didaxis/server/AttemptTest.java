package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import didaxis.server.School.Person;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A sheet may be tried again: every attempt is kept, the best or the last counts, and hints tell nothing that is right. */
class AttemptTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private static final String DUE = "2999-01-01T00:00:00Z";
    private static final String RESISTANCE = "1/1.1";
    private static final String CURRENT = "1/1.2";

    private final Person teacher = school.signedIn("teacher");
    private final Person learner = school.signedIn("learner1");
    private long id;

    @BeforeEach
    void handOut() {
        id = handOut("[]", "same");
    }

    private long handOut(String vary, String versions) {
        long question = teacher.post("/api/questions", """
                        {"title":"Lamps of the hut","notation":"16 V : R1=5 + (R2=12 || R3=4)","vary":%s,"given":[
                        {"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},
                        {"subject":"R3","quantity":"resistance"},{"subject":"total","quantity":"voltage"}],
                        "tasks":[{"kind":"calculate","marks":3,"cells":[{"subject":"R23","quantity":"resistance"}]},
                        {"kind":"calculate","marks":2,"cells":[{"subject":"total","quantity":"current"}]}]}""".formatted(vary))
                .done()
                .json()
                .get("id")
                .asLong();
        return teacher.post(
                        "/api/classes/1/assignments",
                        "{\"questionIds\":[" + question + "],\"again\":true,\"dueAt\":\"" + DUE + "\",\"versions\":\""
                                + versions + "\"}")
                .done()
                .json()
                .get("id")
                .asLong();
    }

    private String work() {
        return "/api/my/work/" + id;
    }

    private static String answers(String resistance, String current) {
        return "\"answers\":[{\"box\":\"" + RESISTANCE + "\",\"text\":\"" + resistance + "\"},{\"box\":\"" + CURRENT
                + "\",\"text\":\"" + current + "\"}]";
    }

    private Answer send(Person by, String resistance, String current) {
        return by.post(work() + "/submission", "{" + answers(resistance, current) + "}");
    }

    private Answer allow(List<Long> learners, boolean shown, boolean others, String counts) {
        return teacher.post(
                "/api/assignments/" + id + "/attempts",
                "{\"learners\":" + learners + ",\"dueAt\":\"" + DUE + "\",\"shown\":" + shown + ",\"otherValues\":"
                        + others + ",\"counts\":\"" + counts + "\"}");
    }

    private long idOf(Person one) {
        String name = one.get("/api/session").json().get("username").asString();
        for (JsonNode any : teacher.get("/api/assignments/" + id).json().get("learners"))
            if (any.get("learner").get("username").asString().equals(name))
                return any.get("learner").get("id").asLong();
        throw new AssertionError(name);
    }

    /** The learner's line in the teacher's results. */
    private JsonNode standing(long who) {
        for (JsonNode any :
                teacher.get("/api/assignments/" + id + "/boxes").json().get("learners"))
            if (any.get("learner").get("id").asLong() == who) return any;
        throw new AssertionError(who);
    }

    private JsonNode inList(Person by) {
        for (JsonNode one : by.get("/api/my/work").json()) if (one.get("id").asLong() == id) return one;
        throw new AssertionError(id);
    }

    private void release(boolean collect) {
        teacher.post("/api/assignments/" + id + "/release", "{\"collect\":" + collect + "}")
                .done();
    }

    private static String text(JsonNode sheet, int task) {
        return sheet.get("questions")
                .get(0)
                .get("tasks")
                .get(task)
                .get("boxes")
                .get(0)
                .get("text")
                .asString();
    }

    @Test
    void aFurtherAttemptGoesOnFromWhatWasWrittenAndBothAreKept() {
        send(learner, "16", "0.8 A").done();
        long who = idOf(learner);
        assertEquals(
                409,
                learner.put(work() + "/draft", "{\"revision\":0,\"answers\":[]}")
                        .status());
        allow(List.of(who), true, false, "best").done();
        JsonNode again = learner.get(work()).json();
        assertEquals("not-begun", again.get("state").asString());
        assertEquals(2, again.get("attempt").asInt());
        assertEquals(1, again.get("earlier").asInt());
        assertEquals("16", text(again, 0));
        int revision = again.get("revision").asInt();
        assertEquals(
                409,
                learner.put(work() + "/draft", "{\"revision\":0,\"answers\":[]}")
                        .status(),
                "a page that has the attempt before open is behind");
        learner.put(work() + "/draft", "{\"revision\":" + revision + "," + answers("3", "0.8 A") + "}")
                .done();
        Answer first = learner.post(work() + "/submission", "{\"attempt\":1," + answers("1", "1") + "}")
                .done();
        assertEquals("working", learner.get(work()).json().get("state").asString(), "the first was sent once more");
        learner.post(work() + "/submission", "{\"attempt\":2," + answers("3", "2 A") + "}")
                .done();
        assertEquals(
                first.body(),
                learner.post(work() + "/submission", "{\"attempt\":1," + answers("1", "1") + "}")
                        .done()
                        .body());
        assertEquals("5 2", marks(who));
        assertTrue(inList(learner).get("marks").isNull(), "not before it is back");
        JsonNode earlier = teacher.get("/api/assignments/" + id + "/sheets/" + who + "?attempt=1")
                .done()
                .json();
        assertEquals("16", text(earlier.get("sheet"), 0));
        assertEquals(2, earlier.get("attempts").size());
        release(false);
        assertEquals(5, inList(learner).get("marks").asInt());
        JsonNode feedback = learner.get(work() + "/feedback?attempt=1").done().json();
        assertEquals("16", text(feedback.get("sheet"), 0));
        assertEquals("slip", feedback.get("findings").get(0).get("finding").asString());
        learner.get(work() + "/model").done();
    }

    /** The marks that count and of which attempt they are. */
    private String marks(long who) {
        JsonNode one = standing(who);
        return one.get("marks") + " " + one.get("attempt");
    }

    @Test
    void theBestOrTheLastCountsWhateverTheOrder() {
        Random random = new Random(4);
        List<String> resistances = List.of("3", "16", "");
        List<String> currents = List.of("2 A", "0.8 A", "7 A");
        long who = idOf(learner);
        for (int round = 0; round < 4; round++) {
            handOut();
            List<Integer> earned = new ArrayList<>();
            for (int attempt = 1; attempt <= 4; attempt++) {
                send(learner, resistances.get(random.nextInt(3)), currents.get(random.nextInt(3)))
                        .done();
                JsonNode tried = teacher.get("/api/assignments/" + id + "/sheets/" + who + "?attempt=" + attempt)
                        .done()
                        .json();
                earned.add(StreamSupport.stream(tried.get("findings").spliterator(), false)
                        .mapToInt(one -> one.get("points").asInt())
                        .sum());
                int best = earned.stream().max(Integer::compare).orElseThrow();
                assertEquals(best + " " + (earned.lastIndexOf(best) + 1), marks(who), earned::toString);
                if (random.nextBoolean()) release(true);
                allow(List.of(who), random.nextBoolean(), false, "last").done();
                assertEquals(earned.get(attempt - 1) + " " + attempt, marks(who), earned::toString);
                allow(List.of(), false, false, "best").done();
            }
        }
    }

    @Test
    void hintsSayWhatWentWrongAndNotWhatIsRight() {
        send(learner, "16", "").done();
        long who = idOf(learner);
        allow(List.of(who), true, false, "best").done();
        JsonNode hints = learner.get(work() + "/feedback").done().json();
        assertFalse(hints.get("whole").asBoolean());
        String slip = hints.get("findings").get(0).get("sentence").asString();
        assertEquals(
                "You wrote 16 Ω, which adds the branches as if they were in series; in parallel the result lies below the"
                        + " smallest branch.",
                slip.replace('\u2009', ' '));
        assertEquals(
                "Nothing was written.",
                hints.get("findings").get(1).get("sentence").asString());
        assertEquals(409, learner.get(work() + "/model").status());
        assertEquals(404, learner.get(work() + "/feedback?attempt=2").status(), "not sent yet");
        send(learner, "3", "").done();
        assertEquals(
                1,
                learner.get(work() + "/feedback")
                        .json()
                        .get("sheet")
                        .get("attempt")
                        .asInt());
        assertEquals(409, learner.get(work() + "/model").status());
        Person other = school.signedIn("learner2");
        send(other, "16", "").done();
        allow(List.of(idOf(other)), false, false, "best").done();
        assertEquals(409, other.get(work() + "/feedback").status(), "meant to go on without hints");
    }

    @Test
    void otherValuesComeOnAnEmptySheet() {
        id = handOut("[{\"thing\":\"R1\",\"values\":\"5; 6; 7; 8; 9\"}]", "each");
        send(learner, "16", "0.8 A").done();
        release(false);
        String before = learner.get(work()).json().get("questions").toString().replaceAll("\"tasks\".*", "");
        allow(List.of(idOf(learner)), true, true, "best").done();
        JsonNode again = learner.get(work()).json();
        assertNotEquals(before, again.get("questions").toString().replaceAll("\"tasks\".*", ""));
        assertEquals("", text(again, 0));
        send(learner, "3", "0.8 A").done();
        release(false);
        JsonNode first = learner.get(work() + "/feedback?attempt=1").json().get("sheet");
        assertEquals(before, first.get("questions").toString().replaceAll("\"tasks\".*", ""));
        assertNotEquals(
                learner.get(work() + "/model?attempt=1").body(),
                learner.get(work() + "/model?attempt=2").body());
    }

    @Test
    void whatIsOpenIsCollectedAndWhatIsBackCanBeTriedAgain() {
        Person late = school.signedIn("learner2");
        Person absent = school.signedIn("learner3");
        send(learner, "16", "").done();
        send(late, "16", "").done();
        List<Long> both = List.of(idOf(learner), idOf(late));
        allow(both, true, false, "last").done();
        JsonNode sheet = learner.get(work()).json();
        learner.put(work() + "/draft", "{\"revision\":" + sheet.get("revision") + "," + answers("3", "") + "}")
                .done();
        assertEquals(
                409, teacher.post("/api/assignments/" + id + "/release", "").status(), "learner1 is writing");
        release(true);
        assertEquals("3 2", marks(both.get(0)), "collected");
        assertEquals("0 1", marks(both.get(1)), "not begun, so that the first counts");
        assertEquals(
                409,
                late.put(work() + "/draft", "{\"revision\":1,\"answers\":[]}").status());
        teacher.delete("/api/assignments/" + id + "/release").done();
        assertEquals("0 1", marks(both.get(0)), "given back to be written on");
        assertEquals("3", text(learner.get(work()).json(), 0));
        release(true);
        allow(List.of(idOf(absent)), true, false, "last").done();
        assertEquals("not-begun", absent.get(work()).json().get("state").asString(), "who sent nothing may still");
        assertEquals(409, absent.get(work() + "/feedback").status());
        assertTrue(inList(learner).get("released").asBoolean(), "of the others all stays back");
        send(absent, "3", "2 A").done();
        assertEquals("5 2", marks(idOf(absent)));
        assertEquals(409, absent.get(work() + "/model").status(), "until it is handed back");
        release(false);
        absent.get(work() + "/model").done();
        teacher.delete("/api/assignments/" + id + "/release").done();
        assertEquals(409, absent.get(work() + "/model").status(), "the last handing back was taken back");
        assertTrue(inList(learner).get("released").asBoolean(), "the one before stays");
    }

    @Test
    void whatWasNotBegunIsTakenBackAndWhatCannotBeIsRefused() {
        send(learner, "16", "").done();
        long who = idOf(learner);
        long unsent = idOf(school.signedIn("learner4"));
        assertEquals(409, allow(List.of(who, unsent), true, false, "best").status(), "all or none");
        assertEquals("sent", learner.get(work()).json().get("state").asString());
        assertEquals(404, allow(List.of(99_999L), true, false, "best").status());
        assertEquals(400, allow(List.of(who), true, false, "worst").status());
        String attempts = "/api/assignments/" + id + "/attempts";
        assertEquals(
                400,
                teacher.post(
                                attempts,
                                "{\"learners\":[" + who
                                        + "],\"dueAt\":\"2001-01-01T00:00:00Z\",\"shown\":false,\"otherValues\":false}")
                        .status());
        allow(List.of(who), true, false, "best").done();
        String later = "2999-06-01T10:00:00Z";
        teacher.post(
                        attempts,
                        "{\"learners\":[" + who + "],\"dueAt\":\"" + later + "\",\"shown\":true,\"otherValues\":false}")
                .done();
        assertEquals(
                2,
                teacher.get("/api/assignments/" + id + "/sheets/" + who)
                        .json()
                        .get("attempts")
                        .size(),
                "the one in hand has another due time, none is new");
        assertEquals(later, learner.get(work()).json().get("dueAt").asString());
        teacher.delete(attempts + "?learners=" + who).done();
        assertEquals("sent", learner.get(work()).json().get("state").asString());
        allow(List.of(who), true, false, "best").done();
        JsonNode sheet = learner.get(work()).json();
        learner.put(work() + "/draft", "{\"revision\":" + sheet.get("revision") + "," + answers("3", "") + "}")
                .done();
        assertEquals(409, teacher.delete(attempts + "?learners=" + who).status(), "it was begun");
        Person stranger = school.invited(teacher, "strange" + id);
        assertEquals(404, stranger.get(attempts).status());
        assertEquals(403, learner.get(attempts).status());
    }

    @Test
    void marksPointsAndWordsReachTheAttemptThatIsMeant() {
        send(learner, "16", "").done();
        long who = idOf(learner);
        allow(List.of(who), true, false, "best").done();
        send(learner, "7", "").done();
        String review = "/api/assignments/" + id + "/review?box=" + RESISTANCE;
        assertEquals("7", written(review), "the last of each");
        assertEquals("16", written(review + "&attempt=1"));
        teacher.post(
                        "/api/assignments/" + id + "/overrides",
                        "{\"box\":\"" + RESISTANCE + "\",\"attempt\":1,\"learners\":[" + who
                                + "],\"points\":2,\"reason\":\"\",\"revision\":0}")
                .done();
        assertEquals("2 1", marks(who), "the first is the best now");
        teacher.post(
                        "/api/assignments/" + id + "/corrections",
                        "{\"correction\":{\"kind\":\"accept\",\"boxes\":[\"" + RESISTANCE
                                + "\"],\"text\":\"7 Ω\"},\"reason\":\"as drawn\",\"revision\":0}")
                .done();
        for (int k = 0; k < 100 && !marks(who).equals("3 2"); k++) pause();
        assertEquals("3 2", marks(who), "every attempt is marked by the memo that was put right");
    }

    private String written(String review) {
        return StreamSupport.stream(
                        teacher.get(review).done().json().get("groups").spliterator(), false)
                .map(one -> one.get("text").asString())
                .collect(Collectors.joining(" "));
    }

    private static void pause() {
        try {
            Thread.sleep(50);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
