package didaxis.core.drawing;

import didaxis.core.drawing.Element.Room;
import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;
import java.util.List;

/** A symbol on the wire with its label and lines of text: above and below it when lying, beside it when standing. */
record PartElement(String label, List<String> lines, Symbol symbol, Type type) implements Element {
    private static final double LEAD = 12;
    private static final double CLEAR = 7;

    @Override
    public Room room(boolean lying) {
        double half = symbol.halfWidth();
        double least = symbol.length() + 2 * LEAD;
        double text = lines.stream()
                .mapToDouble(line -> TextWidth.of(line, type.value()))
                .max()
                .orElse(0);
        double widest = Math.max(text, TextWidth.of(label, type.label()));
        if (!lying)
            return new Room(Math.max(least, type.line() * (lines.size() + 1) + 8), half + 8, half + CLEAR + widest + 6);
        double below = lines.isEmpty() ? half + 4 : half + CLEAR + type.line() * lines.size() + 2;
        return new Room(Math.max(least, widest + 16), half + CLEAR + type.label(), below);
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        double start = (length - symbol.length()) / 2;
        double end = start + symbol.length();
        pen.wire(frame.at(0, 0), frame.at(start, 0));
        pen.wire(frame.at(end, 0), frame.at(length, 0));
        symbol.draw(pen, label, frame.from(start, 0));
        pen.area(label, frame.at(start, -symbol.halfWidth()), frame.at(end, symbol.halfWidth()), 10);
        if (frame.lying()) captionLying(pen, frame.at(length / 2, 0));
        else captionStanding(pen, frame.at(length / 2, symbol.halfWidth() + CLEAR), frame.beside());
    }

    private void captionLying(Pen pen, Spot middle) {
        double half = symbol.halfWidth();
        pen.text(middle.plus(0, -half - CLEAR), Anchor.MIDDLE, type.label(), label, Role.LABEL, label);
        for (int k = 0; k < lines.size(); k++) {
            double down = half + CLEAR + TextWidth.ascent(type.value()) + type.line() * k;
            pen.text(middle.plus(0, down), Anchor.MIDDLE, type.value(), lines.get(k), Role.VALUE, label);
        }
    }

    private void captionStanding(Pen pen, Spot beside, Anchor anchor) {
        double top = -type.line() * lines.size() / 2 + 5 * type.larger();
        pen.text(beside.plus(0, top), anchor, type.label(), label, Role.LABEL, label);
        for (int k = 0; k < lines.size(); k++) {
            pen.text(
                    beside.plus(0, top + type.line() * (k + 1)), anchor, type.value(), lines.get(k), Role.VALUE, label);
        }
    }
}
