package didaxis.core.law;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/**
 * A circuit as laws see it: its combinations with the subjects that stand for their members. Ideal wires
 * add nothing to a sum and are left out of it; an open branch conducts nothing and is left out of a
 * parallel resistance.
 */
public final class Structure {
    private static final double SAME = 1e-12;

    /**
     * One series or parallel combination.
     *
     * @param voltage the subject that has its voltage
     * @param current the subject that has its current
     * @param resistance the subject that has its resistance; each is empty where no subject does
     */
    public record Combination(
            boolean series,
            Optional<Subject> voltage,
            Optional<Subject> current,
            Optional<Subject> resistance,
            List<Member> members) {
        /** The members that conduct and resist, as subjects; empty if one of them has none. */
        Optional<List<Subject>> resisting() {
            List<Subject> subjects = new ArrayList<>();
            for (Member member : members) {
                if (!member.resists()) continue;
                if (member.resistance().isEmpty()) return Optional.empty();
                subjects.add(member.resistance().get());
            }
            return Optional.of(subjects).filter(some -> !some.isEmpty());
        }

        boolean hasOpenMember() {
            return members.stream().anyMatch(member -> Double.isInfinite(member.ohms()));
        }

        public boolean hasIdealMember() {
            return members.stream().anyMatch(member -> member.ohms() == 0);
        }
    }

    /** A member of a combination, its resistance in ohms, and the subjects that stand for it. */
    public record Member(
            double ohms, Optional<Subject> voltage, Optional<Subject> current, Optional<Subject> resistance) {
        boolean resists() {
            return ohms > 0 && ohms < Double.POSITIVE_INFINITY;
        }
    }

    private final Chart chart;
    private final HouseStyle style;
    private final Subjects subjects;
    private final OperatingPoint point;
    private final Outline outline;
    private final List<Combination> combinations = new ArrayList<>();

    private Structure(Chart chart, HouseStyle style) {
        this.chart = chart;
        this.style = style;
        this.subjects = chart.subjects();
        this.point = chart.point();
        this.outline = chart.circuit().outline();
    }

    public static Structure of(Chart chart, HouseStyle style) {
        Structure structure = new Structure(chart, style);
        Outline outline = structure.outline;
        for (int i = 0; i < outline.size(); i++) {
            boolean series = outline.node(i) instanceof Series;
            if (series || outline.node(i) instanceof Parallel) {
                structure.combinations.add(structure.combination(i, series));
            }
        }
        if (structure.combinations.isEmpty()) structure.combinations.add(structure.lonePart());
        if (chart.circuit().source().internalResistance() > 0) {
            structure.combinations.add(structure.withInternalResistance());
        }
        return structure;
    }

    private Combination combination(int i, boolean series) {
        List<Member> members = new ArrayList<>();
        for (int m : outline.membersOf(i)) {
            if (!outline.hasPart(m)) continue;
            members.add(new Member(point.resistance(m), ownVoltage(m), ownCurrent(m), exact(m)));
        }
        return new Combination(series, voltageOf(i), currentOf(i), exact(i), members);
    }

    /** One part is all there is, with or without voltmeters across it: a series of one. */
    private Combination lonePart() {
        Optional<Subject> whole = Optional.of(subjects.whole());
        Optional<Subject> part = Optional.of(Subject.part(outline.parts().get(0).label()));
        return new Combination(true, whole, whole, whole, List.of(new Member(point.resistance(0), part, part, part)));
    }

    private Combination withInternalResistance() {
        Optional<Subject> total = Optional.of(Subject.TOTAL);
        Optional<Subject> inside = Optional.of(Subject.INTERNAL);
        Optional<Subject> outside = Optional.of(Subject.EXTERNAL);
        double r = chart.circuit().source().internalResistance();
        return new Combination(
                true,
                total,
                total,
                total,
                List.of(
                        new Member(point.resistance(0), outside, outside, outside),
                        new Member(r, inside, inside, inside)));
    }

    /** The subject that node i is in every respect: itself, or the one part that its ideal wires leave. */
    private Optional<Subject> exact(int i) {
        return subjects.at(i).filter(subject -> {
            int node = subjects.nodeOf(subject);
            double own = point.resistance(i);
            double its = point.resistance(node);
            // All gaps have one resistance, and all wires: what tells them apart is which takes the voltage, the
            // current.
            if (Double.isInfinite(own)) return its == own && point.voltage(node) == point.voltage(i);
            if (own == 0) return its == own && point.current(node) == point.current(i);
            return Math.abs(own - its) <= SAME * own;
        });
    }

