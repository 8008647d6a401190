package didaxis.core.chart;

import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Terminals;

/**
 * What is the same by the way a circuit is joined: a voltage across the same two places, a current within one branch. What
 * has no resistance is wire, and a branch that nothing can pass is not there.
 */
public final class SamePlace {
    private final Chart chart;
    private final Outline outline;
    private final Terminals terminals;
    /** Of each place one that it is joined to by wire; a place that stands for others is its own. */
    private final int[] joined;

    private SamePlace(Chart chart) {
        this.chart = chart;
        outline = chart.circuit().outline();
        terminals = Terminals.of(chart.circuit());
        joined = new int[terminals.count()];
        for (int k = 0; k < joined.length; k++) joined[k] = k;
        for (int i = 0; i < outline.size(); i++)
            if (outline.node(i) instanceof Part && chart.point().resistance(i) == 0)
                joined[place(terminals.from(i))] = place(terminals.to(i));
    }

    public static SamePlace of(Chart chart) {
        return new SamePlace(chart);
    }

    private int place(int terminal) {
        int at = terminal;
        while (joined[at] != at) at = joined[at];
        return at;
    }

    private int node(Subject subject) {
        return chart.subjects().nodeOf(subject);
    }

    /** Whether both lie between the same two places, and those are two. */
    public boolean acrossTheSame(Subject one, Subject other) {
        int from = place(terminals.from(node(one)));
        int to = place(terminals.to(node(one)));
        int otherFrom = place(terminals.from(node(other)));
        int otherTo = place(terminals.to(node(other)));
        return from != to && (from == otherFrom && to == otherTo || from == otherTo && to == otherFrom);
    }

    /** Whether one current must pass both. */
    public boolean inTheSameBranch(Subject one, Subject other) {
        return branch(node(one)) == branch(node(other));
    }

    /** Whether the branches of both lie side by side, between the same two places. */
    public boolean inBranchesBeside(Subject one, Subject other) {
        int branch = branch(node(one));
        int beside = branch(node(other));
        return branch != beside && branch > 0 && beside > 0 && outline.parent(branch) == outline.parent(beside);
    }

    /** Whether the current of one divides, and only a part of it passes the other. */
    public boolean passesOnlyInPart(Subject one, Subject other) {
        int whole = branch(node(one));
        int node = node(other);
        return node >= whole && node < outline.end(whole) && branch(node) != whole;
    }

    /** The largest stretch around a node that has one current; 0 for the source's own. */
    int branch(int node) {
        int at = node;
        while (at != 0 && (outline.join(outline.parent(at)) != Join.PARALLEL || isAlone(at))) at = outline.parent(at);
        return at;
    }

    /** Whether nothing can pass any other branch beside this one. */
    private boolean isAlone(int member) {
        for (int beside : outline.membersOf(outline.parent(member)))
            if (beside != member && !Double.isInfinite(chart.point().resistance(beside))) return false;
        return true;
    }
}
