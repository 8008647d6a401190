package didaxis.core.solving;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Source;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Resistance, voltage and current of every node of a circuit's outline, in time proportional to its size: folded to one
 * resistance, inner before outer, and unfolded again, outer before inner.
 *
 * <p>Ideal parts make limit cases, which are answers and not errors: an open switch has infinite resistance;
 * what lies in series with it carries no current; what lies beside an ideal wire has no voltage. NaN marks
 * what the circuit does not decide: how ideal wires side by side share a current, and how open switches in
 * a row share a voltage.
 */
public final class OperatingPoint {
    private final Circuit circuit;
    private final Outline outline;
    private final Source source;
    private final double[] ohms;
    private final double[] volts;
    private final double[] amperes;

    private OperatingPoint(Circuit circuit, Source source) {
        this.circuit = circuit;
        this.outline = circuit.outline();
        this.source = source;
        ohms = new double[outline.size()];
        volts = new double[outline.size()];
        amperes = new double[outline.size()];
    }

    public static Outcome of(Circuit circuit) {
        double[] parts = circuit.parts().stream().mapToDouble(Part::resistance).toArray();
        return of(circuit, circuit.source(), parts);
    }

    /**
     * The operating point of the same connections with other values.
     *
     * @param parts the resistance in ohms of every part, in reading order
     */
    public static Outcome of(Circuit circuit, Source source, double[] parts) {
        OperatingPoint point = new OperatingPoint(circuit, source);
        point.fold(parts);
        double whole = point.ohms[0];
        if (whole == 0 && source.internalResistance() == 0) {
            return new Outcome.ShortedSource(circuit.parts().stream()
                    .filter(part -> part.resistance() == 0)
                    .map(Part::label)
                    .toList());
        }
        boolean open = whole == Double.POSITIVE_INFINITY;
        double current = open ? 0 : source.emf() / (whole + source.internalResistance());
        point.unfold(current, open ? source.emf() : current * whole);
        return new Outcome.Found(point);
    }

    private void fold(double[] parts) {
        int part = parts.length;
        for (int i = outline.size() - 1; i >= 0; i--) {
            boolean single = outline.node(i) instanceof Part;
            ohms[i] = switch (outline.join(i)) {
                // A point is a place on a wire and has none.
                case NONE -> single ? parts[--part] : 0;
                case SAME -> ohms[i + 1];
                case SERIES -> inSeries(i);
                case PARALLEL -> inParallel(i);
            };
        }
    }

    /** R = R1 + R2 + …; infinite if one is. */
    private double inSeries(int i) {
        double sum = 0;
        for (int m = i + 1; m < outline.end(i); m = outline.end(m)) sum += ohms[m];
        return sum;
    }

    /** 1/R = 1/R1 + 1/R2 + …; 0 if one is, infinite if all are, since 1/0 is infinite and 1/∞ is 0. */
    private double inParallel(int i) {
        double sum = 0;
        for (int m = i + 1; m < outline.end(i); m = outline.end(m)) sum += 1 / ohms[m];
        return 1 / sum;
    }

    private void unfold(double current, double voltage) {
        amperes[0] = current;
        volts[0] = voltage;
        for (int i = 0; i < outline.size(); i++) {
            switch (outline.join(i)) {
                case SERIES -> alongSeries(i);
                case PARALLEL -> acrossParallel(i);
                case SAME -> {
                    volts[i + 1] = volts[i];
                    amperes[i + 1] = amperes[i];
                }
                case NONE -> {}
            }
        }
    }

    /** V = I·R. Where nothing flows the voltage stands across what is open: one gap has all of it, several share it somehow. */
    private void alongSeries(int i) {
        boolean open = ohms[i] == Double.POSITIVE_INFINITY;
        double ofAGap = !open || taking(i, ohms[i]) == 1 || volts[i] == 0 ? volts[i] : Double.NaN;
        for (int m = i + 1; m < outline.end(i); m = outline.end(m)) {
            amperes[m] = amperes[i];
            if (ohms[m] == Double.POSITIVE_INFINITY) volts[m] = ofAGap;
            else volts[m] = ohms[m] == 0 ? 0 : amperes[i] * ohms[m];
        }
    }

