package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
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
}
