package didaxis.core.circuit;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The places of a circuit that wires join into one, numbered: which two of them every node of the outline
 * lies between. Place 0 is the negative terminal, 1 the positive. Places where branches part or meet are
 * the junctions, named a, b, c … in reading order.
 */
public final class Terminals {
    public static final int NEGATIVE = 0;
    public static final int POSITIVE = 1;

    private final int[] from;
    private final int[] to;
    private final int count;
    private final Map<Integer, String> junctions = new HashMap<>();

    private Terminals(int[] from, int[] to, int count) {
        this.from = from;
        this.to = to;
        this.count = count;
    }

    public static Terminals of(Circuit circuit) {
        Outline outline = circuit.outline();
        int[] from = new int[outline.size()];
        int[] to = new int[outline.size()];
        from[0] = POSITIVE;
        to[0] = NEGATIVE;
        int count = 2;
        for (int i = 0; i < outline.size(); i++) {
            int[] members = outline.membersOf(i);
            if (!(outline.node(i) instanceof Series)) {
                for (int member : members) {
                    from[member] = from[i];
                    to[member] = to[i];
                }
                continue;
            }
            int lastWithPart = members.length - 1;
            while (lastWithPart > 0 && !outline.hasPart(members[lastWithPart])) lastWithPart--;
            int place = from[i];
            for (int k = 0; k < members.length; k++) {
                from[members[k]] = place;
                // A point has no length: the wire before and behind it is one place.
                if (k == lastWithPart) place = to[i];
                else if (outline.hasPart(members[k])) place = count++;
                to[members[k]] = place;
            }
        }
        Terminals terminals = new Terminals(from, to, count);
        for (int i = 0; i < outline.size(); i++) {
            if (!(outline.node(i) instanceof Parallel)) continue;
            terminals.junctions.computeIfAbsent(from[i], place -> name(terminals.junctions.size()));
            terminals.junctions.computeIfAbsent(to[i], place -> name(terminals.junctions.size()));
        }
        return terminals;
    }

    private static String name(int index) {
        return (char) ('a' + index % 26) + (index < 26 ? "" : String.valueOf(index / 26));
    }

    /** The place at the end of node i that is nearer the positive terminal. */
    public int from(int i) {
        return from[i];
    }

    /** The place at the other end of node i. */
    public int to(int i) {
        return to[i];
    }

    /** How many places there are. */
    public int count() {
        return count;
    }

    /** The name of the junction at a place; empty where only two ends meet. */
    public Optional<String> junction(int place) {
        return Optional.ofNullable(junctions.get(place));
    }
}
