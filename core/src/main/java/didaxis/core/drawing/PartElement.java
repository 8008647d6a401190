package didaxis.core.drawing;

import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;
import java.util.List;

/**
 * A symbol on the wire with its label and lines of text: above and below it when lying, beside it when
 * standing. Where a current passes, its arrow lies on the wire before the symbol, and the signs of the
 * voltage stand at the symbol's ends.
 *
 * @param part whose it is
 * @param label what is printed for it
 */
record PartElement(String part, String label, List<String> lines, Symbol symbol, Type type, Marks marks)
        implements Element {
    /** What is marked at the part: an arrow or none, signs or none. */
    record Marks(Plan.Arrows arrows, boolean polarity) {
        static final Marks NONE = new Marks(Plan.Arrows.NONE, false);
    }

    private static final double LEAST_LEAD = 12;
    private static final double ARROW_ROOM = 14;

    private static final double CLEAR = 7;
    private static final double SIGN_CLEAR = 4;
    private static final double ARROW_HALF_LENGTH = 5;
    private static final double ARROW_HALF_WIDTH = 4.5;

    /** How long the wire at each end is, with room for arrow and sign. */
    private double lead() {
        double arrow = marks.arrows() == Plan.Arrows.NONE ? 0 : ARROW_ROOM;
        return Math.max(LEAST_LEAD, arrow + (marks.polarity() ? signRoom() + 4 : 0));
    }

    private double signRoom() {
        return 1.1 * type.name();
    }

    /** Where the baseline of a label stands above a lying symbol: its index hangs lower, by a quarter of its size. */
    private double aboveSymbol() {
        return 5 + type.label() / 4;
    }

    /** How much higher a label stands that would reach over the signs beside its symbol. */
    private double raise() {
        boolean wide = TextWidth.of(label, type.label()) > symbol.length();
        double top = SIGN_CLEAR + TextWidth.descent(type.name()) + TextWidth.ascent(type.name());
        double bottom = symbol.halfWidth() + aboveSymbol() - TextWidth.descent(type.label());
        return marks.polarity() && wide ? Math.max(0, top + 2 - bottom) : 0;
    }

    @Override
    public Room room(boolean lying) {
        double half = Math.max(symbol.halfWidth(), marks.arrows() == Plan.Arrows.NONE ? 0 : ARROW_HALF_WIDTH);
        double least = symbol.length() + 2 * lead();
        double text = lines.stream()
                .mapToDouble(line -> TextWidth.of(line, type.value()))
                .max()
                .orElse(0);
        double widest = Math.max(text, TextWidth.of(label, type.label()));
        double sign = marks.polarity() ? 6 + type.name() : 0;
        if (!lying)
            return new Room(
                    Math.max(least, type.line() * (lines.size() + 1) + 8),
                    Math.max(half + 8, sign),
                    half + CLEAR + widest + 6);
        double below = lines.isEmpty() ? half + 4 : half + CLEAR + type.line() * lines.size() + 2;
        return new Room(
                Math.max(least, widest + 16), Math.max(half + aboveSymbol() + raise() + type.label(), sign), below);
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        double start = (length - symbol.length()) / 2;
        double end = start + symbol.length();
        pen.wire(frame.at(0, 0), frame.at(start, 0));
        pen.wire(frame.at(end, 0), frame.at(length, 0));
        symbol.draw(pen, part, frame.from(start, 0));
        pen.area(part, frame.at(start, -symbol.halfWidth()), frame.at(end, symbol.halfWidth()), 10);
        if (marks.arrows() != Plan.Arrows.NONE) arrow(pen, frame, start - lead() + 7);
        if (marks.polarity()) signs(pen, frame, start, end);
        if (frame.lying()) captionLying(pen, frame.at(length / 2, 0));
        else captionStanding(pen, frame.at(length / 2, symbol.halfWidth() + CLEAR), frame.beside());
    }

    private void arrow(Pen pen, Frame frame, double s) {
        double ahead = marks.arrows() == Plan.Arrows.CONVENTIONAL ? ARROW_HALF_LENGTH : -ARROW_HALF_LENGTH;
        pen.arrow(
                part,
                frame.at(s + ahead, 0),
                frame.at(s - ahead, -ARROW_HALF_WIDTH),
                frame.at(s - ahead, ARROW_HALF_WIDTH));
    }

    /** On the side the label is not on when standing, above the wire when lying. */
    private void signs(Pen pen, Frame frame, double start, double end) {
        double size = type.name();
        sign(pen, frame, start - 2 - signRoom() / 2, "+", size);
        sign(pen, frame, end + 2 + signRoom() / 2, "−", size);
    }

    private void sign(Pen pen, Frame frame, double s, String sign, double size) {
        if (frame.lying())
            pen.text(
                    frame.at(s, 0).plus(0, -SIGN_CLEAR - TextWidth.descent(size)),
                    Anchor.MIDDLE,
                    size,
                    sign,
                    Role.SIGN,
                    label);
        else {
            Anchor away = frame.beside() == Anchor.START ? Anchor.END : Anchor.START;
            pen.text(frame.at(s, -SIGN_CLEAR).plus(0, size * 0.3), away, size, sign, Role.SIGN, part);
        }
    }

    private void captionLying(Pen pen, Spot middle) {
        double half = symbol.halfWidth();
        pen.text(middle.plus(0, -half - aboveSymbol() - raise()), Anchor.MIDDLE, type.label(), label, Role.LABEL, part);
        for (int k = 0; k < lines.size(); k++) {
            double down = half + CLEAR + TextWidth.ascent(type.value()) + type.line() * k;
            pen.text(middle.plus(0, down), Anchor.MIDDLE, type.value(), lines.get(k), Role.VALUE, part);
        }
    }

    private void captionStanding(Pen pen, Spot beside, Anchor anchor) {
        double top = -type.line() * lines.size() / 2 + 5 * type.larger();
        pen.text(beside.plus(0, top), anchor, type.label(), label, Role.LABEL, part);
        for (int k = 0; k < lines.size(); k++) {
            pen.text(beside.plus(0, top + type.line() * (k + 1)), anchor, type.value(), lines.get(k), Role.VALUE, part);
        }
    }
}
