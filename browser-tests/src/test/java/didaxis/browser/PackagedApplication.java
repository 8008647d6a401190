package didaxis.browser;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The packaged application as a process of its own, with its data in a folder of its own. */
final class PackagedApplication implements AutoCloseable {
    private static final Duration LONGEST_START = Duration.ofMinutes(6);

    /** The application as './didaxis demo' and './didaxis serve' start it. */
    private static final Path LAID_OUT = Path.of(System.getProperty("didaxis.app"));

    private final int port;
    private final Path data;
    private final boolean demo;
    private Process process;

    /** With demo data, or as an empty school. */
    PackagedApplication(boolean demo) throws IOException, InterruptedException {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        this.demo = demo;
        data = Files.createTempDirectory("didaxis");
        start();
    }

    /** Starts it on the same data; returns when it answers. */
    void start() throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                // It lives for a minute: the second compiler would work for longer than it saves.
                "-XX:TieredStopAtLevel=1",
                "-XX:SharedArchiveFile=" + LAID_OUT.resolve("classes.jsa"),
                "-jar",
                archive(),
                "--didaxis.demo=" + demo));
        builder.environment().put("DIDAXIS_PORT", String.valueOf(port));
        builder.environment().put("DIDAXIS_DATA", data.toString());
        builder.redirectErrorStream(true).redirectOutput(data.resolve("log.txt").toFile());
        process = builder.start();
        Instant latest = Instant.now().plus(LONGEST_START);
        while (!ready()) {
            if (!process.isAlive() || Instant.now().isAfter(latest)) {
                throw new IllegalStateException(
                        "the application did not start:\n" + Files.readString(data.resolve("log.txt")));
            }
            Thread.sleep(200);
        }
    }

    private static String archive() throws IOException {
        try (Stream<Path> files = Files.list(LAID_OUT)) {
            return files.filter(file -> file.toString().endsWith(".jar"))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("no application in " + LAID_OUT))
                    .toString();
        }
    }

    private boolean ready() throws InterruptedException {
        try {
            HttpRequest request =
                    HttpRequest.newBuilder(URI.create(url("/actuator/health"))).build();
            return HttpClient.newHttpClient()
                    .send(request, HttpResponse.BodyHandlers.ofString())
                    .body()
                    .contains("UP");
        } catch (IOException e) {
            return false;
        }
    }

    String url(String path) {
        return "http://localhost:" + port + path;
    }

    /** The code that it wrote to its terminal for the first teacher of an empty school. */
    String setUpCode() throws IOException {
        Matcher told = Pattern.compile("set-up code +(\\S+)").matcher(Files.readString(data.resolve("log.txt")));
        if (!told.find()) throw new IllegalStateException("no set-up code was told");
        return told.group(1);
    }

    /** Ends it as a power cut would: no shutdown, no last word. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    @Override
    public void close() throws InterruptedException {
        kill();
    }
}
