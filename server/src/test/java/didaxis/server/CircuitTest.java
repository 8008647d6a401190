package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** One circuit, worked over HTTP: how it is read in a style, its readings, its files, its reasons, and how large it may be. */
class CircuitTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private static JsonNode asked(String path, String body) {
        Answer answer = school.signedIn("teacher").post("/api/circuits/" + path, body);
        assertEquals(
                200,
                answer.status(),
                () -> answer.body().substring(0, Math.min(400, answer.body().length())));
        return answer.json();
    }

    private static List<String> texts(JsonNode list, String name) {
        List<String> texts = new ArrayList<>();
        for (JsonNode one : list)
            texts.add(name.isEmpty() ? one.asString() : one.get(name).asString());
        return texts;
    }

    @Test
    void theLineIsReadInTheStylesDecimalSignAndALoneMeterIsNoted() {
        JsonNode comma = asked("analysis", "{\"notation\":\"12,5 V : R1=1,250 + A1 || R2=4,7k\",\"style\":\"valley\"}");
        assertEquals("12.5 V : R1=1.25 + (A1 || R2=4.7k)", comma.get("notation").asString());
        assertTrue(texts(comma.get("notes"), "").get(0).startsWith("A1 is alone in its branch"), comma::toString);
        // What is composed is read likewise, and the printed form in any style.
        JsonNode set = asked(
                "edits",
                "{\"notation\":\"12.5 V : R1=1.25\",\"style\":\"valley\",\"act\":\"set\",\"name\":\"R1\",\"text\":\"2,125\"}");
        assertEquals("12.5 V : R1=2.125", set.get("notation").asString());
    }

    @Test
    void metersAndPointsHaveRowsThatAreAskedKeptAndAnswered() {
        JsonNode analysis = asked("analysis", "{\"notation\":\"12 V : V1[R1=4] + .B + R2=8\"}");
        assertEquals(List.of("V1", ".B"), texts(analysis.get("readings"), "id"));
        assertEquals(
                "4.00",
                analysis.get("readings").get(0).get("shown").get("voltage").asString());
        assertEquals(
                "8.00",
                analysis.get("readings").get(1).get("shown").get("potential").asString());
        Person teacher = school.signedIn("teacher");
        Answer kept = teacher.post("/api/questions", """
                {"title":"Readings","notation":"12 V : V1[R1=4] + .B + R2=8",
                 "given":[{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"},
                          {"subject":"R2","quantity":"resistance"}],
                 "tasks":[{"kind":"chart","cells":[{"subject":"V1","quantity":"voltage","marks":1},
                          {"subject":".B","quantity":"potential","marks":2}]}]}""");
        assertEquals(201, kept.status(), kept::toString);
        assertEquals(List.of(), texts(kept.json().get("flaws"), ""));
        JsonNode opened =
                teacher.get("/api/questions/" + kept.json().get("id").asLong()).json();
        assertEquals(
                List.of("V1", ".B"),
                IntStream.range(0, 2)
                        .mapToObj(k -> opened.get("body")
                                .get("tasks")
                                .get(0)
                                .get("cells")
                                .get(k)
                                .get("subject")
                                .asString())
                        .toList());
        assertEquals(
                204,
                teacher.delete("/api/questions/" + kept.json().get("id").asLong())
                        .status());
    }

    @Test
    void theReasonsOfOneCellAreThoseThatLeadToIt() {
        String change =
                "{\"notation\":\"12 V r=1 : L1=4 + (L2=6 || (S1=open + L3=6))\",\"part\":\"S1\",\"act\":\"close\"";
        List<String> chain = texts(
                asked("change", change + ",\"cell\":{\"subject\":\"L2\",\"quantity\":\"voltage\"}}")
                        .get("chain"),
                "sentence");
        assertEquals(
                List.of(
                        "S1 is closed.",
                        "So the total resistance decreases.",
                        "The emf is what it was, so the total current increases.",
                        "With more current in the series, the voltage across L1 increases.",
                        "That leaves less voltage across L23.",
                        "With less voltage across the branches, the voltage across L2 decreases."),
                chain);
        assertTrue(asked("change", change + "}").get("chain").size() > chain.size());
        assertEquals(
                0,
                asked("change", change + ",\"cell\":{\"subject\":\"L1\",\"quantity\":\"resistance\"}}")
                        .get("chain")
                        .size());
    }

    @Test
    void aCircuitIsWrittenForSimulators() {
        JsonNode file = asked("files/spice", "{\"notation\":\"9 V r=0.5 : A1 + L1=6\"}");
        assertEquals("circuit.cir", file.get("name").asString());
        assertTrue(file.get("text").asString().startsWith("* 9 V r=0.5 : A1 + L1=6\nVE emf 0 9\nRE emf 1 0.5\n"));
    }

    /** A ladder of 200 parts has some 200 stages of up to 200 parts each: they are told as they are looked at. */
    @Test
    void aLongFoldingIsAnsweredInPieces() {
        String ladder = IntStream.range(0, 99)
                        .mapToObj(k -> "R" + (2 * k + 1) + "=3 + (R" + (2 * k + 2) + "=7 || (")
                        .collect(Collectors.joining())
                + "R199=3 + R200=7" + "))".repeat(99);
        String circuit = "{\"notation\":\"9 V : " + ladder + "\"}";
        Person teacher = school.signedIn("teacher");
        Answer folding = teacher.post("/api/circuits/folding", circuit);
        assertEquals(200, folding.status());
        assertTrue(folding.body().length() < 3_500_000, () -> folding.body().length() + " bytes");
        int count = folding.json().get("count").asInt();
        assertTrue(count > 150);
        List<String> groups = new ArrayList<>();
        for (int from = 0; from < count; from += 12) {
            Answer some =
                    teacher.post("/api/circuits/folding/stages", "{\"circuit\":" + circuit + ",\"from\":" + from + "}");
            assertTrue(some.body().length() < 3_500_000, () -> some.body().length() + " bytes");
            groups.addAll(texts(some.json().get("stages"), "group"));
        }
        assertEquals(count, groups.stream().distinct().count());
        assertEquals(
                400,
                teacher.post("/api/circuits/folding/stages", "{\"circuit\":" + circuit + ",\"from\":" + count + "}")
                        .status());
    }
}
