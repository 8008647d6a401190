package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Forty sheets as a class would write them, whose points were written down before a marker saw them. Where it gives others,
 * the case and why stand in differences.tsv; nothing else may differ.
 */
class CarefulHandTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final double LEAST_AGREED = 0.97;

    @RegisterExtension
    static final School school = School.DEMO;

    /** One answer and what a careful hand gives for it. */
    private record Written(String box, int byHand, String answer) {}

    /** What each box can earn, and what it does. */
    private record Marked(int of, int points, String finding) {}

    private static String resource(String name) {
        try (var file = CarefulHandTest.class.getResourceAsStream("/careful-hand/" + name)) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static List<String[]> rows(String name) {
        return resource(name)
                .lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .map(line -> line.split("\t", -1))
                .toList();
    }

    private static Map<String, List<Written>> sheets() {
        Map<String, List<Written>> sheets = new LinkedHashMap<>();
        for (String[] row : rows("sheets.tsv"))
            sheets.computeIfAbsent(row[0] + " " + row[1], first -> new ArrayList<>())
                    .add(new Written(row[2], Integer.parseInt(row[3]), row[4].replace('|', '\n')));
        return sheets;
    }

    private static Map<String, Marked> marked(JsonNode asked, List<Written> sheet) {
        ObjectNode trial = JSON.createObjectNode();
        trial.set("question", asked.get("question"));
        trial.set("style", asked.get("style"));
        ArrayNode answers = trial.putArray("answers");
        sheet.forEach(one -> answers.addObject().put("box", one.box()).put("answer", one.answer()));
        JsonNode findings = school.signedIn("teacher")
                .post("/api/marking/trial", JSON.writeValueAsString(trial))
                .done()
                .json()
                .get("findings");
        Map<String, Marked> marked = new LinkedHashMap<>();
        for (JsonNode one : findings)
            marked.put(
                    one.get("box").asString(),
                    new Marked(
                            one.get("of").asInt(),
                            one.get("points").asInt(),
                            one.get("finding").asString()));
        return marked;
    }

    @Test
    void aCarefulHandAgrees() {
        JsonNode questions = JSON.readTree(resource("questions.json"));
        Map<String, String> differ = new TreeMap<>();
        int points = 0;
        int apart = 0;
        Map<String, List<Written>> sheets = sheets();
        for (var sheet : sheets.entrySet()) {
            Map<String, Marked> marked = marked(questions.get(sheet.getKey().split(" ")[0]), sheet.getValue());
            points += marked.values().stream().mapToInt(Marked::of).sum();
            for (Written one : sheet.getValue()) {
                Marked own = marked.remove(one.box());
                if (own.points() == one.byHand()) continue;
                apart += Math.abs(own.points() - one.byHand());
                differ.put(
                        sheet.getKey() + " " + one.box(),
                        one.byHand() + " " + own.points() + " " + own.finding() + ": " + one.answer());
            }
            marked.forEach((box, blank) -> assertEquals(0, blank.points(), sheet.getKey() + " " + box));
        }
        assertEquals(40, sheets.size());
        Map<String, String> explained = new TreeMap<>();
        for (String[] row : rows("differences.tsv")) explained.put(row[0] + " " + row[1] + " " + row[2], row[3]);
        assertEquals(explained.keySet(), differ.keySet(), differ::toString);
        double agreed = 1 - (double) apart / points;
        assertTrue(agreed >= LEAST_AGREED, apart + " of " + points + " points differ");
    }
}
