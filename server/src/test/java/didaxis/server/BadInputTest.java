package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Bad input gets a problem with a human sentence; never a 500. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class BadInputTest {
    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;

    private Person teacher() {
        if (teacher == null) teacher = school.signedIn("teacher");
        return teacher;
    }

    static Stream<Arguments> badCalls() {
        String trial = "/api/marking/trial";
        String analysis = "/api/circuits/analysis";
        String circuit = "\"notation\":\"9 V : R1=3 + R2=6\"";
        return Stream.of(
                Arguments.of("POST", analysis, "{\"notation\":\"9 V : R1=\"}", 400),
                Arguments.of("POST", analysis, "{\"notation\":\"" + "R1=3 + ".repeat(3000) + "\"}", 400),
                Arguments.of(
                        "POST",
                        analysis,
                        "{\"notation\":\"9 V : " + "(1+".repeat(201) + "1" + ")".repeat(201) + "\"}",
                        400),
                Arguments.of("POST", analysis, "{\"notation\":null}", 400),
                Arguments.of("POST", analysis, "{}", 400),
                Arguments.of("POST", analysis, "{\"notation\":{\"a\":1}}", 400),
                Arguments.of("POST", analysis, "no json", 400),
                Arguments.of("POST", analysis, "[1,2", 400),
                Arguments.of("POST", analysis, "\"" + "x".repeat(200_000) + "\"", 413),
                Arguments.of("POST", analysis, "{\"notation\":\"9 V : S1 || R1=3\"}", 422),
                Arguments.of("PUT", analysis, "{}", 405),
                Arguments.of("POST", trial, "{" + circuit + "}", 400),
                Arguments.of(
                        "POST",
                        trial,
                        "{" + circuit
                                + ",\"answers\":[{\"cell\":{\"subject\":\"R9\",\"quantity\":\"current\"},\"text\":\"1\"}]}",
                        400),
                Arguments.of(
                        "POST",
                        trial,
                        "{" + circuit
                                + ",\"answers\":[{\"cell\":{\"subject\":\"R1\",\"quantity\":\"colour\"},\"text\":\"1\"}]}",
                        400),
                Arguments.of("POST", trial, "{" + circuit + ",\"answers\":[{\"text\":\"1\"}]}", 400),
                Arguments.of("POST", trial, "{" + circuit + ",\"answers\":[null]}", 400),
                Arguments.of("POST", trial, "{" + circuit + ",\"answers\":[],\"style\":{\"tolerance\":7}}", 400),
                Arguments.of(
                        "POST",
                        trial,
                        "{\"notation\":\"9 V : S1=open + R1=3\",\"answers\":[{\"cell\":{\"subject\":\"S1\",\"quantity\":\"resistance\"},\"text\":\"1\"}]}",
                        400),
                Arguments.of("POST", "/api/circuits/opening", "{\"text\":\" \"}", 400),
                Arguments.of("POST", "/api/circuits/opening", "{\"text\":\"E1 1 0 9 V\\nR1 1 2 5\"}", 400),
                Arguments.of("POST", "/api/circuits/opening", "{\"text\":\"" + "x ".repeat(15000) + "\"}", 400),
                Arguments.of("POST", "/api/circuits/files/poem", "{" + circuit + "}", 400),
                Arguments.of("POST", "/api/circuits/change", "{" + circuit + "}", 400),
                Arguments.of("POST", "/api/circuits/backwards", "{" + circuit + "}", 400),
                Arguments.of("POST", "/api/circuits/backwards", "{" + circuit + ",\"known\":[null]}", 400),
                Arguments.of("POST", "/api/circuits/lines", "{" + circuit + "}", 400),
                Arguments.of(
                        "POST",
                        "/api/circuits/lines",
                        "{" + circuit + ",\"working\":\"" + "1\\n".repeat(300) + "\"}",
                        400),
                Arguments.of("POST", "/api/circuits/edits", "{" + circuit + "}", 400),
                Arguments.of("POST", "/api/circuits/edits", "{" + circuit + ",\"act\":\"fly\"}", 400),
                Arguments.of(
                        "POST", "/api/circuits/edits", "{" + circuit + ",\"act\":\"remove\",\"name\":\"R9\"}", 422),
                Arguments.of("POST", "/api/circuits/folding/pair", "{" + circuit + ",\"stage\":9}", 400),
                Arguments.of("POST", analysis, "{" + circuit + ",\"style\":\"gothic\"}", 400),
                Arguments.of("POST", analysis, "{" + circuit + ",\"plan\":{\"arrangement\":\"circle\"}}", 400),
                Arguments.of("POST", "/api/shelf", "{\"name\":\"\",\"notation\":\"9 V : R1=3\"}", 400),
                Arguments.of("POST", "/api/shelf", "{\"name\":\"X\"}", 400),
                Arguments.of("POST", "/api/shelf/999/copy", "", 404),
                Arguments.of("GET", "/api/questions/999", "", 404),
                Arguments.of("GET", "/api/questions/one", "", 400),
                Arguments.of(
                        "POST",
                        "/api/questions",
                        "{\"title\":\"\",\"notation\":\"9 V : R1=3\",\"given\":[],\"tasks\":[]}",
                        400),
                Arguments.of("POST", "/api/questions", "{\"title\":\"T\",\"notation\":\"9 V : R1=3\"}", 400),
                Arguments.of(
                        "POST",
                        "/api/questions",
                        "{\"title\":\"T\",\"notation\":\"9 V : R1=3\",\"given\":[null],\"tasks\":[]}",
                        400),
                Arguments.of(
                        "POST",
                        "/api/questions",
                        "{\"title\":\"T\",\"notation\":\"9 V : R1=3\",\"given\":[],\"tasks\":[{\"kind\":\"chart\",\"cells\":[{\"marks\":1}]}]}",
                        400),
                Arguments.of(
                        "POST",
                        "/api/questions",
                        "{\"title\":\"T\",\"tasks\":[{\"kind\":\"define\",\"term\":\"emf\",\"things\":[null]}]}",
                        400),
                Arguments.of("POST", "/api/classes", "{\"name\":\" \"}", 400),
                Arguments.of(
                        "POST", "/api/classes/1/learners", "{\"displayName\":\"X\",\"username\":\"learner1\"}", 409),
                Arguments.of("POST", "/api/classes/1/learners", "{\"displayName\":\"X\",\"username\":\"a b\"}", 400),
                Arguments.of(
                        "POST",
                        "/api/classes/1/assignments",
                        "{\"questionIds\":[1],\"dueAt\":\"2001-01-01T00:00:00Z\"}",
                        400),
                Arguments.of("POST", "/api/classes/1/assignments", "{\"questionIds\":[1]}", 400),
                Arguments.of("PUT", "/api/assignments/1/due", "{\"dueAt\":\"+999999999-12-31T23:59:59Z\"}", 400),
                Arguments.of("POST", "/api/assignments/1/corrections", "{\"reason\":\"why\",\"revision\":0}", 400),
                Arguments.of("POST", "/api/session", "{}", 400),
                Arguments.of("GET", "/api/assignments/1/sheets/999", "", 404),
                Arguments.of("GET", "/api/nothing", "", 404));
    }

    @ParameterizedTest
    @MethodSource("badCalls")
    void isAnsweredWithASentence(String method, String path, String body, int status) {
        Answer answer = teacher().send(method, path, body);
        assertEquals(status, answer.status(), answer::toString);
        assertTrue(answer.refuses(), answer.type());
        String sentence = answer.json().get("detail").asString();
        assertTrue(sentence.matches("(?s)[A-Z“].{8,}[.!]"), sentence);
        assertFalse(sentence.contains("Exception") || sentence.contains("didaxis."), sentence);
    }

    @Test
    void aNotationErrorTellsItsPlace() {
        JsonNode problem = teacher()
                .post("/api/circuits/analysis", "{\"notation\":\"16 V :\\n R1=5 + )\"}")
                .json();
        assertEquals(2, problem.get("line").asInt());
        assertEquals(9, problem.get("column").asInt());
        assertEquals("a part or '('", problem.get("expected").asString());
    }

    @Test
    void anAnswerThatCannotBeReadIsAFindingAndNotAnError() {
        Person learner = school.signedIn("learner8");
        int revision = 0;
        for (String text : List.of("abc", "NaN", "1/0", "2 V", "9".repeat(190))) {
            String body =
                    "{\"revision\":" + revision++ + ",\"answers\":[{\"box\":\"1/1.1-5\",\"text\":\"" + text + "\"}]}";
            Answer kept = learner.put("/api/my/work/2/draft", body);
            assertEquals(200, kept.status(), kept::toString);
            String expected = kept.json().get("readings").get(0).get("expected").asString();
            // Where another quantity's unit is all that is wrong, that is told.
            String why = text.equals("2 V") ? "; this is a voltage" : "";
            assertEquals("a current in A, such as 2.5 A or 2500 mA" + why, expected);
        }
        String foreign = "{\"revision\":5,\"answers\":[{\"box\":\"1/1.1-9\",\"text\":\"1\"}]}";
        assertEquals(400, learner.put("/api/my/work/2/draft", foreign).status());
        assertEquals(200, learner.get("/api/my/work/2").status());
    }

    @Test
    void guessingAPasswordIsSlowedDown() {
        Person visitor = school.visitor();
        String wrong = "{\"username\":\"learner4\",\"password\":\"wrong\"}";
        for (int k = 0; k < 5; k++)
            assertEquals(401, visitor.post("/api/session", wrong).status());
        Answer next = visitor.post("/api/session", wrong.replace("wrong", School.PASSWORD));
        assertEquals(429, next.status());
        assertTrue(next.response().headers().firstValue("Retry-After").isPresent());
        assertEquals(
                200,
                visitor.post("/api/session", "{\"username\":\"learner5\",\"password\":\"didaxis-demo\"}")
                        .status());
    }
}
