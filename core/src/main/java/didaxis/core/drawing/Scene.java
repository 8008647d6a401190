package didaxis.core.drawing;

import java.util.List;

/**
 * A drawing: sized items from 0 to width and height, painted in their order, and the areas that stand for
 * parts.
 */
public record Scene(double width, double height, List<Item> items, List<Area> areas) {
    /** What an item is to the reader; a renderer gives each role its ink. */
    public enum Role {
        WIRE,
        SYMBOL,
        METER_WIRE,
        ARROW,
        JUNCTION,
        POINT,
        LABEL,
        VALUE,
        SIGN,
        NAME
    }

    /** Which side of its place a text lies on. */
    public enum Anchor {
        START,
        MIDDLE,
        END
    }

    /** Something to paint; {@code part} is the label of what it belongs to, empty for none. */
    public sealed interface Item {
        Role role();

        String part();
    }

    /** A line through spots; closed ones are outlines and may be filled with the paper. */
    public record Line(List<Spot> spots, boolean closed, Role role, String part) implements Item {}

    /** A circle; solid for dots. */
    public record Circle(Spot centre, double radius, boolean solid, Role role, String part) implements Item {}

    /** One line of text, its baseline at y. */
    public record Text(Spot at, Anchor anchor, double size, String text, Role role, String part) implements Item {
        /** How wide it is at most. */
        public double width() {
            return TextWidth.of(text, size);
        }

        /** Its left edge. */
        public double left() {
            return switch (anchor) {
                case START -> at.x();
                case MIDDLE -> at.x() - width() / 2;
                case END -> at.x() - width();
            };
        }
    }

    /** Where a part can be pointed at. */
    public record Area(String part, double x, double y, double width, double height) {}

    public Scene {
        items = List.copyOf(items);
        areas = List.copyOf(areas);
    }
}
