package didaxis.core.drawing;

import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Circle;
import didaxis.core.drawing.Scene.Item;
import didaxis.core.drawing.Scene.Line;
import didaxis.core.drawing.Scene.Role;
import didaxis.core.drawing.Scene.Text;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A scene as an SVG 1.1 document that stands by itself: black on white, with fonts that every machine has
 * (their widths are within what {@link TextWidth} allows), without style sheet, script or reference.
 */
public final class Svg {
    private static final Pattern INDEXED = Pattern.compile("([A-Z]+)([0-9]+|[a-z]+)");

    private Svg() {}

    /** The document; {@code words} say what is drawn to those who do not see it. */
    public static String print(Scene scene, String words) {
        String size = "width=\"" + number(scene.width()) + "\" height=\"" + number(scene.height()) + "\"";
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" ")
                .append(size)
                .append(" viewBox=\"0 0 ")
                .append(number(scene.width()))
                .append(' ')
                .append(number(scene.height()))
                .append("\" role=\"img\" font-family=\"Arial, Helvetica, 'Liberation Sans', sans-serif\"")
                .append(" fill=\"none\" stroke-width=\"1.75\" stroke-linejoin=\"round\" stroke-linecap=\"round\">\n")
                .append("<title>")
                .append(escaped(words))
                .append("</title>\n<rect ")
                .append(size)
                .append(" fill=\"#fff\"/>\n");
        // Rings lie under what is drawn inside them, dots on top of the wires.
        scene.items().forEach(item -> {
            if (item instanceof Circle circle && !circle.solid()) svg.append(circle(circle));
        });
        scene.items().forEach(item -> {
            if (item instanceof Line line) svg.append(line(line));
        });
        scene.items().forEach(item -> {
            if (item instanceof Circle circle && circle.solid()) svg.append(circle(circle));
            if (item instanceof Text text) svg.append(text(text));
        });
        return svg.append("</svg>\n").toString();
    }

    private static String ink(Item item, boolean filled) {
        if (item.role() == Role.ARROW || item instanceof Circle circle && circle.solid()) return " fill=\"#000\"/>\n";
        String width = item.role() == Role.METER_WIRE ? " stroke-width=\"1.25\"" : "";
        String fill = filled && item.role() == Role.SYMBOL ? " fill=\"#fff\"" : "";
        return " stroke=\"#000\"" + width + fill + "/>\n";
    }

    private static String line(Line line) {
        StringBuilder points = new StringBuilder();
        for (Spot spot : line.spots()) {
            if (!points.isEmpty()) points.append(' ');
            points.append(number(spot.x())).append(',').append(number(spot.y()));
        }
        return "<" + (line.closed() ? "polygon" : "polyline") + " points=\"" + points + "\"" + ink(line, line.closed());
    }

    private static String circle(Circle circle) {
        return "<circle cx=\"" + number(circle.centre().x()) + "\" cy=\""
                + number(circle.centre().y()) + "\" r=\"" + number(circle.radius()) + "\"" + ink(circle, true);
    }

    private static String text(Text text) {
        String anchor = text.anchor() == Anchor.START
                ? ""
                : " text-anchor=\"" + (text.anchor() == Anchor.MIDDLE ? "middle" : "end") + "\"";
        return "<text x=\"" + number(text.at().x()) + "\" y=\""
                + number(text.at().y()) + "\" font-size=\""
                + number(text.size()) + "\"" + anchor + " fill=\"" + (text.role() == Role.NAME ? "#444" : "#000")
                + "\">"
                + (text.role() == Role.LABEL ? label(text) : escaped(text.text())) + "</text>\n";
    }

    /** A label's letters in italics, its index small and lowered. */
    private static String label(Text text) {
        Matcher split = INDEXED.matcher(text.text());
        if (split.matches())
            return "<tspan font-style=\"italic\">" + split.group(1) + "</tspan><tspan dy=\""
                    + number(text.size() / 4) + "\" font-size=\"" + number(text.size() * 0.72) + "\">" + split.group(2)
                    + "</tspan>";
        boolean symbol = text.text().matches("[A-Za-z]");
        return symbol ? "<tspan font-style=\"italic\">" + text.text() + "</tspan>" : escaped(text.text());
    }

    private static String number(double value) {
        return BigDecimal.valueOf(value)
                .setScale(1, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
