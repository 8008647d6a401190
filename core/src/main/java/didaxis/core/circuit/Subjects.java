package didaxis.core.circuit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * The subjects of a circuit and where in its outline they stand.
 *
 * <p>A group is a series or parallel node, below the whole, with two or more resistive parts: what is seen
 * as one resistance when folding. A stretch with one resistive part and otherwise switches, ammeters, fuses
 * and links is that part's. Names of groups may be long in a long ladder, so this is made where subjects are
 * asked for, not with every circuit.
 */
public final class Subjects {
    private static final Comparator<String> BY_LABEL =
            Comparator.comparingInt(String::length).thenComparing(Comparator.naturalOrder());

    private final Circuit circuit;
    private final Map<Integer, Subject> byNode = new HashMap<>();
    private final Map<Subject, Integer> nodes = new HashMap<>();
    private final Map<String, Subject> byName = new HashMap<>();

    private Subjects(Circuit circuit) {
        this.circuit = circuit;
    }

    public static Subjects of(Circuit circuit) {
        Subjects subjects = new Subjects(circuit);
        Outline outline = circuit.outline();
        subjects.add(0, subjects.whole());
        for (int i = 0; i < outline.size(); i++) {
            Network node = outline.node(i);
            if (node instanceof Part part) subjects.add(i, Subject.part(part.label()));
            if (node instanceof Metered metered) subjects.addReading(i, Subject.voltmeter(metered.voltmeter()));
            if (node instanceof Point point) subjects.addReading(i, Subject.point(point.name()));
        }
        circuit.source().voltmeters().forEach(meter -> subjects.addReading(0, Subject.voltmeter(meter)));
        if (circuit.source().internalResistance() > 0) {
            subjects.byName.put("internal", Subject.INTERNAL);
            subjects.byName.put("total", Subject.TOTAL);
        }
        for (int i = 1; i < outline.size(); i++) {
            // A voltmeter across everything adds no group: its stretch is the whole.
            if (subjects.wholeBehindMeters(i)) subjects.byNode.putIfAbsent(i, subjects.whole());
            else if (subjects.isGroup(i)) subjects.addGroup(i);
        }
        subjects.byName.putIfAbsent(labels(circuit.parts(), part -> true), subjects.whole());
        subjects.byName.putIfAbsent(labels(circuit.parts(), part -> part.kind().resistive()), subjects.whole());
        return subjects;
    }

    /** The subject of the whole network: external where the source has internal resistance, else total. */
    public Subject whole() {
        return circuit.source().internalResistance() > 0 ? Subject.EXTERNAL : Subject.TOTAL;
    }

    private boolean isGroup(int i) {
        boolean combination =
                circuit.outline().node(i) instanceof Series || circuit.outline().node(i) instanceof Parallel;
        long resistive = circuit.outline().partsOf(i).stream()
                .filter(part -> part.kind().resistive())
                .count();
        return combination && resistive >= 2;
    }

    private boolean wholeBehindMeters(int i) {
        int node = i;
        while (node > 0 && circuit.outline().node(circuit.outline().parent(node)) instanceof Metered) {
            node = circuit.outline().parent(node);
        }
        return node == 0;
    }

    private void add(int node, Subject subject) {
        byNode.putIfAbsent(node, subject);
        nodes.put(subject, node);
        byName.put(subject.id(), subject);
    }

    private void addReading(int node, Subject subject) {
        nodes.put(subject, node);
        byName.put(subject.id(), subject);
    }

    private void addGroup(int node) {
        List<Part> parts = circuit.outline().partsOf(node);
        String resistive = labels(parts, part -> part.kind().resistive());
        String shortName = shortName(resistive);
        boolean free = !shortName.isEmpty() && !byName.containsKey(shortName);
        String id = free ? shortName : resistive;
        Subject group = new Subject(Subject.Kind.GROUP, byName.containsKey(id) ? labels(parts, part -> true) : id);
        add(node, group);
        byName.putIfAbsent(labels(parts, part -> true), group);
        byName.putIfAbsent(resistive, group);
    }

