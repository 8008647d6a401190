package didaxis.core.circuit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A network laid out flat in reading order: a node stands before its members, so that folding is one loop
 * backwards and unfolding one loop forwards, however deep the tree is.
 *
 * <p>Node 0 is the whole. Node i's subtree is i to {@code end(i)} (exclusive); its members are i+1, then
 * {@code end} of the one before, as long as that is below {@code end(i)}.
 */
public final class Outline {
    private final Network[] nodes;
    private final int[] end;
    private final int[] parent;
    private final int[] firstPart;
    private final List<Part> parts;
    private final Join[] joins;
    private final Join[] joinsAbove;
    private final double[] ohms;
    private final double[] siemens;

    /** How the members of a node are joined. */
    public enum Join {
        /** It has none: a part or a point. */
        NONE,
        SERIES,
        PARALLEL,
        /** It is a stretch with a voltmeter across it: the one member is all there is to it. */
        SAME
    }

    private Outline(Network[] nodes, int[] end, int[] parent, int[] firstPart, List<Part> parts) {
        this.nodes = nodes;
        this.end = end;
        this.parent = parent;
        this.firstPart = firstPart;
        this.parts = parts;
        this.joins = Arrays.stream(nodes).map(Outline::joinOf).toArray(Join[]::new);
        this.joinsAbove = Arrays.stream(parent)
                .mapToObj(whole -> whole < 0 ? Join.NONE : joins[whole])
                .toArray(Join[]::new);
        this.ohms = Arrays.stream(nodes)
                .mapToDouble(node -> node instanceof Part part ? part.resistance() : 0)
                .toArray();
        this.siemens = Arrays.stream(ohms).map(one -> 1 / one).toArray();
    }

    private static Join joinOf(Network node) {
        if (node instanceof Series) return Join.SERIES;
        if (node instanceof Parallel) return Join.PARALLEL;
        return node instanceof Metered ? Join.SAME : Join.NONE;
    }

    static Outline of(Network whole) {
        List<Network> nodes = new ArrayList<>();
        List<Integer> parents = new ArrayList<>();
        Deque<Network> waiting = new ArrayDeque<>();
        Deque<Integer> waitingParents = new ArrayDeque<>();
        waiting.push(whole);
        waitingParents.push(-1);
        while (!waiting.isEmpty()) {
            Network node = waiting.pop();
            int index = nodes.size();
            nodes.add(node);
            parents.add(waitingParents.pop());
            List<Network> members = members(node);
            for (int i = members.size() - 1; i >= 0; i--) {
                waiting.push(members.get(i));
                waitingParents.push(index);
            }
        }
        int n = nodes.size();
        int[] parent = parents.stream().mapToInt(Integer::intValue).toArray();
        int[] end = new int[n];
        for (int i = n - 1; i >= 0; i--) {
            end[i] = Math.max(end[i], i + 1);
            if (parent[i] >= 0) end[parent[i]] = Math.max(end[parent[i]], end[i]);
        }
        int[] firstPart = new int[n + 1];
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            firstPart[i] = parts.size();
            if (nodes.get(i) instanceof Part part) parts.add(part);
        }
        firstPart[n] = parts.size();
        return new Outline(nodes.toArray(Network[]::new), end, parent, firstPart, List.copyOf(parts));
    }

    private static List<Network> members(Network node) {
        if (node instanceof Series series) return series.members();
        if (node instanceof Parallel parallel) return parallel.members();
        if (node instanceof Metered metered) return List.of(metered.stretch());
        return List.of();
    }

    /** How many nodes there are. */
    public int size() {
        return nodes.length;
    }

    public Network node(int i) {
        return nodes[i];
    }

    /** How node i's members are joined; read once, since folding asks it of every node. */
    public Join join(int i) {
        return joins[i];
    }

    /** How node i is joined to its neighbours; none for the whole. */
    public Join joinAbove(int i) {
        return joinsAbove[i];
    }

    /** The resistance in ohms of the part that node i is; 0 for what is no part. */
    public double ohms(int i) {
        return ohms[i];
    }

    /** The conductance in siemens of the part that node i is; infinite for what is no part. */
    public double siemens(int i) {
        return siemens[i];
    }

    /** The index behind node i's subtree. */
    public int end(int i) {
        return end[i];
    }

    /** The node that node i is a member of; −1 for the whole. */
    public int parent(int i) {
        return parent[i];
    }

    /** The members of node i, in reading order. */
    public int[] membersOf(int i) {
        int count = 0;
        for (int m = i + 1; m < end[i]; m = end[m]) count++;
        int[] members = new int[count];
        for (int m = i + 1, k = 0; m < end[i]; m = end[m]) members[k++] = m;
        return members;
    }

    /** All parts in reading order. */
    public List<Part> parts() {
        return parts;
    }

    /** The parts in node i's subtree, in reading order. */
    public List<Part> partsOf(int i) {
        return parts.subList(firstPart[i], firstPart[end[i]]);
    }

    /** The whole network with parts set otherwise, by their labels; the others stay. */
    Network with(Map<String, Setting> settings) {
        Network[] now = new Network[nodes.length];
        for (int i = nodes.length - 1; i >= 0; i--) {
            List<Network> members = new ArrayList<>();
            for (int m = i + 1; m < end[i]; m = end[m]) members.add(now[m]);
            if (nodes[i] instanceof Part part) {
                Setting setting = settings.get(part.label());
                now[i] = setting == null ? part : part.with(setting);
            } else if (nodes[i] instanceof Metered metered) now[i] = new Metered(metered.voltmeter(), members.get(0));
            else if (joins[i] == Join.NONE) now[i] = nodes[i];
            else now[i] = joins[i] == Join.SERIES ? new Series(members) : new Parallel(members);
        }
        return now[0];
    }

    /** The whole network with a node made anew or left out; empty if no part is left. */
    Optional<Network> with(int node, Optional<Network> replacement) {
        Optional<Network> now = replacement;
        for (int i = node; i > 0; i = parent(i)) {
            int whole = parent(i);
            boolean needsPart = join(whole) != Join.SERIES;
            if (needsPart && now.isPresent() && !holdsPart(now.get())) now = Optional.empty();
            if (node(whole) instanceof Metered metered) {
                now = now.map(stretch -> new Metered(metered.voltmeter(), stretch));
                continue;
            }
            List<Network> members = new ArrayList<>();
            for (int m : membersOf(whole)) {
                if (m != i) members.add(node(m));
                else now.ifPresent(members::add);
            }
            if (members.isEmpty()) now = Optional.empty();
            else now = Optional.of(join(whole) == Join.SERIES ? Series.of(members) : Parallel.of(members));
        }
        return now.filter(Outline::holdsPart);
    }

    private static boolean holdsPart(Network network) {
        return !Outline.of(network).parts().isEmpty();
    }

    @Override
    public String toString() {
        return "Outline of " + nodes.length + " nodes, ends " + Arrays.toString(end);
    }
}
