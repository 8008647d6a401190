package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Values that vary are found and counted; where there are none it is said why; nice ones are near. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ValuesTest {
    private static final String BODY = """
            {"notation":"12 V : R1=7 + (R2=13 || R3=9)",
             "given":[{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"},
                      {"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"}],
             %s
             "tasks":[{"kind":"write-down","cells":[{"subject":"total","quantity":"current"}]}]}""";

    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;

    @BeforeAll
    void signIn() {
        teacher = school.signedIn("teacher");
    }

    private Answer find(String varied) {
        return teacher.post("/api/questions/values", "{\"body\":" + BODY.formatted(varied) + "}");
    }

    @Test
    void allSetsAreCountedAndTheirSpreadIsTold() {
        // 12 V over 5 + 5, 7 + 5 and so on: I = 12/(R1 + 5) is short for 1 (2 A), 3 (1.5 A), 5 (1.2 A) and 7 (1 A).
        JsonNode found = find("""
                "vary":[{"thing":"R1","values":"1 to 7 by 1"},{"thing":"R2","values":"10"},{"thing":"R3","values":"10"}],
                "conditions":[{"kind":"short-answers","figures":2}],""").done().json();
        assertEquals(4, found.get("count").asInt(), found::toString);
        assertTrue(found.get("all").asBoolean());
        assertEquals("[\"E\",\"r\",\"R1\",\"R2\",\"R3\"]", found.get("things").toString());
        JsonNode current = found.get("spread")
                .valueStream()
                .filter(one -> one.get("cell").toString().contains("total")
                        && one.get("cell").toString().contains("current"))
                .findFirst()
                .orElseThrow();
        assertEquals(
                "1.00\u2009A 2.00\u2009A",
                current.get("least").asString() + " " + current.get("greatest").asString());
        assertEquals("[\"easy\"]", found.get("difficulty").toString());
    }

    @Test
    void whatStandsInTheWayIsSaid() {
        JsonNode none = find("""
                "vary":[{"thing":"R2","values":"10; 20"},{"thing":"R3","values":"3; 7"}],
                "conditions":[{"kind":"whole-totals"},{"kind":"different-values"}],""").done().json();
        assertEquals(
                "None of the 4 sets of values is such that the totals are whole numbers.",
                none.get("none").asString());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            "vary":[{"thing":"R9","values":"1; 2"}],                             | “R9” has no value that could vary
            "vary":[{"thing":"R1","values":"soon"}],                             | “soon” for R1 cannot be read as values
            "vary":[{"thing":"R1","values":"0; 1"}],                             | “0; 1” for R1 cannot be read as values
            "vary":[{"thing":"R1","values":"1"},{"thing":"R1","values":"2"}],    | The values of R1 are said twice
            "vary":[null],                                                       | Say what varies
            "conditions":[{"kind":"pretty"}],                                    | “pretty” is no condition
            "conditions":[{"kind":"short-answers","figures":9}],                 | A condition counts 1 to 6 figures
            "conditions":[null],                                                 | There are at most 10 conditions
            """)
    void whatCannotVaryIsRefusedInASentence(String varied, String sentence) {
        Answer refused = find(varied);
        assertEquals(400, refused.status(), refused::toString);
        assertTrue(refused.json().get("detail").asString().startsWith(sentence), refused::toString);
    }

    @Test
    void niceValuesChangeAsLittleAsTheyCan() {
        JsonNode nice = teacher.post("/api/questions/nice-values", "{\"body\":" + BODY.formatted("") + "}")
                .done()
                .json();
        assertTrue(nice.get("changed").size() >= 1 && nice.get("changed").size() <= 4, nice::toString);
    }

    @Test
    void valuesTypedForAPartLetItVary() {
        String edit = "{\"notation\":\"12 V : R1=4\",\"act\":\"set\",\"name\":\"%s\",\"text\":\"%s\"}";
        JsonNode varied = teacher.post("/api/circuits/edits", edit.formatted("R1", "4 to 8 by 2"))
                .done()
                .json();
        assertEquals(
                "{\"thing\":\"R1\",\"values\":\"4 to 8 by 2\"}",
                varied.get("varied").toString());
        assertEquals("12 V : R1=4", varied.get("notation").asString());
        assertEquals(
                "r",
                teacher.post("/api/circuits/edits", edit.formatted("source", "r=0.5; 1"))
                        .json()
                        .get("varied")
                        .get("thing")
                        .asString());
        assertTrue(teacher.post("/api/circuits/edits", edit.formatted("R1", "5"))
                .json()
                .get("varied")
                .isNull());
    }
}
