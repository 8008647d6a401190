package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import didaxis.server.School.Person;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
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

    private Person teacher;

    private Person teacher() {
        if (teacher == null) teacher = school.signedIn("teacher");
        return teacher;
    }

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

    private JsonNode check(String body, String style) {
        Answer answer = teacher().post("/api/questions/check", "{\"style\":\"" + style + "\",\"body\":" + body + "}");
        assertEquals(200, answer.status(), answer.body());
        return answer.json();
    }

    private List<JsonNode> marked(String body, Map<String, String> answers) {
        String typed = answers.entrySet().stream()
                .map(one ->
                        "{\"box\":\"" + one.getKey() + "\",\"answer\":" + JSON.writeValueAsString(one.getValue()) + "}")
                .collect(Collectors.joining(","));
        Answer answer = teacher().post("/api/marking/trial", "{\"question\":" + body + ",\"answers\":[" + typed + "]}");
        assertEquals(200, answer.status(), answer.body());
        return answer.json().get("findings").valueStream().toList();
    }

    private static int points(List<JsonNode> findings) {
        return findings.stream().mapToInt(one -> one.get("points").asInt()).sum();
    }

    private static Map<String, String> model(JsonNode checked) {
        Map<String, String> answers = new LinkedHashMap<>();
        for (JsonNode one : checked.get("model"))
            answers.put(one.get("box").asString(), one.get("answer").asString());
        return answers;
    }

    @ParameterizedTest
    @MethodSource("examples")
    void theModelAnswerOfEveryExampleEarnsEverythingAndNothingEarnsNothing(String body) {
        JsonNode checked = check(body, "ridge");
        assertEquals(0, checked.get("flaws").size(), checked.toString());
        Map<String, String> model = model(checked);
        assertEquals(checked.get("boxes").size(), model.size());
        List<JsonNode> right = marked(body, model);
        assertEquals(checked.get("total").asInt(), points(right), right.toString());
        assertTrue(right.stream().allMatch(one -> one.get("finding").asString().equals("right")), right.toString());
        List<JsonNode> blank = marked(body, Map.of());
        assertEquals(0, points(blank));
        assertTrue(blank.stream().allMatch(one -> one.get("finding").asString().equals("blank")), blank.toString());
        // Each box alone answered with nonsense loses its own marks and no others.
        for (JsonNode box : checked.get("boxes")) {
            Map<String, String> spoilt = new LinkedHashMap<>(model);
            spoilt.put(box.get("id").asString(), "purple");
            int lost = checked.get("total").asInt() - points(marked(body, spoilt));
            assertEquals(box.get("marks").asInt(), lost, box.toString());
        }
    }

    @Test
    void anErrorInTheFirstStateThatIsCarriedIntoTheSecondCostsItsOwnPointsAndSaysWhereItCameFrom() throws Exception {
        String body = examples().findFirst().orElseThrow();
        Map<String, String> answers = model(check(body, "ridge"));
        // 1.5 A through 0.5 Ω, R1 and two of 7 Ω side by side: of 15 V for the emf 6 Ω are left for R1.
        answers.put("1.1", "15 V");
        answers.put("1.3", "6 ohm");
        answers.put("1.4-1", "9 V");
        List<JsonNode> findings = marked(body, answers);
        Map<String, JsonNode> byBox =
                findings.stream().collect(Collectors.toMap(one -> one.get("box").asString(), one -> one));
        assertEquals("wrong", byBox.get("1.1").get("finding").asString(), findings.toString());
        assertEquals(
                "follow-through",
                byBox.get("1.3").get("finding").asString(),
                byBox.get("1.3").toString());
        assertEquals(
                "follow-through",
                byBox.get("1.4-1").get("finding").asString(),
                byBox.get("1.4-1").toString());
        assertEquals("total", byBox.get("1.3").get("from").get(0).get("subject").asString());
        assertEquals(check(body, "ridge").get("total").asInt() - 1, points(findings));
    }

    /** Where a circuit is to be drawn from words, its sheet has neither the drawing nor its list, in any state. */
    @Test
    void aDrawingThatIsHiddenIsOnNoSheet() {
        String body = """
                {"notation":"9 V : R1=3 + (R2=4 || S1=open)","drawing":"hidden","tasks":[{"kind":"draw"}],
                 "states":[{"act":{"act":"close","part":"S1"}}]}""";
        JsonNode sheet = teacher()
                .post("/api/questions/sheet", "{\"body\":" + body + "}")
                .json()
                .get("question");
        assertEquals(2, sheet.get("states").size());
        for (JsonNode state : sheet.get("states")) {
            assertTrue(!state.hasNonNull("scene"), state::toString);
            assertEquals(0, state.get("wordList").size());
        }
        JsonNode prompt = sheet.get("tasks").get(0).get("prompt");
        assertEquals("Draw this circuit: R1 in series with R2 and S1 (open) in parallel.", prompt.asString());
        String shown = body.replace("\"drawing\":\"hidden\",", "");
        assertTrue(teacher()
                .post("/api/questions/sheet", "{\"body\":" + shown + "}")
                .body()
                .contains("\"lines\""));
    }

    /** The current is 12/7 A; a learner has to work with what is on the sheet, and so does the marking. */
    @Test
    void aComputedValueThatIsGivenIsToldShortInStemAndSheet() {
        JsonNode sheet = teacher().post("/api/questions/sheet", """
                        {"body":{"notation":"12 V : A1 + R1=3 + R2=4","stem":"A1 reads {A1}.",
                         "given":[{"subject":"A1","quantity":"current"},{"subject":"R1","quantity":"resistance"}],
                         "tasks":[{"kind":"calculate","cells":[{"subject":"R1","quantity":"voltage"}]}]}}""").json().get("question");
        assertEquals("A1 reads 1.714\u2009A.", sheet.get("stem").asString());
        assertTrue(sheet.get("states").get(0).get("given").toString().contains("\"1.714\u2009A\""), sheet::toString);
    }

    /** Rows and columns in the style's order, as far as something is asked or told; a point stands among the voltages. */
    @Test
    void aChartToBeFilledHasWhatIsToldInIt() {
        String body = """
                {"notation":"12 V : R1=3 + .B + (R2=6 || R3=6)","given":[{"subject":"R1","quantity":"resistance"},
                 {"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},
                 {"subject":"total","quantity":"voltage"}],
                 "tasks":[{"kind":"chart","cells":[{"subject":"B","quantity":"potential"},{"subject":"R1","quantity":"current"},
                 {"subject":"R23","quantity":"resistance"}]},{"kind":"calculate","cells":[{"subject":"R1","quantity":"power"}]}]}""";
        JsonNode tasks = teacher()
                .post("/api/questions/sheet", "{\"style\":\"forge\",\"body\":" + body + "}")
                .json()
                .get("question")
                .get("tasks");
        assertTrue(tasks.get(1).get("chart").isNull());
        List<String> columns = new ArrayList<>();
        tasks.get(0)
                .get("chart")
                .get("columns")
                .forEach(one -> columns.add(one.get("symbol").asString()));
        assertEquals(List.of("E", "I", "R"), columns);
        List<String> rows = new ArrayList<>();
        for (JsonNode row : tasks.get(0).get("chart").get("rows")) {
            StringBuilder line = new StringBuilder(row.get("id").asString());
            row.get("slots")
                    .forEach(slot -> line.append(" | ")
                            .append(slot.get("told").asString())
                            .append(slot.get("box").asString()));
            rows.add(line.toString().replace('\u2009', ' '));
        }
        assertEquals(
                List.of(
                        "R1 |  | 1/1.1-2 | 3 Ω",
                        "R2 |  |  | 6 Ω",
                        "R3 |  |  | 6 Ω",
                        "R23 |  |  | 1/1.1-3",
                        "total | 12 V |  | ",
                        ".B | 1/1.1-1 |  | "),
                rows);
    }

    /** What the drawing shows goes with the question: laid out on a line, without junction names, with arrows and signs. */
    @Test
    void theLearnersDrawingIsAsTheQuestionHasIt() {
        String body = """
                {"notation":"9 V : R1=3 + (R2=4 || R3=4)","plan":{"arrangement":"line","arrows":true,"junctionNames":false},
                 "tasks":[{"kind":"nesting"}]}""";
        JsonNode plain = scene(body.replaceFirst("\"plan\".*,\\s", ""));
        JsonNode own = scene(body);
        assertEquals(List.of(true, false), List.of(has(plain, "name"), has(plain, "arrow")));
        assertEquals(List.of(false, true), List.of(has(own, "name"), has(own, "arrow")));
        assertTrue(own.get("height").asDouble() < plain.get("height").asDouble());
        Answer refused = teacher().post("/api/questions/check", "{\"body\":" + body.replace("line", "knot") + "}");
        assertEquals(400, refused.status());
        assertTrue(refused.body().contains("A drawing is a loop, a line or disguised"), refused::body);
    }

    /** What a learner connects is drawn back with the values that are told, and no others; what cannot be read is not drawn. */
    @Test
    void whatWasConnectedIsDrawnWithoutWhatIsWithheld() {
        String body = """
                {"notation":"9.1 V : R1=3.31 + R2=4.77","given":[{"subject":"R1","quantity":"resistance"}],
                 "tasks":[{"kind":"draw"}]}""";
        String drawn = connected(body, "r2 + R1").get("scene").toString();
        assertTrue(drawn.contains("3.31") && drawn.contains("\"R2\""), drawn);
        assertTrue(!drawn.contains("4.77") && !drawn.contains("9.1\u2009V"), drawn);
        assertTrue(connected(body, "R1 + R9").get("scene").isNull());
    }

    private JsonNode connected(String body, String text) {
        return teacher()
                .post(
                        "/api/questions/sheet",
                        "{\"answers\":[{\"box\":\"1/1.1\",\"text\":\"" + text + "\"}],\"body\":" + body + "}")
                .json()
                .get("question")
                .get("tasks")
                .get(0)
                .get("boxes")
                .get(0)
                .get("reading");
    }

    private JsonNode scene(String body) {
        Answer answer = teacher().post("/api/questions/sheet", "{\"body\":" + body + "}");
        return answer.json().get("question").get("states").get(0).get("scene");
    }

    private static boolean has(JsonNode scene, String role) {
        return Stream.of("lines", "texts")
                .flatMap(kind -> scene.get(kind).valueStream())
                .anyMatch(item -> item.get("role").asString().equals(role));
    }

    @Test
    void aBodyIsKeptInOneFormWhateverNamesItWasWrittenIn() {
        JsonNode task = check("""
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
        for (String body : examples().toList()) {
            ObjectNode example = (ObjectNode) JSON.readTree(body);
            int states = example.path("states").size() + 1;
            ArrayNode tasks = (ArrayNode) example.get("tasks");
            for (int state = 0; state < states; state++) {
                String asked = "{\"body\":" + example + ",\"state\":" + state + "}";
                JsonNode offers = teacher().post("/api/questions/offers", asked).json();
                assertTrue(offers.get("usual").size() + offers.get("offers").size() > 0, offers::toString);
                for (JsonNode offer : offers.get("offers")) {
                    assertTrue(offer.get("prompt").asString().length() > 10, offer::toString);
                    if (tasks.size() < 60) tasks.add(offer.get("task"));
                }
            }
            JsonNode checked = check(example.toString(), "ridge");
            assertEquals("[]", checked.get("flaws").toString(), example::toString);
        }
    }

    @Test
    void promptsSpeakTheWordsOfTheStyleAndSayWhatWasDone() throws Exception {
        String body = examples().findFirst().orElseThrow();
        JsonNode prompts = check(body, "valley").get("prompts");
        assertEquals("Write down the emf.", prompts.get(0).get("text").asString());
        assertEquals(
                "Calculate the total potential difference.",
                check(CALCULATED, "valley").get("prompts").get(0).get("text").asString());
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
        JsonNode checked = check(body, "ridge");
        assertEquals(sentence, checked.get("flaws").get(0).get("sentence").asString());
        assertEquals(0, checked.get("model").size());
        Answer trial = teacher().post("/api/marking/trial", "{\"question\":" + body + ",\"answers\":[]}");
        assertEquals(422, trial.status(), trial.body());
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
        Answer answer = teacher().post("/api/questions/check", "{\"body\":" + body + "}");
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
                check(body, "ridge").get("flaws").get(0).get("sentence").asString());
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
        JsonNode checked = check(question, "ridge");
        assertEquals(0, checked.get("flaws").size(), checked.get("flaws").toString());
        assertEquals(400, points(marked(question, model(checked))));
        String wider = question.replace(raised, raised + "," + raised);
        Answer refused = teacher().post("/api/questions/check", "{\"body\":" + wider + "}");
        assertEquals(400, refused.status());
        assertTrue(refused.body().contains("at most 400 parts"), refused.body());
    }

    /** The memo of every example: the ticks of each line together are the marks, and nothing that is asked is without one. */
    @ParameterizedTest
    @MethodSource("examples")
    void theMemoTicksWhatEachBoxEarns(String body) throws Exception {
        for (String style : List.of("ridge", "valley")) {
            JsonNode checked = check(body, style);
            JsonNode memo = teacher()
                    .post("/api/questions/memo", "{\"style\":\"" + style + "\",\"body\":" + body + "}")
                    .json();
            assertEquals(checked.get("total"), memo.get("total"));
            int boxes = 0;
            for (int k = 0; k < memo.get("tasks").size(); k++) {
                JsonNode task = memo.get("tasks").get(k);
                assertEquals(checked.get("prompts").get(k).get("number"), task.get("number"));
                for (JsonNode entry : task.get("entries")) {
                    boxes++;
                    int ticks = 0;
                    for (JsonNode line : entry.get("lines")) {
                        assertTrue(!line.get("text").asString().isBlank(), entry::toString);
                        ticks += line.get("points").size();
                    }
                    assertEquals(entry.get("marks").asInt(), ticks, entry::toString);
                }
            }
            assertEquals(checked.get("boxes").size(), boxes);
        }
    }

    @Test
    void aMemoHasWhatIsAcceptedAndOtherRoutesAndNoneIsMadeOfAQuestionWithFlaws() {
        String power = """
                {"notation":"16 V : R1=5 + (R2=12 || R3=4)","given":[{"subject":"R1","quantity":"resistance"},
                 {"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},
                 {"subject":"total","quantity":"voltage"}],
                 "tasks":[{"kind":"calculate","cells":[{"subject":"R23","quantity":"resistance"}]},
                          {"kind":"calculate","cells":[{"subject":"R2","quantity":"power"}]}]}""";
        JsonNode tasks = teacher()
                .post("/api/questions/memo", "{\"body\":" + power + "}")
                .json()
                .get("tasks");
        JsonNode group = tasks.get(0).get("entries").get(0);
        assertEquals("2.97\u2009Ω to 3.03\u2009Ω", group.get("accepted").asString());
        assertEquals(
                "R₂₃ = R₂ × R₃/(R₂ + R₃) = 12.0 × 4.00/(12.0 + 4.00) = 3.00\u2009Ω",
                group.get("routes").get(0).get(0).get("text").asString());
        String routes = tasks.get(1).get("entries").get(0).get("routes").toString();
        for (String way : List.of("V₂²/R₂", "I₂² × R₂", "E − V₁")) assertTrue(routes.contains(way), way);
        String flawed = power.replace("\"R3\",\"quantity\":\"resistance\"", "\"R3\",\"quantity\":\"power\"");
        assertEquals(
                422,
                teacher()
                        .post(
                                "/api/questions/memo",
                                "{\"body\":"
                                        + flawed.replace(
                                                "{\"subject\":\"total\",\"quantity\":\"voltage\"}",
                                                "{\"subject\":\"R3\",\"quantity\":\"power\"}")
                                        + "}")
                        .status());
    }
}
