package didaxis.core.analysis;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Series;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;

/**
 * Resistance, voltage and current of every node of a circuit's outline, in time proportional to its size:
 * one loop folds (inner before outer), one unfolds (outer before inner).
 *
 * <p>Ideal parts make limit cases, which are answers and not errors: an open switch has infinite resistance;
 * what lies in series with it carries no current; what lies beside an ideal wire has no voltage. NaN marks
 * what the circuit does not decide: how ideal wires side by side share a current, and how open switches in
 * a row share a voltage.
 */
public final class OperatingPoint {
    /** A circuit either has an operating point or has none. */
    public sealed interface Outcome {
        record Found(OperatingPoint point) implements Outcome {}

        /** A source without internal resistance is joined end to end by ideal wires. */
        record ShortedSource(List<String> across) implements Outcome {}

        default <T> T match(Function<OperatingPoint, T> found, Function<ShortedSource, T> shorted) {
            return this instanceof Found one ? found.apply(one.point()) : shorted.apply((ShortedSource) this);
        }
    }

    private final Circuit circuit;
    private final double[] resistance;
    private final double[] voltage;
    private final double[] current;
    private List<List<String>> sharedCurrents = List.of();
    private List<List<String>> sharedVoltages = List.of();

    private OperatingPoint(Circuit circuit) {
        this.circuit = circuit;
        int n = circuit.outline().size();
        resistance = new double[n];
        voltage = new double[n];
        current = new double[n];
    }

    public static Outcome of(Circuit circuit) {
        OperatingPoint point = new OperatingPoint(circuit);
        point.fold();
        double r = circuit.source().internalResistance();
        double whole = point.resistance[0];
        if (whole == 0 && r == 0) {
            return new Outcome.ShortedSource(circuit.parts().stream()
                    .filter(part -> part.resistance() == 0)
                    .map(Part::label)
                    .toList());
        }
        point.current[0] = Double.isInfinite(whole) ? 0 : circuit.source().emf() / (whole + r);
        point.voltage[0] = Double.isInfinite(whole) ? circuit.source().emf() : point.current[0] * whole;
        point.unfold();
        return new Outcome.Found(point);
    }

    /** One loop: a node is whole when its members, which stand behind it, have been added to it. */
    private void fold() {
        Outline outline = circuit.outline();
        double[] sums = resistance;
        double[] conductances = current;
        for (int i = outline.size() - 1; i > 0; i--) {
            double ohms = whole(outline, i, sums[i]);
            sums[i] = ohms;
            int whole = outline.parent(i);
            if (outline.joinAbove(i) == Join.PARALLEL) {
                // A branch's conductance waits where its current will stand, so that it is divided once only.
                double conductance = outline.end(i) == i + 1 ? outline.siemens(i) : 1 / ohms;
                conductances[i] = conductance;
                sums[whole] += conductance;
            } else sums[whole] += ohms;
        }
        sums[0] = whole(outline, 0, sums[0]);
    }

    /** Not product over sum: that form holds for two only. 1/0 and 1/∞ carry the limits. */
    private static double whole(Outline outline, int i, double sum) {
        return outline.join(i) == Join.PARALLEL ? 1 / sum : sum + outline.ohms(i);
    }

    private void unfold() {
        Outline outline = circuit.outline();
        double[] ohms = resistance;
        double[] volts = voltage;
        double[] amperes = current;
        for (int i = 1, n = outline.size(); i < n; i++) {
            int whole = outline.parent(i);
            Join join = outline.joinAbove(i);
            if (join == Join.SERIES) {
                if (ohms[whole] == Double.POSITIVE_INFINITY) {
                    if (i == whole + 1) unfoldOpenSeries(outline, whole);
                    continue;
                }
                double through = amperes[whole];
                amperes[i] = through;
                // An undecided current needs no voltage either where there is no resistance.
                volts[i] = ohms[i] == 0 ? 0 : through * ohms[i];
            } else if (join == Join.PARALLEL) {
                double across = volts[whole];
                if (!(ohms[whole] > 0) || Double.isNaN(across)) {
                    if (i == whole + 1) unfoldBypassed(outline, whole);
                    continue;
                }
                volts[i] = across;
                amperes[i] *= across;
            } else {
                volts[i] = volts[whole];
                amperes[i] = amperes[whole];
            }
        }
    }

