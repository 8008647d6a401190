package didaxis.core.drawing;

import didaxis.core.drawing.Element.Room;
import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;
import java.util.List;

/** A symbol on the wire with its label and lines of text: above and below it when lying, beside it when standing. */
record PartElement(String label, List<String> lines, Symbol symbol) implements Element {
    private static final double LEAD = 12;
    private static final double CLEAR = 7;
    private static final double LINE = 18;

    @Override
    public Room room(boolean lying) {
        double half = symbol.halfWidth();
        double least = symbol.length() + 2 * LEAD;
        double text = lines.stream()
                .mapToDouble(line -> TextWidth.of(line, Pen.VALUE))
                .max()
                .orElse(0);
        double widest = Math.max(text, TextWidth.of(label, Pen.LABEL));
        if (!lying)
            return new Room(Math.max(least, LINE * (lines.size() + 1) + 8), half + 8, half + CLEAR + widest + 6);
        double below = lines.isEmpty() ? half + 4 : half + CLEAR + LINE * lines.size() + 2;
        return new Room(Math.max(least, widest + 16), half + CLEAR + Pen.LABEL, below);
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
        pen.text(middle.plus(0, -half - CLEAR), Anchor.MIDDLE, Pen.LABEL, label, Role.LABEL, label);
        for (int k = 0; k < lines.size(); k++) {
            double down = half + CLEAR + TextWidth.ascent(Pen.VALUE) + LINE * k;
            pen.text(middle.plus(0, down), Anchor.MIDDLE, Pen.VALUE, lines.get(k), Role.VALUE, label);
        }
    }

    private void captionStanding(Pen pen, Spot beside, Anchor anchor) {
        double top = -LINE * lines.size() / 2 + 5;
        pen.text(beside.plus(0, top), anchor, Pen.LABEL, label, Role.LABEL, label);
        for (int k = 0; k < lines.size(); k++) {
            pen.text(beside.plus(0, top + LINE * (k + 1)), anchor, Pen.VALUE, lines.get(k), Role.VALUE, label);
        }
    }
}
