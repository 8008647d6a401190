package didaxis.core.notation;

import didaxis.core.circuit.Part;
import didaxis.core.notation.Netlist.Edge;
import didaxis.core.notation.Netlist.Line;
import didaxis.core.notation.NetlistReader.Refusal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Finds the series-parallel tree of parts between nodes: two stretches between the same two nodes become one
 * in parallel, two that meet at a node where nothing else ends become one in series, until one is left
 * between the terminals. What cannot be joined further makes a bridge.
 */
final class Joined {
    private final List<Stretch> stretches = new ArrayList<>();
    private final List<Edge> edges;
    private final String plus;
    private final String minus;
    private boolean reduced;

    Joined(List<Edge> edges, String plus, String minus) {
        this.edges = edges;
        this.plus = plus;
        this.minus = minus;
        for (Edge edge : edges) stretches.add(Stretch.of(edge));
    }

    /** Parts that no current can reach on its way round are no part of the circuit; each such is named. */
    void refuseLooseEnds(List<Line> lines) {
        Map<String, Integer> ends = ends(edges.stream().map(Stretch::of).toList());
        Set<String> reached = reached(Set.of(plus, minus), "");
        for (Line line : lines) {
            if (!reached.contains(line.from()))
                throw new Refusal(
                        line.number(),
                        "Line " + line.number() + ": " + line.label() + " between " + line.from() + " and " + line.to()
                                + " is not connected to the source: a loop without a source carries nothing.");
            for (String node : List.of(line.from(), line.to())) {
                boolean terminal = node.equals(plus) || node.equals(minus);
                if (!terminal && ends.get(node) == 1)
                    throw new Refusal(
                            line.number(),
                            "Line " + line.number() + ": " + line.label() + " dangles: nothing else is on node " + node
                                    + ".");
            }
        }
        for (String terminal : List.of(plus, minus)) {
            if (!ends.containsKey(terminal))
                throw new Refusal(0, "Nothing is connected to the source's node " + terminal + ".");
        }
        refuseWhatHangsOnOneNode(lines);
    }

    /** The nodes that parts lead to from some, without a way through the barred one. */
    private Set<String> reached(Set<String> starts, String barred) {
        Set<String> reached = new HashSet<>(starts);
        boolean more = true;
        while (more) {
            more = false;
            for (Edge edge : edges) {
                boolean passes = !edge.from().equals(barred) && !edge.to().equals(barred);
                if (passes && reached.contains(edge.from()) != reached.contains(edge.to())) {
                    reached.add(edge.from());
                    reached.add(edge.to());
                    more = true;
                }
            }
        }
        return reached;
    }

    /** A part has a current only if it is on a way from plus to minus that passes no node twice. */
    private void refuseWhatHangsOnOneNode(List<Line> lines) {
        List<Line> most = List.of();
        String node = "";
        for (String barred : ends(stretches).keySet()) {
            Set<String> starts = new HashSet<>(Set.of(plus, minus));
            starts.remove(barred);
            Set<String> reached = reached(starts, barred);
            List<Line> hanging = lines.stream()
                    .filter(line -> !reached.contains(line.from().equals(barred) ? line.to() : line.from()))
                    .toList();
            if (hanging.size() > most.size()) {
                most = hanging;
                node = barred;
            }
        }
        if (most.isEmpty()) return;
        String labels = most.stream().map(Line::label).collect(Collectors.joining(", "));
        int number = most.get(0).number();
        throw new Refusal(
                number,
                "Line " + number + ": " + labels + (most.size() == 1 ? " hangs" : " hang") + " on node " + node
                        + " only; no current passes there.");
    }

    private static Map<String, Integer> ends(List<Stretch> stretches) {
        Map<String, Integer> ends = new HashMap<>();
        for (Stretch stretch : stretches) {
            ends.merge(stretch.from(), 1, Integer::sum);
            ends.merge(stretch.to(), 1, Integer::sum);
        }
        return ends;
    }

    private void reduce() {
        if (reduced) return;
        reduced = true;
        while (joinParallel() || joinSeries()) {
            // Each join leaves one stretch fewer.
        }
    }

    private boolean joinParallel() {
        for (int i = 0; i < stretches.size(); i++) {
            for (int k = i + 1; k < stretches.size(); k++) {
                Stretch one = stretches.get(i);
                if (!one.between(stretches.get(k).from(), stretches.get(k).to())) continue;
                stretches.set(i, Stretch.parallel(one, stretches.remove(k)));
                return true;
            }
        }
        return false;
    }

    private boolean joinSeries() {
        Map<String, Integer> ends = ends(stretches);
        for (int i = 0; i < stretches.size(); i++) {
            for (int k = i + 1; k < stretches.size(); k++) {
                Stretch one = stretches.get(i);
                Stretch other = stretches.get(k);
                for (String node : List.of(one.from(), one.to())) {
                    boolean terminal = node.equals(plus) || node.equals(minus);
                    boolean meet = node.equals(other.from()) || node.equals(other.to());
                    if (terminal || !meet || ends.get(node) != 2) continue;
                    stretches.remove(k);
                    stretches.set(i, Stretch.series(one, other, node));
                    return true;
                }
            }
        }
        return false;
    }

    /** The one stretch between the terminals, from plus to minus; empty for a bridge. */
    Optional<Stretch> network() {
        reduce();
        boolean one = stretches.size() == 1 && stretches.get(0).between(plus, minus);
        return one ? Optional.of(stretches.get(0)) : Optional.empty();
    }

    /** The nodes between which what is left stands: those that make it neither series nor parallel. */
    List<String> bridgeNodes() {
        Set<String> nodes = new TreeSet<>();
        ends(stretches).forEach((node, count) -> {
            if (count > 2) nodes.add(node);
        });
        return List.copyOf(nodes);
    }

    /**
     * A stretch between two nodes: a part, or stretches one behind the other or side by side.
     *
     * @param series whether its members stand one behind the other; of no meaning for a part
     * @param members from its one end to its other; empty for a part
     */
    record Stretch(String from, String to, Optional<Part> part, boolean series, List<Stretch> members) {
        static Stretch of(Edge edge) {
            return new Stretch(edge.from(), edge.to(), Optional.of(edge.part()), false, List.of());
        }

        boolean between(String a, String b) {
            return from.equals(a) && to.equals(b) || from.equals(b) && to.equals(a);
        }

        static Stretch parallel(Stretch one, Stretch other) {
            List<Stretch> members = new ArrayList<>();
            for (Stretch each : List.of(one, other)) {
                if (each.part.isEmpty() && !each.series) members.addAll(each.members);
                else members.add(each);
            }
            return new Stretch(one.from, one.to, Optional.empty(), false, members);
        }

        static Stretch series(Stretch one, Stretch other, String node) {
            Stretch first = one.to.equals(node) ? one : one.turned();
            Stretch second = other.from.equals(node) ? other : other.turned();
            List<Stretch> members = new ArrayList<>();
            for (Stretch each : List.of(first, second)) {
                if (each.part.isEmpty() && each.series) members.addAll(each.members);
                else members.add(each);
            }
            return new Stretch(first.from, second.to, Optional.empty(), true, members);
        }

        /** The same stretch named from its other end; its members are turned where they are drawn from. */
        Stretch turned() {
            if (!series) return new Stretch(to, from, part, series, members);
            List<Stretch> backwards = new ArrayList<>();
            for (Stretch member : members) backwards.add(0, member.turned());
            return new Stretch(to, from, part, series, backwards);
        }

        /** The same stretch with the node its current comes from first. */
        Stretch from(String node) {
            return from.equals(node) ? this : turned();
        }
    }
}
