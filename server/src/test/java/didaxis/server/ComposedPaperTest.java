package didaxis.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import didaxis.server.School.Person;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A paper is composed, changed, looked at, varied and handed out; each learner answers and is marked in the own values. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ComposedPaperTest {
    private static final String VARIED = """
            {"title":"Boot dryer, varied","stem":"The battery gives {E}.","notation":"12 V : R1=4 + R2=8",
             "given":[{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"},
                      {"subject":"R2","quantity":"resistance"}],
             "vary":[{"thing":"E","values":"6 to 24 by 2"},{"thing":"R1","values":"2 to 9 by 1"},
                     {"thing":"R2","values":"3; 6; 12"}],
             "conditions":[{"kind":"short-answers","figures":2},{"kind":"different-values"}],
             "tasks":[{"kind":"write-down","cells":[{"subject":"total","quantity":"current"}]}]}""";
    private static final String FIXED = """
            {"title":"Beacon","notation":"10 V : L1=5 || L2=20",
             "given":[{"subject":"total","quantity":"voltage"},{"subject":"L1","quantity":"resistance"}],
             "tasks":[{"kind":"calculate","cells":[{"subject":"L1","quantity":"current"}]}]}""";
    private static final String WORDS =
            "{\"title\":\"Power in words\",\"tasks\":[{\"kind\":\"define\",\"term\":\"power\"}]}";
    private static final Pattern EMF = Pattern.compile("The battery gives ([0-9.]+)");

    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;
    private long classroom;
    private final List<Person> learners = new ArrayList<>();
    private final List<Long> learnerIds = new ArrayList<>();
    private long varied;
    private long fixed;
    private long words;

    @BeforeAll
    void makeAClassAndQuestions() {
        teacher = school.signedIn("teacher");
        classroom = id(teacher.post("/api/classes", "{\"name\":\"Hut class\"}"));
        for (String name : List.of("pennywort", "bugle", "campion", "saxifrage")) {
            JsonNode added = teacher.post(
                            "/api/classes/" + classroom + "/learners",
                            "{\"displayName\":\"" + name + "\",\"username\":\"" + name + "\"}")
                    .done()
                    .json();
            learners.add(school.signedIn(name, added.get("password").asString()));
            learnerIds.add(added.get("learner").get("id").asLong());
        }
        varied = id(teacher.post("/api/questions", VARIED));
        fixed = id(teacher.post("/api/questions", FIXED));
        words = id(teacher.post("/api/questions", WORDS));
    }

    private static long id(Answer answer) {
        return answer.done().json().get("id").asLong();
    }

    private Answer paper(String title, String layout, long... questions) {
        return teacher.post("/api/papers", body(title, layout, questions));
    }

    private static String body(String title, String layout, long... questions) {
        String ids = Arrays.toString(questions);
        return "{\"title\":\"" + title + "\",\"layout\":" + layout + ",\"questions\":" + ids + "}";
    }

    @Test
    void aPaperHasItsQuestionsMarksChecksAndPages() {
        JsonNode paper = paper("Term test", "{\"minutes\":30,\"dataSheet\":true}", varied, fixed, words)
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
        assertEquals(
                "image/png",
                picture.response().headers().firstValue("Content-Type").orElse(""));
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
        long flawed = id(
                teacher.post("/api/questions", FIXED.replace("{\"subject\":\"total\",\"quantity\":\"voltage\"},", "")));
        long without = id(teacher.post(
                "/api/questions",
                VARIED.replace("\"figures\":2", "\"figures\":1").replace("\"6 to 24 by 2\"", "\"7.3\"")));
        String headed = "{\"sections\":[{\"before\":2,\"title\":\"In words\"}]}";
        JsonNode paper = paper("Flawed", headed, flawed, without, words).done().json();
        List<String> said = new ArrayList<>();
        paper.get("checks").forEach(check -> said.add(check.get("sentence").asString()));
        assertTrue(said.get(0).startsWith("Question 1 is left out: Not enough is given"), said::toString);
        assertTrue(said.get(1).contains("every amount that is asked has at most 1 figure"), said::toString);
        String text = teacher.get("/api/papers/" + paper.get("id") + "/paper.txt")
                .done()
                .body();
        assertTrue(text.contains("In words") && text.indexOf("In words") < text.indexOf("Define power."), text);
        Answer refused = handOut(paper.get("id").asLong());
        assertEquals(422, refused.status());
        assertTrue(refused.body().contains("cannot be handed out yet"), refused::body);
    }

    @Test
    void ofTwoWhoChangeAPaperTheLaterIsToldAndWhatItWasIsKept() {
        JsonNode paper = paper("Kept", "{}", fixed).done().json();
        String at = "/api/papers/" + paper.get("id");
        String change = "{\"revision\":1,\"paper\":" + body("Kept again", "{\"page\":\"Letter\"}", words, fixed) + "}";
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
        JsonNode paper = paper("Last year", "{}", varied, fixed, words).done().json();
        JsonNode copy = teacher.post("/api/papers/" + paper.get("id") + "/copies", "{\"newValues\":true}")
                .done()
                .json();
        assertEquals("Last year (copy)", copy.get("title").asString());
        assertEquals(varied, copy.get("questions").get(0).get("id").asLong(), "what varies needs no copy");
        assertEquals(words, copy.get("questions").get(2).get("id").asLong(), "words have no values");
        String notation = copy.get("questions").get(1).get("notation").asString();
        assertNotEquals("10 V : L1=5 || L2=20", notation);
        copy.get("checks").forEach(check -> assertTrue(check.get("holds").asBoolean(), check::toString));
    }

    private Answer handOut(long paper) {
        return teacher.post(
                "/api/papers/" + paper + "/assignments",
                "{\"classroomId\":" + classroom + ",\"dueAt\":\"2999-01-01T00:00:00Z\"}");
    }

    /** The emf that a sheet tells, by which its other values are known. */
    private static String emf(JsonNode sheet) {
        Matcher told = EMF.matcher(sheet.get("questions").get(0).get("stem").asString());
        assertTrue(told.find(), sheet::toString);
        return told.group(1);
    }

    @Test
    void eachLearnerHasValuesOfTheirOwnAndIsMarkedByThem() {
        long id = id(handOut(paper("Each their own", "{\"versions\":\"each\"}", varied)
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
            assertEquals(emf(sheet), emf(teachers.get("sheet")), "the teacher sees the values of each");
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
        long two = id(handOut(paper("By turns", "{\"versions\":\"two\"}", varied)
                .done()
                .json()
                .get("id")
                .asLong()));
        long same = id(
                handOut(paper("All alike", "{}", varied).done().json().get("id").asLong()));
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

    @Test
    void aQuestionIsKeptAsItWasBeforeEachChange() {
        long question = id(teacher.post("/api/questions", FIXED));
        String at = "/api/questions/" + question;
        teacher.put(at, FIXED.replace("L2=20", "L2=30")).done();
        JsonNode before = teacher.get(at + "/revisions").json();
        assertEquals(1, before.size());
        teacher.post(at + "/revisions/1/restoration", "{}").done();
        assertTrue(teacher.get(at).body().contains("L2=20"));
        assertEquals(2, teacher.get(at + "/revisions").json().size());
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
        long id = id(handOut(paper("Class set", "{\"versions\":\"each\",\"page\":\"Letter\"}", varied, words)
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
            for (String name : List.of("pennywort", "bugle", "campion", "saxifrage"))
                assertTrue(text.substring(0, memos).contains("Name: " + name), name);
            assertFalse(text.substring(0, memos).contains("✓"), "no tick before the memos");
            Set<String> sources = new HashSet<>();
            EMF.matcher(text).results().forEach(found -> sources.add(found.group()));
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
        long id = id(handOut(paper("On paper", "{\"versions\":\"each\"}", varied, fixed)
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

    @Test
    void aPaperIsTextAndAnOpenDocumentWithTheSameQuestionsNumbersAndMarks() throws Exception {
        String at = "/api/papers/"
                + paper("Open paper", "{\"dataSheet\":true}", varied, fixed, words)
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
