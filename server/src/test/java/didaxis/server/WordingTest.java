package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Answers in words: nothing that is written is lost to the teacher, and what is decided once is decided for all. */
class WordingTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private static final String BOX = "1/1.1";

    private final Person teacher = school.signedIn("teacher");
    private long question;
    private long id;

    @BeforeEach
    void handOut() {
        question = teacher.post("/api/questions", """
                        {"title":"Terms of the hut","tasks":[{"kind":"define","term":"resistance"}]}""").done().json().get("id").asLong();
        id = handedOut();
    }

    private long handedOut() {
        String sheet = "{\"questionIds\":[" + question + "],\"again\":true,\"dueAt\":\"2999-01-01T00:00:00Z\"}";
        return teacher.post("/api/classes/1/assignments", sheet)
                .done()
                .json()
                .get("id")
                .asLong();
    }

    private void send(String learner, String text) {
        school.signedIn(learner)
                .post(
                        "/api/my/work/" + id + "/submission",
                        "{\"answers\":[{\"box\":\"" + BOX + "\",\"text\":\"" + text + "\"}]}")
                .done();
    }

    private JsonNode box() {
        return teacher.get("/api/assignments/" + id + "/boxes")
                .done()
                .json()
                .get("boxes")
                .get(0);
    }

    private JsonNode decide(String text, String points) {
        return teacher.post(
                        "/api/assignments/" + id + "/wordings",
                        "{\"box\":\"" + BOX + "\",\"text\":\"" + text + "\",\"points\":" + points + "}")
                .done()
                .json()
                .get("boxes")
                .get(0);
    }

    private static List<String> wordings(JsonNode box) {
        List<String> all = new ArrayList<>();
        box.get("wrongValues")
                .forEach(one -> all.add(one.get("points") + " "
                        + one.get("learners").size() + " " + one.get("shown").asString()));
        return all;
    }

    private static List<Integer> counts(JsonNode box) {
        List<Integer> counts = new ArrayList<>();
        for (String count : List.of("right", "partly", "wrong", "blank", "undecided"))
            counts.add(box.get(count).asInt());
        return counts;
    }

    @Test
    void whatIsNotKnownToEarnIsListedOnceAWordingAndDecidedForAllWhoWroteIt() {
        send("learner1", "The ratio of the voltage across a part to the current through it.");
        send("learner2", "The opposition to the flow of charge");
        send("learner3", "the opposition to flow of charges.");
        send("learner4", "voltage divided by current");
        send("learner5", "how hard it is");
        send("learner6", "");
        assertEquals(List.of(1, 1, 0, 1, 3), counts(box()));
        assertEquals(
                List.of(
                        "0 2 The opposition to the flow of charge",
                        "1 1 voltage divided by current",
                        "0 1 how hard it is"),
                wordings(box()));

        JsonNode decided = decide("opposition to the flow of charge", "1");
        assertEquals(List.of(1, 3, 0, 1, 1), counts(decided));
        assertEquals(
                "1 2 The opposition to the flow of charge", wordings(decided).get(0));
        assertEquals(List.of(1, 3, 1, 1, 0), counts(decide("how hard it is", "0")));
        assertEquals(List.of(3, 1, 1, 1, 0), counts(decide("the opposition to the flow of charge", "2")));

        // The marks of the sheets are as what was decided, and in the next hand-out it is known already.
        JsonNode marked = teacher.get("/api/assignments/" + id + "/sheets/3").json();
        assertEquals("right", marked.get("findings").get(0).get("finding").asString());
        long before = id;
        id = handedOut();
        send("learner7", "It is the opposition to the flow of charge!");
        assertEquals(List.of(1, 0, 0, 0, 0), counts(box()));

        // Left to the marker again it is undecided again, on the sheets of the assignment it was decided on.
        id = before;
        assertEquals(List.of(1, 1, 1, 1, 2), counts(decide("opposition to flow of charge", "null")));
    }

    @Test
    void whatCannotBeDecidedIsRefused() {
        String path = "/api/assignments/" + id + "/wordings";
        for (String body : List.of(
                "{\"box\":\"1/1.1\",\"text\":\"x\",\"points\":3}",
                "{\"box\":\"1/1.1\",\"text\":\"x\",\"points\":-1}",
                "{\"box\":\"1/1.1\",\"text\":\" \",\"points\":1}"))
            assertEquals(400, teacher.post(path, body).status(), body);
        assertEquals(
                404,
                teacher.post(path, "{\"box\":\"2/9\",\"text\":\"x\",\"points\":1}")
                        .status());
        assertEquals(
                404,
                teacher.post("/api/assignments/1/wordings", "{\"box\":\"1/1.1-1\",\"text\":\"x\",\"points\":1}")
                        .status());
        assertEquals(403, school.signedIn("learner1").post(path, "{}").status());
    }
}
