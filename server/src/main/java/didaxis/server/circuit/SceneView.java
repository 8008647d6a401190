package didaxis.server.circuit;

import com.fasterxml.jackson.annotation.JsonInclude;
import didaxis.core.chart.Chart;
import didaxis.core.chart.Folding;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.drawing.Captions;
import didaxis.core.drawing.Drawing;
import didaxis.core.drawing.Plan;
import didaxis.core.drawing.Scene;
import didaxis.core.drawing.Spot;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** A drawing in JSON: lines, circles and texts with roles, and the areas that stand for parts. */
public record SceneView(
        double width,
        double height,
        List<LineView> lines,
        List<CircleView> circles,
        List<TextView> texts,
        List<AreaView> areas) {
    /** A line as the points of an SVG polyline. */
    record LineView(String points, boolean closed, String role, String part) {}

    record CircleView(double x, double y, double radius, boolean solid, String role, String part) {}

    record TextView(double x, double y, String anchor, double size, String text, String role, String part) {}

    record AreaView(String part, double x, double y, double width, double height) {}

    /** How large the room is that a drawing is made for, in CSS pixels. */
    @JsonInclude
    public record Room(double width, double height) {
        public static final Room DESK = new Room(800, 500);

        /** Within sensible bounds, whatever was asked for. */
        public Room bounded() {
            return new Room(Math.min(4000, Math.max(200, width)), Math.min(4000, Math.max(120, height)));
        }
    }

    /**
     * The drawing with the settings that are shown to this reader, and no others. Arrows stand at every part, since those
     * that a current passes would tell which do not.
     */
    public static SceneView of(Circuit circuit, Predicate<Cell> shown, PlanView plan, Room room, HouseStyle style) {
        return of(scene(circuit, shown, plan, room, style));
    }

    /** The same as a scene. */
    public static Scene scene(Circuit circuit, Predicate<Cell> shown, PlanView plan, Room room, HouseStyle style) {
        Set<String> all = circuit.parts().stream().map(Part::label).collect(Collectors.toSet());
        return draw(circuit, captions(circuit, shown, all, style), plan.in(style), room);
    }

    /** The drawing with every setting, in a style. */
    static SceneView of(Chart chart, HouseStyle style, Plan plan, Room room) {
        return of(scene(chart, style, plan, room));
    }

    public static Scene scene(Chart chart, HouseStyle style, Plan plan, Room room) {
        Set<String> carrying = chart.circuit().parts().stream()
                .map(Part::label)
                .filter(label -> chart.value(Cell.of(Subject.part(label), Quantity.CURRENT))
                                .orElse(0)
                        > 0)
                .collect(Collectors.toSet());
        return draw(chart.circuit(), captions(chart.circuit(), cell -> true, carrying, style), plan, room);
    }

    /** A redraw of the folding; folded resistances are printed as results are, others as they were set. */
    public static SceneView ofStage(Folding.Stage stage, HouseStyle style, Plan plan, Room room) {
        Set<String> all = stage.circuit().parts().stream().map(Part::label).collect(Collectors.toSet());
        return of(draw(stage.circuit(), captions(stage.circuit(), cell -> true, all, style), plan, room));
    }

    private static Scene draw(Circuit circuit, Captions captions, Plan plan, Room room) {
        Room bounded = room.bounded();
        return Drawing.of(circuit, captions, plan, bounded.width(), bounded.height());
    }

    private static Captions captions(Circuit circuit, Predicate<Cell> shown, Set<String> carrying, HouseStyle style) {
        AmountFormat format = style.numbers();
        Map<String, List<String>> parts = new HashMap<>();
        for (Part part : circuit.parts()) {
            List<String> lines = new ArrayList<>();
            boolean visible = shown.test(Cell.of(Subject.part(part.label()), Quantity.RESISTANCE));
            if (part.setting() instanceof Setting.Ohms ohms && visible) {
                Amount resistance = Amount.of(ohms.ohms(), Quantity.RESISTANCE);
                boolean result = part.kind() == PartKind.EQUIVALENT;
                lines.add(result ? format.print(resistance) : format.exactly(resistance));
            }
            // What a part is rated for is told with its resistance, or withheld with it.
            if (visible && part.setting() instanceof Setting.Amperes fuse)
                lines.add(format.exactly(Amount.of(fuse.amperes(), Quantity.CURRENT)));
            if (visible) part.rating().limits().forEach(limit -> lines.add(format.exactly(limit)));
            parts.put(part.label(), lines);
        }
        boolean emf = shown.test(Cell.of(Subject.TOTAL, Quantity.VOLTAGE));
        boolean r = shown.test(Cell.of(Subject.INTERNAL, Quantity.RESISTANCE));
        return new Captions(
                parts,
                emf ? format.exactly(Amount.of(circuit.source().emf(), Quantity.VOLTAGE)) : "",
                r ? format.exactly(Amount.of(circuit.source().internalResistance(), Quantity.RESISTANCE)) : "",
                style.terms(),
                carrying);
    }

    private static SceneView of(Scene scene) {
        List<LineView> lines = new ArrayList<>();
        List<CircleView> circles = new ArrayList<>();
        List<TextView> texts = new ArrayList<>();
        for (Scene.Item item : scene.items()) {
            String role = word(item.role());
            if (item instanceof Scene.Line line)
                lines.add(new LineView(points(line.spots()), line.closed(), role, line.part()));
            if (item instanceof Scene.Circle c) {
                circles.add(new CircleView(
                        tenths(c.centre().x()), tenths(c.centre().y()), c.radius(), c.solid(), role, c.part()));
            }
            if (item instanceof Scene.Text t) {
                texts.add(new TextView(
                        tenths(t.at().x()), tenths(t.at().y()), word(t.anchor()), t.size(), t.text(), role, t.part()));
            }
        }
        List<AreaView> areas = scene.areas().stream()
                .map(area -> new AreaView(
                        area.part(), tenths(area.x()), tenths(area.y()), tenths(area.width()), tenths(area.height())))
                .toList();
        return new SceneView(tenths(scene.width()), tenths(scene.height()), lines, circles, texts, areas);
    }

    private static String points(List<Spot> spots) {
        StringBuilder points = new StringBuilder();
        for (Spot spot : spots)
            points.append(tenths(spot.x())).append(',').append(tenths(spot.y())).append(' ');
        return points.toString().strip();
    }

    private static double tenths(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private static String word(Enum<?> name) {
        return name.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
