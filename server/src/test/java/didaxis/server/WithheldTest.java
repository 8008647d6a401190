package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.server.School.Answer;
import didaxis.server.circuit.Circuits;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** No learner gets a withheld value, order or set before it is handed back. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WithheldTest {
    @RegisterExtension
    final School school = School.DEMO;

    /** Values like no other number on the page, one resistance withheld. */
    private static final String NOTATION = "23.7 V r=0.631 : R1=5.47 + (R2=12.9 || (R3=4.19 + R4=7.83)) + .B + A1";

    private static final String QUESTION = """
            {"title":"Hidden", "notation":"%s",
             "given":[{"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},
                      {"subject":"R3","quantity":"resistance"},{"subject":"R4","quantity":"voltage"},
                      {"subject":"R4","quantity":"current"}],
             "tasks":[{"kind":"chart","cells":[{"subject":"R4","quantity":"resistance","marks":2},
                      {"subject":"R3","quantity":"voltage","marks":1},
                      {"subject":"R2","quantity":"power","marks":1}]}]}
            """.formatted(NOTATION);

    @Test
    void noAnswerToALearnerHoldsAWithheldValueBeforeRelease() {
        Person teacher = school.signedIn("teacher");
        Person learner = school.signedIn("learner8");
        long id = School.handedOut(teacher, QUESTION);
        String answers = "[{\"box\":\"1/1.1-2\",\"text\":\"1 V\"}]";
        List<Answer> before = List.of(
                learner.get("/api/session"),
                learner.get("/api/my/work"),
                learner.get("/api/my/work/" + id),
                learner.get("/api/my/work/" + id + "?width=358&height=220"),
                learner.put("/api/my/work/" + id + "/draft", "{\"revision\":0,\"answers\":" + answers + "}"),
                learner.put("/api/my/work/" + id + "/draft", "{\"revision\":0,\"answers\":" + answers + "}"),
                learner.get("/api/my/work/" + id + "/feedback"),
                learner.post("/api/my/work/" + id + "/submission", "{\"answers\":" + answers + "}"),
                learner.get("/api/my/work/" + id));
        List<String> withheld = withheldNumbers();
        for (Answer answer : before) {
            for (String number : withheld) {
                assertFalse(
                        answer.body().matches("(?s).*(?<![0-9.])" + number.replace(".", "\\.") + "(?![0-9]).*"),
                        () -> number + " stands in " + answer);
            }
            assertFalse(answer.body().contains(NOTATION), answer::toString);
        }
        assertEquals(409, before.get(6).status());
        teacher.post("/api/assignments/" + id + "/release", "");
        Answer after = learner.get("/api/my/work/" + id + "/feedback");
        assertTrue(after.body().contains("7.83"), after::toString);
    }

    /** What a learner is told of a sheet, whatever it says, without times and without what was typed. */
    private static List<String> told(Person learner, long id, String text) {
        List<String> told = new ArrayList<>();
        String answers = "{\"answers\":[{\"box\":\"1/1.1-1\",\"text\":\"" + text + "\"}]}";
        told.add(learner.post("/api/my/work/" + id + "/submission", answers).body());
        told.addAll(of(learner, id));
        return told.stream().map(one -> one.replace(text, "…")).toList();
    }

    private static List<String> of(Person learner, long id) {
        List<String> told = new ArrayList<>();
        for (JsonNode one : learner.get("/api/my/work").json())
            if (one.get("id").asLong() == id) told.add(one.toString());
        for (String more : List.of("", "/feedback", "/model"))
            told.add(learner.get("/api/my/work/" + id + more).body());
        return told.stream()
                .map(one -> one.replaceAll("\"(sentAt|keptAt)\":\"[^\"]*\"", ""))
                .toList();
    }

    /** Of two learners one is right and one is wrong, was given points and had the memo put right: nothing tells them apart. */
    @Test
    void whatIsRightAndWhatIsWrongLookAlikeUntilTheyAreBack() {
        Person teacher = school.signedIn("teacher");
        long id = School.handedOut(teacher, QUESTION);
        Person right = school.signedIn("learner6");
        Person wrong = school.signedIn("learner7");
        List<String> ofRight = told(right, id, "7.83");
        List<String> ofWrong = told(wrong, id, "6.41");
        for (int k = 0; k < ofRight.size(); k++)
            assertEquals(
                    ofRight.get(k).replaceAll("\"sentAt\":\"[^\"]*\"", ""),
                    ofWrong.get(k).replaceAll("\"sentAt\":\"[^\"]*\"", ""));
        List<String> before = of(wrong, id);
        String own = "/api/assignments/" + id;
        JsonNode review = teacher.get(own + "/review?box=1/1.1-1").done().json();
        long learner =
                review.get("groups").get(0).get("learners").get(0).get("id").asLong();
        teacher.post(
                        own + "/overrides",
                        "{\"box\":\"1/1.1-1\",\"learners\":[" + learner
                                + "],\"points\":1,\"reason\":\"half\",\"revision\":0}")
                .done();
        teacher.post(
                        own + "/corrections",
                        "{\"correction\":{\"kind\":\"give-all\",\"boxes\":[\"1/1.1-2\"]},\"reason\":\"late\",\"revision\":0}")
                .done();
        assertEquals(before, of(wrong, id));
    }

    /** Every number of the chart that is not given, as it is computed and as it could be printed. */
    private static List<String> withheldNumbers() {
        Chart chart = Circuits.chart(Circuits.read(NOTATION));
        List<String> given = List.of("R1 resistance", "R2 resistance", "R3 resistance", "R4 voltage", "R4 current");
        List<String> givenNumbers = new ArrayList<>();
        List<String> numbers = new ArrayList<>();
        List<Cell> cells = new ArrayList<>();
        for (Subject row : chart.rows()) {
            Stream.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER)
                    .forEach(quantity -> cells.add(Cell.of(row, quantity)));
        }
        cells.add(Cell.of(Subject.point('B'), Quantity.POTENTIAL));
        for (Cell cell : cells) {
            double value = chart.value(cell).orElseThrow();
            if (value == 0) continue;
            boolean isGiven =
                    given.contains(cell.subject().id() + " " + cell.quantity().word());
            List<String> into = isGiven ? givenNumbers : numbers;
            into.add(String.valueOf(value));
            into.add(AmountFormat.STANDARD.number(value));
        }
        numbers.removeAll(givenNumbers);
        return numbers;
    }
}
