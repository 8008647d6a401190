package didaxis.core.change;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.circuit.Terminals;
import didaxis.core.notation.Netlist;
import didaxis.core.notation.Wiring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** An act after which the circuit is connected otherwise; what its parts are set to stays. */
public sealed interface Rewiring extends Act {
    /**
     * The circuit connected otherwise.
     *
     * @throws IllegalArgumentException if this cannot be done to it; the message is a clause that says why
     */
    Circuit rewired(Circuit circuit);

    @Override
    default boolean touches(Subject subject) {
        return false;
    }

    @Override
    default <T> T match(Cases<T> cases) {
        return cases.rewiring().apply(this);
    }

    /**
     * One part more.
     *
     * @param series whether in series, or else in parallel
     * @param with the part or group beside which it is put; empty for the whole network
     */
    record Added(Part part, boolean series, Optional<Subject> with) implements Rewiring {
        @Override
        public Circuit rewired(Circuit circuit) {
            Outline outline = circuit.outline();
            int node = with.map(Subjects.of(circuit)::nodeOf).orElse(0);
            // In series it comes before or behind a meter's stretch, so that the meter still reads what it read.
            while (series && node > 0 && outline.node(outline.parent(node)) instanceof Metered)
                node = outline.parent(node);
            List<Network> both = List.of(outline.node(node), part);
            Network more = series ? Series.of(both) : Parallel.of(both);
            return Circuit.of(
                    circuit.source(), outline.with(node, Optional.of(more)).orElseThrow());
        }
    }

    /**
     * Two places joined by a wire without resistance.
     *
     * @param from a point such as "P", a junction such as "a", or a terminal, + or -
     */
    record Wired(String from, String to) implements Rewiring {
        @Override
        public Circuit rewired(Circuit circuit) {
            int one = place(from, circuit);
            int other = place(to, circuit);
            if (one == other)
                throw new IllegalArgumentException(
                        from + " and " + to + " must be two places; a wire joins them already");
            String wire = IntStream.rangeClosed(1, circuit.parts().size() + 1)
                    .mapToObj(k -> "W" + k)
                    .filter(label -> circuit.part(label).isEmpty())
                    .findFirst()
                    .orElseThrow();
            return besides(circuit, one, other, Part.usual(PartKind.LINK, wire))
                    .orElseGet(() -> Netlist.withWire(circuit, one, other, wire));
        }

        /** The wire beside what lies between two places of one row; empty where they lie in no row together. */
        private static Optional<Circuit> besides(Circuit circuit, int one, int other, Part wire) {
            Outline outline = circuit.outline();
            Terminals terminals = Terminals.of(circuit);
            for (int i = 0; i < outline.size(); i++) {
                if (!(outline.node(i) instanceof Series series)) continue;
                int[] members = outline.membersOf(i);
                // Places along a row, from its end nearer the positive terminal; a part leads from each to the next.
                int[] along = IntStream.of(members).filter(outline::hasPart).toArray();
                int from = place(along, terminals, one);
                int to = place(along, terminals, other);
                if (from < 0 || to < 0) continue;
                int first = along[Math.min(from, to)];
                int last = along[Math.max(from, to) - 1];
                List<Network> before = new ArrayList<>();
                List<Network> between = new ArrayList<>();
                List<Network> behind = new ArrayList<>();
                for (int k = 0; k < members.length; k++) {
                    List<Network> where = members[k] < first ? before : members[k] > last ? behind : between;
                    where.add(series.members().get(k));
                }
                before.add(Parallel.of(List.of(Series.of(between), wire)));
                before.addAll(behind);
                return outline.with(i, Optional.of(Series.of(before)))
                        .map(network -> Circuit.of(circuit.source(), network));
            }
            return Optional.empty();
        }

        /** Before how many of a row's parts a place lies; −1 if it is none of the row's. */
        private static int place(int[] along, Terminals terminals, int place) {
            for (int k = 0; k < along.length; k++) if (terminals.from(along[k]) == place) return k;
            return terminals.to(along[along.length - 1]) == place ? along.length : -1;
        }

        private static int place(String name, Circuit circuit) {
            Outline outline = circuit.outline();
            Terminals terminals = Terminals.of(circuit);
            if (name.equals("+")) return Terminals.POSITIVE;
            if (name.equals("-") || name.equals("−")) return Terminals.NEGATIVE;
            for (int i = 0; i < outline.size(); i++)
                if (outline.node(i) instanceof Point point
                        && String.valueOf(point.name()).equals(name)) return terminals.from(i);
            return IntStream.range(0, terminals.count())
                    .filter(place ->
                            terminals.junction(place).filter(name::equals).isPresent())
                    .findFirst()
                    .orElseThrow(
                            () -> new IllegalArgumentException("“" + name + "” must be a point, a junction, + or -"));
        }
    }

    /**
     * The same parts, or some of them, connected otherwise.
     *
     * @param network as in the notation, without values: "L1 || L2"
     */
    record Connected(String network) implements Rewiring {
        @Override
        public Circuit rewired(Circuit circuit) {
            return Wiring.read(network, circuit.source(), circuit.parts())
                    .orElseThrow(() -> new IllegalArgumentException(
                            "“" + network + "” must connect parts of the circuit, such as R1 + (R2 || R3)"));
        }
    }
}
