package didaxis.benchmarks;

import didaxis.core.analysis.Chart;
import didaxis.core.analysis.OperatingPoint;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Notation;
import didaxis.core.marking.Marker;
import didaxis.core.marking.MarkingStyle;
import didaxis.core.quantity.Precision;
import didaxis.core.working.Deduction;
import didaxis.core.working.Evaluation;
import didaxis.core.working.Relations;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Two hundred sheets of twenty cells, an error in each, carried on to the end. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class MarkingBenchmark {
    private static final int SHEETS = 200;
    private static final int CELLS = 20;

    private final List<Map<Cell, String>> sheets = new ArrayList<>();
    private Marker marker;

    @Setup
    public void write() {
        Relations relations = OperatingPoint.of(Notation.circuit("16 V : R1=5 + (R2=12 || R3=4) + (R4=9 || R5=6)"))
                .match(point -> Relations.of(Chart.of(point)), shorted -> null);
        Map<Cell, Double> givens = Deduction.fromResistancesAndEmf(relations.chart());
        List<Step> steps =
                Deduction.of(relations, givens, relations.cells()).steps().subList(0, CELLS);
        marker = Marker.of(relations, givens.keySet(), MarkingStyle.STANDARD);
        for (int sheet = 0; sheet < SHEETS; sheet++) {
            Map<Cell, Double> known = new HashMap<>(givens);
            Map<Cell, String> written = new LinkedHashMap<>();
            for (int k = 0; k < CELLS; k++) {
                double value = steps.get(k).formula().with(new Evaluation(known::get));
                if (k == sheet % CELLS) value *= 1.5;
                String digits = Precision.figures(3).round(value).toPlainString();
                known.put(steps.get(k).cell(), Double.parseDouble(digits));
                written.put(steps.get(k).cell(), digits);
            }
            sheets.add(written);
        }
    }

    @Benchmark
    public int markAClass() {
        int findings = 0;
        for (Map<Cell, String> sheet : sheets) findings += marker.mark(sheet).size();
        return findings;
    }
}
