package didaxis.core.chart;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Terminals;
import didaxis.core.style.HouseStyle.FoldingOrder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A circuit folded stage by stage to one resistance, and so, read from the end, unfolded again.
 *
 * <p>The first stage is the circuit as given. If it has ideal parts, meters, points or stretches that carry
 * nothing, the second is what is left of it as resistances. From there every stage folds one group of the
 * last, until one resistance stands across the emf. A circuit that is open, or whose network is shorted, has
 * nothing to fold.
 */
public final class Folding {
    /**
     * One redraw.
     *
     * @param circuit what is drawn; a folded group is one part named as its row in the chart
     * @param fold what was folded to come here; empty for the circuit as given and as resistances
     */
    public record Stage(Circuit circuit, Optional<Fold> fold) {}

    /**
     * One group seen as one resistance.
     *
     * @param series whether its members were in series, else in parallel
     * @param group the row of the chart it is
     * @param members the rows it was folded from, in reading order
     * @param between names of the two junctions that both ends of each member are on; empty for a series
     */
    public record Fold(boolean series, Subject group, List<Subject> members, List<String> between) {}

    private final Chart chart;
    private final Map<Network, Integer> origins = new IdentityHashMap<>();
    private final List<Stage> stages = new ArrayList<>();

    private Folding(Chart chart) {
        this.chart = chart;
    }

    /** All stages, the circuit as given first. */
    public static List<Stage> of(Chart chart, FoldingOrder order) {
        Folding folding = new Folding(chart);
        folding.stages.add(new Stage(chart.circuit(), Optional.empty()));
        Network bare = folding.resistancesOnly();
        if (bare != null) folding.fold(bare, order);
        return List.copyOf(folding.stages);
    }

    /** What is left of a circuit as resistances; empty if that is nothing. */
    public static Optional<Circuit> asResistances(Chart chart) {
        Source source = chart.circuit().source().with(List.of());
        return Optional.ofNullable(new Folding(chart).resistancesOnly()).map(network -> Circuit.of(source, network));
    }

    /** The network without what has no resistance or carries nothing; null if nothing is left. */
    private Network resistancesOnly() {
        Outline outline = chart.circuit().outline();
        Network[] left = new Network[outline.size()];
        for (int i = outline.size() - 1; i >= 0; i--) {
            double ohms = chart.point().resistance(i);
            if (ohms == 0 || Double.isInfinite(ohms)) continue;
            List<Network> members = new ArrayList<>();
            for (int m : outline.membersOf(i)) if (left[m] != null) members.add(left[m]);
            left[i] = outline.join(i) == Join.NONE ? outline.node(i) : joined(outline.join(i), members);
            // A stretch with one member left is that member.
            origins.putIfAbsent(left[i], i);
        }
        return left[0];
    }

    private static Network joined(Join join, List<Network> members) {
        return join == Join.PARALLEL ? Parallel.of(members) : Series.of(members);
    }

    private void fold(Network network, FoldingOrder order) {
        Source given = chart.circuit().source();
        Source source = given.with(List.of());
        Circuit bare = Circuit.of(source, network);
        if (!bare.equals(chart.circuit())) stages.add(new Stage(bare, Optional.empty()));
        Outline outline = bare.outline();
        Terminals terminals = Terminals.of(bare);
        Network[] now = new Network[outline.size()];
        for (int i = 0; i < now.length; i++) now[i] = outline.node(i);
        for (int node : sequence(outline, order)) {
            List<Subject> members = Arrays.stream(outline.membersOf(node))
                    .mapToObj(m -> subject(outline, m))
                    .toList();
            boolean series = outline.join(node) == Join.SERIES;
            Subject group = subject(outline, node);
            List<String> between = series
                    ? List.of()
                    : List.of(
                            terminals.junction(terminals.from(node)).orElse(""),
                            terminals.junction(terminals.to(node)).orElse(""));
            now[node] = Part.equivalent(group.id(), chart.point().resistance(origins.get(outline.node(node))));
            rebuild(outline, now, node);
            stages.add(new Stage(Circuit.of(source, now[0]), Optional.of(new Fold(series, group, members, between))));
        }
        if (source.internalResistance() > 0) foldInternalResistance(source, now[0]);
    }

    private void foldInternalResistance(Source source, Network network) {
        double whole = chart.point().resistance(0) + source.internalResistance();
        Circuit last = Circuit.of(new Source(source.emf(), 0, List.of()), Part.equivalent(Subject.TOTAL.id(), whole));
        boolean lonePart = network instanceof Part part && part.kind() != PartKind.EQUIVALENT;
        Subject outside = lonePart ? Subject.part(((Part) network).label()) : Subject.EXTERNAL;
        List<Subject> members = List.of(outside, Subject.INTERNAL);
        stages.add(new Stage(last, Optional.of(new Fold(true, Subject.TOTAL, members, List.of()))));
    }

    /** The row of the chart that a node is, by the node of the whole circuit it was left from. */
    private Subject subject(Outline outline, int node) {
        if (node == 0) return chart.subjects().whole();
        return chart.subjects().at(origins.get(outline.node(node))).orElseThrow();
    }

    /** The nodes that hold the folded one are made anew from what their members are now. */
    private static void rebuild(Outline outline, Network[] now, int folded) {
        for (int i = outline.parent(folded); i >= 0; i = outline.parent(i)) {
            List<Network> members = new ArrayList<>();
            for (int m : outline.membersOf(i)) members.add(now[m]);
            now[i] = joined(outline.join(i), members);
        }
    }

    /** The combinations in the order they are folded; each behind those it holds. */
    private static List<Integer> sequence(Outline outline, FoldingOrder order) {
        int[] depth = new int[outline.size()];
        int[] round = new int[outline.size()];
        List<Integer> combinations = new ArrayList<>();
        for (int i = 1; i < outline.size(); i++) depth[i] = depth[outline.parent(i)] + 1;
        for (int i = outline.size() - 1; i >= 0; i--) {
            if (outline.join(i) == Join.NONE) continue;
            combinations.add(0, i);
            // Series are folded in odd rounds, parallels in even ones.
            int after = 0;
            for (int m : outline.membersOf(i)) after = Math.max(after, round[m]);
            boolean turn = (after % 2 == 0) == (outline.join(i) == Join.SERIES);
            round[i] = turn ? after + 1 : after + 2;
        }
        Comparator<Integer> byOrder = order == FoldingOrder.SERIES_FIRST
                ? Comparator.comparingInt(i -> round[i])
                : Comparator.comparingInt(i -> -depth[i]);
        return combinations.stream()
                .sorted(byOrder.thenComparing(Comparator.naturalOrder()))
                .toList();
    }
}
