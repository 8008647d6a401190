package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A paper is handed out, printed or keyed in; each learner answers and is marked in the own values. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PaperOfLearnersTest {
    private static final List<String> NAMES = List.of("pennywort", "bugle", "campion", "saxifrage");

    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;
    private PapersOfAClass papers;
    private List<Person> learners;
    private List<Long> learnerIds;

    @BeforeAll
    void makeAClassAndQuestions() {
        teacher = school.signedIn("teacher");
        papers = PapersOfAClass.of(teacher, "Hut class");
        learners = new ArrayList<>();
        learnerIds = new ArrayList<>();
        for (String name : NAMES) {
            JsonNode added = papers.add(name);
            learners.add(school.signedIn(name, added.get("password").asString()));
            learnerIds.add(added.get("learner").get("id").asLong());
        }
    }

    @Test
    void eachLearnerHasValuesOfTheirOwnAndIsMarkedByThem() {
        long id = PapersOfAClass.id(
                papers.handOut(papers.paper("Each their own", "{\"versions\":\"each\"}", papers.varied())
                        .done()
                        .json()
                        .get("id")
                        .asLong()));
        Set<String> drawings = new HashSet<>();
        for (int k = 0; k < learners.size(); k++) {
            Person learner = learners.get(k);
            JsonNode sheet = learner.get("/api/my/work/" + id).done().json();
            assertEquals(sheet, learner.get("/api/my/work/" + id).json(), "it is the same whenever it is opened");
            drawings.add(sheet.get("questions").get(0).get("states").toString());
            JsonNode teachers = teacher.get("/api/assignments/" + id + "/sheets/" + learnerIds.get(k))
                    .done()
                    .json();
            assertEquals(
                    PapersOfAClass.emf(sheet),
                    PapersOfAClass.emf(teachers.get("sheet")),
                    "the teacher sees the values of each");
            // Nodal analysis is not at hand over HTTP; Ohm's law for the whole is enough here, with the teacher's
            // chart.
            String current = teachers.get("charts").get(0).get("analysis").get("rows").findParents("id").stream()
                    .filter(row -> row.get("id").asString().equals("total"))
                    .findFirst()
                    .orElseThrow()
                    .get("current")
                    .asString();
            String answer = k == 3 ? "99 A" : current + " A";
            learner.post(
                            "/api/my/work/" + id + "/submission",
                            "{\"answers\":[{\"box\":\"1/1.1\",\"text\":\"" + answer + "\"}]}")
                    .done();
        }
        assertEquals(4, drawings.size(), "all differ");
        teacher.post("/api/assignments/" + id + "/release", "{}").done();
        for (int k = 0; k < learners.size(); k++)
            assertEquals(
                    k == 3 ? 0 : 1,
                    learners.get(k)
                            .get("/api/my/work/" + id + "/feedback")
                            .done()
                            .json()
                            .get("marks")
                            .asInt());
        JsonNode box = teacher.get("/api/assignments/" + id + "/boxes")
                .done()
                .json()
                .get("boxes")
                .get(0);
        assertEquals(3, box.get("right").asInt());
        assertTrue(box.get("wrongValues").get(0).get("shown").asString().matches("[A-Z]+: 99.*"), box::toString);
    }

    @Test
    void twoVersionsAreABAndOneIsTheSameForAll() {
        long two = PapersOfAClass.id(papers.handOut(papers.paper("By turns", "{\"versions\":\"two\"}", papers.varied())
                .done()
                .json()
                .get("id")
                .asLong()));
        long same = PapersOfAClass.id(papers.handOut(papers.paper("All alike", "{}", papers.varied())
                .done()
                .json()
                .get("id")
                .asLong()));
        Set<String> ofTwo = new HashSet<>();
        Set<String> ofSame = new HashSet<>();
        for (Person learner : learners) {
            ofTwo.add(learner.get("/api/my/work/" + two).json().get("questions").toString());
            ofSame.add(
                    learner.get("/api/my/work/" + same).json().get("questions").toString());
        }
        assertEquals(2, ofTwo.size());
        assertEquals(1, ofSame.size());
        assertFalse(ofTwo.toString().contains("\"vary\""), "that values vary, and how, is not told");
    }

    private JsonNode printed(long id, String body) throws InterruptedException {
        JsonNode job =
                teacher.post("/api/assignments/" + id + "/prints", body).done().json();
        while (List.of("waiting", "running").contains(job.get("state").asString())) {
            Thread.sleep(100);
            job = teacher.get("/api/prints/" + job.get("id")).done().json();
        }
        return job;
    }

    @Test
    void aClassIsPrintedWithNamesVariantsAndMemosAndNobodyElseGetsIt() throws Exception {
        long id = PapersOfAClass.id(papers.handOut(papers.paper(
                        "Class set", "{\"versions\":\"each\",\"page\":\"Letter\"}", papers.varied(), papers.words())
                .done()
                .json()
                .get("id")
                .asLong()));
        JsonNode job = printed(id, "{\"what\":[\"paper\",\"answers\",\"memo\"],\"named\":true}");
        assertEquals("done", job.get("state").asString());
        assertEquals(12, job.get("total").asInt(), "a paper and a sheet each, and four memos");
        String at = "/api/prints/" + job.get("id");
        try (PDDocument document = Loader.loadPDF(teacher.file(at + "/file.pdf"))) {
            assertEquals(
                    "Class set, Hut class", document.getDocumentInformation().getTitle());
            assertEquals("en", document.getDocumentCatalog().getLanguage());
            assertTrue(document.getDocumentCatalog().getMarkInfo().isMarked());
            assertEquals(612, document.getPage(0).getMediaBox().getWidth(), 0.5, "a Letter page");
            String text = new PDFTextStripper().getText(document);
            int memos = text.indexOf("Memo: Class set");
            for (String name : NAMES) assertTrue(text.substring(0, memos).contains("Name: " + name), name);
            assertFalse(text.substring(0, memos).contains("✓"), "no tick before the memos");
            Set<String> sources = new HashSet<>();
            PapersOfAClass.EMF.matcher(text).results().forEach(found -> sources.add(found.group()));
            assertTrue(sources.size() > 1, sources::toString);
        }
        Person other = school.signedIn("learner1");
        assertEquals(403, other.get(at).status());
        teacher.delete(at).done();
        assertEquals(404, teacher.get(at).status());
        assertEquals(
                400,
                teacher.post("/api/assignments/" + id + "/prints", "{\"what\":[]}")
                        .status());
    }

    @Test
    void whatAClassWroteOnPaperIsKeyedInAndMarkedLikeAnyOther() {
        long id = PapersOfAClass.id(
                papers.handOut(papers.paper("On paper", "{\"versions\":\"each\"}", papers.varied(), papers.fixed())
                        .done()
                        .json()
                        .get("id")
                        .asLong()));
        String at = "/api/assignments/" + id + "/keying";
        JsonNode row = teacher.get(at).done().json().get("rows").get(0);
        long learner = row.get("learner").get("id").asLong();
        Person own = learners.get(learnerIds.indexOf(learner));
        String first = at + "/" + learner;
        JsonNode allRight =
                teacher.put(first, "{\"right\":[\"1/1.1\",\"2/1.1\"]}").done().json();
        assertEquals(4, allRight.get("marks").asInt(), allRight::toString);
        assertEquals(row.get("right"), allRight.get("answers"), "what is right is right in the learner's own values");
        JsonNode partly = teacher.put(
                        first, "{\"right\":[\"1/1.1\"],\"answers\":[{\"box\":\"2/1.1\",\"text\":\"50 A\"}]}")
                .done()
                .json();
        assertEquals(1, partly.get("marks").asInt(), "keyed in again, what was there before is gone");
        // What a teacher gave for an answer stays as long as the answer does.
        String given = "{\"box\":\"2/1.1\",\"learners\":[" + learner + "],\"points\":1,\"reason\":\"\",\"revision\":0}";
        teacher.post("/api/assignments/" + id + "/overrides", given).done();
        String other =
                "{\"right\":[],\"answers\":[{\"box\":\"1/1.1\",\"text\":\"0 V\"},{\"box\":\"2/1.1\",\"text\":\"%s\"}]}";
        assertEquals(
                1,
                teacher.put(first, other.formatted("50 A"))
                        .done()
                        .json()
                        .get("marks")
                        .asInt(),
                "another answer was keyed in anew");
        assertEquals(
                0,
                teacher.put(first, other.formatted("51 A"))
                        .done()
                        .json()
                        .get("marks")
                        .asInt(),
                "this answer was keyed in anew");
        assertEquals("sent", own.get("/api/my/work/" + id).json().get("state").asString());
        assertEquals(
                "not-begun", teacher.delete(first).done().json().get("state").asString());
        assertEquals(404, teacher.delete(first).status());
        own.post("/api/my/work/" + id + "/submission", "{\"answers\":[]}").done();
        Answer refused = teacher.put(first, "{\"right\":[\"1/1.1\"]}");
        assertEquals(409, refused.status(), "what a learner has sent is the learner's");
        assertEquals(
                400,
                teacher.put(at + "/" + learnerIds.get(1), "{\"right\":[\"9/9\"]}")
                        .status());
        assertEquals(404, teacher.put(at + "/999999", "{}").status());
        teacher.post("/api/assignments/" + id + "/release", "{}").done();
        assertEquals(409, teacher.put(at + "/" + learnerIds.get(1), "{}").status());
    }
}
