package didaxis.benchmarks;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.notation.Notation;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.solving.OperatingPoint;
import java.util.Arrays;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * The same from both ways, for a circuit of 12 parts: every part's voltage, current and power, by folding and by dense
 * nodal analysis; and by folding the whole chart, which has rows for groups and a resistance in each. The ways take
 * turns every millisecond or so, since what else a shared machine does would otherwise fall on one of them only.
 */
public final class ChartAgainstNodal {
    private static final int ROUNDS = 3000;
    private static final int WARM_UP = 1000;
    private static final int NODAL_CALLS = 250;
    private static final int FOLDING_CALLS = 5000;

    private final Circuit circuit = Notation.circuit(
            "24 V r=0.4 : R1=3 + (R2=24 || (R3=6 + (R4=20 || R5=5))) + (R6=4 || R7=9 || R8=3) + R9=2 + (R10=8 || (R11=4 + R12=6))");
    private final int[] parts = IntStream.range(0, circuit.outline().size())
            .filter(i -> circuit.outline().node(i) instanceof Part)
            .toArray();
    /** Made once, so that the ways are timed and not it. */
    private final double[][] chart = new double[4][circuit.outline().size()];

    private void folding() {
        OperatingPoint point = folded();
        for (int part = 0; part < parts.length; part++)
            enter(part, point.voltage(parts[part]), point.current(parts[part]));
    }

    private void foldingToTheWholeChart() {
        OperatingPoint point = folded();
        for (int row = 0; row < chart[0].length; row++) {
            enter(row, point.voltage(row), point.current(row));
            chart[3][row] = point.resistance(row);
        }
    }

    private void nodal() {
        NodalAnalysis nodal = NodalAnalysis.of(circuit);
        for (int part = 0; part < parts.length; part++) enter(part, nodal.voltage(part), nodal.current(part));
    }

    private OperatingPoint folded() {
        return OperatingPoint.of(circuit).match(Function.identity(), shorted -> {
            throw new AssertionError(shorted);
        });
    }

    private void enter(int row, double voltage, double current) {
        chart[0][row] = voltage;
        chart[1][row] = current;
        chart[2][row] = voltage * current;
    }

    public static void main(String[] arguments) {
        new ChartAgainstNodal().measure();
    }

    private void measure() {
        double[] nodal = new double[ROUNDS];
        double[] folding = new double[ROUNDS];
        double[] whole = new double[ROUNDS];
        for (int round = -WARM_UP; round < ROUNDS; round++) {
            double byNodal = microseconds(this::nodal, NODAL_CALLS);
            double byFolding = microseconds(this::folding, FOLDING_CALLS);
            double toTheWhole = microseconds(this::foldingToTheWholeChart, FOLDING_CALLS);
            if (round < 0) continue;
            nodal[round] = byNodal;
            folding[round] = byFolding;
            whole[round] = toTheWhole;
        }
        System.out.printf(Locale.ROOT, "nodal: median %.3f µs%n", median(nodal));
        print("folding, the parts", folding, nodal);
        print("folding, the whole chart", whole, nodal);
        if (!(chart[2][0] > 0)) throw new AssertionError("nothing was entered in the chart");
    }

    private static double microseconds(Runnable way, int calls) {
        long from = System.nanoTime();
        for (int call = 0; call < calls; call++) way.run();
        return (System.nanoTime() - from) / 1e3 / calls;
    }

    private static void print(String name, double[] times, double[] nodal) {
        double[] ratios = IntStream.range(0, times.length)
                .mapToDouble(round -> nodal[round] / times[round])
                .sorted()
                .toArray();
        System.out.printf(
                Locale.ROOT,
                "%s: median %.4f µs, %.1f × faster (middle half of %d rounds %.1f to %.1f)%n",
                name,
                median(times),
                ratios[ratios.length / 2],
                ratios.length,
                ratios[ratios.length / 4],
                ratios[3 * ratios.length / 4]);
    }

    private static double median(double[] values) {
        return Arrays.stream(values).sorted().toArray()[values.length / 2];
    }
}
