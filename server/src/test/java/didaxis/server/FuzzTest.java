package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Whatever is sent, the answer is the one hoped for or a problem with a sentence; never a fault of ours, never a page. */
class FuzzTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private static final List<String> TYPES = List.of(
            "application/json", "*/*", "text/plain", "application/x-www-form-urlencoded", "multipart/form-data", "x");
    private static final List<String> BODIES = List.of(
            "{}",
            "[]",
            "null",
            "\"x\"",
            "{",
            "%zz=%",
            "[".repeat(2000),
            "{\"notation\":7}",
            "{\"notation\":\"16 V : R1=5\",\"given\":[null],\"answers\":[null],\"known\":[null],\"asked\":[null]}",
            "{\"notation\":\"16 V : R1=5\",\"title\":\"x\",\"given\":[{}],\"asked\":[{}],\"answers\":[{\"cell\":{}}]}",
            "{\"answers\":{\"a\":1},\"revision\":-1,\"width\":\"NaN\"}",
            "{\"username\":{},\"password\":[]}");
    private static final List<String> IDS = List.of("1", "0", "-1", "999999", "99999999999999999999", "abc", "%20");

    @Test
    void everyOperationAnswersAnythingWithAProblem() {
        List<String> faults = new ArrayList<>();
        JsonNode paths = school.visitor().get("/v3/api-docs").json().get("paths");
        for (String username : List.of("teacher", "learner7")) {
            Person person = school.signedIn(username);
            for (String path : paths.propertyNames()) {
                for (String method : paths.get(path).propertyNames()) {
                    // Signing out would end the test.
                    if (path.equals("/api/session") && method.equals("delete")) continue;
                    sendAll(person, method.toUpperCase(), path, faults);
                }
            }
        }
        assertTrue(faults.isEmpty(), () -> String.join("\n", faults));
    }

    private static void sendAll(Person person, String method, String path, List<String> faults) {
        for (int k = 0; k < BODIES.size() + TYPES.size() + IDS.size(); k++) {
            String id = IDS.get(k % IDS.size());
            // What is there is left alone: only ids that nobody has are deleted, released or handed out.
            String filled = path.replaceAll("\\{[^}]*}", method.equals("GET") || !id.equals("1") ? id : "0");
            String body = method.equals("GET") || method.equals("DELETE") ? "" : BODIES.get(k % BODIES.size());
            String type = k < BODIES.size() ? TYPES.get(0) : TYPES.get(k % TYPES.size());
            judge(
                    method + " " + filled + " " + type + " " + start(body),
                    person.send(method, filled, body, type),
                    faults);
        }
    }

    private static String start(String body) {
        return body.substring(0, Math.min(60, body.length()));
    }

    private static void judge(String what, School.Answer answer, List<String> faults) {
        if (answer.status() >= 400 && !answer.refuses())
            faults.add(what + " → " + answer.status() + " " + answer.type() + " " + start(answer.body()));
    }

    /** Lines no client library would send. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "GET /error HTTP/1.1",
                "GET /api/questions;x=1 HTTP/1.1",
                "GET /api//questions HTTP/1.1",
                "GET /api/../api/questions HTTP/1.1",
                "GET /api/questions%2f1 HTTP/1.1",
                "GET /api/questions/%00 HTTP/1.1",
                "GET /api/questions/%zz HTTP/1.1",
                "TRACE /api/questions HTTP/1.1",
                "FOO /api/questions HTTP/1.1",
                "GET /api/questions HTTP/9.9"
            })
    void whatTheContainerRefusesIsAProblemToo(String line) throws IOException {
        try (Socket socket = new Socket("localhost", school.port())) {
            String request = line + "\r\nHost: localhost\r\nConnection: close\r\n\r\n";
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            String answer = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))
                    .lines()
                    .collect(Collectors.joining("\n"));
            assertTrue(answer.matches("(?s)HTTP/1.1 (4..|505) .*"), answer);
            assertTrue(answer.contains("application/problem+json") && answer.contains("\"detail\""), answer);
        }
    }
}
