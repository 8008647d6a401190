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
import java.util.List;

/**
 * The loop arrangement: the source stands at the left, the current runs along the top, down the right and
 * back along the bottom; a parallel at the right stands as rungs. How many members lie on which side is
 * chosen so that the drawing is largest in the room it gets.
 */
public final class LoopDrawing {
    private static final double CORNER = 20;
    private static final double LEAST_HEIGHT = 190;
    private static final double LEAST_WIDTH = 240;
    /** Nothing is drawn larger than this many times its size to fill the room. */
    private static final double LARGEST = 1.2;

    private final Circuit circuit;
    private final Captions captions;
    private final Terminals terminals;

    private LoopDrawing(Circuit circuit, Captions captions) {
        this.circuit = circuit;
        this.captions = captions;
        this.terminals = Terminals.of(circuit);
    }

    /**
     * Draws for a room of this width and height; the scene keeps its own size, to be scaled into the room.
     * Nesting is drawn recursively: a circuit of more than a few hundred parts would be no drawing anyway.
     */
    public static Scene of(Circuit circuit, Captions captions, double roomWidth, double roomHeight) {
        LoopDrawing drawing = new LoopDrawing(circuit, captions);
        Sides best = null;
        for (Sides sides : drawing.arrangements()) {
            if (best == null || sides.scale(roomWidth, roomHeight) > best.scale(roomWidth, roomHeight) + 1e-9)
                best = sides;
        }
        return best.draw();
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
        if (node instanceof Part part) return new PartElement(part.label(), captions.of(part.label()), Symbol.of(part));
        if (node instanceof Point point) return new PointElement(point.name());
        if (node instanceof Metered metered) return new MeteredElement(metered.voltmeter(), element(i + 1, false));
        List<Element> members = new ArrayList<>();
        for (int member : outline.membersOf(i)) members.add(element(member, false));
        if (!(node instanceof Parallel)) return new LineElement(members);
        String entry = terminals.junction(terminals.from(i)).orElse("");
        String exit = terminals.junction(terminals.to(i)).orElse("");
        return new BranchesElement(members, asRungs, entry, exit);
    }

    private Element source() {
        Element source = new BatteryElement(captions.emf());
        if (circuit.source().internalResistance() > 0) {
            List<String> value =
                    captions.internalResistance().isEmpty() ? List.of() : List.of(captions.internalResistance());
            source = new LineElement(List.of(source, new PartElement("r", value, Symbol.resistor())));
        }
        for (String voltmeter : circuit.source().voltmeters()) source = new MeteredElement(voltmeter, source);
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
