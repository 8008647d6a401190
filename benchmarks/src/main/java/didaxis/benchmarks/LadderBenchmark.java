package didaxis.benchmarks;

import didaxis.core.circuit.Circuit;
import didaxis.core.notation.Notation;
import didaxis.core.solving.OperatingPoint;
import java.util.concurrent.TimeUnit;
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

/** A ladder parsed, analysed and printed; the time divided by its parts should not grow with them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class LadderBenchmark {
    @Param({"1000", "100000"})
    int parts;

    private String ladder;

    @Setup
    public void write() {
        StringBuilder text = new StringBuilder("10 V : ");
        int rungs = parts / 2;
        for (int k = 1; k < rungs; k++) {
            text.append("R").append(2 * k - 1).append("=1 + (R").append(2 * k).append("=1 || (");
        }
        text.append("R")
                .append(2 * rungs - 1)
                .append("=1 + R")
                .append(2 * rungs)
                .append("=1");
        ladder = text.append("))".repeat(rungs - 1)).toString();
    }

    @Benchmark
    public int parseAnalysePrint() {
        Circuit circuit = Notation.circuit(ladder);
        double current = OperatingPoint.of(circuit).match(OperatingPoint::totalCurrent, shorted -> 0.0);
        return Notation.print(circuit).length() + (int) current;
    }
}
