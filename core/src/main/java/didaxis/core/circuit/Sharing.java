package didaxis.core.circuit;

import didaxis.core.circuit.Outline.Join;
import java.util.Arrays;

/**
 * How voltage and current are shared in a circuit, laid out flat once, so that working the circuit is a few loops
 * over short arrays.
 *
 * <p>Series and parallel are dual: members in series have the current in common and divide the voltage by their ohms,
 * members in parallel have the voltage in common and divide the current by their siemens. So every group has one
 * quantity of its own that its members have in common, if they are joined otherwise than the group is to its
 * neighbours; and of every row voltage and current are each such a quantity times a constant of the row.
 *
 * <p>Rows are numbered: the parts and points in reading order, behind them the groups, outer before inner. The first
 * group is the loop: the whole network in series with the source's own resistance. A stretch with a voltmeter across
 * it has the row of the stretch.
 */
public final class Sharing {
    private final int[] row;
    private final int[] node;
    private final int leaves;
    private final int groups;
    private final boolean[] seriesInside;
    private final boolean[] turns;
    private final int[] around;
    private final int[] common;
    private final double[] ohms;
    private final double[] share;
    private final int[] voltsAt;
    private final int[] amperesAt;
    private final double[] voltsPer;
    private final double[] amperesPer;
    private boolean hasIdeal;

    private Sharing(Outline outline, int[] row, int leaves, int groups) {
        int rows = leaves + groups;
        this.row = row;
        this.leaves = leaves;
        this.groups = groups;
        node = new int[rows];
        seriesInside = new boolean[groups];
        turns = new boolean[groups];
        around = new int[rows];
        common = new int[rows];
        ohms = new double[leaves];
        share = new double[leaves];
        voltsAt = new int[rows];
        amperesAt = new int[rows];
        voltsPer = new double[rows];
        amperesPer = new double[rows];
        Arrays.fill(voltsPer, 1);
        Arrays.fill(amperesPer, 1);
        layOutLoop();
        for (int i = 0; i < row.length; i++) if (row[i] != leaves && outline.join(i) != Join.SAME) layOut(outline, i);
    }

    static Sharing of(Outline outline) {
        int size = outline.size();
        int leaves = 0;
        int loop = 0;
        while (outline.join(loop) == Join.SAME) loop++;
        if (outline.join(loop) != Join.SERIES) loop = -1;
        for (int i = 0; i < size; i++) if (outline.join(i) == Join.NONE) leaves++;
        int[] row = new int[size];
        int leaf = 0;
        int group = leaves + 1;
        for (int i = 0; i < size; i++) {
            if (outline.join(i) == Join.NONE) row[i] = leaf++;
            else if (i == loop) row[i] = leaves;
            else if (outline.join(i) != Join.SAME) row[i] = group++;
        }
        for (int i = size - 2; i >= 0; i--) if (outline.join(i) == Join.SAME) row[i] = row[i + 1];
        return new Sharing(outline, row, leaves, group - leaves);
    }

    private void layOutLoop() {
        seriesInside[0] = true;
        turns[0] = true;
        voltsAt[leaves] = groups;
        amperesAt[leaves] = 0;
    }

    private void layOut(Outline outline, int i) {
        int at = row[i];
        node[at] = i;
        int whole = outline.parent(i);
        while (whole >= 0 && outline.join(whole) == Join.SAME) whole = outline.parent(whole);
        int outside = whole < 0 ? 0 : row[whole] - leaves;
        around[at] = outside;
        common[at] = turns[outside] ? outside : common[leaves + outside];
        boolean series = seriesInside[outside];
        int own = common[at];
        if (at >= leaves) {
            own = at - leaves;
            seriesInside[own] = outline.join(i) == Join.SERIES;
            turns[own] = seriesInside[own] != series;
        } else if (outline.node(i) instanceof Part part) {
            ohms[at] = part.resistance();
            share[at] = series ? ohms[at] : 1 / ohms[at];
            hasIdeal |= Double.isInfinite(ohms[at]) || Double.isInfinite(1 / ohms[at]);
            (series ? voltsPer : amperesPer)[at] = share[at];
        } else {
            voltsPer[at] = 0;
        }
        voltsAt[at] = series ? own : common[at];
        amperesAt[at] = series ? common[at] : own;
    }

    /** The row of a node of the outline. */
    public int row(int node) {
        return row[node];
    }

    /** The node of the outline that has this row; the whole for the loop. */
    public int node(int row) {
        return node[row];
    }

    /** How many rows are parts and points; the row of the loop. */
    public int leaves() {
        return leaves;
    }

    /** How many groups there are, with the loop. */
    public int groups() {
        return groups;
    }

    /** Whether the members of a group are in series. */
    public boolean seriesInside(int group) {
        return seriesInside[group];
    }

    /** Whether the members of a group are joined otherwise than it is to its neighbours, or it is the loop. */
    public boolean turns(int group) {
        return turns[group];
    }

    /** The group that a row is a member of. */
    public int around(int row) {
        return around[row];
    }

    /** The group whose quantity is what a row and its neighbours have in common. */
    public int common(int row) {
        return common[row];
    }

    /** The resistance in ohms of a part. */
    public double ohms(int leaf) {
        return ohms[leaf];
    }

    /** Whether a part is a wire or a gap; without one nothing is 0 times infinity. */
    public boolean hasIdeal() {
        return hasIdeal;
    }

    /** What a part brings to its group: ohms in series, siemens in parallel; a point brings nothing. */
    public double share(int leaf) {
        return share[leaf];
    }

    /** The group whose quantity a row's voltage is proportional to; the number of groups for the terminal voltage. */
    public int voltsAt(int row) {
        return voltsAt[row];
    }

    /** The group whose quantity a row's current is proportional to. */
    public int amperesAt(int row) {
        return amperesAt[row];
    }

    /** A row's volts per unit of that quantity. */
    public double voltsPer(int row) {
        return voltsPer[row];
    }

    /** A row's amperes per unit of that quantity. */
    public double amperesPer(int row) {
        return amperesPer[row];
    }
}
