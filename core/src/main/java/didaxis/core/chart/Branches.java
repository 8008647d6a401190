package didaxis.core.chart;

import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Subject;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * The branches that a current passes: of each the resistances that it is told by, and of the first the source; and how
 * their currents are related where they part.
 */
public final class Branches {
    /** Two sums of currents that are equal, by the first part of each branch. */
    public record Relation(List<Subject> whole, List<Subject> parting) {}

    private final Chart chart;
    private final Outline outline;
    private final SamePlace same;
    private final Map<Integer, List<Subject>> parts = new LinkedHashMap<>();
    private final List<Relation> relations = new ArrayList<>();
    private final List<List<Subject>> all;
    private final Map<Subject, Integer> places = new HashMap<>();

    private Branches(Chart chart) {
        this.chart = chart;
        outline = chart.circuit().outline();
        same = SamePlace.of(chart);
        if (passes(0)) find();
        all = parts.values().stream().map(List::copyOf).toList();
        for (int k = 0; k < all.size(); k++) for (Subject one : all.get(k)) places.put(one, k);
    }

    private void find() {
        parts.put(0, new ArrayList<>(List.of(Subject.TOTAL)));
        for (Part part : outline.parts()) {
            Subject subject = Subject.part(part.label());
            int node = chart.subjects().nodeOf(subject);
            // Where currents part, each passes a resistance: what has none beside it takes all.
            if (part.kind().resistive() && passes(node))
                parts.computeIfAbsent(branch(node), key -> new ArrayList<>()).add(subject);
        }
        for (int node = 0; node < outline.size(); node++) if (parting(node).size() > 1) relate(node);
    }

    public static Branches of(Chart chart) {
        return new Branches(chart);
    }

    private boolean passes(int node) {
        return chart.point().current(node) > 0;
    }

    /** The members of a parallel that a current passes; none of any other node. */
    private List<Integer> parting(int node) {
        List<Integer> parting = new ArrayList<>();
        if (outline.join(node) == Join.PARALLEL)
            for (int member : outline.membersOf(node)) if (passes(member)) parting.add(member);
        return parting;
    }

    /** The stretch of one current around a node; where all of it goes one way, it has not parted. */
    private int branch(int node) {
        int stretch = same.branch(node);
        while (stretch != 0 && parting(outline.parent(stretch)).size() == 1)
            stretch = same.branch(outline.parent(stretch));
        return stretch;
    }

    private void relate(int parallel) {
        List<Subject> whole = currents(branch(parallel));
        List<Subject> sum = new ArrayList<>();
        for (int member : parting(parallel)) sum.addAll(currents(branch(member)));
        if (!whole.equals(sum)) relations.add(new Relation(whole, sum));
    }

    /** The current of a branch; of one in which there are only groups, what it is made of in the first of them. */
    private List<Subject> currents(int branch) {
        if (parts.containsKey(branch)) return List.of(parts.get(branch).get(0));
        List<Subject> sum = new ArrayList<>();
        for (int node = branch; node < outline.end(branch); node++)
            if (branch(node) == branch && parting(node).size() > 1) {
                for (int member : parting(node)) sum.addAll(currents(branch(member)));
                break;
            }
        return sum;
    }

    /** Of each branch the parts that it is told by, in reading order; none where nothing passes. */
    public List<List<Subject>> all() {
        return all;
    }

    /** The place among all of the branch that is told by a part, or of the first by the source. */
    public OptionalInt place(Subject thing) {
        Integer place = places.get(thing);
        return place == null ? OptionalInt.empty() : OptionalInt.of(place);
    }

    /** Of each place where currents part, the outermost first. */
    public List<Relation> relations() {
        return List.copyOf(relations);
    }
}