    /** I = V/R. Where there is no voltage the current goes through wires: one has all of it, several share it somehow. */
    private void acrossParallel(int i) {
        double ofAWire = ohms[i] > 0 || taking(i, 0) == 1 || amperes[i] == 0 ? amperes[i] : Double.NaN;
        for (int m = i + 1; m < outline.end(i); m = outline.end(m)) {
            volts[m] = volts[i];
            if (ohms[m] == 0) amperes[m] = ofAWire;
            else amperes[m] = ohms[m] == Double.POSITIVE_INFINITY ? 0 : volts[i] / ohms[m];
        }
    }

    /** How many members of a node have exactly this resistance. */
    private int taking(int whole, double resistance) {
        int count = 0;
        for (int m = whole + 1; m < outline.end(whole); m = outline.end(m))
            if (ohms[m] == resistance && outline.hasPart(m)) count++;
        return count;
    }

    public Circuit circuit() {
        return circuit;
    }

    /** The source whose values these are. */
    public Source source() {
        return source;
    }

    /** Resistance in ohms of node i; infinite where it is open. */
    public double resistance(int i) {
        return ohms[i];
    }

    /** Voltage in volts across node i; NaN where it is undecided. */
    public double voltage(int i) {
        return volts[i];
    }

    /** Current in amperes through node i; NaN where it is undecided. */
    public double current(int i) {
        return amperes[i];
    }

    /** Power in watts of node i; what has no voltage or no current has none, even where its share is not decided. */
    public double power(int i) {
        return volts[i] == 0 || amperes[i] == 0 ? 0 : volts[i] * amperes[i];
    }

    /** The current the source gives, in amperes. */
    public double totalCurrent() {
        return amperes[0];
    }

    /** Ideal wires side by side, a list for each place where they share a current in no decided way. */
    public List<List<String>> sharedCurrents() {
        return sharing(Outline.Join.PARALLEL, 0, amperes);
    }

    /** Open switches in a row, a list for each place where they share a voltage in no decided way. */
    public List<List<String>> sharedVoltages() {
        return sharing(Outline.Join.SERIES, Double.POSITIVE_INFINITY, volts);
    }

    private List<List<String>> sharing(Outline.Join join, double resistance, double[] shared) {
        List<List<String>> places = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            if (outline.join(i) == join && taking(i, resistance) > 1 && shared[i] != 0)
                places.add(idealParts(i, resistance));
        }
        return places;
    }

    private List<String> idealParts(int whole, double resistance) {
        List<String> labels = new ArrayList<>();
        for (int m : outline.membersOf(whole)) {
            if (ohms[m] != resistance) continue;
            outline.partsOf(m).stream()
                    .filter(part -> part.resistance() == 0 || Double.isInfinite(part.resistance()))
                    .forEach(part -> labels.add(part.label()));
        }
        return List.copyOf(labels);
    }

    /**
     * Potential in volts at each end of every node, with respect to the negative terminal: [0] at the end
     * nearer the positive terminal, [1] at the other; NaN where an undecided voltage lies on both sides.
     */
    public double[][] potentials() {
        double[] before = new double[outline.size()];
        double[] after = new double[outline.size()];
        before[0] = voltage(0);
        for (int i = 0; i < outline.size(); i++) {
            if (outline.node(i) instanceof Series) potentialsAlong(i, before, after);
            else {
                for (int m = i + 1; m < outline.end(i); m = outline.end(m)) {
                    before[m] = before[i];
                    after[m] = after[i];
                }
            }
        }
        return new double[][] {before, after};
    }

    private void potentialsAlong(int i, double[] before, double[] after) {
        int[] members = outline.membersOf(i);
        double[] at = new double[members.length + 1];
        Arrays.fill(at, Double.NaN);
        at[0] = before[i];
        at[members.length] = after[i];
        // Upwards from the negative terminal nothing is subtracted, so that nothing cancels to almost 0.
        for (int k = members.length - 1; k > 0; k--) at[k] = at[k + 1] + voltage(members[k]);
        // Behind an undecided voltage the way down from the other end still knows.
        for (int k = 1; k < members.length && Double.isNaN(at[k]); k++) at[k] = at[k - 1] - voltage(members[k - 1]);
        for (int k = 0; k < members.length; k++) {
            before[members[k]] = at[k];
            after[members[k]] = at[k + 1];
        }
    }
}
