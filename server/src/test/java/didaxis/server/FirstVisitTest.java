package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Person;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An empty school, and the API's description. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class FirstVisitTest {
    @RegisterExtension
    final School school = new School(false);

    @Test
    void theFirstVisitMakesTheFirstTeacherAndOnlyTheFirst() {
        Person first = school.visitor();
        assertTrue(first.get("/api/session").json().get("empty").asBoolean());
        assertEquals(
                401,
                first.post("/api/session", "{\"username\":\"teacher\",\"password\":\"didaxis-demo\"}")
                        .status());
        String teacher = "{\"username\":\"may\",\"displayName\":\"May\",\"password\":\"long enough\"}";
        assertEquals(
                400,
                first.post("/api/first-teacher", teacher.replace("long enough", "short"))
                        .status());
        assertEquals(
                "teacher",
                first.post("/api/first-teacher", teacher).json().get("role").asString());
        assertEquals("may", first.get("/api/session").json().get("username").asString());
        assertEquals(
                409,
                school.visitor()
                        .post("/api/first-teacher", teacher.replace("may", "eve"))
                        .status());
        assertFalse(school.visitor().get("/api/session").json().get("empty").asBoolean());
        assertEquals(204, first.delete("/api/session").status());
        assertEquals(401, first.get("/api/questions").status());
    }

    /** After a change of the API run this with -Dopenapi.write=true; the front end's types are made from the file. */
    @Test
    void theFrontEndsTypesAreThoseOfTheApi() throws Exception {
        JsonMapper json = JsonMapper.builder().build();
        JsonNode live = school.visitor().get("/v3/api-docs").json();
        Path file = Path.of("..", "web", "src", "api", "openapi.json");
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(file, json.writerWithDefaultPrettyPrinter().writeValueAsString(live) + "\n");
        }
        assertEquals(json.readTree(Files.readString(file)), live);
    }
}
