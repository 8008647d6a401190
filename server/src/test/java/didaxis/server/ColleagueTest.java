package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** A school of several teachers: invited once, with classes of their own, shared and handed over. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ColleagueTest {
    @RegisterExtension
    final School school = School.DEMO;

    private static long id(Answer answer) {
        return answer.json().get("id").asLong();
    }

    private static String acceptance(String code, String username) {
        return "{\"code\":\"" + code + "\",\"username\":\"" + username
                + "\",\"displayName\":\"R. Rowan\",\"password\":\"didaxis-demo\"}";
    }

    private Person colleague(Person teacher, String username) {
        String code = teacher.post("/api/invitations", "").json().get("code").asString();
        Answer made = school.visitor().post("/api/colleague", acceptance(code, username));
        assertEquals(204, made.status(), made::toString);
        return school.signedIn(username);
    }

    private long teacherId(Person teacher, Person whose) {
        String name = whose.get("/api/session").json().get("username").asString();
        return school.bean(JdbcClient.class)
                .sql("SELECT id FROM account WHERE username = :name")
                .param("name", name)
                .query(Long.class)
                .single();
    }

    @Test
    void aCodeMakesOneTeacherOnceHoweverManyTry() {
        Person teacher = school.signedIn("teacher");
        Answer invited = teacher.post("/api/invitations", "");
        String code = invited.json().get("code").asString();
        assertFalse(
                school.bean(JdbcClient.class)
                        .sql("SELECT group_concat(digest) FROM invitation")
                        .query(String.class)
                        .single()
                        .contains(code),
                "the code itself is not kept");
        List<Integer> answers = IntStream.range(0, 3)
                .parallel()
                .mapToObj(k -> school.visitor()
                        .post("/api/colleague", acceptance(code.toUpperCase(), "rowan" + k))
                        .status())
                .toList();
        assertEquals(1, answers.stream().filter(status -> status == 204).count(), answers::toString);
        assertEquals(
                403,
                school.visitor()
                        .post("/api/colleague", acceptance("aaaa-bbbb-cccc", "rowan9"))
                        .status());

        long revoked = id(teacher.post("/api/invitations", ""));
        assertTrue(teacher.get("/api/invitations").body().contains("\"id\":" + revoked + ","));
        assertEquals(204, teacher.delete("/api/invitations/" + revoked).status());
        assertFalse(teacher.get("/api/invitations").body().contains("\"id\":" + revoked + ","));
    }

    @Test
    void aClassIsSharedHandedOverAndThenNoLongerOpenToWhoGaveIt() {
        Person teacher = school.signedIn("teacher");
        Person colleague = colleague(teacher, "sorrel");
        long other = teacherId(teacher, colleague);
        long me = teacherId(teacher, teacher);
        long classroom = id(teacher.post("/api/classes", "{\"name\":\"Shared class\"}"));
        String path = "/api/classes/" + classroom;
        assertEquals(404, colleague.get(path).status());
        assertTrue(teacher.get("/api/teachers").body().contains("\"id\":" + other + ","));

        assertEquals(200, teacher.put(path + "/teachers/" + other, "").status(), "shared with a colleague");
        JsonNode seen = colleague.get(path).json();
        assertFalse(seen.get("own").asBoolean());
        assertEquals(2, seen.get("teachers").size());
        assertEquals(
                403,
                colleague.put(path + "/owner", "{\"teacherId\":" + other + "}").status(),
                "what is shared is not theirs to give away");
        Answer question = colleague.post("/api/questions", """
                {"title":"Theirs","notation":"9 V : R1=3","given":[{"subject":"total","quantity":"voltage"},
                 {"subject":"R1","quantity":"resistance"}],
                 "tasks":[{"kind":"chart","cells":[{"subject":"total","quantity":"current","marks":2}]}]}""");
        Answer out = colleague.post(
                path + "/assignments", "{\"questionIds\":[" + id(question) + "],\"dueAt\":\"2999-01-01T00:00:00Z\"}");
        assertEquals(201, out.status(), out::toString);
        assertEquals(200, teacher.get("/api/assignments/" + id(out)).status(), "the class's teachers see its work");

        assertEquals(
                204,
                teacher.put(path + "/owner", "{\"teacherId\":" + other + "}").status());
        assertEquals(404, teacher.get(path).status());
        assertEquals(404, teacher.get(path + "/results").status());
        assertEquals(404, teacher.get("/api/assignments/" + id(out)).status());
        assertTrue(colleague.get(path).json().get("own").asBoolean());
        assertEquals(200, colleague.put(path + "/teachers/" + me, "").status());
        assertEquals(204, teacher.delete(path + "/teachers/" + me).status(), "who was shared with may leave");
        assertEquals(404, teacher.get(path).status());
    }

    @Test
    void everyoneChangesTheirOwnPasswordAndIsSignedOutElsewhere() {
        Person teacher = school.signedIn("teacher");
        Person here = colleague(teacher, "tansy");
        Person elsewhere = school.signedIn("tansy");
        String change = "{\"now\":\"%s\",\"next\":\"%s\"}";
        assertEquals(
                403,
                here.put("/api/session/password", change.formatted("wrong", "another-one"))
                        .status());
        assertEquals(
                400,
                here.put("/api/session/password", change.formatted("didaxis-demo", "short"))
                        .status());
        Answer changed = here.put("/api/session/password", change.formatted("didaxis-demo", "another-one"));
        assertEquals(204, changed.status(), changed::toString);
        assertEquals(200, here.get("/api/classes").status(), "this place goes on");
        assertEquals(401, elsewhere.get("/api/classes").status());
        school.signedIn("tansy", "another-one");
        assertEquals(
                401,
                school.visitor()
                        .put("/api/session/password", change.formatted("", "another-one"))
                        .status());
    }
}
