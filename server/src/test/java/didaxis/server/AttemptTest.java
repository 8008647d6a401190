package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A sheet may be tried again: every attempt is kept, and the best or the last counts. */
class AttemptTest {
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
    void aFurtherAttemptGoesOnFromWhatWasWrittenAndBothAreKept() {
        tries.send(learner, "16", "0.8 A").done();
        long who = tries.idOf(learner);
        assertEquals(
                409,
                learner.put(tries.work() + "/draft", "{\"revision\":0,\"answers\":[]}")
                        .status());
        tries.allow(List.of(who), true, false, "best").done();
        JsonNode again = learner.get(tries.work()).json();
        assertEquals("not-begun", again.get("state").asString());
        assertEquals(2, again.get("attempt").asInt());
        assertEquals(1, again.get("earlier").asInt());
        assertEquals("16", Tries.text(again, 0));
        int revision = again.get("revision").asInt();
        assertEquals(
                409,
                learner.put(tries.work() + "/draft", "{\"revision\":0,\"answers\":[]}")
                        .status(),
                "a page that has the attempt before open is behind");
        learner.put(tries.work() + "/draft", "{\"revision\":" + revision + "," + Tries.answers("3", "0.8 A") + "}")
                .done();
        Answer first = learner.post(tries.work() + "/submission", "{\"attempt\":1," + Tries.answers("1", "1") + "}")
                .done();
        assertEquals(
                "working", learner.get(tries.work()).json().get("state").asString(), "the first was sent once more");
        learner.post(tries.work() + "/submission", "{\"attempt\":2," + Tries.answers("3", "2 A") + "}")
                .done();
        assertEquals(
                first.body(),
                learner.post(tries.work() + "/submission", "{\"attempt\":1," + Tries.answers("1", "1") + "}")
                        .done()
                        .body());
        assertEquals("5 2", tries.marks(who));
        assertTrue(tries.inList(learner).get("marks").isNull(), "not before it is back");
        JsonNode earlier = teacher.get(tries.path() + "/sheets/" + who + "?attempt=1")
                .done()
                .json();
        assertEquals("16", Tries.text(earlier.get("sheet"), 0));
        assertEquals(2, earlier.get("attempts").size());
        tries.release(false);
        assertEquals(5, tries.inList(learner).get("marks").asInt());
        JsonNode feedback =
                learner.get(tries.work() + "/feedback?attempt=1").done().json();
        assertEquals("16", Tries.text(feedback.get("sheet"), 0));
        assertEquals("slip", feedback.get("findings").get(0).get("finding").asString());
        learner.get(tries.work() + "/model").done();
    }

    @Test
    void theBestOrTheLastCountsWhateverTheOrder() {
        Random random = new Random(4);
        List<String> resistances = List.of("3", "16", "");
        List<String> currents = List.of("2 A", "0.8 A", "7 A");
        long who = tries.idOf(learner);
        for (int round = 0; round < 4; round++) {
            tries = Tries.of(teacher);
            List<Integer> earned = new ArrayList<>();
            for (int attempt = 1; attempt <= 4; attempt++) {
                tries.send(learner, resistances.get(random.nextInt(3)), currents.get(random.nextInt(3)))
                        .done();
                JsonNode tried = teacher.get(tries.path() + "/sheets/" + who + "?attempt=" + attempt)
                        .done()
                        .json();
                earned.add(StreamSupport.stream(tried.get("findings").spliterator(), false)
                        .mapToInt(one -> one.get("points").asInt())
                        .sum());
                int best = earned.stream().max(Integer::compare).orElseThrow();
                assertEquals(best + " " + (earned.lastIndexOf(best) + 1), tries.marks(who), earned::toString);
                if (random.nextBoolean()) tries.release(true);
                tries.allow(List.of(who), random.nextBoolean(), false, "last").done();
                assertEquals(earned.get(attempt - 1) + " " + attempt, tries.marks(who), earned::toString);
                tries.allow(List.of(), false, false, "best").done();
            }
        }
    }

    @Test
    void otherValuesComeOnAnEmptySheet() {
        tries = Tries.of(teacher, "[{\"thing\":\"R1\",\"values\":\"5; 6; 7; 8; 9\"}]", "each");
        tries.send(learner, "16", "0.8 A").done();
        tries.release(false);
        String before =
                learner.get(tries.work()).json().get("questions").toString().replaceAll("\"tasks\".*", "");
        tries.allow(List.of(tries.idOf(learner)), true, true, "best").done();
        JsonNode again = learner.get(tries.work()).json();
        assertNotEquals(before, again.get("questions").toString().replaceAll("\"tasks\".*", ""));
        assertEquals("", Tries.text(again, 0));
        tries.send(learner, "3", "0.8 A").done();
        tries.release(false);
        JsonNode first =
                learner.get(tries.work() + "/feedback?attempt=1").json().get("sheet");
        assertEquals(before, first.get("questions").toString().replaceAll("\"tasks\".*", ""));
        assertNotEquals(
                learner.get(tries.work() + "/model?attempt=1").body(),
                learner.get(tries.work() + "/model?attempt=2").body());
    }

    @Test
    void marksPointsAndWordsReachTheAttemptThatIsMeant() {
        tries.send(learner, "16", "").done();
        long who = tries.idOf(learner);
        tries.allow(List.of(who), true, false, "best").done();
        tries.send(learner, "7", "").done();
        String review = tries.path() + "/review?box=" + Tries.RESISTANCE;
        assertEquals("7", written(review), "the last of each");
        assertEquals("16", written(review + "&attempt=1"));
        teacher.post(
                        tries.path() + "/overrides",
                        "{\"box\":\"" + Tries.RESISTANCE + "\",\"attempt\":1,\"learners\":[" + who
                                + "],\"points\":2,\"reason\":\"\",\"revision\":0}")
                .done();
        assertEquals("2 1", tries.marks(who), "the first is the best now");
        teacher.post(
                        tries.path() + "/corrections",
                        "{\"correction\":{\"kind\":\"accept\",\"boxes\":[\"" + Tries.RESISTANCE
                                + "\"],\"text\":\"7 Ω\"},\"reason\":\"as drawn\",\"revision\":0}")
                .done();
        for (int k = 0; k < 100 && !tries.marks(who).equals("3 2"); k++) pause();
        assertEquals("3 2", tries.marks(who), "every attempt is marked by the memo that was put right");
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
