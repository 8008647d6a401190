package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.server.School.Answer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Tries questions as a teacher does: checks them, and marks answers that nobody sent. */
record QuestionTrial(Person teacher) {
    private static final JsonMapper JSON = new JsonMapper();

    /** Every example of the page that says what the language is. */
    static Stream<String> examples() throws Exception {
        String page = Files.readString(Path.of("../docs/question.md"));
        List<String> found = Pattern.compile("```json\\n(.*?)```", Pattern.DOTALL)
                .matcher(page)
                .results()
                .map(match -> match.group(1))
                .toList();
        assertEquals(9, found.size());
        return found.stream();
    }

    /** What is said of a question in a style; it can be asked or has flaws. */
    JsonNode check(String body, String style) {
        Answer answer = teacher.post("/api/questions/check", "{\"style\":\"" + style + "\",\"body\":" + body + "}");
        assertEquals(200, answer.status(), answer.body());
        return answer.json();
    }

    /** The findings for answers to it. */
    List<JsonNode> marked(String body, Map<String, String> answers) {
        String typed = answers.entrySet().stream()
                .map(one ->
                        "{\"box\":\"" + one.getKey() + "\",\"answer\":" + JSON.writeValueAsString(one.getValue()) + "}")
                .collect(Collectors.joining(","));
        Answer answer = teacher.post("/api/marking/trial", "{\"question\":" + body + ",\"answers\":[" + typed + "]}");
        assertEquals(200, answer.status(), answer.body());
        return answer.json().get("findings").valueStream().toList();
    }

    /** What all of them earn. */
    static int points(List<JsonNode> findings) {
        return findings.stream().mapToInt(one -> one.get("points").asInt()).sum();
    }

    /** Box to model answer. */
    static Map<String, String> model(JsonNode checked) {
        Map<String, String> answers = new LinkedHashMap<>();
        for (JsonNode one : checked.get("model"))
            answers.put(one.get("box").asString(), one.get("answer").asString());
        return answers;
    }
}
