package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.io.StringReader;
import java.util.List;
import java.util.stream.StreamSupport;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A circuit out to files and in again, and a teacher's shelf. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class CircuitFilesTest {
    @RegisterExtension
    final School school = School.DEMO;

    private static final JsonMapper JSON = new JsonMapper();
    private static final String DRYER = "24 V r=0.4 : F1=5A + V1[H1=4] + .B + (H2=12 || (S1=open + H3=6{12 V, 30 W}))";

    private static String body(String... namesAndTexts) {
        var object = JSON.createObjectNode();
        for (int k = 0; k < namesAndTexts.length; k += 2) object.put(namesAndTexts[k], namesAndTexts[k + 1]);
        return object.toString();
    }

    private static String file(Person teacher, String kind, String style) {
        Answer answer = teacher.post("/api/circuits/files/" + kind, body("notation", DRYER, "style", style));
        assertEquals(200, answer.status(), answer::toString);
        return answer.json().get("text").asString();
    }

    @Test
    void whatIsWrittenToAFileOpensAsTheSameCircuit() {
        Person teacher = school.signedIn("teacher");
        for (String kind : List.of("notation", "netlist")) {
            String text = "* the hut's dryer: drawn up for the class\n" + file(teacher, kind, "ridge");
            Answer opened = teacher.post("/api/circuits/opening", body("text", text));
            assertEquals(200, opened.status(), opened::toString);
            assertEquals(DRYER, opened.json().get("notation").asString().replace("5 A", "5A"), text);
        }
        assertTrue(file(teacher, "drawing", "forge").startsWith("<svg xmlns="));
    }

    @Test
    void theChartOpensInASpreadsheet() throws Exception {
        Person teacher = school.signedIn("teacher");
        JsonNode rows = teacher.post("/api/circuits/analysis", body("notation", DRYER, "style", "valley"))
                .json()
                .get("rows");
        List<CSVRecord> records = CSVFormat.RFC4180
                .parse(new StringReader(file(teacher, "chart", "valley")))
                .getRecords();
        assertEquals(1 + rows.size() + 2, records.size(), "a head, the rows, one meter and one point");
        for (int k = 0; k < rows.size(); k++) {
            List<String> shown = StreamSupport.stream(rows.get(k).get("shown").spliterator(), false)
                    .map(JsonNode::asString)
                    .toList();
            List<String> fields = records.get(k + 1).toList();
            assertEquals(
                    shown,
                    fields.subList(1, 5).stream()
                            .filter(field -> !field.isEmpty())
                            .toList());
        }
        for (CSVRecord line : records) {
            for (String field : line) assertTrue(field.matches("[A-Za-zΩμ0-9 ,.]*|-[0-9.,]+"), field);
        }
    }

    @Test
    void aBridgeIsSolvedAndNamedButNoCircuitToFold() {
        String bridge = "E1 p 0 10 V\nR1 p a 10\nR2 p b 20\nR3 a 0 20\nR4 b 0 10\nR5 a b 10\nV1 a b\nV2 b 0";
        Answer opened = school.signedIn("teacher").post("/api/circuits/opening", body("text", bridge));
        assertEquals(200, opened.status(), opened::toString);
        JsonNode view = opened.json().get("bridge");
        assertTrue(view.get("sentence").asString().contains("nodes a and b"), opened::toString);
        // Node equations by hand: Va = 40/7 V, Vb = 30/7 V; 3/7 A through R1, 1/7 A from a to b.
        assertEquals("143", view.get("rows").get(4).get("shown").get("current").asString());
        assertEquals("429", view.get("rows").get(0).get("shown").get("current").asString());
        assertEquals("1.43", view.get("rows").get(5).get("shown").get("voltage").asString());
        assertEquals("4.29", view.get("rows").get(6).get("shown").get("voltage").asString());
        assertTrue(view.get("check").asString().contains("0.714\u2009A"), opened::toString);
    }

    @Test
    void aCircuitIsKeptFoundCopiedRemovedAndBroughtBack() {
        Person teacher = school.signedIn("teacher");
        Answer kept = teacher.post("/api/shelf", body("name", " Dryer ", "notation", DRYER));
        assertEquals(201, kept.status(), kept::toString);
        String path = "/api/shelf/" + kept.json().get("id").asLong();
        assertEquals("Dryer", kept.json().get("name").asString());
        Answer copy = teacher.post(path + "/copy", "");
        assertEquals("Dryer 2", copy.json().get("name").asString());
        assertEquals(
                "Dryer 3", teacher.post(path + "/copy", "").json().get("name").asString());
        assertEquals(204, teacher.delete(path).status());
        assertEquals(404, teacher.put(path + "/name", body("name", "Dryer")).status());
        assertTrue(!names(teacher).contains("Dryer") && names(teacher).contains("Dryer 2"));
        assertEquals(200, teacher.post(path + "/restoration", "").status());
        assertTrue(names(teacher).contains("Dryer"));
        assertEquals(403, school.signedIn("learner1").get("/api/shelf").status());
    }

    private static List<String> names(Person teacher) {
        return StreamSupport.stream(teacher.get("/api/shelf").json().spliterator(), false)
                .map(one -> one.get("name").asString())
                .toList();
    }
}
