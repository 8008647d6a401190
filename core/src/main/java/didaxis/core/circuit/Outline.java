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

    /** How the members of a node are joined. */
    public enum Join {
        /** It has none: a part or a point. */
        NONE,
        SERIES,
        PARALLEL,
        /** It is a stretch with a voltmeter across it: the one member is all there is to it. */
        SAME
    }

    private Outline(Network[] nodes, int[] end, int[] parent) {
        int n = nodes.length;
        this.nodes = nodes;
        this.end = end;
        this.parent = parent;
        firstPart = new int[n + 1];
        joins = new Join[n];
        List<Part> found = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            firstPart[i] = found.size();
            if (nodes[i] instanceof Part part) found.add(part);
            joins[i] = joinOf(nodes[i]);
        }
        firstPart[n] = found.size();
        parts = List.copyOf(found);
    }

    private static Join joinOf(Network node) {
        if (node instanceof Series) return Join.SERIES;
        if (node instanceof Parallel) return Join.PARALLEL;
        return node instanceof Metered ? Join.SAME : Join.NONE;
    }

    static Outline of(Network whole) {
        List<Network> found = new ArrayList<>();
        Deque<Network> waiting = new ArrayDeque<>();
        waiting.push(whole);
        while (!waiting.isEmpty()) {
            Network node = waiting.pop();
            found.add(node);
            List<Network> members = members(node);
            for (int i = members.size() - 1; i >= 0; i--) waiting.push(members.get(i));
        }
        Network[] nodes = found.toArray(Network[]::new);
        int[] parent = parents(nodes);
        int[] end = new int[nodes.length];
        for (int i = nodes.length - 1; i >= 0; i--) {
            end[i] = Math.max(end[i], i + 1);
            if (i > 0) end[parent[i]] = Math.max(end[parent[i]], end[i]);
        }
        return new Outline(nodes, end, parent);
    }

    /** The parent of every node in reading order: the innermost group that still waits for members. */
    private static int[] parents(Network[] nodes) {
        int[] parent = new int[nodes.length];
        int[] awaited = new int[nodes.length];
        int open = -1;
        for (int i = 0; i < nodes.length; i++) {
            while (open >= 0 && awaited[open] == 0) open = parent[open];
            parent[i] = open;
            if (open >= 0) awaited[open]--;
            awaited[i] = members(nodes[i]).size();
            if (awaited[i] > 0) open = i;
        }
        return parent;
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

    /** Whether node i is or holds a part. */
    public boolean hasPart(int i) {
        return firstPart[i] < firstPart[end[i]];
    }

    /** The parts in node i's subtree, in reading order. */
    public List<Part> partsOf(int i) {
        return parts.subList(firstPart[i], firstPart[end[i]]);
    }

    /** The whole network with parts set otherwise, by their labels; the others stay. */
    public Network with(Map<String, Setting> settings) {
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
    public Optional<Network> with(int node, Optional<Network> replacement) {
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

    /** Whether both have the same leaves and voltmeters, joined alike; compared flat, since a tree may be deep. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Outline outline
                && Arrays.equals(end, outline.end)
                && Arrays.equals(joins, outline.joins)
                && named().equals(outline.named());
    }

    @Override
    public int hashCode() {
        return named().hashCode();
    }

    /** What stands at each node but how it is joined: parts, points, labels of voltmeters. */
    private List<Object> named() {
        List<Object> named = new ArrayList<>();
        for (Network node : nodes) {
            if (node instanceof Metered metered) named.add(metered.voltmeter());
            else if (!(node instanceof Series || node instanceof Parallel)) named.add(node);
        }
        return named;
    }

    @Override
    public String toString() {
        return named() + " " + Arrays.toString(joins) + " " + Arrays.toString(end);
    }
}
