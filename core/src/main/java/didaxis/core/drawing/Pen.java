package didaxis.core.drawing;

import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Item;
import didaxis.core.drawing.Scene.Role;
import java.util.ArrayList;
import java.util.List;

/** Collects items in any coordinates and cuts the scene to them. */
final class Pen {
    private static final double MARGIN = 16;
    private static final double ASLANT = 0.05;

    private final WireRuns wires = new WireRuns();
    private final List<Item> items = new ArrayList<>();
    private final List<Scene.Area> areas = new ArrayList<>();

    /** A straight piece of wire; lying or standing pieces in one line become one. */
    void wire(Spot from, Spot to) {
        boolean aslant = Math.abs(from.x() - to.x()) > ASLANT && Math.abs(from.y() - to.y()) > ASLANT;
        if (aslant) items.add(new Scene.Line(List.of(from, to), false, Role.WIRE, ""));
        else wires.add(from, to);
    }

    void arrow(String part, Spot... corners) {
        items.add(new Scene.Line(List.of(corners), true, Role.ARROW, part));
    }

    void meterWire(Spot... spots) {
        items.add(new Scene.Line(List.of(spots), false, Role.METER_WIRE, ""));
    }

    void stroke(String part, Spot... spots) {
        items.add(new Scene.Line(List.of(spots), false, Role.SYMBOL, part));
    }

    void outline(String part, Spot... spots) {
        items.add(new Scene.Line(List.of(spots), true, Role.SYMBOL, part));
    }

    void ring(String part, Spot centre, double radius) {
        items.add(new Scene.Circle(centre, radius, false, Role.SYMBOL, part));
    }

    void dot(Spot centre, Role role) {
        items.add(new Scene.Circle(centre, role == Role.POINT ? 4.5 : 4, true, role, ""));
    }

    void text(Spot at, Anchor anchor, double size, String text, Role role, String part) {
        if (!text.isEmpty()) items.add(new Scene.Text(at, anchor, size, text, role, part));
    }

    void area(String part, Spot one, Spot other, double around) {
        double x = Math.min(one.x(), other.x()) - around;
        double y = Math.min(one.y(), other.y()) - around;
        areas.add(new Scene.Area(
                part, x, y, Math.abs(one.x() - other.x()) + 2 * around, Math.abs(one.y() - other.y()) + 2 * around));
    }

    Scene scene() {
        items.addAll(0, wires.joined());
        double left = Double.POSITIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (Item item : items) {
            double[] box = box(item);
            left = Math.min(left, box[0]);
            top = Math.min(top, box[1]);
            right = Math.max(right, box[2]);
            bottom = Math.max(bottom, box[3]);
        }
        double dx = MARGIN - left;
        double dy = MARGIN - top;
        return new Scene(
                right - left + 2 * MARGIN,
                bottom - top + 2 * MARGIN,
                items.stream().map(item -> moved(item, dx, dy)).toList(),
                areas.stream()
                        .map(area ->
                                new Scene.Area(area.part(), area.x() + dx, area.y() + dy, area.width(), area.height()))
                        .toList());
    }

    /** The scene turned over: mirrored left to right, upside down, or both; texts stay upright in mirrored places. */
    static Scene turnedOver(Scene scene, boolean mirrored, boolean upsideDown) {
        return new Scene(
                scene.width(),
                scene.height(),
                scene.items().stream()
                        .map(item -> turned(item, scene, mirrored, upsideDown))
                        .toList(),
                scene.areas().stream()
                        .map(area -> new Scene.Area(
                                area.part(),
                                mirrored ? scene.width() - area.x() - area.width() : area.x(),
                                upsideDown ? scene.height() - area.y() - area.height() : area.y(),
                                area.width(),
                                area.height()))
                        .toList());
    }

    private static Item turned(Item item, Scene scene, boolean mirrored, boolean upsideDown) {
        if (item instanceof Scene.Text t) {
            double down = TextWidth.ascent(t.size()) - TextWidth.descent(t.size());
            Spot at = turned(t.at(), scene, mirrored, upsideDown).plus(0, upsideDown ? down : 0);
            Anchor anchor = !mirrored || t.anchor() == Anchor.MIDDLE
                    ? t.anchor()
                    : t.anchor() == Anchor.START ? Anchor.END : Anchor.START;
            return new Scene.Text(at, anchor, t.size(), t.text(), t.role(), t.part());
        }
        if (item instanceof Scene.Circle c) {
            Spot centre = turned(c.centre(), scene, mirrored, upsideDown);
            return new Scene.Circle(centre, c.radius(), c.solid(), c.role(), c.part());
        }
        Scene.Line line = (Scene.Line) item;
        return new Scene.Line(
                line.spots().stream()
                        .map(spot -> turned(spot, scene, mirrored, upsideDown))
                        .toList(),
                line.closed(),
                line.role(),
                line.part());
    }

    private static Spot turned(Spot spot, Scene scene, boolean mirrored, boolean upsideDown) {
        return new Spot(
                mirrored ? scene.width() - spot.x() : spot.x(), upsideDown ? scene.height() - spot.y() : spot.y());
    }

    /** Left, top, right and bottom of an item. */
    static double[] box(Item item) {
        if (item instanceof Scene.Text text) {
            double y = text.at().y();
            return new double[] {
                text.left(),
                y - TextWidth.ascent(text.size()),
                text.left() + text.width(),
                y + TextWidth.descent(text.size())
            };
        }
        if (item instanceof Scene.Circle circle) {
            Spot c = circle.centre();
            double r = circle.radius();
            return new double[] {c.x() - r, c.y() - r, c.x() + r, c.y() + r};
        }
        List<Spot> spots = ((Scene.Line) item).spots();
        double[] xs = spots.stream().mapToDouble(Spot::x).sorted().toArray();
        double[] ys = spots.stream().mapToDouble(Spot::y).sorted().toArray();
        return new double[] {xs[0], ys[0], xs[xs.length - 1], ys[ys.length - 1]};
    }

    private static Item moved(Item item, double dx, double dy) {
        if (item instanceof Scene.Text t)
            return new Scene.Text(t.at().plus(dx, dy), t.anchor(), t.size(), t.text(), t.role(), t.part());
        if (item instanceof Scene.Circle c)
            return new Scene.Circle(c.centre().plus(dx, dy), c.radius(), c.solid(), c.role(), c.part());
        Scene.Line line = (Scene.Line) item;
        return new Scene.Line(
                line.spots().stream().map(spot -> spot.plus(dx, dy)).toList(), line.closed(), line.role(), line.part());
    }
}
