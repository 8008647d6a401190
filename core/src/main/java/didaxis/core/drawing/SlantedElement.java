package didaxis.core.drawing;

import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;
import java.util.List;

/** A branch drawn aslant, from one corner between its rails to the other, its texts in a corner that stays free. */
record SlantedElement(PartElement part) implements Element {
    private static final double SPREAD = 36;
    private static final double CLEAR = 6;

    private double reach() {
        return SPREAD + part.symbol().halfWidth();
    }

    @Override
    public double leaves() {
        return -reach();
    }

    @Override
    public double reaches() {
        return reach();
    }

    private double textWidth() {
        double widest = TextWidth.of(part.label(), part.type().label());
        for (String line : part.lines())
            widest = Math.max(widest, TextWidth.of(line, part.type().value()));
        return widest;
    }

    private double textHeight() {
        return part.type().line() * (part.lines().size() + 1);
    }

    @Override
    public Room room(boolean lying) {
        double beyond = CLEAR + (lying ? textHeight() : textWidth()) + 4;
        double least = lying ? textWidth() : textHeight();
        double length = Math.max(part.symbol().length() + 24, least);
        return new Room(length, reach() + 4, reach() + beyond);
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        double reach = reach();
        Frame slanted = frame.slanted(0, -reach, length, reach);
        double all = Math.hypot(length, 2 * reach);
        double before = (all - part.symbol().length()) / 2;
        pen.wire(slanted.at(0, 0), slanted.at(before, 0));
        pen.wire(slanted.at(all - before, 0), slanted.at(all, 0));
        part.symbol().draw(pen, part.part(), slanted.from(before, 0));
        pen.area(part.part(), slanted.at(before, 0), slanted.at(all - before, 0), 8);
        caption(pen, frame, length / 2, reach + CLEAR);
    }

    /** Beyond everything on the side of positive t. */
    private void caption(Pen pen, Frame frame, double middle, double beyond) {
        Type type = part.type();
        Anchor anchor = frame.lying() ? Anchor.MIDDLE : frame.beside();
        Spot first = frame.lying()
                ? frame.at(middle, beyond).plus(0, TextWidth.ascent(type.label()))
                : frame.at(middle, beyond).plus(0, -textHeight() / 2 + type.label());
        pen.text(first, anchor, type.label(), part.label(), Role.LABEL, part.part());
        List<String> lines = part.lines();
        for (int k = 0; k < lines.size(); k++) {
            pen.text(first.plus(0, type.line() * (k + 1)), anchor, type.value(), lines.get(k), Role.VALUE, part.part());
        }
    }
}
