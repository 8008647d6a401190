package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
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
        String teacher = "{\"code\":\"" + School.SETUP_CODE
                + "\",\"username\":\"may\",\"displayName\":\"May\",\"password\":\"long enough\"}";
        assertEquals(
                400,
                first.post("/api/first-teacher", teacher.replace("long enough", "short"))
                        .status());
        assertEquals(
                403,
                first.post("/api/first-teacher", teacher.replace(School.SETUP_CODE, "guess"))
                        .status());
        // Of twenty who have the code at once one makes the account; she is signed in, the others are told.
        List<Person> visitors = Stream.generate(school::visitor).limit(20).toList();
        List<Person> made = visitors.parallelStream()
                .filter(one -> one.post("/api/first-teacher", teacher.replace("may", "may" + visitors.indexOf(one)))
                                .status()
                        == 200)
                .toList();
        assertEquals(1, made.size());
        first = made.get(0);
        assertEquals("teacher", first.get("/api/session").json().get("role").asString());
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
        // Not assertEquals: it would print both, 90 kB each.
        assertTrue(
                json.readTree(Files.readString(file)).equals(live),
                "web/src/api/openapi.json is not what /v3/api-docs says; run this test with -Dopenapi.write=true");
    }
}
