package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import didaxis.server.School.Person;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
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
                + "\"asked\":[{\"cell\":{\"subject\":\"R3,R2\",\"quantity\":\"Resistance\"},\"marks\":1}]}";
        JsonNode kept = teacher.post("/api/questions", question).json();
        assertEquals("R23", kept.get("asked").get(0).get("cell").get("subject").asString());
        assertEquals(
                "resistance",
                kept.get("asked").get(0).get("cell").get("quantity").asString());
        String twice = question.replace(
                "\"marks\":1}",
                "\"marks\":1},{\"cell\":{\"subject\":\"R23\",\"quantity\":\"resistance\"},\"marks\":1}");
        assertEquals(400, teacher.post("/api/questions", twice).status());
        teacher.delete("/api/questions/" + kept.get("id").asLong());
    }

    /** Somebody who begins 300 requests and never ends them; each holds a connection until it times out. */
    @Test
    void halfSentBodiesKeepNobodyElseWaiting() throws IOException {
        List<Socket> halves = new ArrayList<>();
        try {
            for (int k = 0; k < 300; k++) {
                Socket half = new Socket("localhost", school.port());
                half.getOutputStream()
                        .write(("POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                                        + "Cookie: XSRF-TOKEN=t\r\nX-XSRF-TOKEN: t\r\nContent-Length: 100\r\n\r\n{\"user")
                                .getBytes(StandardCharsets.UTF_8));
                half.getOutputStream().flush();
                halves.add(half);
            }
            Instant begun = Instant.now();
            Person learner = school.signedIn("learner4");
            Answer kept = learner.put("/api/my/work/2/draft", "{\"revision\":0,\"answers\":[]}");
            assertEquals(200, kept.status(), kept::toString);
            // Shorter than any time-out: it waited for none of them.
            assertTrue(Duration.between(begun, Instant.now()).toMillis() < 4000);
        } finally {
            for (Socket half : halves) half.close();
        }
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

    /** A question of 100 parts whose every voltage and power is asked; each answer gives the next, and none is right. */
    @Test
    void aHostileSheetKeepsNobodyElsesDraftWaiting() throws Exception {
        Person teacher = school.signedIn("teacher");
        StringBuilder circuit = new StringBuilder("1 kV : R1=1");
        List<String> asked = new ArrayList<>();
        List<String> answers = new ArrayList<>();
        List<String> given = new ArrayList<>(List.of(cell("total", "voltage")));
        for (int k = 1; k <= 100; k++) {
            if (k > 1) circuit.append(" + R").append(k).append('=').append(k);
            given.add(cell("R" + k, "resistance"));
            for (String quantity : List.of("voltage", "power")) {
                asked.add("{\"cell\":" + cell("R" + k, quantity) + ",\"marks\":1}");
                double volts = 3 + k;
                String text = quantity.equals("voltage") ? volts + " V" : volts * volts / k + " W";
                answers.add("{\"cell\":" + cell("R" + k, quantity) + ",\"text\":\"" + text + "\"}");
            }
        }
        Answer question = teacher.post(
                "/api/questions",
                "{\"title\":\"Long\",\"notation\":\"" + circuit + "\",\"given\":" + given + ",\"asked\":" + asked
                        + "}");
        assertEquals(201, question.status(), question::toString);
        Answer handed = teacher.post(
                "/api/classes/1/assignments",
                "{\"questionId\":" + question.json().get("id").asLong() + ",\"dueAt\":\"2999-01-01T00:00:00Z\"}");
        assertEquals(201, handed.status(), handed::toString);
        String hostile = "/api/my/work/" + handed.json().get("id").asLong();
        Person writer = school.signedIn("learner6");
        String draft = "/api/my/work/" + handed.json().get("id").asLong() + "/draft";
        Drafts drafts = new Drafts(writer, draft);
        for (int k = 0; k < 30; k++) drafts.keep();
        long alone = drafts.median();
        Person sender = school.signedIn("learner7");
        Thread sending = new Thread(() -> {
            sender.put(hostile + "/draft", "{\"revision\":0,\"answers\":" + answers + "}");
            sender.post(hostile + "/submission", "{\"answers\":" + answers + "}");
        });
        sending.start();
        Drafts meanwhile = new Drafts(writer, draft, drafts.revision);
        do meanwhile.keep();
        while (sending.isAlive());
        assertTrue(
                meanwhile.slowest() <= alone + 100,
                () -> "slowest " + meanwhile.slowest() + " ms, alone " + alone + " ms");
    }

    private static String cell(String subject, String quantity) {
        return "{\"subject\":\"" + subject + "\",\"quantity\":\"" + quantity + "\"}";
    }

    /** Keeps one draft after the other and remembers how long each took. */
    private static final class Drafts {
        private final Person learner;
        private final String path;
        private final List<Long> millis = new ArrayList<>();
        private int revision;

        Drafts(Person learner, String path) {
            this(learner, path, 0);
        }

        Drafts(Person learner, String path, int revision) {
            this.learner = learner;
            this.path = path;
            this.revision = revision;
        }

        void keep() {
            Instant begun = Instant.now();
            Answer answer = learner.put(path, "{\"revision\":" + revision + ",\"answers\":[]}");
            millis.add(Duration.between(begun, Instant.now()).toMillis());
            assertEquals(200, answer.status(), answer::toString);
            revision = answer.json().get("revision").asInt();
        }

        long median() {
            return millis.stream().sorted().toList().get(millis.size() / 2);
        }

        /** One in twenty may meet the collector of garbage. */
        long slowest() {
            return millis.stream().sorted().toList().get(millis.size() * 19 / 20);
        }
    }
}
