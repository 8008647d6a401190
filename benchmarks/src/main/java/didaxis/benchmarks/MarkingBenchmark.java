package didaxis.benchmarks;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.marking.LearnerWork;
import didaxis.core.marking.LearnerWork.Habit;
import didaxis.core.marking.Marker;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
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

    /** One sheet of many answers of a circuit of two hundred parts. */
    @State(Scope.Benchmark)
    public static class Hostile {
        @Param({" || ", " + "})
        String joined;

        @Param({"every box 1", "V and P vouching", "any numbers"})
        String answers;

        private LearnerWork work;
        private final Map<Cell, String> sheet = new LinkedHashMap<>();

        @Setup
        public void write() {
            Random random = new Random(1);
            work = LearnerWork.of(Notation.circuit("24 V : "
                            + IntStream.rangeClosed(1, 200)
                                    .mapToObj(i -> "R" + i + "=" + (5 + i % 17))
                                    .collect(Collectors.joining(joined))))
                    .orElseThrow();
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
    public int anySheet(Hostile hostile) {
        return hostile.work.marker().mark(hostile.sheet).size();
    }
}
