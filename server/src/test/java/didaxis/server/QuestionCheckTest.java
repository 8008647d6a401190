package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Questions in their own language: what can be asked, what is refused and why, and how answers are marked. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class QuestionCheckTest {
    private static final JsonMapper JSON = new JsonMapper();

    @RegisterExtension
    final School school = School.DEMO;

    private QuestionTrial trial;

    @BeforeAll
    void signIn() {
        trial = new QuestionTrial(school.signedIn("teacher"));
    }

    @Test
    void aBodyIsKeptInOneFormWhateverNamesItWasWrittenIn() {
        JsonNode task = trial.check("""
                        {"notation":"12 V : L1=6 + (L2=4 || L3=4)","tasks":[{"kind":"rank","things":["L1","L2"],
                         "quantity":"brightness"}],"states":[{"act":{"act":"set","part":"L1","value":"4,7"}}]}""", "valley").get("body");
        assertEquals("power", task.get("tasks").get(0).get("quantity").asString());
        assertEquals("4.7", task.get("states").get(0).get("act").get("value").asString());
    }

    private static final String CALCULATED = """
            {"notation":"9 V : R1=3","given":[{"subject":"R1","quantity":"resistance"},{"subject":"R1","quantity":"current"}],
             "tasks":[{"kind":"calculate","cells":[{"subject":"total","quantity":"voltage"}]}]}""";

    /** Whatever is offered can be added to the question as it is. */
    @Test
    void whatIsOfferedCanBeAsked() throws Exception {
        for (String body : QuestionTrial.examples().toList()) {
            ObjectNode example = (ObjectNode) JSON.readTree(body);
            int states = example.path("states").size() + 1;
            ArrayNode tasks = (ArrayNode) example.get("tasks");
            for (int state = 0; state < states; state++) {
                String asked = "{\"body\":" + example + ",\"state\":" + state + "}";
                JsonNode offers =
                        trial.teacher().post("/api/questions/offers", asked).json();
                assertTrue(offers.get("usual").size() + offers.get("offers").size() > 0, offers::toString);
                for (JsonNode offer : offers.get("offers")) {
                    assertTrue(offer.get("prompt").asString().length() > 10, offer::toString);
                    if (tasks.size() < 60) tasks.add(offer.get("task"));
                }
            }
            JsonNode checked = trial.check(example.toString(), "ridge");
            assertEquals("[]", checked.get("flaws").toString(), example::toString);
        }
    }

    @Test
    void promptsSpeakTheWordsOfTheStyleAndSayWhatWasDone() throws Exception {
        String body = QuestionTrial.examples().findFirst().orElseThrow();
        JsonNode prompts = trial.check(body, "valley").get("prompts");
        assertEquals("Write down the emf.", prompts.get(0).get("text").asString());
        assertEquals(
                "Calculate the total potential difference.",
                trial.check(CALCULATED, "valley")
                        .get("prompts")
                        .get(0)
                        .get("text")
                        .asString());
        assertEquals(
                "S1 is closed. Calculate the resistance of R1.",
                prompts.get(2).get("text").asString());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"notation":"9 V : R1=3","tasks":[]} | Nothing is asked yet.
            {"stem":"R1 is {R1}.","notation":"9 V : R1=3 + R2=1","tasks":[{"kind":"joint","parts":["R1","R2"]}]} | The stem would tell the resistance of R1, which is not given.
            {"stem":"R1, R2 and R3 are connected in series.","notation":"9 V : R1=3 + R2=1 + (R3=2 ∥ R4=2)","tasks":[{"kind":"joint","parts":["R1","R2"]}]} | The stem says that R2 and R3 are in series, which they are not.
            {"stem":"Coil and R4 are in series.","names":{"R3":"Coil"},"notation":"9 V : R1=3 + (R3=2 ∥ R4=2)","tasks":[{"kind":"joint","parts":["R1","R3"]}]} | The stem says that Coil and R4 are in series, which they are not.
            {"stem":"{R7} burns.","notation":"9 V : R1=3 + R2=1","tasks":[{"kind":"joint","parts":["R1","R2"]}]} | “{R7}” in the stem is nothing of this circuit.
            {"notation":"9 V : R1=3","tasks":[{"kind":"calculate","cells":[{"subject":"R1","quantity":"current"}]}]} | Not enough is given to find the current through R1.
            {"notation":"9 V : R1=3 + S1=open","tasks":[{"kind":"chart","cells":[{"subject":"total","quantity":"resistance"}]}]} | The total resistance has no value in this state.
            {"notation":"9 V : R1=3","tasks":[{"kind":"change","cells":[{"subject":"R1","quantity":"current"}]}]} | Nothing has changed yet: a change is asked for after an act.
            {"notation":"9 V : R1=3 + VR2=3","states":[{"act":{"act":"raised","part":"VR2"}}],"tasks":[{"kind":"write-down","state":1,"cells":[{"subject":"R1","quantity":"current"}]}]} | It is not said how far it was raised or lowered, so that there is no number to ask for.
            {"notation":"9 V : R1=6 + VR2=3","states":[{"act":{"act":"raised","part":"VR2"}}],"tasks":[{"kind":"change","state":1,"cells":[{"subject":"VR2","quantity":"power"}]}]} | The power of VR2 goes one way at 6.00 Ω and the other way at 15.0 Ω: say how far.
            """)
    void whatCannotBeAskedIsRefusedWithItsReason(String body, String sentence) {
        JsonNode checked = trial.check(body, "ridge");
        assertEquals(sentence, checked.get("flaws").get(0).get("sentence").asString());
        assertEquals(0, checked.get("model").size());
        Answer refused = trial.teacher().post("/api/marking/trial", "{\"question\":" + body + ",\"answers\":[]}");
        assertEquals(422, refused.status(), refused.body());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"notation":"9 V : R1=3","tasks":[{"kind":"guess"}]} | 400 | “guess” is no kind of task
            {"notation":"9 V : R1=3","tasks":[{"kind":"rank","quantity":"power"}]} | 400 | needs its things
            {"notation":"9 V : R1=3","tasks":[{"kind":"rank","quantity":"power","things":["R1","R1"]}]} | 400 | named twice
            {"notation":"9 V : R1=3","tasks":[{"kind":"joint","parts":["R1","R9"]}]} | 400 | has no “R9”
            {"notation":"9 V : R1=3","tasks":[{"kind":"joint","state":3,"parts":["R1","R1"]}]} | 400 | R1
            {"notation":"9 V : R1=3","tasks":[null]} | 400 | A task is missing
            {"notation":"9 V : R1=3","names":{"R1":null},"tasks":[]} | 400 | needs a name
            {"notation":"9 V : R1=3","names":{"R2":"X"},"tasks":[]} | 400 | part (R2) must be one of the circuit's
            {"notation":"9 V : R1=3","names":{"R1":"a b"},"tasks":[]} | 400 | must be a word
            {"notation":"9 V : R1=3"} | 400 | a list of tasks
            {"format":7,"notation":"9 V : R1=3","tasks":[]} | 400 | format 7
            {"notation":"9 V : R1=3","states":[{"act":{"act":"open","part":"R1"}}],"tasks":[]} | 400 | only a switch opens
            {"notation":"9 V : R1=3","states":[{"act":{"act":"set","part":"R1","value":"2 V"}}],"tasks":[]} | 422 | Expected a resistance
            {"notation":"9 V : R1=3 + S1=closed","states":[{"act":{"act":"out","part":"S1"}}],"tasks":[]} | 400 | is a switch
            {"notation":"9 V : R1=3 + A1","states":[{"act":{"act":"raised","part":"A1"}}],"tasks":[]} | 400 | no resistance
            {"notation":"9 V : R1=3","states":[{"act":{"act":"melt","part":"R1"}}],"tasks":[]} | 400 | not “melt”
            {"notation":"9 V : R1=3","tasks":[{"kind":"compare","otherState":7,"cells":[{"subject":"R1","quantity":"current"},{"subject":"R1","quantity":"current"}]}]} | 400 | must be 0 to 0
            {"notation":"9 V : R1=3 + R2=3","tasks":[{"kind":"rank","things":["R1","R2"]}]} | 400 | needs its quantity
            {"notation":"9 V : R1=3 + R2=3","tasks":[{"id":"a","kind":"goes-out","parts":["R1","R2"]},{"id":"a-1","kind":"goes-out","parts":["R1"]}]} | 400 | is there twice
            {"notation":"9 V : R1=3 + R2=3","tasks":[{"kind":"combinations","parts":["R1"]}]} | 400 | 2 to 5 parts
            {"notation":"9 V : R1=3","states":[{"act":{"act":"short","part":"R1"}}],"tasks":[]} | 422 | the source is shorted
            {"notation":"9 V : R1=3","states":[null],"tasks":[]} | 400 | each state
            null | 400 | A question is needed
            """)
    void badQuestionsGetASentence(String body, int status, String sentence) {
        Answer answer = trial.teacher().post("/api/questions/check", "{\"body\":" + body + "}");
        assertEquals(status, answer.status(), answer.body());
        assertTrue(answer.json().get("detail").asString().contains(sentence), answer.body());
    }

    @Test
    void onlyTeachersTryQuestions() {
        Person learner = school.signedIn("learner1");
        assertEquals(403, learner.post("/api/questions/check", "{}").status());
        assertEquals(403, learner.post("/api/marking/trial", "{}").status());
    }

    @Test
    void aSwitchIsNoPartThatCouldBeTakenOut() {
        String body =
                "{\"notation\":\"9 V : L1=3 + S1=closed\",\"tasks\":[{\"kind\":\"goes-out\",\"parts\":[\"S1\"]}]}";
        assertEquals(
                "S1 is a switch: open it by a state.",
                trial.check(body, "ridge").get("flaws").get(0).get("sentence").asString());
    }

    /** The widest question that is taken is answered, and a wider one is refused before anything is worked out. */
    @Test
    void theLargestQuestionIsAnsweredAndALargerOneIsRefused() {
        String parts =
                IntStream.rangeClosed(1, 200).mapToObj(k -> "R" + k + "=" + k).collect(Collectors.joining(" || "));
        String cells = IntStream.rangeClosed(1, 200)
                .mapToObj(k -> "{\"subject\":\"R" + k + "\",\"quantity\":\"current\"}")
                .collect(Collectors.joining(","));
        String given = IntStream.rangeClosed(1, 200)
                .mapToObj(k -> "{\"subject\":\"R" + k + "\",\"quantity\":\"resistance\"}")
                .collect(Collectors.joining(","));
        String emf = "{\"subject\":\"total\",\"quantity\":\"voltage\"}";
        String raised = "{\"act\":{\"act\":\"raised\",\"part\":\"R1\"}}";
        String question =
                "{\"notation\":\"9 V : " + parts + "\",\"given\":[" + given + "," + emf + "],\"states\":[" + raised
                        + "],\"tasks\":[{\"kind\":\"chart\",\"cells\":[" + cells
                        + "]},{\"kind\":\"change\",\"state\":1,\"cells\":["
                        + cells + "]}]}";
        JsonNode checked = trial.check(question, "ridge");
        assertEquals(0, checked.get("flaws").size(), checked.get("flaws").toString());
        assertEquals(400, QuestionTrial.points(trial.marked(question, QuestionTrial.model(checked))));
        String wider = question.replace(raised, raised + "," + raised);
        Answer refused = trial.teacher().post("/api/questions/check", "{\"body\":" + wider + "}");
        assertEquals(400, refused.status());
        assertTrue(refused.body().contains("at most 400 parts"), refused.body());
    }
}
