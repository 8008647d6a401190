package didaxis.benchmarks;

import didaxis.core.backwards.Backwards;
import didaxis.core.backwards.Given;
import didaxis.core.backwards.Outcome;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relations;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import didaxis.core.working.Deduction;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A 16-part circuit deduced: every cell from its resistances and emf; from one ammeter's reading and the
 * resistances; and from powers and resistances in turn with the total current, which no single step solves.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class DeductionBenchmark {
    private final Chart chart = OperatingPoint.of(Notation.circuit(
                    "24 V r=0.4 : R1=3 + (R2=24 || (R3=6 + (R4=20 || R5=5))) + (R6=4 || R7=9 || R8=3) + R9=2"
                            + " + (R10=8 || (R11=4 + R12=6)) + ((R13=7 + R14=5) || (R15=9 + R16=11))"))
            .match(Chart::of, shorted -> null);
    private final List<Cell> all = new ArrayList<>();
    private final List<Given> ammeter = new ArrayList<>();
    private final List<Given> powers = new ArrayList<>();

    public DeductionBenchmark() {
        for (Subject row : chart.rows()) {
            for (Quantity quantity : HouseStyle.RIDGE.columns()) all.add(Cell.of(row, quantity));
        }
        for (int k = 1; k <= 16; k++) {
            Subject part = Subject.part("R" + k);
            ammeter.add(given(Cell.of(part, Quantity.RESISTANCE)));
            powers.add(given(Cell.of(part, k % 2 == 0 ? Quantity.RESISTANCE : Quantity.POWER)));
        }
        Given internal = given(Cell.of(Subject.INTERNAL, Quantity.RESISTANCE));
        ammeter.addAll(List.of(internal, given(Cell.of(Subject.part("R16"), Quantity.CURRENT))));
        powers.addAll(List.of(internal, given(Cell.of(Subject.TOTAL, Quantity.CURRENT))));
    }

    private Given given(Cell cell) {
        return new Given(cell, chart.value(cell).orElseThrow(), 0);
    }

    @Benchmark
    public Deduction forwards() {
        Relations relations = Relations.of(chart, HouseStyle.RIDGE);
        return Deduction.of(relations, Deduction.fromResistancesAndEmf(relations.chart()), all);
    }

    @Benchmark
    public Outcome backwards() {
        return Backwards.of(Relations.of(chart, HouseStyle.RIDGE), ammeter, all);
    }

    @Benchmark
    public Outcome together() {
        return Backwards.of(Relations.of(chart, HouseStyle.RIDGE), powers, all);
    }
}
