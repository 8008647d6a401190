package didaxis.core.drawing;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Terminals;
import didaxis.core.drawing.PartElement.Marks;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Makes the elements of a circuit. Nesting is drawn recursively: a circuit of more than a few hundred parts
 * would be no drawing anyway.
 */
final class Elements {
    private static final double LONG_WIRE = 64;
    private static final int LONGEST_ROW = 4;
    /** What is left to chance: which part, which parallels, and of each node its own. */
    private static final int LONG = 1;

    private static final int ASLANT = 2;
    private static final int IN_A_ROW = 3;
    private static final int NODES = 10;

    private final Circuit circuit;
    private final Captions captions;
    private final Plan plan;
    private final Type type;
    /** The elements of nodes that are not rungs; each layout that is tried uses the same. */
    private final Map<Integer, Element> made = new HashMap<>();

    /** The parallel that is drawn in a row; −1 if none is. */
    private final int inARow;

    private final Map<Integer, String> entries = new HashMap<>();
    private final Map<Integer, String> exits = new HashMap<>();

    Elements(Circuit circuit, Captions captions, Plan plan, Type type) {
        this.circuit = circuit;
        this.captions = captions;
        this.plan = plan;
        this.type = type;
        this.inARow = chosenForARow();
        if (plan.junctionNames()) nameJunctionsOnce(Terminals.of(circuit));
    }

    private void nameJunctionsOnce(Terminals terminals) {
        Set<String> said = new HashSet<>();
        for (int i = 0; i < circuit.outline().size(); i++) {
            if (circuit.outline().join(i) != Join.PARALLEL) continue;
            String entry = terminals.junction(terminals.from(i)).orElse("");
            String exit = terminals.junction(terminals.to(i)).orElse("");
            if (said.add(entry)) entries.put(i, entry);
            if (said.add(exit)) exits.put(i, exit);
        }
    }

    /** The element of node i; a parallel as rungs uses the loop's own wires as its rails. */
    Element of(int i, boolean asRungs) {
        if (asRungs) return MeasuredElement.of(make(i, true));
        Element known = made.get(i);
        if (known != null) return known;
        Element element = MeasuredElement.of(make(i, false));
        made.put(i, element);
        return element;
    }

    private Element make(int i, boolean asRungs) {
        Outline outline = circuit.outline();
        Network node = outline.node(i);
        if (node instanceof Part part) return disguised(part(part), i);
        if (node instanceof Point point) return new PointElement(point.name(), type);
        if (node instanceof Metered metered) return new MeteredElement(metered.voltmeter(), of(i + 1, false), type);
        List<Element> members = new ArrayList<>();
        for (int member : outline.membersOf(i)) members.add(of(member, false));
        if (outline.join(i) == Join.SERIES) return new LineElement(members);
        if (inARow == i) return new RowElement(members, entries.getOrDefault(i, ""), exits.getOrDefault(i, ""), type);
        if (plan.disguised(1)) Collections.shuffle(members, plan.chance(NODES + i));
        BranchesElement.Ends ends = asRungs ? BranchesElement.Ends.RUNGS : BranchesElement.Ends.LEADS;
        return new BranchesElement(
                slanted(members, i), ends, entries.getOrDefault(i, ""), exits.getOrDefault(i, ""), type);
    }

    /** Those of several nodes one behind the other. */
    LineElement line(int[] nodes, int from, int to) {
        List<Element> elements = new ArrayList<>();
        for (int k = from; k < to; k++) elements.add(of(nodes[k], false));
        return new LineElement(elements);
    }

    private PartElement part(Part part) {
        boolean carries = captions.carrying().contains(part.label());
        boolean signed = carries && plan.polarity() && part.kind().resistive();
        Marks marks = new Marks(carries ? plan.arrows() : Plan.Arrows.NONE, signed);
        return new PartElement(
                part.label(), shown(part), captions.of(part.label()), Symbol.of(part, plan.resistor()), type, marks);
    }

