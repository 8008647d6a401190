package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * A school as the last version of cells left it: everything handed out, begun, sent and found is there, by box. And one that was
 * left before sheets could be tried again: what was found, given and put right is there.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class KeptSchoolTest {
    @RegisterExtension
    final School school = new School(false, folder -> asKept(folder, 6));

    @RegisterExtension
    final School marked = new School(false, folder -> asKept(folder, 15));

    private static void asKept(Path folder, int version) throws Exception {
        String kept;
        try (var file = KeptSchoolTest.class.getResourceAsStream("/kept/school-of-version-" + version + ".sql")) {
            kept = new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("didaxis.db"));
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(kept);
        }
    }

    /** What stands in each box of a sheet that is not empty, by its name. */
    private static Map<String, String> written(JsonNode sheet) {
        Map<String, String> texts = new LinkedHashMap<>();
        for (JsonNode task : sheet.get("questions").get(0).get("tasks"))
            for (JsonNode box : task.get("boxes"))
                if (!box.get("text").asString().isEmpty())
                    texts.put(box.get("name").asString(), box.get("text").asString());
        return texts;
    }

    private static List<String> all(JsonNode list, String field) {
        List<String> found = new ArrayList<>();
        list.forEach(one -> found.add(one.get(field).asString()));
        return found;
    }

    @Test
    void questionsAndWhatIsInTheMakingAreThere() {
        Person teacher = school.signedIn("teacher");
        JsonNode questions = teacher.get("/api/questions").json();
        assertEquals(
                List.of("Hut and weather station", "Boot dryer", "Sensor de-icer and radio", "Beacon lamps in a row"),
                all(questions, "title"));
        assertEquals(List.of("9", "8", "5", "5"), all(questions, "marks"));
        assertEquals(List.of("middling", "easy", "easy", "easy"), all(questions, "difficulty"));
        JsonNode dryer = teacher.get("/api/questions/3").json();
        assertEquals(0, dryer.get("flaws").size());
        assertEquals(4, dryer.get("body").get("given").size());

        JsonNode body = teacher.get("/api/question-drafts/1").json().get("body");
        assertTrue(body.get("past").get(0).get("asking").isNull());
        JsonNode now = body.get("now").get("asking");
        assertEquals(List.of("R1", "R2", "total"), all(now.get("given"), "subject"));
        assertEquals(List.of("2", "1"), all(now.get("tasks").get(0).get("cells"), "marks"));
        assertEquals(1, body.get("future").get(0).get("asking").get("tasks").size());
        assertEquals(
                2,
                teacher.get("/api/questions/1").json().get("draftId").asLong(),
                "changes to a question stay with it");
    }

    @Test
    void sheetsDraftsAndFindingsAreThere() {
        Person teacher = school.signedIn("teacher");
        JsonNode rows = teacher.get("/api/classes/1/results").json().get("rows");
        List<String> dryer = new ArrayList<>();
        List<String> hut = new ArrayList<>();
        for (JsonNode row : rows) {
            JsonNode cells = row.get("cells");
            dryer.add(cells.get(0).get("marks").asString());
            JsonNode last = cells.get(2);
            hut.add(last.get("marks").asString() + (last.get("collected").asBoolean() ? " collected" : ""));
        }
        assertEquals(List.of("8", "8", "7", "7", "7", "5"), dryer.subList(0, 6));
        assertEquals(List.of("1 collected", "4"), hut.subList(0, 2));

        Person learner = school.signedIn("learner1");
        assertEquals(
                Map.of("resistance of total", "24", "current of H1", "0,5 A"),
                written(learner.get("/api/my/work/2").json()));
        Person begun = school.signedIn("learner7");
        JsonNode open = begun.get("/api/my/work/1").json();
        assertEquals(Map.of("resistance of R23", "3", "resistance of total", "8"), written(open));
        assertEquals("working", open.get("state").asString());
        String goesOn = "{\"revision\":1,\"answers\":[{\"box\":\"1/1.1-1\",\"text\":\"3.1\"}]}";
        assertEquals(200, begun.put("/api/my/work/1/draft", goesOn).status());

        JsonNode back =
                school.signedIn("learner2").get("/api/my/work/3/feedback").json();
        List<String> findings = all(back.get("findings"), "finding");
        assertEquals(List.of("right", "right", "wrong", "follow-through"), findings.subList(0, 4));
        String sentence = back.get("findings").get(3).get("sentence").asString();
        assertTrue(sentence.startsWith("Follows correctly from your"), sentence);

        assertEquals(
                "Beacon lamps in a row",
                teacher.post("/api/assignments/4/restoration", "")
                        .json()
                        .get("title")
                        .asString());
        assertEquals(
                200,
                school.signedIn("learner2").get("/api/my/work/4").status(),
                "what was withdrawn can be handed out");
    }

    @Test
    void whatWasFoundGivenAndPutRightIsThere() {
        Person teacher = marked.signedIn("teacher");
        List<String> lines = teacher.get("/api/assignments/4/findings.csv")
                .done()
                .body()
                .lines()
                .filter(line -> line.contains(",1.1,") || line.contains(",1.2,"))
                .toList();
        // The first answer of A. Alder goes over two lines.
        assertEquals(6, lines.size(), lines::toString);
        assertTrue(lines.get(2).contains(",3 A,wrong,1,3,") && lines.get(2).endsWith(",1"), lines::toString);
        assertTrue(
                lines.get(3).contains(",12 V,follow-through,1,1,Follows correctly from your I(total) ="),
                lines::toString);
        assertTrue(lines.get(4).contains(",1.9 A,wrong,3,3,"), lines::toString);
        JsonNode review =
                teacher.get("/api/assignments/4/review?box=1/1.1").done().json();
        assertTrue(review.toString().contains("nearly"), "with its reason");
        assertEquals(
                List.of("the meter"),
                all(teacher.get("/api/assignments/4/corrections").json().get("history"), "reason"));
        assertEquals(
                Map.of("current of total", "2"),
                written(marked.signedIn("learner4").get("/api/my/work/4").json()));
        JsonNode standing = teacher.get("/api/assignments/4").json().get("learners");
        assertEquals(List.of("5", "3", "3"), all(standing, "marks").subList(0, 3));
    }
}
