package didaxis.core.drawing;

import didaxis.core.compose.Composer;
import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;

/** The source as a battery, positive plate first; its emf on the side of positive t. */
record BatteryElement(String emf, Type type) implements Element {
    private static final double LENGTH = 52;
    private static final double LONG = 24;
    private static final double SHORT = 12;

    @Override
    public Room room(boolean lying) {
        double wide = TextWidth.of(emf, type.label());
        if (lying) return new Room(Math.max(LENGTH + 40, wide + 16), LONG + 18, LONG + 8 + type.line());
        return new Room(LENGTH + 40, LONG + 18, LONG + 10 + wide);
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        double start = (length - LENGTH) / 2;
        pen.wire(frame.at(0, 0), frame.at(start, 0));
        pen.wire(frame.at(start + LENGTH, 0), frame.at(length, 0));
        plate(pen, frame.from(start, 0), LONG);
        plate(pen, frame.from(start + 14, 0), SHORT);
        for (int k = 0; k < 3; k++) {
            double s = start + 19 + 6 * k;
            pen.stroke("", frame.at(s, 0), frame.at(s + 2, 0));
        }
        plate(pen, frame.from(start + 38, 0), LONG);
        plate(pen, frame.from(start + LENGTH, 0), SHORT);
        pen.area(Composer.SOURCE, frame.at(start, -LONG), frame.at(start + LENGTH, LONG), 6);
        Spot plus = frame.lying() ? frame.at(start - 12, -4) : frame.at(start - 4, -LONG - 3);
        Anchor side = frame.lying() ? Anchor.MIDDLE : opposite(frame.beside());
        pen.text(plus, side, Type.USUAL.value(), "+", Role.SIGN, "");
        Spot beside = frame.lying()
                ? frame.at(length / 2, LONG + 5).plus(0, TextWidth.ascent(type.label()))
                : frame.at(length / 2, LONG + 10).plus(0, 5);
        Anchor at = frame.lying() ? Anchor.MIDDLE : frame.beside();
        pen.text(beside, at, type.label(), emf, Role.VALUE, Composer.SOURCE);
    }

    private static void plate(Pen pen, Frame frame, double half) {
        pen.stroke(Composer.SOURCE, frame.at(0, -half), frame.at(0, half));
    }

    private static Anchor opposite(Anchor anchor) {
        return anchor == Anchor.START ? Anchor.END : Anchor.START;
    }
}
