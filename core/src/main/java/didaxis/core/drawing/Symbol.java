package didaxis.core.drawing;

import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;
import didaxis.core.style.HouseStyle.ResistorSymbol;
import java.util.function.BiConsumer;

/**
 * A symbol of IEC 60617, or for a resistor also of IEEE 315, drawn along its frame from s = 0 to its length.
 *
 * @param halfWidth how far it reaches across, to each side
 */
record Symbol(double length, double halfWidth, Painter painter) {
    /** Draws with a pen for a part. */
    interface Painter {
        void paint(Pen pen, String part, Frame frame);
    }

    private static final double BODY = 56;
    private static final double HALF = 11;
    private static final double ROUND = 14;

    void draw(Pen pen, String part, Frame frame) {
        painter.paint(pen, part, frame);
    }

    static Symbol of(Part part, ResistorSymbol resistor) {
        if (part.setting() == Setting.Fault.OUT) return gap();
        return of(part.kind(), part.setting() == Setting.Position.OPEN, resistor);
    }

    private static Symbol of(PartKind kind, boolean open, ResistorSymbol resistor) {
        return switch (kind) {
            case RESISTOR, EQUIVALENT -> resistor(resistor);
            case LAMP -> round(Symbol::cross);
            case HEATER -> new Symbol(BODY, HALF, Symbol::heater);
            case VARIABLE_RESISTOR -> new Symbol(BODY, 20, (pen, part, frame) -> variable(pen, part, frame, resistor));
            case SWITCH -> new Symbol(44, 18, (pen, part, frame) -> contacts(pen, part, frame, open));
            case AMMETER -> meter("A");
            case FUSE -> new Symbol(BODY, HALF, Symbol::fuse);
            case LINK -> new Symbol(36, 6, Symbol::link);
        };
    }

    /** Where a part was taken out: two bare ends. */
    private static Symbol gap() {
        return new Symbol(BODY, 6, (pen, part, frame) -> {
            pen.ring(part, frame.at(4, 0), 3);
            pen.ring(part, frame.at(BODY - 4, 0), 3);
            pen.wire(frame.at(0, 0), frame.at(1, 0));
            pen.wire(frame.at(BODY - 1, 0), frame.at(BODY, 0));
        });
    }

    static Symbol resistor(ResistorSymbol resistor) {
        return new Symbol(BODY, HALF, resistor == ResistorSymbol.ZIGZAG ? Symbol::zigzag : Symbol::body);
    }

    /** Three full waves between the ends, as in IEEE 315. */
    private static void zigzag(Pen pen, String part, Frame frame) {
        Spot[] spots = new Spot[8];
        spots[0] = frame.at(0, 0);
        for (int k = 0; k < 6; k++) {
            double across = k % 2 == 0 ? -HALF : HALF;
            spots[k + 1] = frame.at(BODY * (2 * k + 1) / 12, across);
        }
        spots[7] = frame.at(BODY, 0);
        pen.stroke(part, spots);
    }

    /** A circle with a letter. */
    static Symbol meter(String letter) {
        return round((pen, frame) ->
                pen.text(frame.at(ROUND, 0).plus(0, 5.5), Anchor.MIDDLE, Type.USUAL.value(), letter, Role.SIGN, ""));
    }

    private static Symbol round(BiConsumer<Pen, Frame> inside) {
        return new Symbol(2 * ROUND, ROUND, (pen, part, frame) -> {
            pen.ring(part, frame.at(ROUND, 0), ROUND);
            inside.accept(pen, frame);
        });
    }

    private static void body(Pen pen, String part, Frame frame) {
        pen.outline(part, frame.at(0, -HALF), frame.at(BODY, -HALF), frame.at(BODY, HALF), frame.at(0, HALF));
    }

    private static void cross(Pen pen, Frame frame) {
        double reach = ROUND * Math.sqrt(0.5);
        pen.stroke("", frame.at(ROUND - reach, -reach), frame.at(ROUND + reach, reach));
        pen.stroke("", frame.at(ROUND - reach, reach), frame.at(ROUND + reach, -reach));
    }

    private static void heater(Pen pen, String part, Frame frame) {
        body(pen, part, frame);
        for (int k = 1; k < 4; k++) pen.stroke(part, frame.at(k * BODY / 4, -HALF), frame.at(k * BODY / 4, HALF));
    }

    private static void variable(Pen pen, String part, Frame frame, ResistorSymbol resistor) {
        resistor(resistor).draw(pen, part, frame);
        Spot tip = frame.at(BODY - 10, -19);
        pen.stroke(part, frame.at(10, 19), tip);
        pen.stroke(part, frame.at(BODY - 19, -17), tip, frame.at(BODY - 12, -10));
    }

    private static void contacts(Pen pen, String part, Frame frame, boolean open) {
        pen.ring(part, frame.at(4, 0), 3);
        pen.ring(part, frame.at(40, 0), 3);
        pen.stroke(part, frame.at(7, 0), open ? frame.at(36, -16) : frame.at(37, 0));
        pen.wire(frame.at(0, 0), frame.at(1, 0));
        pen.wire(frame.at(43, 0), frame.at(44, 0));
    }

    private static void fuse(Pen pen, String part, Frame frame) {
        body(pen, part, frame);
        pen.stroke(part, frame.at(0, 0), frame.at(BODY, 0));
    }

    private static void link(Pen pen, String part, Frame frame) {
        pen.ring(part, frame.at(3, 0), 3);
        pen.ring(part, frame.at(33, 0), 3);
        pen.stroke(part, frame.at(6, 0), frame.at(30, 0));
    }
}