    private void unfoldOpenSeries(Outline outline, int i) {
        int end = outline.end(i);
        int openMembers = 0;
        for (int m = i + 1; m < end; m = outline.end(m)) if (Double.isInfinite(resistance[m])) openMembers++;
        boolean undecided = openMembers > 1 && voltage[i] != 0;
        for (int m = i + 1; m < end; m = outline.end(m)) {
            current[m] = current[i];
            voltage[m] = !Double.isInfinite(resistance[m]) ? 0 : undecided ? Double.NaN : voltage[i];
        }
        if (undecided) sharedVoltages = with(sharedVoltages, idealParts(outline, i, Double.POSITIVE_INFINITY));
    }

    /** Branches beside an ideal wire; or open ones across an undecided voltage, which carry nothing. */
    private void unfoldBypassed(Outline outline, int i) {
        int end = outline.end(i);
        int wires = 0;
        for (int m = i + 1; m < end; m = outline.end(m)) if (resistance[m] == 0) wires++;
        boolean undecided = wires > 1 && current[i] != 0;
        for (int m = i + 1; m < end; m = outline.end(m)) {
            voltage[m] = voltage[i];
            current[m] = resistance[m] != 0 ? 0 : undecided ? Double.NaN : wires == 1 ? current[i] : 0;
        }
        if (undecided) sharedCurrents = with(sharedCurrents, idealParts(outline, i, 0));
    }

    private static List<List<String>> with(List<List<String>> all, List<String> one) {
        List<List<String>> more = new ArrayList<>(all);
        more.add(one);
        return List.copyOf(more);
    }

    /** The ideal parts in those members of node i that have this resistance. */
    private List<String> idealParts(Outline outline, int i, double ohms) {
        List<String> labels = new ArrayList<>();
        for (int m : outline.membersOf(i)) {
            if (resistance[m] != ohms) continue;
            for (Part part : outline.partsOf(m)) {
                boolean ideal = part.resistance() == 0 || Double.isInfinite(part.resistance());
                if (ideal) labels.add(part.label());
            }
        }
        return labels;
    }

    public Circuit circuit() {
        return circuit;
    }

    /** Resistance in ohms of node i; infinite where it is open. */
    public double resistance(int i) {
        return resistance[i];
    }

    /** Voltage in volts across node i; NaN where it is undecided. */
    public double voltage(int i) {
        return voltage[i];
    }

    /** Current in amperes through node i; NaN where it is undecided. */
    public double current(int i) {
        return current[i];
    }

    /** The current the source gives, in amperes. */
    public double totalCurrent() {
        return current[0];
    }

    /** Ideal wires side by side, a list for each place where they share a current in no decided way. */
    public List<List<String>> sharedCurrents() {
        return sharedCurrents;
    }

    /** Open switches in a row, a list for each place where they share a voltage in no decided way. */
    public List<List<String>> sharedVoltages() {
        return sharedVoltages;
    }

    /**
     * Potential in volts at each end of every node, with respect to the negative terminal: [0] at the end
     * nearer the positive terminal, [1] at the other; NaN where an undecided voltage lies on both sides.
     */
    public double[][] potentials() {
        Outline outline = circuit.outline();
        double[] before = new double[outline.size()];
        double[] after = new double[outline.size()];
        before[0] = voltage[0];
        for (int i = 0; i < outline.size(); i++) {
            if (outline.node(i) instanceof Series) alongSeries(outline, i, before, after);
            else {
                for (int m = i + 1; m < outline.end(i); m = outline.end(m)) {
                    before[m] = before[i];
                    after[m] = after[i];
                }
            }
        }
        return new double[][] {before, after};
    }

    private void alongSeries(Outline outline, int i, double[] before, double[] after) {
        int[] members = outline.membersOf(i);
        double[] at = new double[members.length + 1];
        Arrays.fill(at, Double.NaN);
        at[0] = before[i];
        at[members.length] = after[i];
        // Upwards from the negative terminal nothing is subtracted, so that nothing cancels to almost 0.
        for (int k = members.length - 1; k > 0; k--) at[k] = at[k + 1] + voltage[members[k]];
        // Behind an undecided voltage the way down from the other end still knows.
        for (int k = 1; k < members.length && Double.isNaN(at[k]); k++) at[k] = at[k - 1] - voltage[members[k - 1]];
        for (int k = 0; k < members.length; k++) {
            before[members[k]] = at[k];
            after[members[k]] = at[k + 1];
        }
    }
}