    /** A subject inside node i across which all of its voltage stands. */
    private Optional<Subject> ownVoltage(int i) {
        if (exact(i).isPresent()) return exact(i);
        boolean shared = outline.node(i) instanceof Parallel;
        // Where nothing flows, all of the voltage stands across what is open.
        double least = !shared && Double.isInfinite(point.resistance(i)) ? Double.POSITIVE_INFINITY : Double.MIN_VALUE;
        int[] taking = IntStream.of(outline.membersOf(i))
                .filter(m -> point.resistance(m) >= least)
                .toArray();
        return shared || taking.length == 1 ? firstOf(taking, this::ownVoltage) : Optional.empty();
    }

    /** A subject inside node i through which all of its current passes. */
    private Optional<Subject> ownCurrent(int i) {
        if (exact(i).isPresent()) return exact(i);
        int[] members = outline.membersOf(i);
        if (!(outline.node(i) instanceof Parallel))
            return firstOf(members, this::ownCurrent).or(() -> firstOf(members, this::point));
        int[] wires =
                IntStream.of(members).filter(m -> point.resistance(m) == 0).toArray();
        int[] conducting = wires.length > 0
                ? wires
                : IntStream.of(members)
                        .filter(m -> Double.isFinite(point.resistance(m)))
                        .toArray();
        return conducting.length == 1 ? ownCurrent(conducting[0]) : Optional.empty();
    }

    /** A point names the current of wires that share theirs in no decided way. */
    private Optional<Subject> point(int i) {
        return outline.node(i) instanceof Point named ? Optional.of(Subject.point(named.name())) : Optional.empty();
    }

    private static Optional<Subject> firstOf(int[] nodes, IntFunction<Optional<Subject>> subject) {
        return IntStream.of(nodes).mapToObj(subject).flatMap(Optional::stream).findFirst();
    }

    /** A subject with the voltage of node i: its own, or that of the parallel it is a branch of. */
    Optional<Subject> voltageOf(int i) {
        for (int node = i; node >= 0; node = outline.parent(node)) {
            if (ownVoltage(node).isPresent()) return ownVoltage(node);
            if (node > 0 && outline.node(outline.parent(node)) instanceof Series) return Optional.empty();
        }
        return Optional.empty();
    }

    /** A subject with the current of node i: its own, or that of the series it is a member of. */
    Optional<Subject> currentOf(int i) {
        for (int node = i; node >= 0; node = outline.parent(node)) {
            if (ownCurrent(node).isPresent()) return ownCurrent(node);
            if (node > 0 && outline.node(outline.parent(node)) instanceof Parallel) return Optional.empty();
        }
        return Optional.empty();
    }

    public Chart chart() {
        return chart;
    }

    /** The style whose forms the laws are written in. */
    public HouseStyle style() {
        return style;
    }

    /** All combinations, outer before inner; the one of source and network last. */
    public List<Combination> combinations() {
        return combinations;
    }

    /** Every row with a resistance that is finite and above 0. */
    public List<Subject> resisting() {
        return chart.rows().stream()
                .filter(subject -> chart.value(Cell.resistance(subject)).orElse(0) > 0)
                .toList();
    }

    /** The terms that lead from a point to the negative terminal (or back to the positive), as voltages to add; empty if one has no subject. */
    Optional<List<Subject>> voltagesFrom(int pointNode, boolean towardsNegative) {
        List<Subject> terms = new ArrayList<>();
        int node = pointNode;
        while (outline.parent(node) >= 0) {
            int parent = outline.parent(node);
            if (outline.node(parent) instanceof Series) {
                for (int m : outline.membersOf(parent)) {
                    boolean onTheWay = towardsNegative ? m > node : m < node;
                    if (!onTheWay || !outline.hasPart(m) || point.resistance(m) == 0) continue;
                    if (exact(m).isEmpty()) return Optional.empty();
                    terms.add(exact(m).get());
                }
            }
            node = parent;
        }
        return Optional.of(terms);
    }
}
