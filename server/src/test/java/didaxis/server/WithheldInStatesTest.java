package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Of no kind of task, in no state, what is right is told before it is handed back. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WithheldInStatesTest {
    @RegisterExtension
    final School school = School.DEMO;

    /** Every kind of task, in states, on values like no other number. */
    private static final String IN_STATES = """
            {"title":"Hidden in states","stem":"A battery of the hut.",
             "notation":"23.7 V r=0.631 : V1[S1=open + A1 + L1=5.47{9 W} + ((L2=3.19 + L3=4.83) || L4=12.9) + .B + F1=2.3A]",
             "given":[{"subject":"V1","quantity":"voltage"},{"subject":"L2","quantity":"resistance"},
                      {"subject":"L3","quantity":"resistance"},{"subject":"L4","quantity":"resistance"}],
             "states":[{"act":{"act":"close","part":"S1"},"given":[{"subject":"A1","quantity":"current"},
                       {"subject":"V1","quantity":"voltage"}]},{"act":{"act":"out","part":"L4"}}],
             "tasks":[{"kind":"write-down","cells":[{"subject":"total","quantity":"voltage"}]},
                      {"kind":"calculate","state":1,"cells":[{"subject":"internal","quantity":"resistance"},
                       {"subject":"L1","quantity":"resistance"}]},
                      {"kind":"chart","state":2,"cells":[{"subject":"L2","quantity":"voltage"}]},
                      {"kind":"change","state":2,"cells":[{"subject":"L3","quantity":"power"}]},
                      {"kind":"rank","state":1,"things":["L2","L4","L1","L3"],"quantity":"brightness"},
                      {"kind":"goes-out","state":1,"parts":["L3"]},{"kind":"joint","parts":["L2","L4"]},
                      {"kind":"compare","state":1,"factor":true,"cells":[{"subject":"L1","quantity":"power"},
                       {"subject":"L4","quantity":"power"}]},
                      {"kind":"limits","state":1,"parts":["L1"]},{"kind":"safe-supply","state":1},
                      {"kind":"breaker","state":1,"things":["F1"],"parts":["L4","L1"]},
                      {"kind":"combinations","state":1,"parts":["L2","L3"]},
                      {"kind":"places","state":1,"cells":[{"subject":"L2","quantity":"current"}],"things":["L1","L3","L4"]},
                      {"kind":"fold","state":1},{"kind":"nesting","state":1},{"kind":"draw","state":1},
                      {"kind":"connect","parts":["L2","L3","L4"],"value":"14.8"},
                      {"kind":"colour-code","parts":["L2"],"value":"5 %","bandsAsked":true},
                      {"kind":"explain","state":2,"cells":[{"subject":"V1","quantity":"voltage"}]},
                      {"kind":"define","term":"power"},
                      {"kind":"words","prompt":"What is seen?","phrases":[{"says":["marmot"],"not":["ibex"]}]},
                      {"kind":"gaps","text":"Above is the ___.","gaps":[["glacier","icefall"]]}]}
            """;

    @Test
    void neitherNumbersNorOrdersNorSetsOfAnyStateAreToldBeforeRelease() {
        Person teacher = school.signedIn("teacher");
        Person learner = school.signedIn("learner7");
        JsonNode checked = teacher.post("/api/questions/check", "{\"body\":" + IN_STATES + "}")
                .json();
        assertEquals("[]", checked.get("flaws").toString());
        long question =
                teacher.post("/api/questions", IN_STATES).json().get("id").asLong();
        Answer handed = teacher.post(
                "/api/classes/1/assignments",
                "{\"questionIds\":[" + question + "],\"dueAt\":\"2999-01-01T00:00:00Z\"}");
        long id = handed.json().get("id").asLong();
        Set<String> hidden = new TreeSet<>();
        String charts = teacher.get("/api/assignments/" + id + "/sheets/8")
                .json()
                .get("charts")
                .toString();
        String models = checked.get("model").toString();
        for (String source : List.of(charts, models))
            Pattern.compile("(?<![\\d.])\\d+\\.\\d{2,}")
                    .matcher(source)
                    .results()
                    .forEach(one -> hidden.add(one.group()));
        for (JsonNode model : checked.get("model"))
            if (Pattern.compile(" > | within |\\|\\||, gold")
                    .matcher(model.get("answer").asString())
                    .find()) hidden.add(model.get("answer").asString());
        hidden.addAll(List.of("marmot", "ibex", "glacier", "icefall", "Power is the energy that", "energy that is"));
        String work = "/api/my/work/" + id;
        Answer first = learner.get(work);
        String told = first.json().get("questions").get(0).get("states").toString();
        hidden.removeIf(number -> Pattern.compile("\"shown\":\"" + Pattern.quote(number) + "\\D")
                        .matcher(told)
                        .find()
                || List.of("3.19", "4.83", "12.9").contains(number));
        assertTrue(hidden.size() > 25 && hidden.contains("L1 > L4 > L3 > L2"), hidden::toString);
        String blank = "\"answers\":[{\"box\":\"1/1.5\",\"text\":\"L1 > L2\"},{\"box\":\"1/1.6\",\"text\":\"L9\"},"
                + "{\"box\":\"1/1.1\",\"text\":\"1 V\"}]";
        List<Answer> before = List.of(
                first,
                learner.get(work + "?width=358&height=220"),
                learner.put(work + "/draft", "{\"revision\":0," + blank + "}"),
                learner.get(work),
                learner.get(work + "/feedback"),
                learner.get("/api/my/work"),
                learner.post(work + "/submission", "{" + blank + "}"),
                learner.get(work));
        noneStandsIn(before, hidden);
        // With hints the sheet may be tried again, and they tell no more.
        long who = teacher.get("/api/assignments/" + id + "/attempts")
                .done()
                .json()
                .get("learners")
                .get(0)
                .get("learner")
                .get("id")
                .asLong();
        teacher.post(
                        "/api/assignments/" + id + "/attempts",
                        "{\"learners\":[" + who
                                + "],\"dueAt\":\"2999-01-01T00:00:00Z\",\"shown\":true,\"otherValues\":false}")
                .done();
        noneStandsIn(triedAgain(learner, work, blank), hidden);
        teacher.post("/api/assignments/" + id + "/release", "");
        assertTrue(learner.get(work + "/feedback").body().contains("L1 > L4 > L3 > L2"));
        teacher.delete("/api/questions/" + question);
    }

    /** All that is told while a second attempt is written and sent. */
    private static List<Answer> triedAgain(Person learner, String work, String blank) {
        List<Answer> told = new ArrayList<>();
        for (int sent = 0; sent < 2; sent++) {
            Answer hints = learner.get(work + "/feedback").done();
            assertEquals(
                    1,
                    hints.json().get("sheet").get("attempt").asInt(),
                    "what came of the second waits for the teacher");
            told.addAll(List.of(hints, learner.get(work), learner.get(work + "/model"), learner.get("/api/my/work")));
            if (sent == 0)
                told.add(learner.post(work + "/submission", "{" + blank + "}").done());
        }
        return told;
    }

    private static void noneStandsIn(List<Answer> answers, Set<String> hidden) {
        for (Answer answer : answers)
            for (String one : hidden)
                assertFalse(
                        Pattern.compile("(?<![0-9.])" + Pattern.quote(one) + "(?![0-9])")
                                .matcher(withoutDrawing(answer.body()))
                                .find(),
                        () -> one + " stands in " + answer);
    }

    /** Places on the paper and the numbers of tasks are not of the circuit; what is drawn as text stays. */
    private static String withoutDrawing(String body) {
        return body.replaceAll("\"(points|x|y|width|height|size|radius|number|id|box)\":(\"[^\"]*\"|[-0-9.E]+)", "");
    }
}
