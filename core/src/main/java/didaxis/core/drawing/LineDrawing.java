package didaxis.core.drawing;

import didaxis.core.circuit.Circuit;
import didaxis.core.compose.Composer;
import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;
import java.util.ArrayList;
import java.util.List;

/**
 * The line arrangement: from the positive terminal at the left to the negative at the right, for redraws
 * and for understanding an awkward drawing. The source is its two terminals with the emf between them.
 */
record LineDrawing(Circuit circuit, Captions captions, Elements elements, Type type) implements Layout {
    private static final double LARGEST = 1.2;
    private static final double RADIUS = 4;
    private static final double LEAD = 18;

    private Element line() {
        Element network = elements.of(0, false);
        for (String voltmeter : circuit.source().voltmeters()) network = new MeteredElement(voltmeter, network, type);
        List<Element> members = new ArrayList<>();
        if (circuit.source().internalResistance() > 0) members.add(elements.internalResistance());
        members.add(network);
        return new LineElement(members);
    }

    /** How much stands at the left of the positive terminal: the emf and the sign. */
    private double left() {
        return 16 + TextWidth.of(captions.emf(), type.label()) + TextWidth.of("+", type.label()) + 12;
    }

    @Override
    public double scale(double roomWidth, double roomHeight) {
        Element.Room room = line().room(true);
        double w = left() + room.length() + 2 * LEAD + 40 + 32;
        return Math.min(LARGEST, Math.min(roomWidth / w, roomHeight / (room.before() + room.after() + 32)));
    }

    @Override
    public Scene draw() {
        Pen pen = new Pen();
        Element line = line();
        double length = line.room(true).length();
        double end = length + 2 * LEAD;
        pen.ring("", new Spot(-RADIUS, 0), RADIUS);
        pen.wire(new Spot(0, 0), new Spot(LEAD, 0));
        line.draw(pen, Frame.rightwards(new Spot(LEAD, 0)), length);
        pen.wire(new Spot(LEAD + length, 0), new Spot(end, 0));
        pen.ring("", new Spot(end + RADIUS, 0), RADIUS);
        pen.area(Composer.SOURCE, new Spot(-2 * RADIUS, 0), new Spot(0, 0), 14);
        double size = type.label();
        Spot sign = new Spot(-2 * RADIUS - 6, size * 0.3);
        pen.text(sign, Anchor.END, size, "+", Role.SIGN, "");
        Spot emf = sign.plus(-TextWidth.of("+", size) - 8, 0);
        pen.text(emf, Anchor.END, size, captions.emf(), Role.VALUE, Composer.SOURCE);
        pen.text(new Spot(end + 2 * RADIUS + 6, size * 0.3), Anchor.START, size, "−", Role.SIGN, "");
        return pen.scene();
    }
}
