package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Nobody sees what is not theirs. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PrivacyTest {
    @RegisterExtension
    final School school = School.DEMO;

    private static final String QUESTION = "{\"title\":\"X\",\"notation\":\"9 V : R1=3\",\"tasks\":[]}";
    private static final String DRAFT = "{\"now\":{\"notation\":\"9 V : R1=3\"},\"past\":[],\"future\":[]}";

    @Test
    void everyEndpointIsShutToTheWrongPerson() {
        Person teacher = school.signedIn("teacher");
        Person learner = school.signedIn("learner1");
        Person visitor = school.visitor();
        school.bean(didaxis.server.account.Accounts.class)
                .create(
                        "other",
                        "Other Teacher",
                        didaxis.server.account.Role.TEACHER,
                        school.bean(didaxis.server.account.Passwords.class).hash(School.PASSWORD));
        Person other = school.signedIn("other");
        long otherClass = other.post("/api/classes", "{\"name\":\"Elsewhere\"}")
                .json()
                .get("id")
                .asLong();
        Answer stranger = other.post(
                "/api/classes/" + otherClass + "/learners", "{\"displayName\":\"S. Spruce\",\"username\":\"spruce\"}");
        Person strangeLearner =
                school.signedIn("spruce", stranger.json().get("password").asString());

        long draft = teacher.post("/api/question-drafts", "{\"body\":" + DRAFT + "}")
                .json()
                .get("id")
                .asLong();

        List<String[]> owned = List.of(
                new String[] {"GET", "/api/questions/1", ""},
                new String[] {"PUT", "/api/questions/1", QUESTION},
                new String[] {"DELETE", "/api/questions/1", ""},
                new String[] {"POST", "/api/questions/1/restoration", "{}"},
                new String[] {"PUT", "/api/questions/1/title", "{\"title\":\"X\"}"},
                new String[] {"GET", "/api/question-drafts/" + draft, ""},
                new String[] {"PUT", "/api/question-drafts/" + draft, "{\"revision\":1,\"body\":" + DRAFT + "}"},
                new String[] {"POST", "/api/question-drafts", "{\"questionId\":1,\"body\":" + DRAFT + "}"},
                new String[] {"DELETE", "/api/question-drafts/" + draft, ""},
                new String[] {"POST", "/api/question-drafts/" + draft + "/restoration", ""},
                new String[] {"PUT", "/api/shelf/1/name", "{\"name\":\"X\"}"},
                new String[] {"POST", "/api/shelf/1/copy", ""},
                new String[] {"DELETE", "/api/shelf/1", ""},
                new String[] {"POST", "/api/shelf/1/restoration", ""},
                new String[] {"GET", "/api/classes/1", ""},
                new String[] {"GET", "/api/classes/1/results", ""},
                new String[] {"POST", "/api/classes/1/learners", "{\"displayName\":\"X\",\"username\":\"xx\"}"},
                new String[] {"POST", "/api/classes/1/learners/2/password", "{}"},
                new String[] {"DELETE", "/api/classes/1/learners/2", ""},
                new String[] {"POST", "/api/classes/1/learners/reading", "{\"text\":\"X\"}"},
                new String[] {
                    "POST",
                    "/api/classes/1/learners/list",
                    "{\"learners\":[{\"displayName\":\"X\",\"username\":\"xx\"}]}"
                },
                new String[] {"GET", "/api/classes/1/learners/known", ""},
                new String[] {"PUT", "/api/classes/" + otherClass + "/learners/2", ""},
                new String[] {"PUT", "/api/classes/1/learners/2/name", "{\"displayName\":\"X\"}"},
                new String[] {"GET", "/api/classes/1/learners/2/export", ""},
                new String[] {"DELETE", "/api/classes/1/learners/2/everything", ""},
                new String[] {"PUT", "/api/classes/1/name", "{\"name\":\"X\"}"},
                new String[] {"PUT", "/api/classes/1/archived", "{\"archived\":true}"},
                new String[] {"POST", "/api/classes/1/copy", ""},
                new String[] {"PUT", "/api/classes/1/teachers/1", ""},
                new String[] {"DELETE", "/api/classes/1/teachers/1", ""},
                new String[] {"PUT", "/api/classes/1/owner", "{\"teacherId\":1}"},
                new String[] {"GET", "/api/assignments/1/preview", ""},
                new String[] {"GET", "/api/assignments/1/boxes", ""},
                new String[] {
                    "POST", "/api/classes/1/assignments", "{\"questionIds\":[1],\"dueAt\":\"2999-01-01T00:00:00Z\"}"
                },
                new String[] {"GET", "/api/assignments/1", ""},
                new String[] {"GET", "/api/assignments/1/sheets/2", ""},
                new String[] {"PUT", "/api/assignments/1/due", "{\"dueAt\":\"2999-01-01T00:00:00Z\"}"},
                new String[] {"DELETE", "/api/assignments/1", ""},
                new String[] {"POST", "/api/assignments/1/restoration", ""},
                new String[] {"DELETE", "/api/assignments/1/release", ""},
                new String[] {"POST", "/api/assignments/1/release", "{}"});
        List<String[]> learnersOwn = List.of(
                new String[] {"GET", "/api/my/work/1", ""},
                new String[] {"PUT", "/api/my/work/1/draft", "{\"revision\":0,\"answers\":[]}"},
                new String[] {"POST", "/api/my/work/1/submission", "{\"answers\":[]}"},
                new String[] {"GET", "/api/my/work/1/news", ""},
                new String[] {"GET", "/api/my/work/1/feedback", ""});
        for (String[] call : owned) {
            refuses(visitor, 401, call);
            refuses(learner, 403, call);
            refuses(other, 404, call);
        }
        for (String[] call : learnersOwn) {
            refuses(visitor, 401, call);
            refuses(teacher, 403, call);
            refuses(strangeLearner, 404, call);
        }
        assertEquals("[]", strangeLearner.get("/api/my/work").body());
        assertEquals(
                404,
                other.post(
                                "/api/classes/" + otherClass + "/assignments",
                                "{\"questionIds\":[1],\"dueAt\":\"2999-01-01T00:00:00Z\"}")
                        .status());
    }

    /** Whatever the API offers, as it describes itself, so that nothing new is forgotten here. */
    @Test
    void nothingIsOpenToAVisitorNorATeachersToALearner() {
        Person visitor = school.visitor();
        Person teacher = school.signedIn("teacher");
        Person learner = school.signedIn("learner1");
        List<String> open = List.of("/api/session", "/api/first-teacher", "/api/colleague", "/api/session/password");
        int shut = 0;
        for (Map.Entry<String, JsonNode> path :
                visitor.get("/v3/api-docs").json().get("paths").properties()) {
            if (open.contains(path.getKey())) continue;
            String address = path.getKey().replaceAll("\\{[^}]*}", "1");
            for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
                String verb = method.getKey().toUpperCase(Locale.ROOT);
                String[] call = {verb, address, verb.equals("GET") || verb.equals("DELETE") ? "" : "{}"};
                refuses(visitor, 401, call);
                refuses(address.startsWith("/api/my/") ? teacher : learner, 403, call);
                shut++;
            }
        }
        assertTrue(shut > 30, "addresses tried: " + shut);
    }

    private static void refuses(Person person, int status, String[] call) {
        Answer answer = person.send(call[0], call[1], call[2]);
        assertEquals(status, answer.status(), () -> String.join(" ", call) + ": " + answer);
        assertFalse(answer.json().get("detail").asString().isBlank());
    }

    @Test
    void actuatorTellsItsHealthAndNothingElse() {
        Person visitor = school.visitor();
        assertEquals("UP", visitor.get("/actuator/health").json().get("status").asString());
        Person teacher = school.signedIn("teacher");
        for (String path : List.of("", "/env", "/beans", "/metrics", "/heapdump", "/loggers", "/health/db")) {
            for (Person person : List.of(visitor, teacher)) {
                Answer answer = person.get("/actuator" + path);
                // Sessions are looked up for the API only, so to the actuator everybody is a visitor.
                assertEquals(401, answer.status(), () -> path + ": " + answer);
            }
        }
    }

    @Test
    void aChangeWithoutTheTokenIsRefused() {
        Person teacher = school.signedIn("teacher");
        Answer page = teacher.get("/");
        assertTrue(page.response()
                .headers()
                .firstValue("Content-Security-Policy")
                .orElse("")
                .contains("default-src 'self'"));
        assertEquals(404, teacher.get("/assets/nothing.js").status());
        assertEquals(404, teacher.get("/api/nothing").status());
    }
}
