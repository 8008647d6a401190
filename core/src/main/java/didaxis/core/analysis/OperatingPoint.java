package didaxis.core.analysis;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Source;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Resistance, voltage and current of every node of a circuit's outline, in time proportional to its size:
 * one loop folds (inner before outer), one unfolds (outer before inner).
 *
 * <p>Series and parallel are dual: neighbours in series have the current in common and divide the voltage by
 * their ohms, neighbours in parallel have the voltage in common and divide the current by their siemens. So
 * every node has one share and one quantity of its own, and what divides is what is common times the share.
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
    /** Of every node: ohms in series, siemens in parallel. */
    private final double[] share;
    /** Of every node: volts in series, amperes in parallel; last, the amperes that the source gives. */
    private final double[] divided;

    private Optional<Limits> limits = Optional.empty();

    private OperatingPoint(Circuit circuit) {
        this.circuit = circuit;
        share = folded(circuit.outline());
        divided = new double[share.length + 1];
    }

    public static Outcome of(Circuit circuit) {
        OperatingPoint point = new OperatingPoint(circuit);
        Source source = circuit.source();
        double whole = point.resistance(0);
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

    /** The share of every node. Members stand behind their group; 1/0 and 1/∞ carry the limits. */
    private static double[] folded(Outline outline) {
        double[] share = outline.shares();
        for (int i = share.length - 1; i > 0; i--) {
            double brought = share[i];
            if (outline.turns(i)) {
                brought = 1 / brought;
                share[i] = brought;
            }
            share[outline.parent(i)] += brought;
        }
        if (outline.turns(0)) share[0] = 1 / share[0];
        return share;
    }

    private void unfold(double current, double voltage) {
        Outline outline = circuit.outline();
        divided[share.length] = current;
        divided[0] = voltage;
        for (int i = 1; i < share.length; i++) {
            double own = divided[outline.common(i)] * share[i];
            divided[i] = Double.isNaN(own) ? limits().of(i) : own;
        }
    }

    private Limits limits() {
        Limits known = limits.orElseGet(() -> new Limits(this));
        limits = Optional.of(known);
        return known;
    }

    public Circuit circuit() {
        return circuit;
    }

    /** Resistance in ohms of node i; infinite where it is open. */
    public double resistance(int i) {
        Outline outline = circuit.outline();
        if (outline.joinAbove(i) == Join.SERIES) return share[i];
        int inside = i;
        while (outline.join(inside) == Join.SAME) inside++;
        if (outline.join(inside) == Join.NONE) return outline.ohms(inside);
        if (outline.join(inside) == Join.PARALLEL) return 1 / share[inside];
        // Its members' ohms again, since its own went into siemens, and one over those may be a figure off.
        double ohms = 0;
        for (int m = inside + 1; m < outline.end(inside); m = outline.end(m)) ohms += share[m];
        return ohms;
    }

    /** Voltage in volts across node i; NaN where it is undecided. */
    public double voltage(int i) {
        boolean series = circuit.outline().joinAbove(i) == Join.SERIES;
        return series ? divided[i] : common(i);
    }

    /** Current in amperes through node i; NaN where it is undecided. */
    public double current(int i) {
        boolean series = circuit.outline().joinAbove(i) == Join.SERIES;
        return series ? common(i) : divided[i];
    }

    /** What node i and its neighbours have in common: amperes in series, volts in parallel. */
    double common(int i) {
        return divided[circuit.outline().common(i)];
    }

    /** Whether node i would take all that divides: a gap in series, a wire in parallel. */
    boolean takesAll(int i) {
        return share[i] == Double.POSITIVE_INFINITY;
    }

    /** The current the source gives, in amperes. */
    public double totalCurrent() {
        return divided[share.length];
    }

    /** Ideal wires side by side, a list for each place where they share a current in no decided way. */
    public List<List<String>> sharedCurrents() {
        return limits.map(Limits::sharedCurrents).orElse(List.of());
    }

    /** Open switches in a row, a list for each place where they share a voltage in no decided way. */
    public List<List<String>> sharedVoltages() {
        return limits.map(Limits::sharedVoltages).orElse(List.of());
    }

    /**
     * Potential in volts at each end of every node, with respect to the negative terminal: [0] at the end
     * nearer the positive terminal, [1] at the other; NaN where an undecided voltage lies on both sides.
     */
    public double[][] potentials() {
        Outline outline = circuit.outline();
        double[] before = new double[outline.size()];
        double[] after = new double[outline.size()];
        before[0] = voltage(0);
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
        for (int k = members.length - 1; k > 0; k--) at[k] = at[k + 1] + voltage(members[k]);
        // Behind an undecided voltage the way down from the other end still knows.
        for (int k = 1; k < members.length && Double.isNaN(at[k]); k++) at[k] = at[k - 1] - voltage(members[k - 1]);
        for (int k = 0; k < members.length; k++) {
            before[members[k]] = at[k];
            after[members[k]] = at[k + 1];
        }
    }
}
