package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What a teacher does with what was handed out while learners work on it. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class AssignmentTest {
    private static final String FAR = "\"dueAt\":\"2999-01-01T00:00:00Z\"";

    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;
    private long question;
    private long classroom;

    @BeforeAll
    void aQuestionAndAClassOfThree() {
        teacher = school.signedIn("teacher");
        question = id(teacher.post("/api/questions", """
                {"title":"Mast lamp","notation":"12 V : R1=2 + R2=4","given":[{"subject":"total","quantity":"voltage"},
                 {"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"}],
                 "tasks":[{"kind":"chart","cells":[{"subject":"total","quantity":"resistance","marks":2},
                 {"subject":"total","quantity":"current","marks":3}]}]}"""));
        classroom = id(teacher.post("/api/classes", "{\"name\":\"Mast class\"}"));
    }

    private static long id(Answer answer) {
        return answer.json().get("id").asLong();
    }

    private Person learner(String name) {
        Answer added = teacher.post(
                "/api/classes/" + classroom + "/learners",
                "{\"displayName\":\"" + name + "\",\"username\":\"" + name.toLowerCase() + "\"}");
        return school.signedIn(name.toLowerCase(), added.json().get("password").asString());
    }

    private long handedOut() {
        return id(teacher.post(
                "/api/classes/" + classroom + "/assignments",
                "{\"questionIds\":[" + question + "]," + FAR + ",\"again\":true}"));
    }

    private static String sheet(String resistance, String current) {
        return "\"answers\":[{\"box\":\"1/1.1-1\",\"text\":\"" + resistance + "\"},{\"box\":\"1/1.1-2\",\"text\":\""
                + current + "\"}]";
    }

    @Test
    void handingBackWhileSomebodyWorksSaysSoOrCollectsWhatStandsThereAndCanBeTakenBack() {
        Person working = learner("Alma");
        Person sending = learner("Beda");
        long id = handedOut();
        String path = "/api/assignments/" + id;
        assertEquals(
                200,
                working.put("/api/my/work/" + id + "/draft", "{\"revision\":0," + sheet("6", "") + "}")
                        .status());
        assertEquals(
                200,
                sending.post("/api/my/work/" + id + "/submission", "{" + sheet("8", "1.5") + "}")
                        .status());
        JsonNode one = teacher.get(path).json().get("working");
        assertEquals(1, one.size());
        assertEquals("Alma", one.get(0).get("learner").get("displayName").asString());
        assertEquals(1, one.get(0).get("filled").asInt());
        assertEquals(2, one.get(0).get("boxes").asInt());

        Answer refused = teacher.post(path + "/release", "");
        assertEquals(409, refused.status());
        assertEquals("working", refused.json().get("reason").asString());
        assertTrue(refused.json().get("detail").asString().contains("Alma"), refused::toString);
        assertEquals(
                409, working.get("/api/my/work/" + id + "/feedback").status(), "nothing is shown by a refused release");

        assertEquals(200, teacher.post(path + "/release", "{\"collect\":true}").status());
        JsonNode feedback = working.get("/api/my/work/" + id + "/feedback").json();
        assertEquals(2, feedback.get("marks").asInt());
        assertTrue(feedback.get("sheet").get("collected").asBoolean());
        assertEquals("6", School.box(feedback.get("sheet"), 0).get("text").asString());
        JsonNode mark = teacher.get(path + "/sheets/" + idOf("alma")).json().get("learner");
        assertTrue(mark.get("collected").asBoolean());
        assertFalse(mark.get("late").asBoolean());

        assertEquals(200, teacher.delete(path + "/release").status());
        Answer goesOn = working.put("/api/my/work/" + id + "/draft", "{\"revision\":1," + sheet("6", "2") + "}");
        assertEquals(200, goesOn.status(), goesOn::toString);
        assertEquals(
                "sent", sending.get("/api/my/work/" + id).json().get("state").asString(), "what was sent stays sent");

        teacher.post(path + "/release", "{\"collect\":true}");
        for (String earlier : List.of(
                "UPDATE assignment SET released_at = released_at - 61000 WHERE id = :id",
                "UPDATE submission SET sent_at = sent_at - 61000 WHERE sheet_id IN"
                        + " (SELECT h.id FROM sheet h WHERE h.assignment_id = :id)"))
            school.bean(JdbcClient.class).sql(earlier).param("id", id).update();
        assertEquals(409, teacher.delete(path + "/release").status(), "a minute later it stays handed back");
        assertEquals(
                5,
                working.get("/api/my/work/" + id + "/feedback")
                        .json()
                        .get("marks")
                        .asInt());
    }

    private long idOf(String username) {
        return school.bean(JdbcClient.class)
                .sql("SELECT id FROM account WHERE username = :name")
                .param("name", username)
                .query(Long.class)
                .single();
    }

    @Test
    void theDueTimeMovesAndWhatNobodySentIsWithdrawnAndHandedOutAgain() {
        Person learner = learner("Cilla");
        long id = handedOut();
        String path = "/api/assignments/" + id;
        Answer moved = teacher.put(path + "/due", "{\"dueAt\":\"2998-01-01T00:00:00Z\"}");
        assertEquals(
                "2998-01-01T00:00:00Z",
                moved.json().get("assignment").get("dueAt").asString());
        assertEquals(
                400,
                teacher.put(path + "/due", "{\"dueAt\":\"1998-01-01T00:00:00Z\"}")
                        .status());
        learner.put("/api/my/work/" + id + "/draft", "{\"revision\":0," + sheet("6", "") + "}");

        assertEquals(204, teacher.delete(path).status());
        assertEquals(404, learner.get("/api/my/work/" + id).status());
        assertEquals(
                404,
                learner.put("/api/my/work/" + id + "/draft", "{\"revision\":1," + sheet("7", "") + "}")
                        .status());
        assertFalse(teacher.get("/api/classes/" + classroom + "/results").body().contains("\"id\":" + id + ","));
        assertEquals(200, teacher.post(path + "/restoration", "").status());
        assertEquals(
                "6",
                School.box(learner.get("/api/my/work/" + id).json(), 0)
                        .get("text")
                        .asString());

        learner.post("/api/my/work/" + id + "/submission", "{" + sheet("6", "2") + "}");
        Answer refused = teacher.delete(path);
        assertEquals(409, refused.status());
        assertTrue(refused.json().get("detail").asString().contains("1 of "), refused::toString);
    }

    @Test
    void theSameIsNotHandedToAClassTwiceUnlessItIsMeant() {
        handedOut();
        String path = "/api/classes/" + classroom + "/assignments";
        Answer again = teacher.post(path, "{\"questionIds\":[" + question + "]," + FAR + "}");
        assertEquals(409, again.status());
        assertEquals("there-already", again.json().get("reason").asString());
        assertEquals(
                201,
                teacher.post(path, "{\"questionIds\":[" + question + "]," + FAR + ",\"again\":true}")
                        .status());
    }

    @Test
    void anOpenSheetIsToldAtOnceWhenSomethingChanges() throws Exception {
        Person learner = learner("Dora");
        long id = handedOut();
        List<String> told = new ArrayList<>();
        List<CompletableFuture<String>> news = new ArrayList<>();
        for (int k = 0; k < 2; k++) news.add(learner.firstNews("/api/my/work/" + id + "/news"));
        teacher.put("/api/assignments/" + id + "/due", "{\"dueAt\":\"2997-01-01T00:00:00Z\"}");
        for (CompletableFuture<String> one : news) told.add(one.get(5, TimeUnit.SECONDS));
        assertEquals(List.of("event:changed", "event:changed"), told);
    }

    @Test
    void aPageThatSpeaksForSomebodyElseIsNotTakenForWhoIsSignedIn() {
        Person learner = learner("Edda");
        long id = handedOut();
        String draft = "/api/my/work/" + id + "/draft";
        String body = "{\"revision\":0," + sheet("6", "") + "}";
        Answer refused = learner.speakingFor("alma").put(draft, body);
        assertEquals(401, refused.status());
        assertEquals("someone-else", refused.json().get("reason").asString());
        assertEquals(200, learner.speakingFor("EDDA").put(draft, body).status());
    }
}
