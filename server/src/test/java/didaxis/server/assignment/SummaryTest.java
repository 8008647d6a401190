package didaxis.server.assignment;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.Person;
import didaxis.server.School;
import didaxis.server.School.Answer;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What is printed of a class's results is what the screens show; it is for its teachers alone. */
class SummaryTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private final Person teacher = school.signedIn("teacher");

    @Test
    void aSummaryPrintsEverybodysMarksAndWhatToTeachAgain() throws IOException {
        JsonNode shown = teacher.get("/api/assignments/1/boxes").done().json();
        String text;
        try (PDDocument document = Loader.loadPDF(teacher.file("/api/assignments/1/summary.pdf"))) {
            text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
        String total = shown.get("assignment").get("total").asString();
        for (JsonNode one : shown.get("learners")) {
            String marks = one.get("marks").isNull()
                    ? one.get("state").asString().replace('-', ' ')
                    : one.get("marks").asString() + " of " + total;
            String line = one.get("learner").get("displayName").asString() + " " + marks;
            assertTrue(text.contains(line), line + " in " + text);
        }
        for (JsonNode slip : shown.get("slips"))
            assertTrue(text.contains(slip.get("name").asString() + " " + slip.get("learners") + " of "), text);
        for (JsonNode box : shown.get("boxes"))
            if (box.get("box").asString().equals(shown.get("again").get(0).asString()))
                assertTrue(
                        text.contains("To teach again " + box.get("number").asString() + " "
                                + box.get("name").asString() + ": " + box.get("lost") + " of "),
                        text);
    }

    @Test
    void itIsForTeachersOfTheClassAlone() {
        Answer file = teacher.get("/api/assignments/1/summary.pdf").done();
        assertEquals("application/pdf", file.type());
        assertEquals(
                403,
                school.signedIn("learner1")
                        .get("/api/assignments/1/summary.pdf")
                        .status());
    }
}
