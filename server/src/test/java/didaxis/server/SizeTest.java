package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What would keep a core busy is refused in a sentence that says how much can be asked; what is just below it is not. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SizeTest {
    /** A hundred pairs in series and the whole: 301 rows. */
    private static final String PAIRS = IntStream.range(0, 100)
            .mapToObj(k -> "(R%d=%d || R%d=%d)".formatted(2 * k + 1, k % 9 + 1, 2 * k + 2, k % 7 + 2))
            .collect(Collectors.joining(" + ", "12 V : ", ""));

    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;
    private PapersOfAClass papers;

    @BeforeAll
    void makeAClass() {
        teacher = school.signedIn("teacher");
        papers = PapersOfAClass.of(teacher, "Class of large circuits");
    }

    static String question(String title, int amounts) {
        String given = IntStream.rangeClosed(1, 200)
                .mapToObj(k -> "{\"subject\":\"R%d\",\"quantity\":\"resistance\"}".formatted(k))
                .collect(Collectors.joining(",", "[{\"subject\":\"total\",\"quantity\":\"voltage\"},", "]"));
        String tasks = IntStream.rangeClosed(1, amounts)
                .mapToObj(
                        "{\"kind\":\"calculate\",\"marks\":4,\"cells\":[{\"subject\":\"R%d\",\"quantity\":\"power\"}]}"
                                ::formatted)
                .collect(Collectors.joining(",", "[", "]"));
        return "{\"title\":\"%s\",\"notation\":\"%s\",\"given\":%s,\"tasks\":%s}".formatted(title, PAIRS, given, tasks);
    }

    private long kept(String title, int amounts) {
        Answer added = teacher.post("/api/questions", question(title, amounts));
        return PapersOfAClass.id(added.done());
    }

    @Test
    void aQuestionAsksForNoMoreThanItsMemoCanBeMadeFor() {
        Answer refused = teacher.post("/api/questions", question("One too many", 23));
        assertEquals(400, refused.status());
        String why = refused.json().get("detail").asString();
        assertTrue(why.contains("301 parts and groups") && why.contains("for 22 that are calculated"), why);
        assertEquals("tasks", refused.json().get("field").asString());
        kept("As many as there can be", 22);
    }

    /** As schools have them from before there was a bound, or when it was higher. */
    @Test
    void aQuestionThatWasKeptBeforeIsStillThere() {
        long id = kept("Kept long ago", 22);
        int changed = school.bean(JdbcClient.class)
                .sql("UPDATE question SET body = :body WHERE id = :id")
                .param("body", question("Kept long ago", 40))
                .param("id", id)
                .update();
        assertEquals(1, changed);
        JsonNode there = teacher.get("/api/questions/" + id).done().json();
        assertEquals(40, there.get("body").get("tasks").size());
        assertEquals(0, there.get("flaws").size());
        assertEquals(
                400,
                teacher.put("/api/questions/" + id, question("Kept anew", 40)).status());
    }

    @Test
    void aPackageOfLargeCircuitsIsTakenInOnlyInPieces() {
        String one = question("Packed", 22);
        int before = teacher.get("/api/questions").done().json().size();
        String tooMuch = "{\"didaxis\":\"package\",\"version\":1,\"questions\":[%s]}"
                .formatted(String.join(",", Collections.nCopies(21, one)));
        Answer refused = teacher.post("/api/packages", tooMuch);
        assertEquals(400, refused.status());
        String why = refused.json().get("detail").asString();
        assertTrue(why.contains("the first 20 questions could be") && why.contains("Nothing was taken in"), why);
        assertEquals(before, teacher.get("/api/questions").done().json().size());
    }

    @Test
    void aPaperLeavesOutWhatIsTooMuchWithTheOthers() {
        long first = kept("First of two", 12);
        long second = kept("Second of two", 12);
        JsonNode paper = papers.paper("Too much", "{}", first, second).done().json();
        assertEquals(0, paper.get("questions").get(0).get("flaws").size());
        String why = paper.get("questions").get(1).get("flaws").toString();
        assertTrue(why.contains("Put it on another"), why);
        Answer memo = teacher.get("/api/papers/" + paper.get("id") + "/memo.pdf");
        assertEquals(422, memo.status());
        assertTrue(memo.json().get("detail").asString().contains("fifty pages"), memo::toString);
        assertEquals(
                200,
                teacher.get("/api/papers/" + paper.get("id") + "/paper.pdf").status());
        Answer handedOut = papers.handOut(paper.get("id").asLong());
        assertEquals(422, handedOut.status());
        assertTrue(handedOut.json().get("detail").asString().contains("by themselves"), handedOut::toString);
    }

    @Test
    void aPaperHasNoMoreLargeCircuitsThanCanBeReadAtOnce() {
        long[] questions = IntStream.rangeClosed(1, 14)
                .mapToLong(k -> kept("Read " + k, 1))
                .toArray();
        JsonNode looked = papers.paper("Many", "{}", questions).done().json().get("questions");
        for (int k = 0; k < 13; k++) assertEquals(0, looked.get(k).get("flaws").size(), "question " + (k + 1));
        String why = looked.get(13).get("flaws").toString();
        assertTrue(why.contains("Put it on another"), why);
    }

    @Test
    void theMoreAPaperHasThatVariesTheFewerValuesEachHas() {
        String varies = IntStream.rangeClosed(1, 2)
                .mapToObj("{\"thing\":\"R%d\",\"values\":\"1 to 50 by 1\"}"::formatted)
                .collect(Collectors.joining(",", ",\"vary\":[", "]}"));
        long[] questions = IntStream.rangeClosed(1, 4)
                .mapToObj(k -> question("Varied " + k, 1).replaceFirst("}$", varies))
                .mapToLong(one -> PapersOfAClass.id(teacher.post("/api/questions", one)))
                .toArray();
        JsonNode alone = papers.paper("Alone", "{\"versions\":\"each\"}", questions[0])
                .done()
                .json();
        JsonNode together = papers.paper("Four", "{\"versions\":\"each\"}", questions)
                .done()
                .json();
        int many = alone.get("questions").get(0).get("sets").asInt();
        int fewer = together.get("questions").get(0).get("sets").asInt();
        assertTrue(20 < fewer && fewer < many && many < 300, fewer + " of " + many);
        long assignment = PapersOfAClass.id(papers.handOut(together.get("id").asLong()));
        List<Integer> handedOut = school.bean(JdbcClient.class)
                .sql("SELECT json_array_length(sets) FROM assignment_question WHERE assignment_id = :id")
                .param("id", assignment)
                .query(Integer.class)
                .list();
        assertEquals(Collections.nCopies(4, fewer), handedOut);
    }

    /** A dozen parts of which all the powers are calculated: a page and more of the memo for each question. */
    private static String examined(int k) {
        return """
                {"title":"Bank %d","notation":"24 V r=0.5 : R1=3 + (R2=4 || R3=6) + (R4=5 || R5=7 || R6=9) + R7=%d",
                 "given":[{"subject":"total","quantity":"voltage"},{"subject":"internal","quantity":"resistance"},%s],
                 "tasks":[%s]}""".formatted(k, k + 1, cells("resistance"), cells("power"));
    }

    private static String cells(String quantity) {
        String each = quantity.equals("power")
                ? "{\"kind\":\"calculate\",\"marks\":4,\"cells\":[{\"subject\":\"R%d\",\"quantity\":\"power\"}]}"
                : "{\"subject\":\"R%d\",\"quantity\":\"resistance\"}";
        return IntStream.rangeClosed(1, 7).mapToObj(each::formatted).collect(Collectors.joining(","));
    }

    @Test
    void aFileOfManyPagesIsAPrintThatIsFollowedAndThenFetched() throws Exception {
        long[] questions = IntStream.range(0, 3)
                .mapToLong(k -> PapersOfAClass.id(teacher.post("/api/questions", examined(k))))
                .toArray();
        long paper = PapersOfAClass.id(papers.paper("Examination", "{}", questions));
        Answer memo = teacher.get("/api/papers/" + paper + "/memo.pdf");
        assertEquals(303, memo.status());
        String place = memo.response().headers().firstValue("Location").orElseThrow();
        assertTrue(place.matches("/prints/[0-9]+"), place);
        JsonNode looked =
                teacher.get("/api/papers/" + paper + "/pages?what=memo").done().json();
        assertEquals(0, looked.get("texts").size());
        assertEquals("/prints/" + looked.get("print").get("id"), place, "the same is set but once");
        JsonNode print = teacher.get("/api" + place).done().json();
        for (int k = 0; k < 600 && !print.get("state").asString().equals("done"); k++) {
            Thread.sleep(100);
            print = teacher.get("/api" + place).done().json();
        }
        assertEquals("Examination, memo", print.get("name").asString());
        byte[] printed = teacher.file("/api" + place + "/file.pdf");
        byte[] fetched = teacher.file("/api/papers/" + paper + "/memo.pdf");
        JsonNode pages =
                teacher.get("/api/papers/" + paper + "/pages?what=memo").done().json();
        assertTrue(pages.get("print").isNull(), pages::toString);
        try (PDDocument one = Loader.loadPDF(printed);
                PDDocument other = Loader.loadPDF(fetched)) {
            assertTrue(one.getNumberOfPages() > 8, one.getNumberOfPages() + " pages");
            assertEquals(one.getNumberOfPages(), other.getNumberOfPages());
            assertEquals(one.getNumberOfPages(), pages.get("texts").size());
        }
        assertEquals(403, school.signedIn("learner1").get("/api" + place).status());
        assertEquals(200, teacher.get("/api/papers/" + paper + "/answers.pdf").status());
    }

    @Test
    void whatIsLookedAtNextGivesUpThePrintBefore() {
        long[] questions = IntStream.range(0, 3)
                .mapToLong(k -> PapersOfAClass.id(teacher.post("/api/questions", examined(k))))
                .toArray();
        long paper = PapersOfAClass.id(papers.paper("Looked at", "{}", questions));
        String path = "/api/papers/" + paper + "/pages?what=memo&classroom=" + papers.classroom();
        long first = 0;
        for (int k = 0; k < 5; k++) {
            String body = PapersOfAClass.body("Looked at " + k, "{}", questions);
            teacher.put("/api/papers/" + paper, "{\"revision\":" + (k + 1) + ",\"paper\":" + body + "}")
                    .done();
            JsonNode looked = teacher.get(path).done().json();
            long print = looked.get("print").get("id").asLong();
            if (k > 0) assertEquals(404, teacher.get("/api/prints/" + first).status());
            first = print;
        }
        Answer file = teacher.get("/api/papers/" + paper + "/memo.pdf?classroom=" + papers.classroom());
        assertEquals(
                "/prints/" + first,
                file.response().headers().firstValue("Location").orElseThrow());
        teacher.put(
                        "/api/papers/" + paper,
                        "{\"revision\":6,\"paper\":" + PapersOfAClass.body("Looked at no more", "{}", questions) + "}")
                .done();
        teacher.get(path).done();
        assertEquals(204, teacher.delete("/api/prints/" + first).status(), "what is wanted as a file is not given up");
    }
}
