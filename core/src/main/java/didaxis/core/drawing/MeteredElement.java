package didaxis.core.drawing;

import didaxis.core.drawing.Scene.Role;
import java.util.List;

/** A stretch with a voltmeter across it, on the side of positive t. */
record MeteredElement(String voltmeter, Element stretch, Type type) implements Element {
    private static final double TAP = 12;
    private static final double CLEAR = 12;

    private PartElement meter() {
        return new PartElement(voltmeter, voltmeter, List.of(), Symbol.meter("V"), type, PartElement.Marks.NONE);
    }

    private double offset(boolean lying) {
        return stretch.room(lying).after() + CLEAR + meter().room(lying).before();
    }

    @Override
    public Room room(boolean lying) {
        Room inner = stretch.room(lying);
        Room meter = meter().room(lying);
        double length = Math.max(inner.length(), meter.length()) + 2 * TAP;
        return new Room(length, inner.before(), offset(lying) + meter.after());
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        double t = offset(frame.lying());
        double end = length - TAP;
        pen.wire(frame.at(0, 0), frame.at(TAP, 0));
        pen.wire(frame.at(end, 0), frame.at(length, 0));
        stretch.draw(pen, frame.from(TAP, 0), end - TAP);
        pen.meterWire(frame.at(TAP, 0), frame.at(TAP, t));
        pen.meterWire(frame.at(end, 0), frame.at(end, t));
        meter().draw(pen, frame.from(TAP, t), end - TAP);
        pen.dot(frame.at(TAP, 0), Role.JUNCTION);
        pen.dot(frame.at(end, 0), Role.JUNCTION);
    }
}
