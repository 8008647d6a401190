package didaxis.server.print;

import com.openhtmltopdf.css.sheet.FontFaceRule;
import com.openhtmltopdf.css.style.CssContext;
import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.extend.OutputDevice;
import com.openhtmltopdf.extend.SVGDrawer;
import com.openhtmltopdf.layout.SharedContext;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.render.Box;
import com.openhtmltopdf.render.RenderingContext;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.io.File;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/**
 * Paints drawings of circuits into a document. It knows what {@link didaxis.core.drawing.Svg} writes and nothing else; a
 * painter of all SVG takes a third of the time to set a paper.
 */
final class DrawingPainter implements SVGDrawer {
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    @Override
    public SVGImage buildSVGImage(
            Element svg, Box box, CssContext css, double width, double height, double dotsPerPixel) {
        return new Picture(svg, width, height, dotsPerPixel);
    }

    @Override
    public void importFontFaceRules(List<FontFaceRule> rules, SharedContext context) {
        // Pages have none.
    }

    @Override
    public void addFontFile(File file, String family, Integer weight, FontStyle style) {
        // It has its fonts.
    }

    @Override
    public void addFontStream(FSSupplier<InputStream> font, String family, Integer weight, FontStyle style) {
        // It has its fonts.
    }

    @Override
    public void close() {
        // Nothing is open.
    }

    /** A drawing in its place; sizes in dots. */
    private record Picture(Element svg, double width, double height, double dotsPerPixel) implements SVGImage {
        @Override
        public int getIntrinsicWidth() {
            return (int) width;
        }

        @Override
        public int getIntrinsicHeight() {
            return (int) height;
        }

        @Override
        public void drawSVG(OutputDevice device, RenderingContext context, double x, double y) {
            double drawn = Double.parseDouble(svg.getAttribute("viewBox").split(" ")[2]);
            double scale = width / dotsPerPixel / drawn;
            device.drawWithGraphics(
                    (float) x, (float) y, (float) (width / dotsPerPixel), (float) (height / dotsPerPixel), graphics -> {
                        graphics.scale(scale, scale);
                        paint(svg, graphics);
                    });
        }
    }

    private static void paint(Element svg, Graphics2D graphics) {
        for (Element item : PageDocument.children(svg)) {
            switch (item.getTagName()) {
                case "title" -> {}
                case "text" -> text(item, graphics);
                default -> shape(item, svg, graphics);
            }
        }
    }

    private static void shape(Element item, Element svg, Graphics2D graphics) {
        Shape shape = outline(item);
        if (item.hasAttribute("fill")) {
            graphics.setColor(Color.decode(six(item.getAttribute("fill"))));
            graphics.fill(shape);
        }
        if (item.hasAttribute("stroke")) {
            Element pen = item.hasAttribute("stroke-width") ? item : svg;
            graphics.setColor(Color.decode(six(item.getAttribute("stroke"))));
            graphics.setStroke(new BasicStroke(
                    (float) number(pen, "stroke-width"), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            graphics.draw(shape);
        }
    }

    private static Shape outline(Element item) {
        return switch (item.getTagName()) {
            case "rect" -> new Rectangle2D.Double(0, 0, number(item, "width"), number(item, "height"));
            case "circle" -> {
                double r = number(item, "r");
                yield new Ellipse2D.Double(number(item, "cx") - r, number(item, "cy") - r, 2 * r, 2 * r);
            }
            case "polyline" -> path(item, false);
            case "polygon" -> path(item, true);
            default ->
                throw new IllegalArgumentException(
                        "element (" + item.getTagName() + ") must be one of those that drawings are made of");
        };
    }

    private static Path2D path(Element item, boolean closed) {
        Path2D path = new Path2D.Double();
        for (String spot : item.getAttribute("points").split(" ")) {
            String[] at = spot.split(",");
            double x = Double.parseDouble(at[0]);
            double y = Double.parseDouble(at[1]);
            if (path.getCurrentPoint() == null) path.moveTo(x, y);
            else path.lineTo(x, y);
        }
        if (closed) path.closePath();
        return path;
    }

    /** A piece of a text, in its font, and how far its baseline is lowered. */
    private record Piece(String text, Font font, double down) {
        double width() {
            return font.getStringBounds(text, EXACT).getWidth();
        }
    }

    private static void text(Element item, Graphics2D graphics) {
        List<Piece> pieces = new ArrayList<>();
        for (Node node = item.getFirstChild(); node != null; node = node.getNextSibling())
            pieces.add(piece(node, item));
        double width = pieces.stream().mapToDouble(Piece::width).sum();
        double x = number(item, "x")
                - switch (item.getAttribute("text-anchor")) {
                    case "middle" -> width / 2;
                    case "end" -> width;
                    default -> 0;
                };
        double y = number(item, "y");
        graphics.setColor(Color.decode(six(item.getAttribute("fill"))));
        for (Piece piece : pieces) {
            y += piece.down();
            graphics.setFont(piece.font());
            graphics.drawString(piece.text(), (float) x, (float) y);
            x += piece.width();
        }
    }

    private static Piece piece(Node node, Element item) {
        float size = (float) number(item, "font-size");
        if (!(node instanceof Element span)) return new Piece(node.getTextContent(), PageFonts.REGULAR.sized(size), 0);
        if (span.hasAttribute("font-size")) size = (float) number(span, "font-size");
        PageFonts font = span.getAttribute("font-style").equals("italic") ? PageFonts.ITALIC : PageFonts.REGULAR;
        return new Piece(span.getTextContent(), font.sized(size), span.hasAttribute("dy") ? number(span, "dy") : 0);
    }

    private static double number(Element item, String attribute) {
        return Double.parseDouble(item.getAttribute(attribute));
    }

    /** "#abc" as "#aabbcc". */
    private static String six(String colour) {
        return colour.length() == 4 ? colour.replaceAll("([0-9a-f])", "$1$1") : colour;
    }
}
