package didaxis.core.marking;

import didaxis.core.chart.Running;
import didaxis.core.circuit.Subject;
import didaxis.core.question.Question;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A working as somebody typed it, with the points a careful hand gives for it.
 *
 * @param row of the table as it stands
 */
public record WorkingByHand(String row, Question question, String box, int points, String text) {
    private static final double TEN_MINUTES_S = 600;
    private static final double FIVE_MINUTES_S = 300;

    private static final Map<String, Question> QUESTIONS = new HashMap<>(Map.of(
            "ladder",
            LinePointsTest.question(
                    "24 V : R1=4.5 + (R2=30 || (R3=6 + (R4=20 || R5=5)))",
                    Running.NONE,
                    "R45 R 3",
                    "R345 R 2",
                    "total R 4",
                    "total I 3",
                    "R1 V 3",
                    "R3 I 3",
                    "R4 V 3",
                    "R5 I 3",
                    "R5 P 3",
                    "total P 3"),
            "radio",
            LinePointsTest.question(
                    "12 V : R1=1k + (R2=3k || R3=6k)",
                    Running.NONE,
                    "R23 R 3",
                    "total I 3",
                    "R2 V 3",
                    "R2 I 3",
                    "R1 P 3"),
            "bank",
            LinePointsTest.question(
                    "9 V r=1 : (R1=6 || R2=12) + R3=4",
                    Running.NONE,
                    "external R 4",
                    "total I 3",
                    "external V 3",
                    "internal V 2",
                    "R1 I 3",
                    "R3 P 3"),
            "heat",
            LinePointsTest.question(
                    "24 V : H1=12 || H2=6",
                    new Running(
                            Map.of(
                                    Subject.part("H1"),
                                    TEN_MINUTES_S,
                                    Subject.part("H2"),
                                    TEN_MINUTES_S,
                                    Subject.TOTAL,
                                    TEN_MINUTES_S),
                            Double.NaN),
                    "total I 3",
                    "H1 P 2",
                    "H1 W 3",
                    "total Q 3"),
            "row",
            LinePointsTest.question(
                    "6 V : L1=3 + L2=5 + L3=4", Running.NONE, "total R 3", "total I 3", "L2 V 3", "L3 P 3"),
            "fan",
            LinePointsTest.question(
                    "15 V : R1=10 || R2=15 || R3=30", Running.NONE, "total R 3", "R1 I 2", "total I 4", "R2 P 2"),
            "pair",
            LinePointsTest.question(
                    "16 V : (R1=8 || R2=24) + (R3=3 || R4=6)",
                    Running.NONE,
                    "R12 R 3",
                    "total R 4",
                    "total I 3",
                    "R34 V 3",
                    "R1 I 3",
                    "R4 I 4")));

    static {
        QUESTIONS.put(
                "mix",
                LinePointsTest.question(
                        "18 V r=0.5 : R1=2.5 + (R2=10 || R3=15)",
                        Running.NONE,
                        "R23 R 3",
                        "external R 2",
                        "total I 3",
                        "external V 2",
                        "internal V 2",
                        "R1 V 3",
                        "R2 I 3",
                        "R3 I 2",
                        "R3 P 3"));
        QUESTIONS.put(
                "four",
                LinePointsTest.question(
                        "10 V : R1=2 + (R2=3 || R3=6) + R4=1",
                        Running.NONE,
                        "R23 R 3",
                        "total R 4",
                        "total I 3",
                        "R4 V 2",
                        "R23 V 3",
                        "R3 I 3",
                        "R2 P 3"));
        QUESTIONS.put(
                "kilo",
                LinePointsTest.question(
                        "5 V : R1=2.2k + R2=3.3k", Running.NONE, "total R 2", "total I 3", "R2 V 3", "R1 P 3"));
        QUESTIONS.put(
                "lamp",
                LinePointsTest.question(
                        "6 V : L1=4 || L2=12",
                        Running.NONE,
                        "total R 3",
                        "L1 I 2",
                        "total I 3",
                        "L1 P 3",
                        "total P 3"));
        QUESTIONS.put(
                "heat1",
                LinePointsTest.question(
                        "12 V : H1=8",
                        new Running(Map.of(Subject.part("H1"), FIVE_MINUTES_S), Double.NaN),
                        "H1 I 3",
                        "H1 P 3",
                        "H1 W 4",
                        "H1 Q 3"));
        QUESTIONS.put(
                "back",
                LinePointsTest.given(
                        List.of("total V", "total I", "R2 R"), "12 V : R1=8 + R2=16", "R2 V 3", "R1 V 2", "R1 R 3"));
        QUESTIONS.put(
                "par",
                LinePointsTest.given(
                        List.of("total V", "total I", "R1 R"),
                        "12 V : R1=6 || R2=12",
                        "R1 I 3",
                        "R2 I 2",
                        "R2 R 3",
                        "total R 3"));
    }

    /** All of the table. */
    public static List<WorkingByHand> all() throws IOException {
        return rows("by-hand.tsv").stream().map(WorkingByHand::of).toList();
    }

    private static WorkingByHand of(String row) {
        String[] fields = row.split("\t");
        return new WorkingByHand(
                row,
                QUESTIONS.get(fields[0]),
                "1." + fields[1],
                Integer.parseInt(fields[2]),
                fields[3].replace('|', '\n'));
    }

    static List<String> rows(String file) throws IOException {
        try (InputStream table = WorkingByHand.class.getResourceAsStream("/lines/" + file)) {
            return new String(table.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(row -> !row.isBlank() && !row.startsWith("#"))
                    .toList();
        }
    }
}
