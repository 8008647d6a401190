package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Results in files: read back by a library they are what the screens show, and nothing in them is a formula. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ResultsFilesTest {
    private static final String FORMULA = "=HYPERLINK(\\\"http://x\\\",\\\"y\\\")";

    @RegisterExtension
    final School school = new School(true);

    private Person teacher;
    private long classroom;
    private long sheet;

    @BeforeAll
    void aClassAnswers() {
        teacher = school.signedIn("teacher");
        classroom = id(teacher.post("/api/classes", "{\"name\":\"Ridge class\"}"));
        long question = id(teacher.post("/api/questions", """
                {"title":"+ Dryer","notation":"12 V : R1=4 + R2=8",
                 "given":[{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"},
                          {"subject":"R2","quantity":"resistance"}],
                 "tasks":[{"kind":"calculate","cells":[{"subject":"total","quantity":"current"}]},
                          {"kind":"joint","parts":["R1","R2"]}]}"""));
        List<String> passwords = new ArrayList<>();
        for (String name : List.of(FORMULA, "Élan, \\\"the\\\" second", "-1+1"))
            passwords.add(teacher.post(
                            "/api/classes/" + classroom + "/learners",
                            "{\"displayName\":\"" + name + "\",\"username\":\"ridge" + passwords.size() + "\"}")
                    .done()
                    .json()
                    .get("password")
                    .asString());
        sheet = id(teacher.post(
                "/api/classes/" + classroom + "/assignments",
                "{\"questionIds\":[" + question + "],\"dueAt\":\"2999-01-01T00:00:00Z\"}"));
        List<String> currents = List.of("1 A", "=1+1");
        for (int k = 0; k < currents.size(); k++)
            school.signedIn("ridge" + k, passwords.get(k))
                    .post(
                            "/api/my/work/" + sheet + "/submission",
                            "{\"answers\":[{\"box\":\"1/1.1\",\"text\":\"" + currents.get(k)
                                    + "\"},{\"box\":\"1/1.2\",\"text\":\"in series\"}]}")
                    .done();
    }

    private static long id(Answer answer) {
        return answer.done().json().get("id").asLong();
    }

    private List<CSVRecord> read(String path) throws IOException {
        String csv = teacher.get(path).done().body();
        assertTrue(csv.startsWith("\uFEFF"), "a spreadsheet takes it for UTF-8");
        List<CSVRecord> rows =
                CSVParser.parse(csv.substring(1), CSVFormat.RFC4180).getRecords();
        for (CSVRecord row : rows)
            for (String field : row)
                assertTrue(field.isEmpty() || "=+-@\t\r".indexOf(field.charAt(0)) < 0, () -> "a formula: " + field);
        return rows;
    }

    /** A field as it was before it was made safe. */
    private static String plain(String field) {
        return field.matches("'[=+-].*") ? field.substring(1) : field;
    }

    @Test
    void theMarksOfAClassAreThoseOfItsResults() throws IOException {
        List<CSVRecord> rows = read("/api/classes/" + classroom + "/results.csv");
        JsonNode results = teacher.get("/api/classes/" + classroom + "/results").json();
        assertEquals("+ Dryer (of 4)", plain(rows.get(0).get(2)));
        assertEquals(results.get("rows").size(), rows.size() - 1);
        for (int k = 0; k < results.get("rows").size(); k++) {
            JsonNode row = results.get("rows").get(k);
            JsonNode marks = row.get("cells").get(0).get("marks");
            assertEquals(
                    List.of(
                            row.get("learner").get("displayName").asString(),
                            row.get("learner").get("username").asString(),
                            marks.isNull() ? "" : marks.asString()),
                    List.of(
                            plain(rows.get(k + 1).get(0)),
                            rows.get(k + 1).get(1),
                            rows.get(k + 1).get(2)));
        }
    }

    @Test
    void theFindingsOfASheetSumToItsMarks() throws IOException {
        List<CSVRecord> rows = read("/api/assignments/" + sheet + "/findings.csv");
        Map<String, Integer> points = new LinkedHashMap<>();
        for (CSVRecord row : rows.subList(1, rows.size()))
            points.merge(row.get(1), Integer.parseInt(row.get(7)), Integer::sum);
        assertEquals(Map.of("ridge0", 4, "ridge1", 1), points);
        CSVRecord wrong = rows.stream()
                .filter(row -> plain(row.get(5)).equals("=1+1"))
                .findFirst()
                .orElseThrow();
        assertEquals(
                List.of("1.1", "wrong", "0", "3"), List.of(wrong.get(3), wrong.get(6), wrong.get(7), wrong.get(8)));
    }

    /** By the raw rows of the findings: mean, standard deviation and what was lost of each box, the most first. */
    @Test
    void whatIsToldOfABoxIsWorkedOutFromItsSheets() throws IOException {
        Map<String, List<Integer>> points = new LinkedHashMap<>();
        Map<String, Integer> lost = new LinkedHashMap<>();
        for (CSVRecord row : read("/api/assignments/" + sheet + "/findings.csv")) {
            if (row.get(3).equals("task")) continue;
            points.computeIfAbsent(row.get(3), task -> new ArrayList<>()).add(Integer.parseInt(row.get(7)));
            lost.merge(row.get(3), Integer.parseInt(row.get(8)) - Integer.parseInt(row.get(7)), Integer::sum);
        }
        JsonNode view = teacher.get("/api/assignments/" + sheet + "/boxes").json();
        for (JsonNode box : view.get("boxes")) {
            List<Integer> own = points.get(box.get("number").asString());
            double mean = (double) own.stream().mapToInt(Integer::intValue).sum() / own.size();
            double squares =
                    own.stream().mapToDouble(one -> Math.pow(one - mean, 2)).sum();
            assertEquals(mean, box.get("mean").asDouble(), 1e-12);
            assertEquals(Math.sqrt(squares / own.size()), box.get("spread").asDouble(), 1e-12);
            assertEquals(lost.get(box.get("number").asString()), box.get("lost").asInt());
        }
        assertEquals(Map.of("1.1", 3, "1.2", 0), lost);
        assertEquals("[\"1/1.1\"]", view.get("again").toString());
    }

    @Test
    void onlyTheClassesOwnTeachersGetThem() {
        Person other = school.invited(teacher, "other");
        assertEquals(
                404, other.get("/api/classes/" + classroom + "/results.csv").status());
        assertEquals(
                404, other.get("/api/assignments/" + sheet + "/findings.csv").status());
        Person learner = school.signedIn("learner1");
        assertEquals(
                403, learner.get("/api/classes/" + classroom + "/results.csv").status());
        assertEquals(
                403, learner.get("/api/assignments/" + sheet + "/findings.csv").status());
    }
}
