package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import didaxis.server.School.Answer;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** A question is kept while it is made, and nothing a teacher takes away is gone at once. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class QuestionDraftTest {
    private static final String ASKING = """
            {"given":[{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"}],
             "known":["R1","total"],"stem":"","states":[],"tasks":[{"kind":"chart","cells":[{"subject":"total","quantity":"current","marks":2}]}]}""";

    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;

    @BeforeAll
    void aTeacher() {
        teacher = school.signedIn("teacher");
    }

    private static String moment(String notation) {
        return "{\"notation\":\"" + notation + "\",\"asking\":" + ASKING + "}";
    }

    private static String body(String now, String past) {
        return "{\"now\":" + moment(now) + ",\"past\":[" + moment(past) + "],\"future\":[]}";
    }

    private static boolean lists(Answer list, long id) {
        return list.body().contains("\"id\":" + id + ",");
    }

    @Test
    void whatIsMadeIsKeptWithItsPastEvenHalfTypedAndGoesOnOnceItIsAQuestion() {
        Answer begun = teacher.post("/api/question-drafts", "{\"body\":" + body("9 V : R1=", "9 V : R1") + "}");
        assertEquals(201, begun.status(), begun::toString);
        long id = begun.json().get("id").asLong();
        String path = "/api/question-drafts/" + id;
        Answer changed = teacher.put(path, "{\"revision\":1,\"body\":" + body("9 V : R1=3", "9 V : R1=") + "}");
        assertEquals(2, changed.json().get("revision").asInt());
        JsonNode body = teacher.get(path).json().get("body");
        assertEquals("9 V : R1=3", body.get("now").get("notation").asString());
        assertEquals("9 V : R1=", body.get("past").get(0).get("notation").asString());
        JsonNode task = body.get("now").get("asking").get("tasks").get(0);
        assertEquals(2, task.get("cells").get(0).get("marks").asInt());

        Answer older = teacher.put(path, "{\"revision\":1,\"body\":" + body("5 V : R1=1", "") + "}");
        assertEquals(409, older.status());
        assertEquals(
                "9 V : R1=3",
                older.json().get("draft").get("body").get("now").get("notation").asString());
        assertTrue(lists(teacher.get("/api/question-drafts"), id));

        String content = """
                {"title":"From a draft","notation":"9 V : R1=3","given":[{"subject":"total","quantity":"voltage"},
                 {"subject":"R1","quantity":"resistance"}],
                 "tasks":[{"kind":"chart","cells":[{"subject":"total","quantity":"current","marks":2}]}]}""";
        Answer kept = teacher.post("/api/questions?draft=" + id, content);
        assertEquals(id, kept.json().get("draftId").asLong());
        assertFalse(lists(teacher.get("/api/question-drafts"), id), "it is no new question any more");
        long question = kept.json().get("id").asLong();
        JsonNode again = teacher.post("/api/questions?draft=" + id, content.replace("From a", "Of one"))
                .done()
                .json();
        assertEquals(question, again.get("id").asLong(), "sent once more, it is the same question");
        assertEquals("Of one draft", again.get("title").asString());
        Answer second = teacher.post(
                "/api/question-drafts", "{\"questionId\":" + question + ",\"body\":" + body("1 V : R1=1", "") + "}");
        assertEquals(409, second.status(), "of a question there is one draft");
        teacher.delete(path);
        Answer instead = teacher.post(
                "/api/question-drafts", "{\"questionId\":" + question + ",\"body\":" + body("1 V : R1=1", "") + "}");
        assertEquals(409, teacher.post(path + "/restoration", "").status(), "nor beside the one that is there instead");
        teacher.delete("/api/question-drafts/" + instead.json().get("id").asLong());
        teacher.post(path + "/restoration", "").done();

        assertEquals(
                "Renamed",
                teacher.put("/api/questions/" + question + "/title", "{\"title\":\" Renamed \"}")
                        .json()
                        .get("title")
                        .asString());
        assertEquals(
                400,
                teacher.put("/api/questions/" + question + "/title", "{\"title\":\" \"}")
                        .status());
        teacher.delete("/api/questions/" + question);
        assertTrue(lists(teacher.get("/api/questions/removed"), question));
        teacher.post("/api/questions/" + question + "/restoration", "");
        assertTrue(lists(teacher.get("/api/questions"), question));
        assertFalse(lists(teacher.get("/api/questions/removed"), question));
        teacher.delete("/api/questions/" + question);
    }

    @Test
    void whatIsSentAgainUnderItsNameIsBegunOnce() {
        String sent = "{\"begunAs\":\"yew-1\",\"body\":" + body("9 V : R1=3", "9 V : R1=") + "}";
        List<Answer> answers = IntStream.range(0, 8)
                .parallel()
                .mapToObj(k -> teacher.post("/api/question-drafts", sent))
                .toList();
        JsonNode begun = answers.stream()
                .filter(one -> one.status() == 201)
                .map(Answer::json)
                .reduce((one, other) -> fail("begun twice"))
                .orElseThrow();
        for (Answer one : answers)
            if (one.status() != 201) {
                assertEquals("changed-elsewhere", one.json().get("reason").asString());
                assertEquals(begun, one.json().get("draft"));
            }
        assertEquals("yew-1", begun.get("begunAs").asString());
        Answer other = school.invited(teacher, "yewen").post("/api/question-drafts", sent);
        assertEquals(201, other.status(), "what another teacher calls so is another's");
        assertEquals(
                400,
                teacher.post("/api/question-drafts", sent.replace("yew", "y".repeat(99)))
                        .status());
        teacher.delete("/api/question-drafts/" + begun.get("id").asLong());
        assertEquals(201, teacher.post("/api/question-drafts", sent).status(), "what was removed is not begun");
    }

    @Test
    void marksThatAreNoneAreRefusedWithAWord() {
        for (String marks : new String[] {"0", "-1", "21", "1.5"}) {
            Answer refused = teacher.post(
                    "/api/questions",
                    "{\"title\":\"M\",\"notation\":\"9 V : R1=3\",\"given\":[],\"tasks\":[{\"kind\":\"chart\","
                            + "\"cells\":[{\"subject\":\"total\",\"quantity\":\"current\",\"marks\":" + marks
                            + "}]}]}");
            assertEquals(400, refused.status(), marks);
        }
    }

    @Test
    void aNameOnTheShelfIsNeverOverwrittenUnasked() {
        String first = "{\"name\":\"Siren\",\"notation\":\"9 V : R1=3\"}";
        String other = "{\"name\":\"Siren\",\"notation\":\"6 V : R1=2\"";
        long id = teacher.post("/api/shelf", first).json().get("id").asLong();
        Answer asked = teacher.post("/api/shelf", other + "}");
        assertEquals(409, asked.status());
        assertEquals("taken", asked.json().get("reason").asString());
        assertEquals("Siren 2", asked.json().get("free").asString());
        Answer numbered = teacher.post("/api/shelf", other + ",\"ifTaken\":\"number\"}");
        assertEquals("Siren 2", numbered.json().get("name").asString());
        Answer replaced = teacher.post("/api/shelf", other + ",\"ifTaken\":\"replace\"}");
        assertEquals("Siren", replaced.json().get("name").asString());
        assertTrue(lists(teacher.get("/api/shelf/removed"), id), "what was replaced can be brought back");
        assertEquals(
                409,
                teacher.put("/api/shelf/" + replaced.json().get("id").asLong() + "/name", "{\"name\":\"Siren 2\"}")
                        .status());
        assertEquals(
                "Horn",
                teacher.put("/api/shelf/" + replaced.json().get("id").asLong() + "/name", "{\"name\":\"Horn\"}")
                        .json()
                        .get("name")
                        .asString());
        assertEquals(200, teacher.post("/api/shelf/" + id + "/restoration", "").status());
    }

    @Test
    void whatWasRemovedIsFoundForThirtyDaysAndThenGone() {
        String circuit = "{\"name\":\"Thirty\",\"notation\":\"9 V : R1=3\",\"ifTaken\":\"number\"}";
        long young = teacher.post("/api/shelf", circuit).json().get("id").asLong();
        long old = teacher.post("/api/shelf", circuit).json().get("id").asLong();
        teacher.delete("/api/shelf/" + young);
        teacher.delete("/api/shelf/" + old);
        setRemoved(young, 29);
        setRemoved(old, 31);
        Answer removed = teacher.get("/api/shelf/removed");
        assertTrue(lists(removed, young));
        assertFalse(lists(removed, old));
        long another = teacher.post("/api/shelf", circuit).json().get("id").asLong();
        teacher.delete("/api/shelf/" + another);
        assertEquals(404, teacher.post("/api/shelf/" + old + "/restoration", "").status());
    }

    private void setRemoved(long id, int daysAgo) {
        school.bean(JdbcClient.class)
                .sql("UPDATE shelf_circuit SET removed_at = :at WHERE id = :id")
                .param("at", System.currentTimeMillis() - daysAgo * 86_400_000L)
                .param("id", id)
                .update();
    }
}
