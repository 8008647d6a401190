package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.chart.Chart;
import didaxis.core.chart.Running;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Deduction;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Calculations in lines as people write them, with the points a careful hand gives; these were written down before the
 * marker had seen a line. For each point its letter where it is earned: s for a step, F, S, A; a dash where it is not;
 * u for a unit's point that is lost, ? for the teacher.
 */
class LinePointsTest {
    private static final Map<String, Question> QUESTIONS = Map.of(
            "hut",
                    question(
                            "18 V : R1=6 + (R2=12 || R3=4)",
                            Running.NONE,
                            "R23 R 3",
                            "total R 3",
                            "total I 3",
                            "R1 V 3",
                            "R2 I 3",
                            "R1 P 3",
                            "R3 P 2"),
            "far", question("18 V : R1=6 + (R2=12 || R3=4)", Running.NONE, "R2 I 6"),
            "cell",
                    question(
                            "12 V r=0.5 : R1=4 + (R2=3 || R3=3)",
                            Running.NONE,
                            "external R 4",
                            "total I 3",
                            "external V 3",
                            "internal V 2",
                            "R1 P 3"),
            "bench",
                    question(
                            "9 V : R1=4.7k + R2=2.2k + R3=3.3k",
                            Running.NONE,
                            "total R 3",
                            "total I 3",
                            "R2 V 3",
                            "R3 P 3"),
            "dryer",
                    question(
                            "24 V : R1=8",
                            new Running(Map.of(Subject.part("R1"), 300.0), Double.NaN),
                            "R1 I 3",
                            "R1 Q 3",
                            "R1 W 3"));

    static Question question(String notation, Running running, String... asked) {
        Chart chart = chart(notation).with(running);
        Set<Cell> given = new HashSet<>(Deduction.fromResistancesAndEmf(chart).keySet());
        running.seconds().keySet().forEach(thing -> given.add(Cell.of(thing, Quantity.TIME)));
        return question(chart, given, asked);
    }

    /** Where other things are given than resistances and the emf: "total V". */
    static Question given(List<String> given, String notation, String... asked) {
        Chart chart = chart(notation);
        return question(chart, given.stream().map(one -> cell(chart, one)).collect(Collectors.toSet()), asked);
    }

    private static Chart chart(String notation) {
        return Chart.of(OperatingPoint.of(Notation.circuit(notation)).match(point -> point, shorted -> {
            throw new IllegalArgumentException(notation);
        }));
    }

    private static Cell cell(Chart chart, String named) {
        String[] words = named.split(" ");
        Quantity quantity = Stream.of(Quantity.values())
                .filter(some -> some.symbol().equals(words[1]))
                .findFirst()
                .orElseThrow();
        return Cell.of(chart.subjects().named(words[0]).orElseThrow(), quantity);
    }

    private static Question question(Chart chart, Set<Cell> given, String... asked) {
        List<didaxis.core.question.Task> tasks = new ArrayList<>();
        for (String one : asked)
            tasks.add(new Amounts(
                    "1." + (tasks.size() + 1),
                    0,
                    Amounts.Command.CALCULATE,
                    Map.of(cell(chart, one), Integer.parseInt(one.split(" ")[2]))));
        return new Question("", List.of(State.asDrawn(chart, given)), tasks);
    }

    static Stream<String> rows() throws IOException {
        try (InputStream table = LinePointsTest.class.getResourceAsStream("/lines/points.tsv")) {
            return new String(table.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(row -> !row.isBlank() && !row.startsWith("#")).toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("rows")
    void earnsWhatACarefulHandGives(String row) {
        String[] fields = row.split("\t");
        Map<String, String> answers = new HashMap<>();
        for (String before : fields[2].equals("-") ? new String[0] : fields[2].split("; "))
            answers.put(before.split(": ")[0], before.split(": ")[1]);
        answers.put(fields[1], String.join("\n", fields[3].split("\\|")));
        char sign = fields[0].endsWith(",") ? ',' : '.';
        MarkingStyle style = MarkingStyle.STANDARD.with(new AmountFormat(sign, Precision.figures(3)));
        Question question = QUESTIONS.get(fields[0].replace(",", ""));
        BoxFinding found = QuestionMarker.of(question, style).mark(answers).stream()
                .filter(one -> one.box().id().equals(fields[1]))
                .findFirst()
                .orElseThrow();
        assertEquals(fields[4], points(found), () -> row + " " + found);
    }

    /** An amount on one line has all its points or none. */
    static String points(BoxFinding finding) {
        return finding.match(
                amount -> amount.finding().earns() ? "all" : "none",
                lines -> {
                    StringBuilder points = new StringBuilder();
                    for (Credit credit : lines.credits())
                        points.append(
                                !credit.earned()
                                        ? "-"
                                        : credit.point().name().equals("STEP")
                                                ? "s"
                                                : credit.point().name().substring(0, 1));
                    return points + (lines.unitLost() ? "u" : "") + (lines.open() ? "?" : "");
                },
                words -> "words");
    }
}
