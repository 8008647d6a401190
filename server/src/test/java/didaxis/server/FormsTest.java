package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every form of question that is set about a circuit, by its body: answered right, partly right (an earlier error is
 * carried on, one of several is wrong) and wrong, each worked by hand with Ohm's and Kirchhoff's laws.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class FormsTest {
    private static final JsonMapper JSON = new JsonMapper();
    /** Of a part; voltmeters keep theirs. */
    private static final Pattern LABEL = Pattern.compile("(?<![A-Z.])(?:R|L|H|VR|S|A|F|W)[0-9]+");

    @RegisterExtension
    final School school = School.DEMO;

    private Person teacher;

    static Stream<JsonNode> forms() throws Exception {
        try (InputStream file = FormsTest.class.getResourceAsStream("/forms.json")) {
            return JSON.readTree(file).valueStream().toList().stream();
        }
    }

    private JsonNode post(String path, ObjectNode body) {
        if (teacher == null) teacher = school.signedIn("teacher");
        Answer answer = teacher.post(path, body.toString());
        assertEquals(200, answer.status(), answer::toString);
        return answer.json();
    }

    /** Marks answers by their boxes; letters of a chain, which depend on what is offered, are those of the model. */
    private List<JsonNode> marked(JsonNode question, JsonNode answers, JsonNode checked) {
        ObjectNode trial = JSON.createObjectNode();
        trial.set("question", question);
        var list = trial.putArray("answers");
        answers.propertyStream().forEach(one -> {
            String text = one.getValue().asString();
            if (text.equals("%CHAIN"))
                for (JsonNode model : checked.get("model"))
                    if (model.get("box").asString().equals(one.getKey()))
                        text = model.get("answer").asString();
            list.addObject().put("box", one.getKey()).put("answer", text);
        });
        return post("/api/marking/trial", trial).get("findings").valueStream().toList();
    }

    private static int points(List<JsonNode> findings) {
        return findings.stream().mapToInt(one -> one.get("points").asInt()).sum();
    }

    @ParameterizedTest
    @MethodSource("forms")
    void aFormIsMadeFromItsBodyAndEarnsWhatItShould(JsonNode form) {
        ObjectNode body = JSON.createObjectNode();
        body.set("body", form.get("body"));
        JsonNode checked = post("/api/questions/check", body);
        assertEquals("[]", checked.get("flaws").toString());
        int total = checked.get("total").asInt();
        List<String> wrong = new ArrayList<>();
        List<JsonNode> right = marked(form.get("body"), form.get("right"), checked);
        if (points(right) != total) wrong.add("right: " + points(right) + " of " + total + " " + right);
        if (!form.get("partly").isEmpty()) {
            int wanted = form.get("partlyPoints").asInt();
            List<JsonNode> partly = marked(form.get("body"), form.get("partly"), checked);
            if (points(partly) != (wanted < 0 ? total + wanted : wanted))
                wrong.add("partly: " + points(partly) + " " + partly);
        }
        List<JsonNode> none = marked(form.get("body"), form.get("wrong"), checked);
        if (points(none) != form.get("wrongPoints").asInt()) wrong.add("wrong: " + points(none) + " " + none);
        // Whatever was found is said in one sentence that ends.
        for (JsonNode finding : none)
            assertTrue(finding.get("sentence").asString().matches("(?s)[A-Z“].{8,}\\."), finding::toString);
        for (JsonNode prompt : checked.get("prompts"))
            assertTrue(prompt.get("text").asString().matches("(?s)[A-Z].{6,}[.?]"), prompt::toString);
        assertEquals(List.of(), wrong);
    }

    /** The labels of all parts, also of those that are added by an act. */
    private static List<String> labels(JsonNode body) {
        StringBuilder all = new StringBuilder(body.path("notation").asString(""));
        for (JsonNode state : body.path("states"))
            if (state.get("act").get("act").asString().matches("in-(series|parallel)"))
                all.append(' ').append(state.get("act").get("part").asString());
        return LABEL.matcher(all).results().map(MatchResult::group).toList();
    }

    /** Each part of the circuit under a name of its own, with and without a digit at its end. */
    private static ObjectNode named(ObjectNode body) {
        ObjectNode names = body.putObject("names");
        for (String label : labels(body)) {
            int count = names.size();
            names.put(
                    label, "ashoakélmfirivyyew".substring(3 * count % 18, 3 * count % 18 + 3) + "q".repeat(count / 6));
        }
        return body;
    }

    static Stream<JsonNode> circuits() throws Exception {
        return forms().filter(form -> form.get("body").has("notation"));
    }

    /** Where parts have other names for the learner, these are all that a learner reads, and all that need be written. */
    @ParameterizedTest
    @MethodSource("circuits")
    void namesStandWhereverThePartIsNamedAndAreReadWhereTheyAreTyped(JsonNode form) {
        ObjectNode body = JSON.createObjectNode();
        ObjectNode question = named((ObjectNode) form.get("body").deepCopy());
        body.set("body", question);
        JsonNode checked = post("/api/questions/check", body);
        assertEquals("[]", checked.get("flaws").toString());
        for (JsonNode first : checked.get("states").valueStream().limit(1).toList())
            assertEquals(
                    form.get("body").get("notation").asString().replaceAll("\\s", ""),
                    first.get("notation").asString().replaceAll("\\s", ""));
        ObjectNode answers = JSON.createObjectNode();
        for (JsonNode model : checked.get("model"))
            answers.put(model.get("box").asString(), model.get("answer").asString());
        List<JsonNode> findings = marked(question, answers, checked);
        assertEquals(checked.get("total").asInt(), points(findings), findings::toString);
        StringBuilder read =
                new StringBuilder(post("/api/questions/sheet", body).toString());
        findings.forEach(finding -> read.append(finding.get("sentence")));
        checked.get("prompts").forEach(prompt -> read.append(prompt.get("text")));
        for (String label : labels(form.get("body"))) {
            Matcher found = Pattern.compile("(?<![\\p{L}\\p{N}])" + label + "(?![\\p{L}\\p{N}])")
                    .matcher(read);
            assertTrue(
                    !found.find(),
                    () -> label + ": " + read.substring(Math.max(0, found.start() - 80), found.end() + 20));
        }
    }
}
