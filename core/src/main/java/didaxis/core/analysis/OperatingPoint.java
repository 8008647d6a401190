package didaxis.core.analysis;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Sharing;
import didaxis.core.circuit.Source;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Resistance, voltage and current of every node of a circuit's outline, in time proportional to its size: one loop
 * folds (inner before outer), one unfolds (outer before inner), and what a row has is told from its group's.
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
    private final Sharing sharing;
    private final int groups;
    /**
     * Every group's quantity, that of the loop being the source's current in amperes; then the terminal voltage; then
     * every group's ohms. One array, since making it is a good part of the work.
     */
    private final double[] values;

    private Optional<Limits> limits = Optional.empty();

    private OperatingPoint(Circuit circuit) {
        this.circuit = circuit;
        sharing = circuit.outline().sharing();
        groups = sharing.groups();
        values = new double[2 * groups + 1];
    }

    public static Outcome of(Circuit circuit) {
        OperatingPoint point = new OperatingPoint(circuit);
        Source source = circuit.source();
        double whole = point.fold();
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

    /** The ohms of every group and, still in the place of its quantity, its share; 1/0 and 1/∞ carry the limits. */
    private double fold() {
        int leaves = sharing.leaves();
        for (int leaf = 0; leaf < leaves; leaf++) values[sharing.around(leaf)] += sharing.share(leaf);
        for (int group = groups - 1; group > 0; group--) {
            double sum = values[group];
            double inverse = 1 / sum;
            double share = sharing.turns(group) ? inverse : sum;
            values[group] = share;
            values[sharing.around(leaves + group)] += share;
            values[ohmsAt(group)] = sharing.seriesInside(group) ? sum : inverse;
        }
        values[ohmsAt(0)] = values[0];
        return values[0];
    }

    private int ohmsAt(int group) {
        return groups + 1 + group;
    }

    private void unfold(double current, double voltage) {
        int leaves = sharing.leaves();
        values[0] = current;
        values[groups] = voltage;
        for (int group = 1; group < groups; group++) {
            double own = values[sharing.common(leaves + group)] * values[group];
            values[group] = Double.isNaN(own) ? limits().of(leaves + group) : own;
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
        return ohmsOf(sharing.row(i));
    }

    /** Voltage in volts across node i; NaN where it is undecided. */
    public double voltage(int i) {
        return voltsOf(sharing.row(i));
    }

    /** Current in amperes through node i; NaN where it is undecided. */
    public double current(int i) {
        return amperesOf(sharing.row(i));
    }

    double ohmsOf(int row) {
        int group = row - sharing.leaves();
        return group < 0 ? sharing.ohms(row) : values[ohmsAt(group)];
    }

    double voltsOf(int row) {
        double volts = values[sharing.voltsAt(row)] * sharing.voltsPer(row);
        return Double.isNaN(volts) && inSeries(row) ? limits().of(row) : volts;
    }

    double amperesOf(int row) {
        double amperes = values[sharing.amperesAt(row)] * sharing.amperesPer(row);
        return Double.isNaN(amperes) && !inSeries(row) ? limits().of(row) : amperes;
    }

    boolean inSeries(int row) {
        return sharing.seriesInside(sharing.around(row));
    }

    /** What a row and its neighbours have in common: amperes in series, volts in parallel. */
    double commonOf(int row) {
        return values[sharing.common(row)];
    }

    /** Every row at once. */
    public Columns columns() {
        Columns columns = Columns.of(sharing.leaves() + sharing.groups());
        fill(columns);
        return columns;
    }

    /** Every row at once, into columns as long as there are rows. */
    public void fill(Columns columns) {
        double[] volts = columns.volts();
        double[] amperes = columns.amperes();
        double[] watts = columns.watts();
        for (int row = 0; row < volts.length; row++) {
            double across = values[sharing.voltsAt(row)] * sharing.voltsPer(row);
            double through = values[sharing.amperesAt(row)] * sharing.amperesPer(row);
            volts[row] = across;
            amperes[row] = through;
            watts[row] = across * through;
        }
        int leaves = sharing.leaves();
        for (int row = 0; row < leaves; row++) columns.ohms()[row] = sharing.ohms(row);
        System.arraycopy(values, ohmsAt(0), columns.ohms(), leaves, groups);
        if (sharing.hasIdeal()) fillLimits(columns);
    }

    private void fillLimits(Columns columns) {
        for (int row = 0; row < columns.volts().length; row++) {
            double volts = voltsOf(row);
            double amperes = amperesOf(row);
            columns.volts()[row] = volts;
            columns.amperes()[row] = amperes;
            // An ideal wire or an open switch turns nothing into heat, even where its share is not decided.
            columns.watts()[row] = volts == 0 || amperes == 0 ? 0 : volts * amperes;
        }
    }

    /** The current the source gives, in amperes. */
    public double totalCurrent() {
        return values[0];
    }

    /** Ideal wires side by side, a list for each place where they share a current in no decided way. */
    public List<List<String>> sharedCurrents() {
        return limits().sharedCurrents();
    }

    /** Open switches in a row, a list for each place where they share a voltage in no decided way. */
    public List<List<String>> sharedVoltages() {
        return limits().sharedVoltages();
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
