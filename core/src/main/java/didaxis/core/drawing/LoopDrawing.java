package didaxis.core.drawing;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Terminals;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The loop arrangement: the source stands at the left, the current runs along the top, down the right and
 * back along the bottom; a parallel at the right stands as rungs. How many members lie on which side is
 * chosen so that the drawing is largest in the room it gets.
 */
public final class LoopDrawing {
    private static final double CORNER = 20;
    private static final double LEAST_HEIGHT = 190;
    private static final double LEAST_WIDTH = 200;
    /** Nothing is drawn larger than this many times its size to fill the room. */
    private static final double LARGEST = 1.2;

    /** Below this scale text is set larger; what cannot be read on a phone is no drawing. */
    private static final double LEGIBLE = 0.9;

    private static final double LARGEST_TYPE = 1.6;

    private final Circuit circuit;
    private final Captions captions;
    private final Type type;
    private final Map<Integer, String> entries = new HashMap<>();
    private final Map<Integer, String> exits = new HashMap<>();

    private LoopDrawing(Circuit circuit, Captions captions, Type type) {
        this.circuit = circuit;
        this.captions = captions;
        this.type = type;
        nameJunctionsOnce(Terminals.of(circuit));
    }

    private void nameJunctionsOnce(Terminals terminals) {
        Set<String> said = new HashSet<>();
        for (int i = 0; i < circuit.outline().size(); i++) {
            if (!(circuit.outline().node(i) instanceof Parallel)) continue;
            String entry = terminals.junction(terminals.from(i)).orElse("");
            String exit = terminals.junction(terminals.to(i)).orElse("");
            if (said.add(entry)) entries.put(i, entry);
            if (said.add(exit)) exits.put(i, exit);
        }
    }

    /**
     * Draws for a room of this width and height; the scene keeps its own size, to be scaled into the room.
     * Nesting is drawn recursively: a circuit of more than a few hundred parts would be no drawing anyway.
     */
    public static Scene of(Circuit circuit, Captions captions, double roomWidth, double roomHeight) {
        Sides usual = new LoopDrawing(circuit, captions, Type.USUAL).largest(roomWidth, roomHeight);
        double scale = usual.scale(roomWidth, roomHeight);
        if (scale >= LEGIBLE) return usual.draw();
        Type larger = new Type(Math.min(LARGEST_TYPE, LEGIBLE / scale));
        return new LoopDrawing(circuit, captions, larger)
                .largest(roomWidth, roomHeight)
                .draw();
    }

    private Sides largest(double roomWidth, double roomHeight) {
        List<Sides> arrangements = arrangements();
        Sides best = arrangements.get(0);
        for (Sides sides : arrangements) {
            if (sides.scale(roomWidth, roomHeight) > best.scale(roomWidth, roomHeight) + 1e-9) best = sides;
        }
        return best;
    }

    private List<Sides> arrangements() {
        int[] members = circuit.network() instanceof Series ? circuit.outline().membersOf(0) : new int[] {0};
        List<Sides> arrangements = new ArrayList<>();
        int n = members.length;
        for (int bottom = 0; bottom < n; bottom++) {
            for (int right = 1; bottom + right <= n; right++) {
                int top = n - bottom - right;
                arrangements.add(new Sides(
                        elements(members, 0, top),
                        rightSide(members, top, top + right),
                        elements(members, top + right, n)));
            }
        }
        return arrangements;
    }

    private LineElement elements(int[] members, int from, int to) {
        List<Element> elements = new ArrayList<>();
        for (int k = from; k < to; k++) elements.add(element(members[k], false));
        return new LineElement(elements);
    }

    private Element rightSide(int[] members, int from, int to) {
        return to - from == 1 ? element(members[from], true) : elements(members, from, to);
    }

    private Element element(int i, boolean asRungs) {
        Outline outline = circuit.outline();
        Network node = outline.node(i);
        if (node instanceof Part part)
            return new PartElement(part.label(), captions.of(part.label()), Symbol.of(part), type);
        if (node instanceof Point point) return new PointElement(point.name(), type);
        if (node instanceof Metered metered)
            return new MeteredElement(metered.voltmeter(), element(i + 1, false), type);
        List<Element> members = new ArrayList<>();
        for (int member : outline.membersOf(i)) members.add(element(member, false));
        if (!(node instanceof Parallel)) return new LineElement(members);
        return new BranchesElement(members, asRungs, entries.getOrDefault(i, ""), exits.getOrDefault(i, ""), type);
    }

    private Element source() {
        Element source = new BatteryElement(captions.emf(), type);
        if (circuit.source().internalResistance() > 0) {
            List<String> value =
                    captions.internalResistance().isEmpty() ? List.of() : List.of(captions.internalResistance());
            source = new LineElement(List.of(source, new PartElement("r", value, Symbol.resistor(), type)));
        }
        for (String voltmeter : circuit.source().voltmeters()) source = new MeteredElement(voltmeter, source, type);
        return source;
    }

    /** One way to lay the members out: along the top, down the right, back along the bottom. */
    private final class Sides {
        final LineElement top;
        final Element right;
        final LineElement bottom;
        final Element source = source();
        final double start;
        final double width;
        final double height;

        Sides(LineElement top, Element right, LineElement bottom) {
            this.top = top;
            this.right = right;
            this.bottom = bottom;
            Element.Room along = top.room(true);
            Element.Room back = bottom.room(true);
            Element.Room down = right.room(false);
            start = Math.max(CORNER, source.room(false).before());
            width = Math.max(LEAST_WIDTH, start + Math.max(along.length(), back.length()) + down.before() + CORNER);
            double sides = Math.max(down.length(), source.room(false).length());
            height = Math.max(Math.max(LEAST_HEIGHT, sides), along.after() + back.before() + CORNER);
        }

        double scale(double roomWidth, double roomHeight) {
            double w = width + source.room(false).after() + right.room(false).after() + 32;
            double h = height
                    + Math.max(16, top.room(true).before())
                    + Math.max(16, bottom.room(true).after())
                    + 32;
            return Math.min(LARGEST, Math.min(roomWidth / w, roomHeight / h));
        }

        Scene draw() {
            Pen pen = new Pen();
            double inner = width - start - right.room(false).before() - CORNER / 2;
            Spot topLeft = new Spot(0, 0);
            Spot bottomLeft = new Spot(0, height);
            double turn = start + inner;
            pen.wire(topLeft, new Spot(start, 0));
            top.draw(pen, Frame.rightwards(new Spot(start, 0)), inner);
            pen.wire(new Spot(turn, 0), new Spot(width, 0));
            right.draw(pen, Frame.downwards(new Spot(width, 0)), height);
            pen.wire(new Spot(width, height), new Spot(turn, height));
            bottom.draw(pen, Frame.leftwards(new Spot(turn, height)), inner);
            pen.wire(new Spot(start, height), bottomLeft);
            source.draw(pen, Frame.downwardsMirrored(topLeft), height);
            return pen.scene();
        }
    }
}
