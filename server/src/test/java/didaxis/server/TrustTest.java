package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Signing in where somebody guesses, and what a teacher can do about it. */
class TrustTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private static String credentials(String username, String password) {
        return "{\"username\":\"" + username + "\",\"password\":\"" + password + "\"}";
    }

    @Test
    void aHundredGuessesAtOnceAreNoMoreThanTheAllowedOnes() throws Exception {
        List<Person> guessers =
                IntStream.range(0, 100).mapToObj(i -> school.visitor()).toList();
        ExecutorService threads = Executors.newFixedThreadPool(100);
        try {
            List<Callable<Answer>> guesses = guessers.stream()
                    .map(one -> (Callable<Answer>) () -> one.post("/api/session", credentials("pass.warden", "guess")))
                    .toList();
            Map<Integer, Long> statuses = threads.invokeAll(guesses).stream()
                    .map(TrustTest::done)
                    .collect(Collectors.groupingBy(Answer::status, Collectors.counting()));
            assertEquals(Map.of(401, 5L, 429, 95L), statuses);
        } finally {
            threads.shutdownNow();
        }
    }

    private static Answer done(Future<Answer> answer) {
        try {
            return answer.get();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void aNewPasswordEndsOldSessionsAndLetsInAtOnceHoweverOftenItWasTried() {
        Person teacher = school.signedIn("teacher");
        long classroom = teacher.get("/api/classes").json().get(0).get("id").asLong();
        JsonNode added = teacher.post(
                        "/api/classes/" + classroom + "/learners", "{\"displayName\":\"Wren\",\"username\":\"wren\"}")
                .json();
        long id = added.get("learner").get("id").asLong();
        Person wren = school.signedIn("wren", added.get("password").asString());
        assertEquals(200, wren.get("/api/my/work").status());
        for (int wrong = 0; wrong < 6; wrong++) school.visitor().post("/api/session", credentials("wren", "guess"));
        assertEquals(
                429,
                school.visitor()
                        .post(
                                "/api/session",
                                credentials("wren", added.get("password").asString()))
                        .status());
        String renewed = teacher.post("/api/classes/" + classroom + "/learners/" + id + "/password", "")
                .json()
                .get("password")
                .asString();
        assertEquals(401, wren.get("/api/my/work").status());
        Person again = school.signedIn("wren", renewed);
        assertEquals(
                204,
                teacher.delete("/api/classes/" + classroom + "/learners/" + id).status());
        assertEquals(401, again.get("/api/my/work").status());
    }

    @Test
    void signingInMakesThePagesTokenAnew() {
        Person person = school.visitor();
        String before = person.token();
        person.post("/api/session", credentials("teacher", School.PASSWORD));
        assertNotEquals(before, person.token());
        assertEquals(200, person.get("/api/questions").status());
    }

    @Test
    void aCellTypedUnderAnotherNameOfItsGroupMakesASheetThatCanBeFilled() {
        Person teacher = school.signedIn("teacher");
        String question = "{\"title\":\"Radio\",\"notation\":\"16 V : R1=5 + (R2=12 || R3=4)\","
                + "\"given\":[{\"subject\":\"R1\",\"quantity\":\"RESISTANCE\"},{\"subject\":\"R2\",\"quantity\":\"resistance\"},"
                + "{\"subject\":\"R3\",\"quantity\":\"resistance\"},{\"subject\":\"total\",\"quantity\":\"voltage\"}],"
                + "\"tasks\":[{\"kind\":\"chart\",\"cells\":[{\"subject\":\"R3,R2\",\"quantity\":\"Resistance\",\"marks\":1}]}]}";
        JsonNode kept = teacher.post("/api/questions", question).json();
        JsonNode cell = kept.get("body").get("tasks").get(0).get("cells").get(0);
        assertEquals("R23", cell.get("subject").asString());
        assertEquals("resistance", cell.get("quantity").asString());
        String twice = question.replace(
                "\"marks\":1}", "\"marks\":1},{\"subject\":\"R23\",\"quantity\":\"resistance\",\"marks\":1}");
        assertEquals(400, teacher.post("/api/questions", twice).status());
        teacher.delete("/api/questions/" + kept.get("id").asLong());
    }

    @Test
    void behindAProxyThatEndsTlsCookiesAreSecureAndBrowsersComeBackByTls() throws Exception {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://localhost:" + school.port() + "/api/session"))
                                .header("X-Forwarded-Proto", "https")
                                .header("Content-Type", "application/json")
                                .header("Cookie", "XSRF-TOKEN=t")
                                .header("X-XSRF-TOKEN", "t")
                                .POST(HttpRequest.BodyPublishers.ofString(credentials("learner5", School.PASSWORD)))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertEquals(200, answer.statusCode(), answer::body);
        List<String> cookies = answer.headers().allValues("Set-Cookie");
        assertTrue(cookies.stream().anyMatch(cookie -> cookie.startsWith("DIDAXIS-SESSION=")), cookies::toString);
        assertTrue(cookies.stream().allMatch(cookie -> cookie.contains("Secure")), cookies::toString);
        assertTrue(answer.headers().firstValue("Strict-Transport-Security").isPresent());
        assertEquals(
                "same-origin", answer.headers().firstValue("Referrer-Policy").orElse(""));
        // Without TLS a browser must not be told to insist on it.
        Answer plain = school.visitor().get("/api/session");
        assertFalse(plain.response()
                .headers()
                .firstValue("Strict-Transport-Security")
                .isPresent());
    }
}
