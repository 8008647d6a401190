package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Bodies as the API describes them, right but for a place or two, sent to every operation by a teacher about what is hers and
 * by a learner of hers: an answer, or a problem with a sentence.
 */
class NearlyRightTest {
    private static final int REQUESTS = 1500;
    /** They end what the test goes on with, or reach what other tests look at. */
    private static final Set<String> LEFT_OUT = Set.of(
            "delete /api/session",
            "post /api/session",
            "put /api/session/password",
            "post /api/colleague",
            "put /api/classes/{id}/owner",
            "put /api/classes/{id}/teachers/{teacherId}",
            "put /api/classes/{id}/learners/{learnerId}",
            "put /api/classes/{id}/archived",
            "delete /api/classes/{id}/learners/{learnerId}",
            "delete /api/classes/{id}/learners/{learnerId}/everything",
            "post /api/classes/{id}/learners/{learnerId}/password");

    private static final List<String> CIRCUITS = texts(
            "16 V : R1=5 + (R2=12 || R3=4)",
            "12 V r=0.5 : A1 + S1=closed + V1[L1=6{6 V, 3 W}] + .B + (R2=4.7k || (A2 + R3=2.2k))",
            "24 V : F1=1.5A + (H1=24{30 W} || H2=24{30 W})",
            "10 V : S1=open + VR1=5k + R2=1",
            "12 V : R1=0",
            "5 V : R1",
            "");
    private static final List<String> THINGS =
            texts("R1", "R2", "R3", "R23", "total", "V1", "L1", "H1", ".B", "source", "E", "r");
    private static final List<String> ANSWERS =
            texts("2 A", "3 ohm", "1/3", "I = V/R = 16/8 = 2 A", "R2 || R3 = 3; R1 + R23 = 8", "∞", "1e400", "");
    private static final List<String> TIMES =
            texts("2999-01-01T00:00:00Z", "2020-01-01T00:00:00Z", "+999999999-12-31T23:59:59Z", "soon");

    @RegisterExtension
    static final School school = School.DEMO;

    private final Random random = new Random(1);
    private final Person teacher = school.invited(school.signedIn("teacher"), "yew");
    private final PapersOfAClass papers = PapersOfAClass.of(teacher, "Yonder hut");
    private final JsonNode added = papers.add("yarrow");
    private final String learnerId = added.get("learner").get("id").toString();
    private final Person learner =
            school.signedIn("yarrow", added.get("password").asString());

    private static List<String> texts(String... texts) {
        return Stream.of(texts)
                .map(text -> new JsonMapper().writeValueAsString(text))
                .toList();
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    @Test
    void everyOperationAnswersWhatIsNearlyRight() {
        JsonNode document = school.visitor().get("/v3/api-docs").json();
        String paper = String.valueOf(PapersOfAClass.id(papers.paper("Yonder", "{}", papers.fixed(), papers.varied())));
        String sheet = String.valueOf(PapersOfAClass.id(papers.handOut(Long.parseLong(paper))));
        List<String> questions = List.of("" + papers.fixed(), "" + papers.varied(), "" + papers.words());
        String classroom = String.valueOf(papers.classroom());
        Map<String, List<String>> ids = Map.of(
                "classes", List.of(classroom),
                "questions", questions,
                "papers", List.of(paper),
                "assignments", List.of(sheet),
                "my", List.of(sheet));
        MadeUpBodies bodies = new MadeUpBodies(document, words(questions, classroom, sheet), whole(), random);
        learner.post("/api/my/work/" + sheet + "/submission", "{\"revision\":0,\"answers\":[]}")
                .done();

        Map<String, Integer> answered = new TreeMap<>();
        List<String> faults = new ArrayList<>();
        List<String[]> operations = operations(document.get("paths"));
        for (int k = 0; k < REQUESTS; k++) {
            String[] operation = one(operations);
            JsonNode described = document.get("paths").get(operation[1]).get(operation[0]);
            String path = path(operation[1], described, ids);
            String body = bodies.of(described);
            Person person = random.nextInt(6) > 0 ? teacher : learner;
            Answer answer = person.send(operation[0].toUpperCase(), path, body);
            answered.merge(String.valueOf(answer.status()), 1, Integer::sum);
            if (answer.status() >= 400 && !answer.refuses())
                faults.add(String.join(" ", operation[0], path, body, "→", answer.type(), answer.toString()));
        }
        assertEquals("", String.join("\n", faults));
        assertTrue(answered.getOrDefault("200", 0) > REQUESTS / 5, "hardly anything is right: " + answered);
    }

    private static List<String[]> operations(JsonNode paths) {
        List<String[]> operations = new ArrayList<>();
        for (String path : paths.propertyNames())
            for (String method : paths.get(path).propertyNames())
                if (!LEFT_OUT.contains(method + " " + path)) operations.add(new String[] {method, path});
        return operations;
    }

    private String path(String path, JsonNode described, Map<String, List<String>> ids) {
        String filled = path.replace("{learnerId}", learnerId)
                .replace("{kind}", one(List.of("spice", "notation", "chart", "poem")))
                .replace("{what}", one(List.of("paper", "memo")))
                .replaceAll("\\{(page|revision|teacherId)}", one(List.of("0", "1", "-1")));
        String own = random.nextInt(10) == 0
                ? one(List.of("999999", "-1", "x"))
                : one(ids.getOrDefault(path.split("/")[2], List.of("1")));
        filled = filled.replaceAll("\\{(id|classId)}", own);
        List<String> query = new ArrayList<>();
        for (JsonNode parameter : described.path("parameters"))
            if (parameter.get("in").asString().equals("query") && random.nextBoolean())
                query.add(
                        parameter.get("name").asString() + "=" + one(List.of("1", "0", "-1", "1e9", "memo", "1/1.1")));
        return query.isEmpty() ? filled : filled + "?" + String.join("&", query);
    }

    private Map<String, List<String>> words(List<String> questions, String classroom, String sheet) {
        Map<String, List<String>> words = new TreeMap<>(Map.of(
                "", ANSWERS, "date-time", TIMES, "notation", CIRCUITS, "style", texts("ridge", "valley", "gothic")));
        words.put("title", texts("Yonder"));
        words.put("name", texts("Yonder", "R1"));
        words.put("didaxis", texts("package"));
        words.put("quantity", texts("resistance", "voltage", "current", "power", "potential", "warmth"));
        words.put("box", texts("1/1", "1/1.1", "2/1", "1.1", "1"));
        for (String field : List.of("subject", "part", "thing", "one", "other", "from", "to")) words.put(field, THINGS);
        words.put("questionIds", questions);
        words.put("learners", List.of(learnerId));
        words.put("classroomId", List.of(classroom));
        words.put("assignmentId", List.of(sheet));
        return words;
    }

    private static Map<String, List<JsonNode>> whole() {
        List<JsonNode> bodies = Stream.of(PapersOfAClass.VARIED, PapersOfAClass.FIXED, PapersOfAClass.WORDS)
                .map(body -> new JsonMapper().readTree(body))
                .toList();
        return Map.of("QuestionBody", bodies);
    }
}