    /** R2,R3 is R23 for short, as long as no digit is in doubt; empty where it would be. */
    private static String shortName(String labels) {
        String[] each = labels.split(",");
        String letters = each[0].replaceAll("[0-9]", "");
        boolean clear = Arrays.stream(each).allMatch(label -> label.matches(letters + "[0-9]"));
        return clear ? letters + labels.replaceAll("[^0-9]", "") : "";
    }

    private static String labels(List<Part> parts, Predicate<Part> which) {
        return parts.stream().filter(which).map(Part::label).sorted(BY_LABEL).collect(Collectors.joining(","));
    }

    /** The subject that node i is, looking through voltmeters and past ideal wires; empty for a stretch of ideal parts. */
    public Optional<Subject> at(int i) {
        int node = i;
        while (!byNode.containsKey(node)) {
            boolean metered = circuit.outline().node(node) instanceof Metered;
            int below = metered ? node + 1 : onlyMemberWithResistance(node);
            if (below < 0) return Optional.empty();
            node = below;
        }
        return Optional.of(byNode.get(node));
    }

    private int onlyMemberWithResistance(int node) {
        int only = -1;
        for (int member : circuit.outline().membersOf(node)) {
            if (circuit.outline().partsOf(member).stream()
                    .noneMatch(part -> part.kind().resistive())) continue;
            if (only >= 0) return -1;
            only = member;
        }
        return only;
    }

    /** The node of the outline a subject stands at; for a reading, its stretch or place. */
    public int nodeOf(Subject subject) {
        return nodes.getOrDefault(subject, 0);
    }

    /** Whether this circuit has it. */
    public boolean has(Subject subject) {
        return switch (subject.kind()) {
            case TOTAL -> true;
            case INTERNAL, EXTERNAL -> circuit.source().internalResistance() > 0;
            default -> nodes.containsKey(subject);
        };
    }

    /** Labels of the parts that make up a subject, in reading order. */
    public List<String> membersOf(Subject subject) {
        return switch (subject.kind()) {
            case PART, GROUP ->
                circuit.outline().partsOf(nodeOf(subject)).stream()
                        .map(Part::label)
                        .toList();
            case TOTAL, EXTERNAL -> circuit.parts().stream().map(Part::label).toList();
            case INTERNAL, VOLTMETER, POINT -> List.of();
        };
    }

    /** The subjects that have a row in the chart, in the order of the chart: parts with the groups they end, then the whole. */
    public List<Subject> rows() {
        Outline outline = circuit.outline();
        List<Subject> rows = new ArrayList<>();
        Deque<Integer> open = new ArrayDeque<>();
        for (int i = 0; i <= outline.size(); i++) {
            while (!open.isEmpty() && outline.end(open.peek()) <= i) rows.add(byNode.get(open.pop()));
            if (i < outline.size() && i > 0 && isRow(i)) open.push(i);
        }
        if (outline.node(0) instanceof Part part) rows.add(0, Subject.part(part.label()));
        if (circuit.source().internalResistance() > 0) {
            rows.add(Subject.EXTERNAL);
            rows.add(Subject.INTERNAL);
        }
        rows.add(Subject.TOTAL);
        return rows;
    }

    private boolean isRow(int i) {
        return byNode.containsKey(i) && !byNode.get(i).equals(whole());
    }

    /** The subjects that are read: voltmeters and points, in reading order. */
    public List<Subject> readings() {
        return nodes.keySet().stream()
                .filter(subject -> subject.kind() == Subject.Kind.VOLTMETER || subject.kind() == Subject.Kind.POINT)
                .sorted(Comparator.comparing(Subject::kind).thenComparing(Subject::id))
                .toList();
    }

    /** What a name means in this circuit: "R1", "R23", "R3,R2", "total", "A1", "V1", ".B", or "B" where no part is called so. */
    public Optional<Subject> named(String name) {
        String compact = name.replace(" ", "");
        String sorted = compact.contains(",")
                ? Arrays.stream(compact.split(",")).sorted(BY_LABEL).collect(Collectors.joining(","))
                : compact;
        return Optional.ofNullable(byName.get(sorted)).or(() -> Optional.ofNullable(byName.get("." + compact)));
    }
}
