package didaxis.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Store.CloseableResource;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real application on a port of its own with a data folder of its own, and people who talk HTTP to it. */
public final class School implements BeforeAllCallback {
    /** The demo, started once for all tests that share it; each leaves alone what the others look at. */
    public static final School DEMO = new School(true);

    static final String PASSWORD = "didaxis-demo";
    static final String SETUP_CODE = "kf7mwx2p";
    private static final JsonMapper JSON = new JsonMapper();

    /** What fills the data folder before the application starts. */
    interface Filling {
        void fill(Path folder) throws Exception;
    }

    private final boolean demo;
    private final Filling filling;
    private ConfigurableApplicationContext context;
    private Path folder;

    School(boolean demo) {
        this(demo, folder -> {});
    }

    School(boolean demo, Filling filling) {
        this.demo = demo;
        this.filling = filling;
    }

    @Override
    public void beforeAll(ExtensionContext extension) throws Exception {
        if (context != null) return;
        folder = Files.createTempDirectory("didaxis");
        filling.fill(folder);
        context = SpringApplication.run(
                Application.class,
                "--server.port=0",
                "--didaxis.demo=" + demo,
                "--didaxis.data=" + folder,
                "--didaxis.setup-code=" + SETUP_CODE);
        // The demo is there for all classes that run here, and ends with the process.
        if (this != DEMO) extension.getStore(ExtensionContext.Namespace.GLOBAL).put(this, new End(context));
    }

    /** Closes the application when the tests of a class are over. */
    private record End(ConfigurableApplicationContext context) implements CloseableResource, AutoCloseable {
        @Override
        public void close() {
            context.close();
        }
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    <T> T bean(String name, Class<T> type) {
        return context.getBean(name, type);
    }

    /** Somebody with cookies of their own, not signed in. */
    Person visitor() {
        return new Person("http://localhost:" + port());
    }

    /** A box of a sheet by its place among all of them. */
    static JsonNode box(JsonNode sheet, int place) {
        List<JsonNode> boxes = new ArrayList<>();
        for (JsonNode question : sheet.get("questions"))
            for (JsonNode task : question.get("tasks")) task.get("boxes").forEach(boxes::add);
        return boxes.get(place);
    }

    /** Where its files are. */
    Path folder() {
        return folder;
    }

    int port() {
        return ((WebServerApplicationContext) context).getWebServer().getPort();
    }

    public Person signedIn(String username) {
        return signedIn(username, PASSWORD);
    }

    Person signedIn(String username, String password) {
        Person person = visitor();
        Answer answer =
                person.post("/api/session", "{\"username\":\"" + username + "\",\"password\":\"" + password + "\"}");
        if (answer.status() != 200) throw new AssertionError("sign-in of " + username + ": " + answer);
        return person;
    }

    /** A teacher whom another has invited, signed in. */
    Person invited(Person by, String username) {
        String code =
                by.post("/api/invitations", "{}").done().json().get("code").asString();
        visitor()
                .post(
                        "/api/colleague",
                        "{\"code\":\"%s\",\"username\":\"%s\",\"displayName\":\"C\",\"password\":\"%s\"}"
                                .formatted(code, username, PASSWORD))
                .done();
        return signedIn(username);
    }

    /** What came back. */
    public record Answer(int status, String body, HttpResponse<String> response) {
        public JsonNode json() {
            return JSON.readTree(body);
        }

        /** Itself, where what was asked was done. */
        public Answer done() {
            if (status / 100 != 2) throw new AssertionError(this);
            return this;
        }

        @Override
        public String toString() {
            return status + " " + body;
        }
    }

    /** A browser without a screen. */
    public static final class Person {
        private final String base;
        private final CookieManager cookies;
        private final HttpClient http;
        /** For whom the page speaks; empty where it does not say. */
        private final String speaksFor;

        Person(String base) {
            this(base, new CookieManager(), "");
            get("/api/session");
        }

        private Person(String base, CookieManager cookies, String speaksFor) {
            this.base = base;
            this.cookies = cookies;
            this.speaksFor = speaksFor;
            this.http = HttpClient.newBuilder().cookieHandler(cookies).build();
        }

        /** Another page in the same browser, for whomever. */
        Person speakingFor(String username) {
            return new Person(base, cookies, username);
        }

        /** Opens a line of news; the first that is told on it. */
        CompletableFuture<String> firstNews(String path) {
            HttpRequest request =
                    HttpRequest.newBuilder(URI.create(base + path)).build();
            HttpResponse<Stream<String>> line = answered(request, HttpResponse.BodyHandlers.ofLines());
            return CompletableFuture.supplyAsync(() -> line.body()
                    .filter(said -> said.startsWith("event:"))
                    .findFirst()
                    .orElse("nothing"));
        }

        public Answer get(String path) {
            return send("GET", path, "");
        }

        /** A file. */
        byte[] file(String path) {
            HttpRequest request =
                    HttpRequest.newBuilder(URI.create(base + path)).build();
            HttpResponse<byte[]> response = answered(request, HttpResponse.BodyHandlers.ofByteArray());
            if (response.statusCode() != 200) throw new AssertionError(path + ": " + response.statusCode());
            return response.body();
        }

        public Answer post(String path, String body) {
            return send("POST", path, body);
        }

        public Answer put(String path, String body) {
            return send("PUT", path, body);
        }

        public Answer delete(String path) {
            return send("DELETE", path, "");
        }

        /** The page's own token, as it stands in the cookie. */
        String token() {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findFirst()
                    .orElse("none");
        }

        Answer send(String method, String path, String body) {
            return send(method, path, body, "application/json");
        }

        Answer send(String method, String path, String body, String type) {
            HttpRequest request = HttpRequest.newBuilder(URI.create(base + path))
                    .method(
                            method,
                            body.isEmpty()
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(body))
                    .header("Content-Type", type)
                    .header("X-XSRF-TOKEN", token())
                    .headers(
                            speaksFor.isEmpty()
                                    ? new String[] {"Accept", "*/*"}
                                    : new String[] {"X-Didaxis-Person", speaksFor})
                    .build();
            HttpResponse<String> response = answered(request, HttpResponse.BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.body(), response);
        }

        private <T> HttpResponse<T> answered(HttpRequest request, HttpResponse.BodyHandler<T> handler) {
            try {
                return http.send(request, handler);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
    }
}
