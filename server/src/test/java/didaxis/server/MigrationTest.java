package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.List;
import java.util.stream.StreamSupport;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import tools.jackson.databind.JsonNode;

/** A school that was begun with an earlier version is found as it was left. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class MigrationTest {
    @RegisterExtension
    final School school = new School(false, MigrationTest::asLeft);

    private static final String GIVEN = """
            [{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"},
             {"subject":"R2","quantity":"resistance"}]""";
    private static final String ASKED = """
            [{"cell":{"subject":"total","quantity":"resistance"},"marks":1},
             {"cell":{"subject":"total","quantity":"current"},"marks":2}]""";
    private static final String ANSWERS = """
            [{"cell":{"subject":"total","quantity":"resistance"},"text":"10"},
             {"cell":{"subject":"total","quantity":"current"},"text":"1.2 A"}]""";

    /** As the second version of the tables had it: times as text, findings as they were shown. */
    private static void asLeft(Path folder) throws Exception {
        String url = "jdbc:sqlite:" + folder.resolve("didaxis.db");
        Flyway.configure()
                .dataSource(url, "", "")
                .locations("classpath:db/school")
                .target("2")
                .load()
                .migrate();
        String hash = new BCryptPasswordEncoder(4).encode(School.PASSWORD);
        try (Connection connection = DriverManager.getConnection(url);
                Statement school = connection.createStatement()) {
            school.executeUpdate("INSERT INTO account VALUES (1, 'may', 'May', 'teacher', '" + hash
                    + "', '2026-01-02T03:04:05Z'), (2, 'wren', 'Wren', 'learner', '" + hash
                    + "', '2026-01-02T03:04:05.5Z')");
            school.executeUpdate("INSERT INTO classroom VALUES (1, 1, 'Hut', '2026-01-02T03:04:05Z')");
            school.executeUpdate("INSERT INTO classroom_learner VALUES (1, 2)");
            school.executeUpdate("INSERT INTO assignment VALUES (1, 1, NULL, 'Dryer', '12 V : R1=2 + R2=4', '" + GIVEN
                    + "', '" + ASKED + "', '2026-01-02T03:04:05Z', '2026-02-01T10:00:00.25Z', NULL)");
            school.executeUpdate(
                    "INSERT INTO submission VALUES (1, 1, 2, '" + ANSWERS
                            + "', '[{\"finding\":\"wrong\",\"sentence\":\"You wrote 10.\"}]', 2, '2026-01-03T10:00:00.123456Z')");
            // Sorted as text, the fraction came before the Z.
            school.executeUpdate("INSERT INTO shelf_circuit VALUES (1, 1, 'earlier', '9 V : R1=3',"
                    + " '2026-01-02T03:04:05Z', NULL), (2, 1, 'later', '9 V : R1=4', '2026-01-02T03:04:05.7Z', NULL),"
                    + " (3, 1, 'gone', '9 V : R1=5', '2026-01-02T03:04:05Z', '2026-01-03T00:00:00Z')");
        }
    }

    @Test
    void timesMarksAndFindingsAreThoseOfBefore() {
        Person teacher = school.signedIn("may");
        List<String> shelf = StreamSupport.stream(
                        teacher.get("/api/shelf").json().spliterator(), false)
                .map(one ->
                        one.get("name").asString() + " " + one.get("updatedAt").asString())
                .toList();
        assertEquals(List.of("later 2026-01-02T03:04:05.700Z", "earlier 2026-01-02T03:04:05Z"), shelf);
        JsonNode sheet = teacher.get("/api/assignments/1/sheets/2").json();
        assertEquals(
                "2026-01-03T10:00:00.123Z", sheet.get("learner").get("sentAt").asString());
        assertEquals(2, sheet.get("learner").get("marks").asInt());
        assertEquals(
                "2026-02-01T10:00:00.250Z", sheet.get("assignment").get("dueAt").asString());
        JsonNode findings = sheet.get("findings");
        assertEquals("wrong", findings.get(0).get("finding").asString());
        assertEquals("follow-through", findings.get(1).get("finding").asString());
        // The sentence is made anew, from the numbers that were used.
        String sentence = findings.get(1).get("sentence").asString().replace('\u2009', ' ');
        assertTrue(
                sentence.contains("your R(total) = 10 Ω") && sentence.contains("E/R(total) = 12/10 = 1.20 A"),
                sentence);
    }
}
