package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Nobody waits while more sheets of a class are marked than takes half a second: it is done meanwhile, or refused with a reason. */
class LargeClassTest {
    private static final int LEARNERS = 10;
    private static final int AMOUNTS = 22;

    @RegisterExtension
    static final School school = School.DEMO;

    private final Person teacher = school.signedIn("teacher");

    /** As many amounts as there can be, each with as many lines as there is room for. */
    private static String drafts(int learner) {
        return IntStream.rangeClosed(1, AMOUNTS)
                .mapToObj(k -> "{\"box\":\"1/1.%d\",\"text\":\"%s\"}".formatted(k, lines(k == 1 ? 0 : learner)))
                .collect(Collectors.joining(",", "[", "]"));
    }

    private static String lines(int learner) {
        return IntStream.range(0, 26)
                .mapToObj(j -> "P = V²/R = 0.%02d²/%d = 0.%d W".formatted(j + 10, j % 9 + 1, 100 + j + learner))
                .collect(Collectors.joining("\\n"));
    }

    /** Collects all first, and hands it back as soon as it is marked. */
    private void handBack(String path) throws InterruptedException {
        Answer answer = teacher.post(path + "/release", "{\"collect\":true}");
        assertEquals(409, answer.status());
        assertEquals("marking", answer.json().get("reason").asString());
        for (int k = 0; k < 100 && answer.status() == 409; k++) {
            Thread.sleep(100);
            answer = teacher.post(path + "/release", "{}");
        }
        assertEquals(200, answer.status(), answer::toString);
    }

    @Test
    void aClassFullOfLinesIsMarkedMeanwhile() throws InterruptedException {
        PapersOfAClass papers = PapersOfAClass.of(teacher, "Class that writes much");
        long question = PapersOfAClass.id(teacher.post("/api/questions", SizeTest.question("Written much", AMOUNTS)));
        String handOut = "{\"questionIds\":[%d],\"dueAt\":\"2999-01-01T00:00:00Z\"}".formatted(question);
        List<JsonNode> added = IntStream.range(0, LEARNERS)
                .mapToObj(k -> papers.add("writes.much." + k))
                .toList();
        long id = PapersOfAClass.id(teacher.post("/api/classes/" + papers.classroom() + "/assignments", handOut));
        for (int k = 0; k < LEARNERS; k++)
            school.signedIn("writes.much." + k, added.get(k).get("password").asString())
                    .put("/api/my/work/" + id + "/draft", "{\"revision\":0,\"answers\":" + drafts(k) + "}")
                    .done();

        String path = "/api/assignments/" + id;
        handBack(path);
        // What was collected before it was handed back is its learners' again.
        teacher.delete(path + "/release").done();
        Answer open = teacher.post(path + "/release", "{}");
        assertEquals("working", open.json().get("reason").asString(), open::toString);
        handBack(path);
        JsonNode boxes = teacher.get(path + "/boxes").done().json();
        for (JsonNode one : boxes.get("learners")) assertFalse(one.get("marks").isNull(), one::toString);
        assertEquals(LEARNERS, boxes.get("learners").size());

        String other = "{\"kind\":\"value\",\"question\":1,\"thing\":\"R1\",\"value\":\"7\"}";
        JsonNode preview =
                teacher.post(path + "/corrections/preview", other).done().json();
        int looked = preview.get("same").asInt() + preview.get("changes").size();
        assertEquals(LEARNERS, looked + preview.get("more").asInt());
        assertTrue(looked > 0 && looked < LEARNERS, looked + " looked at");

        Answer decided =
                teacher.post(path + "/wordings", "{\"box\":\"1/1.1\",\"text\":\"" + lines(0) + "\",\"points\":2}");
        assertEquals(422, decided.status());
        assertTrue(decided.json().get("detail").asString().contains("in the review"), decided::toString);
    }
}
