package didaxis.core.solving;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Terminals;
import java.util.List;

/**
 * How two parts of a circuit stand to each other: in series (one current must pass both), in parallel (both
 * ends on the same two junctions), or neither.
 *
 * @param junctions in parallel, the two they share; neither, the junction between them at which the current
 *     of one divides; else empty
 * @param besides parts that share a branch with one of two that stand in different branches, and so keep
 *     them from being in parallel
 */
public record Pair(Kind kind, List<String> junctions, List<String> besides) {
    /** The ways two parts can stand to each other. */
    public enum Kind {
        SERIES,
        PARALLEL,
        NEITHER
    }

    /**
     * @throws IllegalArgumentException if a label is no part of the circuit, or both are the same
     */
    public static Pair of(Circuit circuit, String one, String other) {
        Outline outline = circuit.outline();
        int a = node(outline, one);
        int b = node(outline, other);
        if (a == b) throw new IllegalArgumentException("a pair (" + one + ", " + other + ") must be two parts");
        if (a > b) return of(circuit, other, one);
        int meet = a;
        while (outline.end(meet) <= b) meet = outline.parent(meet);
        int towardsA = below(outline, meet, a);
        int towardsB = below(outline, meet, b);
        Terminals terminals = Terminals.of(circuit);
        if (outline.join(meet) == Join.SERIES) {
            int divided = direct(outline, towardsA, a) ? towardsB : towardsA;
            if (direct(outline, divided, divided == towardsA ? a : b))
                return new Pair(Kind.SERIES, List.of(), List.of());
            int facing = divided == towardsB ? terminals.from(divided) : terminals.to(divided);
            return new Pair(Kind.NEITHER, named(terminals, facing), List.of());
        }
        boolean direct = direct(outline, towardsA, a) && direct(outline, towardsB, b);
        if (!direct) {
            int longer = direct(outline, towardsA, a) ? towardsB : towardsA;
            List<String> besides = outline.partsOf(longer).stream()
                    .map(Part::label)
                    .filter(label -> !label.equals(one) && !label.equals(other))
                    .toList();
            return new Pair(Kind.NEITHER, List.of(), besides);
        }
        int ends = terminals.from(meet);
        return new Pair(
                Kind.PARALLEL,
                List.of(
                        named(terminals, ends).get(0),
                        named(terminals, terminals.to(meet)).get(0)),
                List.of());
    }

    private static int node(Outline outline, String label) {
        for (int i = 0; i < outline.size(); i++) {
            if (outline.node(i) instanceof Part part && part.label().equals(label)) return i;
        }
        throw new IllegalArgumentException("part (" + label + ") must be one of the circuit's");
    }

    /** The member of a node that holds another. */
    private static int below(Outline outline, int node, int held) {
        int member = held;
        while (outline.parent(member) != node) member = outline.parent(member);
        return member;
    }

    /** Whether a member is that part, be it with voltmeters across it. */
    private static boolean direct(Outline outline, int member, int part) {
        int node = member;
        while (outline.join(node) == Join.SAME) node++;
        return node == part;
    }

    private static List<String> named(Terminals terminals, int place) {
        return terminals.junction(place).map(List::of).orElse(List.of());
    }
}
