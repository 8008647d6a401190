package didaxis.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A paper is composed, changed, looked at, copied and taken away as text or as an open document. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ComposedPaperTest {
    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;
    private PapersOfAClass papers;

    @BeforeAll
    void makeAClassAndQuestions() {
        teacher = school.signedIn("teacher");
        papers = PapersOfAClass.of(teacher, "Class of papers");
    }

    @Test
    void aPaperHasItsQuestionsMarksChecksAndPages() {
        JsonNode paper = papers.paper(
                        "Term test",
                        "{\"minutes\":30,\"dataSheet\":true}",
                        papers.varied(),
                        papers.fixed(),
                        papers.words())
                .done()
                .json();
        assertEquals(6, paper.get("marks").asInt());
        assertTrue(paper.get("questions").get(0).get("sets").asInt() > 10, paper::toString);
        paper.get("checks").forEach(check -> assertTrue(check.get("holds").asBoolean(), check::toString));
        String at = "/api/papers/" + paper.get("id") + "/pages";
        JsonNode pages = teacher.get(at).done().json();
        String text = pages.get("texts").toString();
        assertTrue(pages.get("texts").get(0).asString().startsWith("Term test"), text);
        assertTrue(text.contains("30 minutes") && text.contains("Question 3"), text);
        Answer picture = teacher.get(at + "/0.png?key=" + pages.get("key").asString());
        assertEquals("image/png", picture.type());
        assertEquals(404, teacher.get(at + "/99.png").status());
        assertTrue(teacher.get(at + "?what=memo")
                .json()
                .get("texts")
                .get(0)
                .asString()
                .startsWith("Memo: Term test"));
        assertEquals(400, teacher.get(at + "?what=poem").status());
    }

    @Test
    void whatCannotBeAskedIsLeftOutAndSaid() {
        long flawed = PapersOfAClass.id(teacher.post(
                "/api/questions",
                PapersOfAClass.FIXED.replace("{\"subject\":\"total\",\"quantity\":\"voltage\"},", "")));
        long without = PapersOfAClass.id(teacher.post(
                "/api/questions",
                PapersOfAClass.VARIED
                        .replace("\"figures\":2", "\"figures\":1")
                        .replace("\"6 to 24 by 2\"", "\"7.3\"")));
        String headed = "{\"sections\":[{\"before\":2,\"title\":\"In words\"}]}";
        JsonNode paper = papers.paper("Flawed", headed, flawed, without, papers.words())
                .done()
                .json();
        List<String> said = new ArrayList<>();
        paper.get("checks").forEach(check -> said.add(check.get("sentence").asString()));
        assertTrue(said.get(0).startsWith("Question 1 is left out: Not enough is given"), said::toString);
        assertTrue(said.get(1).contains("every amount that is asked has at most 1 figure"), said::toString);
        String text = teacher.get("/api/papers/" + paper.get("id") + "/paper.txt")
                .done()
                .body();
        assertTrue(text.contains("In words") && text.indexOf("In words") < text.indexOf("Define power."), text);
        Answer refused = papers.handOut(paper.get("id").asLong());
        assertEquals(422, refused.status());
        assertTrue(refused.body().contains("cannot be handed out yet"), refused::body);
    }

    @Test
    void ofTwoWhoChangeAPaperTheLaterIsToldAndWhatItWasIsKept() {
        JsonNode paper = papers.paper("Kept", "{}", papers.fixed()).done().json();
        String at = "/api/papers/" + paper.get("id");
        String change = "{\"revision\":1,\"paper\":"
                + PapersOfAClass.body("Kept again", "{\"page\":\"Letter\"}", papers.words(), papers.fixed()) + "}";
        assertEquals(2, teacher.put(at, change).done().json().get("revision").asInt());
        assertEquals(409, teacher.put(at, change).status());
        JsonNode before = teacher.get(at + "/revisions").json().get(0);
        assertEquals("Kept", before.get("title").asString());
        JsonNode back =
                teacher.post(at + "/revisions/1/restoration", "{}").done().json();
        assertEquals(3, back.get("revision").asInt());
        assertEquals(1, back.get("questions").size());
        teacher.delete(at).done();
        assertEquals(404, teacher.get(at).status());
        teacher.post(at + "/restoration", "{}").done();
        assertEquals(200, teacher.get(at).status());
    }

    @Test
    void aCopyHasOtherValuesAndTheSameFewFigures() {
        JsonNode paper = papers.paper("Last year", "{}", papers.varied(), papers.fixed(), papers.words())
                .done()
                .json();
        JsonNode copy = teacher.post("/api/papers/" + paper.get("id") + "/copies", "{\"newValues\":true}")
                .done()
                .json();
        assertEquals("Last year (copy)", copy.get("title").asString());
        assertEquals(papers.varied(), copy.get("questions").get(0).get("id").asLong(), "what varies needs no copy");
        assertEquals(papers.words(), copy.get("questions").get(2).get("id").asLong(), "words have no values");
        String notation = copy.get("questions").get(1).get("notation").asString();
        assertNotEquals("10 V : L1=5 || L2=20", notation);
        copy.get("checks").forEach(check -> assertTrue(check.get("holds").asBoolean(), check::toString));
    }

    @Test
    void aQuestionIsKeptAsItWasBeforeEachChange() {
        long question = PapersOfAClass.id(teacher.post("/api/questions", PapersOfAClass.FIXED));
        String at = "/api/questions/" + question;
        teacher.put(at, PapersOfAClass.FIXED.replace("L2=20", "L2=30")).done();
        JsonNode before = teacher.get(at + "/revisions").json();
        assertEquals(1, before.size());
        teacher.post(at + "/revisions/1/restoration", "{}").done();
        assertTrue(teacher.get(at).body().contains("L2=20"));
        assertEquals(2, teacher.get(at + "/revisions").json().size());
    }

    @Test
    void aPaperIsTextAndAnOpenDocumentWithTheSameQuestionsNumbersAndMarks() throws Exception {
        String at = "/api/papers/"
                + papers.paper("Open paper", "{\"dataSheet\":true}", papers.varied(), papers.fixed(), papers.words())
                        .done()
                        .json()
                        .get("id");
        String text = teacher.get(at + "/paper.txt").done().body();
        Map<String, byte[]> parts = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(teacher.file(at + "/paper.odt")))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry())
                parts.put(entry.getName(), zip.readAllBytes());
        }
        assertEquals("application/vnd.oasis.opendocument.text", new String(parts.get("mimetype"), UTF_8));
        for (String xml : List.of("content.xml", "styles.xml", "meta.xml", "META-INF/manifest.xml", "Pictures/1.svg"))
            DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(parts.get(xml)));
        String content = new String(parts.get("content.xml"), UTF_8).replaceAll("<[^>]*>", "|");
        for (String written : List.of(text.replace('\t', '|'), content)) {
            int from = -1;
            for (String next : List.of(
                    "Open paper",
                    "Question 1",
                    "Write down the total current.",
                    "(1)",
                    "Question 2",
                    "(3)",
                    "Question 3",
                    "Define power.",
                    "(2)",
                    "Ohm’s law")) {
                int found = written.indexOf(next, from + 1);
                assertTrue(found > from, () -> next + " in its place in " + written);
                from = found;
            }
        }
        assertTrue(text.contains("[R1 and R2 in series]"), "the drawing in words");
        assertTrue(text.contains("resistance of L1: 5"), text);
        assertTrue(teacher.get(at + "/memo.txt").done().body().contains("✓"));
    }
}
