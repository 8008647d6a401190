package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What goes out in a package comes in equal, and what is none leaves nothing behind. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PackageTest {
    @RegisterExtension
    final School school = new School(true);

    private Person teacher;
    private Person colleague;

    @BeforeAll
    void twoTeachers() {
        teacher = school.signedIn("teacher");
        colleague = school.invited(teacher, "colleague");
    }

    private static String example() throws IOException {
        Matcher example = Pattern.compile("```json\\n(.*?)```", Pattern.DOTALL)
                .matcher(Files.readString(Path.of("../docs/package.md")));
        assertTrue(example.find());
        return example.group(1);
    }

    @Test
    void aSchoolGoesIntoAPackageAndComesOutOfItEqual() {
        JsonNode out = teacher.get("/api/packages").done().json();
        assertTrue(out.get("questions").size() >= 8 && out.get("papers").size() >= 1, "there is something");
        long classroom = colleague
                .post("/api/classes", "{\"name\":\"Ridge class\"}")
                .done()
                .json()
                .get("id")
                .asLong();
        JsonNode taken = colleague
                .post("/api/packages?classroom=" + classroom, out.toString())
                .done()
                .json();
        assertEquals(out.get("questions").size(), taken.get("questions").asInt());
        assertEquals(1, taken.get("styles").asInt());
        JsonNode again = colleague.get("/api/packages").done().json();
        // The latest comes first, so that the order turns round; what there is, is the same.
        assertEquals(sorted(out.get("questions")), sorted(again.get("questions")));
        assertEquals(papers(out), papers(again));
        assertEquals(
                out.get("styles").get(0).get("style"),
                again.get("styles").get(0).get("style"));
    }

    private static String sorted(JsonNode list) {
        return list.valueStream().map(JsonNode::toString).sorted().toList().toString();
    }

    /** Each with its layout, and its questions by their titles. */
    private static String papers(JsonNode body) {
        return body.get("papers")
                .valueStream()
                .map(paper -> paper.get("title") + " " + paper.get("layout")
                        + paper.get("questions")
                                .valueStream()
                                .map(place -> body.get("questions")
                                        .get(place.asInt())
                                        .get("title")
                                        .asString())
                                .toList())
                .sorted()
                .toList()
                .toString();
    }

    @Test
    void theExampleOfTheDocumentIsTakenInAndCanBePrinted() throws IOException {
        JsonNode taken = teacher.post("/api/packages", example()).done().json();
        assertEquals(2, taken.get("questions").asInt());
        assertEquals(1, taken.get("papers").asInt());
        JsonNode papers = teacher.get("/api/papers").json();
        long id = papers.get(0).get("id").asLong();
        assertEquals("Term test", papers.get(0).get("title").asString());
        JsonNode paper = teacher.get("/api/papers/" + id).json();
        paper.get("checks").forEach(check -> assertTrue(check.get("holds").asBoolean(), check::toString));
        JsonNode one = teacher.get("/api/papers/" + id + "/package").done().json();
        assertEquals(2, one.get("questions").size());
        teacher.delete("/api/papers/" + id).done();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            "package"        | "parcel"                         | This is no package
            "version": 1     | "version": 9                     | A package of version 9 is not known
            [1, 0]           | [1, 7]                           | Paper 1 of the package cannot be taken in. It asks for a question that is not in the package.
            [1, 0]           | [1, 1]                           | Paper 1 of the package cannot be taken in. A question stands on a paper once.
            R1=4 +           | R1=four +                        | Question 1 of the package cannot be taken in.
            6 to 24 by 2     | 6 to 24 by 0                     | Question 1 of the package cannot be taken in. “6 to 24 by 0” for E cannot be read as values
            "write-down"     | "write-down", "marks": 99        | Question 1 of the package cannot be taken in. A box earns 1 to 20 marks
            "minutes": 20    | "minutes": -2                    | Paper 1 of the package cannot be taken in. A paper takes 1 to 600 minutes
            "styles": []     | "styles": [{"name": "x"}]        | Style 1 of the package cannot be taken in.
            """)
    void whatIsNoneIsRefusedWithItsPlaceAndNothingIsKept(String there, String instead, String sentence)
            throws IOException {
        String before = teacher.get("/api/questions").body()
                + teacher.get("/api/papers").body();
        Answer refused = teacher.post("/api/packages", example().replace(there, instead));
        assertEquals(400, refused.status(), refused::toString);
        assertTrue(refused.json().get("detail").asString().contains(sentence), refused::toString);
        assertTrue(refused.json().get("detail").asString().endsWith("Nothing was taken in."), refused::toString);
        assertEquals(
                before,
                teacher.get("/api/questions").body()
                        + teacher.get("/api/papers").body());
    }

    /** What was given out once is taken in for ever, and means what it meant. */
    @Test
    void aPackageThatWasKeptComesOutWithAllThatItHad() throws IOException {
        JsonNode kept;
        try (InputStream file = PackageTest.class.getResourceAsStream("/kept/package-of-version-1.json")) {
            kept = new JsonMapper().readTree(file);
        }
        Person newcomer = school.invited(teacher, "newcomer");
        newcomer.post("/api/packages", kept.toString()).done();
        JsonNode now = newcomer.get("/api/packages").json();
        for (JsonNode one : kept.get("questions"))
            assertTrue(
                    now.get("questions").valueStream().anyMatch(other -> has(other, one)),
                    () -> one.get("title") + " is not what it was");
        assertEquals(papers(kept), papers(now));
    }

    /** Whether all that one says is said by the other; fields that came later may be there besides. */
    private static boolean has(JsonNode now, JsonNode kept) {
        return kept.propertyStream()
                .allMatch(field -> field.getValue().isNull() || field.getValue().equals(now.get(field.getKey())));
    }

    @Test
    void whatIsNoJsonOrTooLargeIsRefused() throws IOException {
        assertEquals(400, teacher.post("/api/packages", "{\"didaxis\":").status());
        String huge = example().replace("Term test", "x".repeat(4 * 1024 * 1024));
        assertEquals(413, teacher.post("/api/packages", huge).status());
    }
}
