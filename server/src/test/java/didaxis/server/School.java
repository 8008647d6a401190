package didaxis.server;

import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
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

    /** Keeps a question and hands it out to the class of the demo; the assignment's id. */
    static long handedOut(Person teacher, String question) {
        return handedOut(teacher, question, "same");
    }

    /** @param versions which of the values that vary learners have */
    static long handedOut(Person teacher, String question, String versions) {
        JsonNode kept = teacher.post("/api/questions", question).done().json();
        return teacher.post(
                        "/api/classes/1/assignments",
                        "{\"questionIds\":[" + kept.get("id")
                                + "],\"again\":true,\"dueAt\":\"2999-01-01T00:00:00Z\",\"versions\":\"" + versions
                                + "\"}")
                .done()
                .json()
                .get("id")
                .asLong();
    }

    /** A new class. */
    static long classOf(Person teacher, String name) {
        return teacher.post("/api/classes", "{\"name\":\"" + name + "\"}")
                .done()
                .json()
                .get("id")
                .asLong();
    }

    /** What stands in one field of each thing of a list. */
    static List<String> all(JsonNode list, String field) {
        return list.valueStream().map(one -> one.get(field).asString()).toList();
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

        /** What the header of its type says; empty where there is none. */
        public String type() {
            return response.headers().firstValue("Content-Type").orElse("");
        }

        /** Whether it refuses as everything is refused: a problem of the published kind, with a sentence. */
        public boolean refuses() {
            return status >= 400
                    && status < 500
                    && type().startsWith("application/problem+json")
                    && body.contains("\"detail\"");
        }

        @Override
        public String toString() {
            return status + " " + body;
        }
    }
}
