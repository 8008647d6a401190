package didaxis.benchmarks;

import didaxis.core.analysis.NodalAnalysis;
import didaxis.core.analysis.OperatingPoint;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Notation;
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

/** The operating point of a 12-part circuit by folding, against dense nodal analysis of the same circuit. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ChartBenchmark {
    private final Circuit circuit = Notation.circuit(
            "24 V r=0.4 : R1=3 + (R2=24 || (R3=6 + (R4=20 || R5=5))) + (R6=4 || R7=9 || R8=3) + R9=2 + (R10=8 || (R11=4 + R12=6))");

    @Benchmark
    public double folding() {
        return OperatingPoint.of(circuit).match(OperatingPoint::totalCurrent, shorted -> 0.0);
    }

    @Benchmark
    public double nodal() {
        return NodalAnalysis.of(circuit).totalCurrent();
    }
}
