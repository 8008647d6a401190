package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What a further attempt tells before it is handed back, when it is collected or taken back, and when there is none. */
class FurtherAttemptTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private final Person teacher = school.signedIn("teacher");
    private final Person learner = school.signedIn("learner1");
    private Tries tries;

    @BeforeEach
    void handOut() {
        tries = Tries.of(teacher);
    }

    @Test
    void hintsSayWhatWentWrongAndNotWhatIsRight() {
        tries.send(learner, "16", "").done();
        long who = tries.idOf(learner);
        tries.allow(List.of(who), true, false, "best").done();
        JsonNode hints = learner.get(tries.work() + "/feedback").done().json();
        assertFalse(hints.get("whole").asBoolean());
        String slip = hints.get("findings").get(0).get("sentence").asString();
        assertEquals(
                "You wrote 16 Ω, which adds the branches as if they were in series; in parallel the result lies below the"
                        + " smallest branch.",
                slip.replace('\u2009', ' '));
        assertEquals(
                "Nothing was written.",
                hints.get("findings").get(1).get("sentence").asString());
        assertEquals(409, learner.get(tries.work() + "/model").status());
        assertEquals(404, learner.get(tries.work() + "/feedback?attempt=2").status(), "not sent yet");
        tries.send(learner, "3", "").done();
        assertEquals(
                1,
                learner.get(tries.work() + "/feedback")
                        .json()
                        .get("sheet")
                        .get("attempt")
                        .asInt());
        assertEquals(409, learner.get(tries.work() + "/model").status());
        Person other = school.signedIn("learner2");
        tries.send(other, "16", "").done();
        tries.allow(List.of(tries.idOf(other)), false, false, "best").done();
        assertEquals(409, other.get(tries.work() + "/feedback").status(), "meant to go on without hints");
    }

    @Test
    void whatIsOpenIsCollectedAndWhatIsBackCanBeTriedAgain() {
        Person late = school.signedIn("learner2");
        Person absent = school.signedIn("learner3");
        tries.send(learner, "16", "").done();
        tries.send(late, "16", "").done();
        List<Long> both = List.of(tries.idOf(learner), tries.idOf(late));
        tries.allow(both, true, false, "last").done();
        JsonNode sheet = learner.get(tries.work()).json();
        learner.put(
                        tries.work() + "/draft",
                        "{\"revision\":" + sheet.get("revision") + "," + Tries.answers("3", "") + "}")
                .done();
        assertEquals(409, teacher.post(tries.path() + "/release", "").status(), "learner1 is writing");
        tries.release(true);
        assertEquals("3 2", tries.marks(both.get(0)), "collected");
        assertEquals("0 1", tries.marks(both.get(1)), "not begun, so that the first counts");
        assertEquals(
                409,
                late.put(tries.work() + "/draft", "{\"revision\":1,\"answers\":[]}")
                        .status());
        teacher.delete(tries.path() + "/release").done();
        assertEquals("0 1", tries.marks(both.get(0)), "given back to be written on");
        assertEquals("3", Tries.text(learner.get(tries.work()).json(), 0));
        tries.release(true);
        tries.allow(List.of(tries.idOf(absent)), true, false, "last").done();
        assertEquals(
                "not-begun", absent.get(tries.work()).json().get("state").asString(), "who sent nothing may still");
        assertEquals(409, absent.get(tries.work() + "/feedback").status());
        assertTrue(tries.inList(learner).get("released").asBoolean(), "of the others all stays back");
        tries.send(absent, "3", "2 A").done();
        assertEquals("5 2", tries.marks(tries.idOf(absent)));
        assertEquals(409, absent.get(tries.work() + "/model").status(), "until it is handed back");
        tries.release(false);
        absent.get(tries.work() + "/model").done();
        teacher.delete(tries.path() + "/release").done();
        assertEquals(409, absent.get(tries.work() + "/model").status(), "the last handing back was taken back");
        assertTrue(tries.inList(learner).get("released").asBoolean(), "the one before stays");
    }

    @Test
    void whatWasNotBegunIsTakenBackAndWhatCannotBeIsRefused() {
        tries.send(learner, "16", "").done();
        long who = tries.idOf(learner);
        long unsent = tries.idOf(school.signedIn("learner4"));
        assertEquals(409, tries.allow(List.of(who, unsent), true, false, "best").status(), "all or none");
        assertEquals("sent", learner.get(tries.work()).json().get("state").asString());
        assertEquals(404, tries.allow(List.of(99_999L), true, false, "best").status());
        assertEquals(400, tries.allow(List.of(who), true, false, "worst").status());
        String attempts = tries.path() + "/attempts";
        assertEquals(
                400,
                teacher.post(
                                attempts,
                                "{\"learners\":[" + who
                                        + "],\"dueAt\":\"2001-01-01T00:00:00Z\",\"shown\":false,\"otherValues\":false}")
                        .status());
        tries.allow(List.of(who), true, false, "best").done();
        String later = "2999-06-01T10:00:00Z";
        teacher.post(
                        attempts,
                        "{\"learners\":[" + who + "],\"dueAt\":\"" + later + "\",\"shown\":true,\"otherValues\":false}")
                .done();
        assertEquals(
                2,
                teacher.get(tries.path() + "/sheets/" + who)
                        .json()
                        .get("attempts")
                        .size(),
                "the one in hand has another due time, none is new");
        assertEquals(later, learner.get(tries.work()).json().get("dueAt").asString());
        teacher.delete(attempts + "?learners=" + who).done();
        assertEquals("sent", learner.get(tries.work()).json().get("state").asString());
        tries.allow(List.of(who), true, false, "best").done();
        JsonNode sheet = learner.get(tries.work()).json();
        learner.put(
                        tries.work() + "/draft",
                        "{\"revision\":" + sheet.get("revision") + "," + Tries.answers("3", "") + "}")
                .done();
        assertEquals(409, teacher.delete(attempts + "?learners=" + who).status(), "it was begun");
        Person stranger = school.invited(teacher, "strange" + tries.id());
        assertEquals(404, stranger.get(attempts).status());
        assertEquals(403, learner.get(attempts).status());
    }
}
