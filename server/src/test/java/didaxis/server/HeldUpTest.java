package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import didaxis.server.School.Person;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Nobody is kept waiting by what somebody else sends. */
class HeldUpTest {
    @RegisterExtension
    static final School school = School.DEMO;

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
                asked.add(cell("R" + k, quantity));
                double volts = 3 + k;
                String text = quantity.equals("voltage") ? volts + " V" : volts * volts / k + " W";
                answers.add("{\"box\":\"1/1.1-" + asked.size() + "\",\"text\":\"" + text + "\"}");
            }
        }
        Answer question = teacher.post(
                "/api/questions",
                "{\"title\":\"Long\",\"notation\":\"" + circuit + "\",\"given\":" + given
                        + ",\"tasks\":[{\"kind\":\"chart\",\"cells\":" + asked + "}]}");
        assertEquals(201, question.status(), question::toString);
        Answer handed = teacher.post(
                "/api/classes/1/assignments",
                "{\"questionIds\":[" + question.json().get("id").asLong() + "],\"dueAt\":\"2999-01-01T00:00:00Z\"}");
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
