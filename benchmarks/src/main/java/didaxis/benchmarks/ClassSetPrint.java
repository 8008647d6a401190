package didaxis.benchmarks;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A class set of forty variants with their memos, through the API of a running demo: how long it takes until the file is
 * there, and how much more memory the server takes at its most. The arguments are the demo's address and the number of its
 * process.
 */
public final class ClassSetPrint {
    private static final int LEARNERS = 40;
    private static final int QUESTIONS = 4;
    private static final int RUNS = 3;
    private static final String QUESTION = """
            {"title":"Dryer %d","stem":"The battery bank of the hut gives {E} and feeds a boot dryer.",
             "notation":"24 V r=0.5 : S1=open + A1 + R1=3.5 + (H1=12 || H2=6 || R2=4)",
             "given":[{"subject":"total","quantity":"voltage"},{"subject":"internal","quantity":"resistance"},
                      {"subject":"R1","quantity":"resistance"},{"subject":"H1","quantity":"resistance"},
                      {"subject":"H2","quantity":"resistance"},{"subject":"R2","quantity":"resistance"}],
             "states":[{"act":{"act":"close","part":"S1"}}],
             "vary":[{"thing":"E","values":"12 to 48 by 1"},{"thing":"R1","values":"1 to 9 by 0.5"},
                     {"thing":"H1","values":"6 to 24 by 1"},{"thing":"R2","values":"2 to 12 by 1"}],
             "tasks":[{"kind":"write-down","cells":[{"subject":"A1","quantity":"current"}]},
                      {"kind":"calculate","state":1,"marks":1,"cells":[{"subject":"total","quantity":"resistance"}]},
                      {"kind":"change","state":1,"cells":[{"subject":"A1","quantity":"current"}]}]}""";

    private final String base;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    private ClassSetPrint(String base) {
        this.base = base;
    }

    public static void main(String[] arguments) throws IOException, InterruptedException {
        new ClassSetPrint(arguments[0]).run(Path.of("/proc", arguments[1], "status"));
    }

    private void run(Path status) throws IOException, InterruptedException {
        send("GET", "/api/session", "");
        send("POST", "/api/session", "{\"username\":\"teacher\",\"password\":\"didaxis-demo\"}");
        String classroom = id(send("POST", "/api/classes", "{\"name\":\"Forty " + System.nanoTime() + "\"}"));
        for (int k = 0; k < LEARNERS; k++) {
            String name = "forty" + System.nanoTime();
            send(
                    "POST",
                    "/api/classes/" + classroom + "/learners",
                    "{\"displayName\":\"Learner %d\",\"username\":\"%s\"}".formatted(k, name));
        }
        String questions = IntStream.range(0, QUESTIONS)
                .mapToObj(k -> id(send("POST", "/api/questions", QUESTION.formatted(k))))
                .collect(Collectors.joining(","));
        String paper = id(send(
                "POST",
                "/api/papers",
                "{\"title\":\"Class set\",\"layout\":{\"versions\":\"each\"},\"questions\":[" + questions + "]}"));
        String assignment = id(send(
                "POST",
                "/api/papers/" + paper + "/assignments",
                "{\"classroomId\":" + classroom + ",\"dueAt\":\"2999-01-01T00:00:00Z\"}"));
        for (int run = 0; run < RUNS; run++) measure(assignment, status);
    }

    private void measure(String assignment, Path status) throws IOException, InterruptedException {
        long before = kilobytes(status, "VmRSS");
        long from = System.nanoTime();
        String job = id(send(
                "POST",
                "/api/assignments/" + assignment + "/prints",
                "{\"what\":[\"paper\",\"memo\"],\"named\":true}"));
        long most = before;
        String now = "";
        while (!now.contains("\"state\":\"done\"")) {
            Thread.sleep(50);
            now = send("GET", "/api/prints/" + job, "");
            most = Math.max(most, kilobytes(status, "VmRSS"));
            if (now.contains("failed")) throw new IllegalStateException(now);
        }
        double seconds = (System.nanoTime() - from) / 1e9;
        int bytes = send("GET", "/api/prints/" + job + "/file.pdf", "").length();
        System.out.printf(
                "%d variants with memos: %.1f s, %d MB more at most, file of about %d kB%n",
                LEARNERS, seconds, (most - before) / 1024, bytes / 1024);
    }

    private static long kilobytes(Path status, String what) throws IOException {
        return Files.readAllLines(status).stream()
                .filter(line -> line.startsWith(what))
                .map(line -> line.replaceAll("\\D", ""))
                .mapToLong(Long::parseLong)
                .findFirst()
                .orElseThrow();
    }

    private static String id(String json) {
        Matcher id = Pattern.compile("\"id\":(\\d+)").matcher(json);
        if (!id.find()) throw new IllegalStateException("no id in " + json);
        return id.group(1);
    }

    private String send(String method, String path, String body) {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("none");
        HttpRequest request = HttpRequest.newBuilder(URI.create(base + path))
                .method(
                        method,
                        body.isEmpty()
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(body))
                .headers("Content-Type", "application/json", "X-XSRF-TOKEN", token)
                .build();
        try {
            HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
            if (response.statusCode() / 100 != 2) throw new IllegalStateException(path + ": " + response.body());
            return response.body();
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(path, e);
        }
    }
}
