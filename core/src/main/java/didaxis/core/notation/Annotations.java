package didaxis.core.notation;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Source;
import didaxis.core.notation.Joined.Stretch;
import didaxis.core.notation.Netlist.Line;
import didaxis.core.notation.NetlistReader.Refusal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Makes the circuit of a stretch, with points where nodes are named by one capital letter, and with its voltmeters. */
final class Annotations {
    private final Source source;
    private final Stretch whole;
    private final Line terminals;
    private final List<Line> voltmeters;
    private final Set<String> pointed = new HashSet<>();

    Annotations(Source source, Stretch whole, Line terminals, List<Line> voltmeters) {
        this.source = source;
        this.whole = whole.from(terminals.from());
        this.terminals = terminals;
        this.voltmeters = new ArrayList<>(voltmeters);
    }

    Circuit circuit() {
        List<String> across = new ArrayList<>();
        // A voltmeter across the terminals belongs to the source, whose internal resistance it tells.
        voltmeters.removeIf(meter -> {
            boolean terminal = joins(meter, terminals.from(), terminals.to());
            if (terminal) across.add(meter.label());
            return terminal;
        });
        List<Network> members = new ArrayList<>();
        point(terminals.from(), members);
        members.add(network(whole));
        point(terminals.to(), members);
        if (!voltmeters.isEmpty()) {
            Line meter = voltmeters.get(0);
            throw new Refusal(
                    meter.number(),
                    "Line " + meter.number() + ": no stretch of the circuit lies between " + meter.from() + " and "
                            + meter.to() + " for " + meter.label() + " to be across.");
        }
        return Circuit.of(source.with(across), Series.of(members));
    }

    /** Nested as deep as the list is; a list of more than a few hundred parts is not read. */
    private Network network(Stretch stretch) {
        if (stretch.part().isPresent()) return metered(stretch.part().get(), stretch.from(), stretch.to());
        if (stretch.series()) return series(stretch.members());
        List<Network> branches = new ArrayList<>();
        for (Stretch member : stretch.members()) branches.add(network(member.from(stretch.from())));
        return metered(Parallel.of(branches), stretch.from(), stretch.to());
    }

    /** Voltmeters across some of the members in a row take those together, shorter rows before longer ones. */
    private Network series(List<Stretch> stretches) {
        List<Network> members = new ArrayList<>();
        List<String> places = new ArrayList<>(List.of(stretches.get(0).from()));
        for (Stretch stretch : stretches) {
            members.add(network(stretch));
            places.add(stretch.to());
        }
        for (int k = places.size() - 2; k > 0; k--) {
            List<Network> named = new ArrayList<>();
            point(places.get(k), named);
            if (named.isEmpty()) continue;
            members.add(k, named.get(0));
            places.add(k, places.get(k));
        }
        for (int length = 2; length <= members.size(); length++) {
            for (int start = 0; start + length <= members.size(); start++) {
                int end = start + length;
                List<Line> meters = taken(places.get(start), places.get(end));
                if (meters.isEmpty()) continue;
                Network row = Series.of(List.copyOf(members.subList(start, end)));
                for (Line meter : meters) row = new Metered(meter.label(), row);
                members.subList(start, end).clear();
                members.add(start, row);
                places.subList(start + 1, end).clear();
            }
        }
        return Series.of(members);
    }

    private Network metered(Network network, String from, String to) {
        Network now = network;
        for (Line meter : taken(from, to)) now = new Metered(meter.label(), now);
        return now;
    }

    private List<Line> taken(String from, String to) {
        List<Line> meters =
                voltmeters.stream().filter(meter -> joins(meter, from, to)).toList();
        voltmeters.removeAll(meters);
        return meters;
    }

    private static boolean joins(Line line, String a, String b) {
        return line.from().equals(a) && line.to().equals(b)
                || line.from().equals(b) && line.to().equals(a);
    }

    private void point(String node, List<Network> into) {
        if (node.matches("[A-Z]") && pointed.add(node)) into.add(new Point(node.charAt(0)));
    }
}
