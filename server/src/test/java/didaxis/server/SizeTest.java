package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.Collections;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
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

    private static String question(String title, int amounts) {
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
        Answer refused = teacher.post("/api/questions", question("One too many", 51));
        assertEquals(400, refused.status());
        String why = refused.json().get("detail").asString();
        assertTrue(why.contains("301 parts and groups") && why.contains("for 50 that are calculated"), why);
        assertEquals("tasks", refused.json().get("field").asString());
        kept("As many as there can be", 50);
    }

    @Test
    void aPackageOfLargeCircuitsIsTakenInOnlyInPieces() {
        String one = question("Packed", 50);
        int before = teacher.get("/api/questions").done().json().size();
        String tooMuch = "{\"didaxis\":\"package\",\"version\":1,\"questions\":[%s]}"
                .formatted(String.join(",", Collections.nCopies(9, one)));
        Answer refused = teacher.post("/api/packages", tooMuch);
        assertEquals(400, refused.status());
        String why = refused.json().get("detail").asString();
        assertTrue(why.contains("the first 8 questions could be") && why.contains("Nothing was taken in"), why);
        assertEquals(before, teacher.get("/api/questions").done().json().size());
    }

    @Test
    void aPaperLeavesOutWhatIsTooMuchWithTheOthers() {
        long first = kept("First of two", 30);
        long second = kept("Second of two", 30);
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
}
