package didaxis.benchmarks;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.marking.Habit;
import didaxis.core.marking.LearnerWork;
import didaxis.core.marking.Marker;
import didaxis.core.marking.QuestionMarker;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.GoingOut;
import didaxis.core.question.Question;
import didaxis.core.question.Ranking;
import didaxis.core.question.Task;
import didaxis.core.question.Ways;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A class's sheets, and sheets made to take long, each marked by a marker of its own as a trial is. */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class MarkingBenchmark {
    private static final int MOST_ANSWERS = 400;

    /** Two hundred sheets of twenty cells of a circuit of twelve parts, values unwritten between, an error carried on in each. */
    @State(Scope.Benchmark)
    public static class Classroom {
        private final List<Map<Cell, String>> sheets = new ArrayList<>();
        private Marker marker;

        @Setup
        public void write() {
            Random random = new Random(12);
            LearnerWork work =
                    LearnerWork.of(RandomCircuits.random(12, 12, true)).orElseThrow();
            marker = work.marker();
            for (int sheet = 0; sheet < 200; sheet++) {
                Map<Cell, Double> spoiled = Map.of(work.some(1, random).get(0), 1.5);
                Map<Cell, String> all = work.worked(Precision.figures(3), spoiled, Habit.OWN_STEPS, random);
                List<Cell> cells = new ArrayList<>(all.keySet());
                Collections.shuffle(cells, random);
                Set<Cell> asked = new HashSet<>(cells.subList(0, 20));
                sheets.add(LearnerWork.asked(all, 0, asked, random));
            }
        }
    }

    /** Two hundred sheets of a question with three states and twelve tasks, an error carried on in each. */
    @State(Scope.Benchmark)
    public static class InStates {
        private final List<Map<String, String>> sheets = new ArrayList<>();
        private QuestionMarker marker;

        @Setup
        public void write() {
            Random random = new Random(12);
            Question question = question();
            if (!question.flaws().isEmpty())
                throw new IllegalStateException(question.flaws().toString());
            marker = QuestionMarker.of(question, MarkingStyle.STANDARD);
            for (int sheet = 0; sheet < 200; sheet++) sheets.add(answers(question, random));
        }

        private static Question question() {
            Circuit circuit = Notation.circuit(
                    "24 V r=0.6 : V1[S1=open + A1 + L1=3 + ((L2=6 + L3=9) || (L4=12 + (R5=8 || R6=24))) + R7=2]");
            Chart chart = OperatingPoint.of(circuit).match(Chart::of, shorted -> {
                throw new IllegalStateException("the source must not be shorted");
            });
            Set<Cell> given = new HashSet<>(Set.of(Cell.voltage(Subject.voltmeter("V1"))));
            for (String part : List.of("L1", "L2", "L3", "L4", "R5", "R6", "R7"))
                given.add(Cell.resistance(Subject.part(part)));
            didaxis.core.question.State drawn = didaxis.core.question.State.asDrawn(chart, given);
            didaxis.core.question.State closed = drawn.after(
                            new Act.Turned("S1", Setting.Position.CLOSED),
                            Set.of(Cell.voltage(Subject.voltmeter("V1"))))
                    .orElseThrow();
            didaxis.core.question.State out = closed.after(new Act.Failed("L2", Setting.Fault.OUT), Set.of())
                    .orElseThrow();
            List<Task> tasks = new ArrayList<>();
            tasks.add(amounts("1", 0, Cell.voltage(Subject.TOTAL)));
            tasks.add(amounts("2", 1, Cell.resistance(Subject.EXTERNAL), Cell.current(Subject.TOTAL)));
            tasks.add(amounts("3", 1, Cell.resistance(Subject.INTERNAL)));
            for (int state = 1; state < 3; state++) {
                tasks.add(amounts("a" + state, state, each(Quantity.CURRENT)));
                tasks.add(amounts("b" + state, state, each(Quantity.VOLTAGE)));
                tasks.add(amounts("c" + state, state, each(Quantity.POWER)));
            }
            List<Subject> lamps =
                    Stream.of("L1", "L2", "L3", "L4").map(Subject::part).toList();
            tasks.add(new Ranking("4", 1, Quantity.POWER, lamps, 3));
            tasks.add(new GoingOut("5", 1, List.of("L1", "L3"), 1));
            tasks.add(new Ways("6", 2, List.of(Cell.voltage(Subject.voltmeter("V1")), Cell.power(lamps.get(3)))));
            return new Question("", List.of(drawn, closed, out), tasks);
        }

        private static Cell[] each(Quantity quantity) {
            return Stream.of("L1", "L4", "R5", "R7")
                    .map(part -> Cell.of(Subject.part(part), quantity))
                    .toArray(Cell[]::new);
        }

        private static Task amounts(String id, int state, Cell... cells) {
            Map<Cell, Integer> marks = new LinkedHashMap<>();
            for (Cell cell : cells) marks.put(cell, 1);
            return new Amounts(id, state, Amounts.Command.CHART, marks);
        }

        /** As one writes who makes one mistake and goes on from it in all that is alike. */
        private static Map<String, String> answers(Question question, Random random) {
            Map<String, String> answers = new LinkedHashMap<>();
            double times = 1 + random.nextDouble();
            for (Box box : question.boxes()) {
                if (box.form() instanceof Box.Form.Amount amount) {
                    double value = question.state(amount.state())
                            .chart()
                            .value(amount.cell())
                            .orElseThrow();
                    Amount own = Amount.of(value * times, amount.cell().quantity());
                    answers.put(box.id(), MarkingStyle.STANDARD.format().print(own));
                } else answers.put(box.id(), random.nextBoolean() ? "increases" : "L1 > L2 > L3 > L4");
            }
            return answers;
        }
    }

    /** One sheet of many answers of a circuit of two hundred parts. */
    @State(Scope.Benchmark)
    public static class Hostile {
        @Param({" || ", " + "})
        String joined;

        @Param({"every box 1", "V and P vouching", "any numbers"})
        String answers;

        private LearnerWork work;
        private final Map<Cell, String> sheet = new LinkedHashMap<>();
        private Question question;

        @Setup
        public void write() {
            Random random = new Random(1);
            work = LearnerWork.of(Notation.circuit("24 V : "
                            + IntStream.rangeClosed(1, 200)
                                    .mapToObj(i -> "R" + i + "=" + (5 + i % 17))
                                    .collect(Collectors.joining(joined))))
                    .orElseThrow();
            fill(random);
            List<Task> tasks = new ArrayList<>();
            for (Cell cell : sheet.keySet()) tasks.add(InStates.amounts("t" + tasks.size(), 0, cell));
            question = new Question(
                    "",
                    List.of(didaxis.core.question.State.asDrawn(work.relations().chart(), work.given())),
                    tasks);
        }

        private void fill(Random random) {
            for (Cell cell : work.cells()) {
                if (sheet.size() >= MOST_ANSWERS) return;
                if (answers.equals("every box 1")) sheet.put(cell, "1");
                else if (answers.equals("any numbers")) sheet.put(cell, String.valueOf(1 + random.nextInt(99)));
                else if (cell.subject().kind() == Subject.Kind.PART && cell.quantity() == Quantity.VOLTAGE)
                    vouch(cell, 2 + random.nextInt(50));
            }
        }

        private void vouch(Cell voltage, double volts) {
            double ohms = work.relations()
                    .chart()
                    .value(Cell.of(voltage.subject(), Quantity.RESISTANCE))
                    .orElseThrow();
            sheet.put(voltage, String.valueOf(volts));
            sheet.put(
                    Cell.of(voltage.subject(), Quantity.POWER),
                    Precision.figures(3).round(volts * volts / ohms).toPlainString());
        }
    }

    @Benchmark
    public int aClass(Classroom classroom) {
        int findings = 0;
        for (Map<Cell, String> sheet : classroom.sheets)
            findings += classroom.marker.mark(sheet).size();
        return findings;
    }

    @Benchmark
    public int aClassInStates(InStates inStates) {
        int findings = 0;
        for (Map<String, String> sheet : inStates.sheets)
            findings += inStates.marker.mark(sheet).size();
        return findings;
    }

    @Benchmark
    public int anySheet(Hostile hostile) {
        return hostile.work.marker().mark(hostile.sheet).size();
    }

    /** The same, each answer to a task of its own. */
    @Benchmark
    public int anySheetOfTasks(Hostile hostile) {
        Map<String, String> answers = new LinkedHashMap<>();
        for (Box box : hostile.question.boxes())
            answers.put(box.id(), hostile.sheet.get(((Box.Form.Amount) box.form()).cell()));
        return QuestionMarker.of(hostile.question, MarkingStyle.STANDARD)
                .mark(answers)
                .size();
    }
}
