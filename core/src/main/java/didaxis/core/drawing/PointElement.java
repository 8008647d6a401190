package didaxis.core.drawing;

import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;

/** A named place on the wire. */
record PointElement(char name, Type type) implements Element {
    private static final double LENGTH = 32;

    @Override
    public Room room(boolean lying) {
        return lying ? new Room(LENGTH, reach(), 8) : new Room(LENGTH, 8, reach());
    }

    private double reach() {
        return 12 + type.value();
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        Spot spot = frame.at(length / 2, 0);
        pen.wire(frame.at(0, 0), frame.at(length, 0));
        pen.dot(spot, Role.POINT);
        pen.area("." + name, spot, spot, 12);
        String text = String.valueOf(name);
        if (frame.lying())
            pen.text(
                    spot.plus(0, -7 - TextWidth.descent(type.value())),
                    Anchor.MIDDLE,
                    type.value(),
                    text,
                    Role.NAME,
                    "." + name);
        else pen.text(frame.at(length / 2, 10).plus(0, 5), frame.beside(), type.value(), text, Role.NAME, "." + name);
    }
}