    /** A folded whole is R with an index, as its group rows are. */
    private String shown(Part part) {
        if (part.label().equals(Subject.TOTAL.id()))
            return "R" + captions.terms().totalIndex();
        return part.label().equals(Subject.EXTERNAL.id()) ? "Rext" : part.label();
    }

    /** One part of a loop that is drawn in disguise lies far off on a long wire. */
    private Element disguised(PartElement part, int node) {
        if (!plan.disguised(2)) return part;
        Outline outline = circuit.outline();
        int[] loop = outline.join(0) == Join.SERIES
                ? IntStream.of(outline.membersOf(0))
                        .filter(member -> outline.node(member) instanceof Part)
                        .toArray()
                : new int[0];
        boolean chosen = loop.length > 0 && loop[plan.chance(LONG).nextInt(loop.length)] == node;
        return chosen
                ? new LongWireElement(
                        part, LONG_WIRE + plan.chance(NODES + node).nextInt(24))
                : part;
    }

    /** In the hardest disguise a part of one of the parallels lies aslant between the corners, behind the other branches. */
    private List<Element> slanted(List<Element> branches, int node) {
        if (!plan.disguised(Plan.HARDEST)) return branches;
        int[] parallels = IntStream.range(0, circuit.outline().size())
                .filter(i -> circuit.outline().join(i) == Join.PARALLEL && ownPart(i))
                .toArray();
        if (parallels.length == 0 || parallels[plan.chance(ASLANT).nextInt(parallels.length)] != node) return branches;
        List<Element> slanted = new ArrayList<>(branches);
        for (int k = branches.size() - 1; k > 0; k--)
            if (branches.get(k) instanceof MeasuredElement measured && measured.element() instanceof PartElement part) {
                slanted.remove(k);
                slanted.add(MeasuredElement.of(new SlantedElement(part)));
                break;
            }
        return slanted;
    }

    /** Disguised, every other time one of the parallels without junctions in its branches is drawn in a row. */
    private int chosenForARow() {
        Random random = plan.chance(IN_A_ROW);
        if (!plan.disguised(2) || random.nextBoolean()) return -1;
        Outline outline = circuit.outline();
        int[] rows = IntStream.range(1, outline.size())
                .filter(i -> outline.join(i) == Join.PARALLEL && outline.membersOf(i).length <= LONGEST_ROW)
                .filter(i -> IntStream.range(i + 1, outline.end(i))
                        .allMatch(
                                inside -> outline.node(inside) instanceof Part || outline.join(inside) == Join.SERIES))
                .toArray();
        return rows.length == 0 ? -1 : rows[random.nextInt(rows.length)];
    }

    private boolean ownPart(int parallel) {
        return IntStream.of(circuit.outline().membersOf(parallel))
                .anyMatch(member -> circuit.outline().node(member) instanceof Part);
    }

    /** A parallel that is all there is, with the source among its branches. */
    Element aroundSource(Element source) {
        List<Element> members = new ArrayList<>();
        for (int member : circuit.outline().membersOf(0)) members.add(of(member, false));
        Collections.shuffle(members, plan.chance(NODES));
        members.add(1, source);
        return new BranchesElement(
                slanted(members, 0),
                BranchesElement.Ends.CLOSED,
                entries.getOrDefault(0, ""),
                exits.getOrDefault(0, ""),
                type);
    }

    /** The source, its internal resistance and the voltmeters across its terminals. */
    Element source() {
        Element source = emf();
        for (String voltmeter : circuit.source().voltmeters()) source = new MeteredElement(voltmeter, source, type);
        return MeasuredElement.of(source);
    }

    private Element emf() {
        Element battery = new BatteryElement(captions.emf(), type);
        return circuit.source().internalResistance() > 0
                ? new LineElement(List.of(battery, internalResistance()))
                : battery;
    }

    PartElement internalResistance() {
        List<String> value =
                captions.internalResistance().isEmpty() ? List.of() : List.of(captions.internalResistance());
        return new PartElement("r", "r", value, Symbol.resistor(plan.resistor()), type, Marks.NONE);
    }
}
