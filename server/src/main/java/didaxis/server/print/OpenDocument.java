package didaxis.server.print;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.Text;

/**
 * A document for the printer as an open text document that can be edited (ODT; OASIS OpenDocument 1.3): headings,
 * paragraphs and tables as such, drawings as vectors. A quotient is written with a stroke.
 */
public final class OpenDocument {
    private static final double CM_A_PIXEL = 2.54 / 96;
    /** Space that must be kept has an element of its own in this format. */
    private static final String SPACES = "<text:s text:c=\"%d\"/>";

    private static final Map<String, String> STYLES =
            Map.of("sub", "Sub", "sup", "Super", "i", "Italic", "b", "Strong");

    private final StringBuilder content = new StringBuilder();
    private final List<String> pictures = new ArrayList<>();
    private int tables;

    private OpenDocument() {}

    /** @param html a document for the printer */
    public static byte[] of(String html) {
        PageDocument page = PageDocument.of(html);
        OpenDocument document = new OpenDocument();
        document.blocks(page.body());
        return OpenDocumentFile.of(page.title(), document.content.toString(), document.pictures);
    }

    private void blocks(Element parent) {
        for (Element child : PageDocument.children(parent)) block(child);
    }

    private void block(Element element) {
        switch (element.getTagName()) {
            case "h1" ->
                content.append("<text:h text:style-name=\"Title\" text:outline-level=\"1\">")
                        .append(inline(element))
                        .append("</text:h>");
            case "h2" ->
                content.append("<text:h text:style-name=\"Heading\" text:outline-level=\"2\">")
                        .append(inline(element))
                        .append("</text:h>");
            case "p" -> {
                boolean kept = PageDocument.is(element, "act") || PageDocument.is(element, "given");
                if (!PageDocument.is(element, "told")) paragraph(kept ? "Kept" : "Body", inline(element));
            }
            case "table" -> table(element);
            case "svg" -> picture(element);
            default -> {
                if (PageDocument.is(element, "line")) paragraph("Line", "");
                else blocks(element);
            }
        }
    }

    private void paragraph(String style, String inline) {
        content.append("<text:p text:style-name=\"")
                .append(style)
                .append("\">")
                .append(inline)
                .append("</text:p>");
    }

    /** Columns of a table of a class, from the left; those of others are equal. */
    private static final Map<String, List<String>> COLUMNS =
            Map.of("prompt", List.of("Narrow", "Wide", "Narrow"), "working", List.of("Widest", "Narrow"));

    private void table(Element table) {
        List<Element> rows = PageDocument.children(table);
        int columns = rows.stream().mapToInt(OpenDocument::columns).max().orElse(1);
        List<String> widths = COLUMNS.getOrDefault(table.getAttribute("class"), List.of());
        content.append("<table:table table:name=\"T").append(++tables).append("\" table:style-name=\"Whole\">");
        for (int k = 0; k < columns; k++)
            content.append("<table:table-column table:style-name=\"")
                    .append(k < widths.size() ? widths.get(k) : "Even")
                    .append("\"/>");
        for (Element row : rows) {
            content.append("<table:table-row>");
            for (Element cell : PageDocument.children(row)) cell(cell, PageDocument.is(table, "chart"));
            content.append("</table:table-row>");
        }
        content.append("</table:table>");
    }

    private static int columns(Element row) {
        return PageDocument.children(row).stream().mapToInt(OpenDocument::span).sum();
    }

    private static int span(Element cell) {
        return cell.hasAttribute("colspan") ? Integer.parseInt(cell.getAttribute("colspan")) : 1;
    }

    private void cell(Element cell, boolean ruled) {
        content.append("<table:table-cell office:value-type=\"string\"");
        if (ruled)
            content.append(" table:style-name=\"")
                    .append(PageDocument.is(cell, "none") ? "Shaded" : "Ruled")
                    .append('"');
        if (span(cell) > 1)
            content.append(" table:number-columns-spanned=\"")
                    .append(span(cell))
                    .append('"');
        content.append('>');
        boolean right = List.of("marks", "ticks", "total", "variant").contains(cell.getAttribute("class"));
        boolean headed = PageDocument.children(cell).stream()
                .anyMatch(child -> child.getTagName().equals("h1"));
        if (headed) blocks(cell);
        else paragraph(right ? "Right" : "Body", inline((Node) cell));
        content.append("</table:table-cell>");
        content.append("<table:covered-table-cell/>".repeat(span(cell) - 1));
    }

    private void picture(Element svg) {
        String style = svg.getAttribute("style");
        double width = pixels(style, "width") * CM_A_PIXEL;
        double height = pixels(style, "height") * CM_A_PIXEL;
        pictures.add(OpenDocumentFile.serialised(svg));
        content.append("<text:p text:style-name=\"Body\"><draw:frame draw:name=\"Drawing ")
                .append(pictures.size())
                .append("\" text:anchor-type=\"as-char\" svg:width=\"%.3fcm\" svg:height=\"%.3fcm\">"
                        .formatted(width, height))
                .append("<draw:image xlink:href=\"Pictures/")
                .append(pictures.size())
                .append(".svg\" xlink:type=\"simple\" xlink:show=\"embed\" xlink:actuate=\"onLoad\"/><svg:desc>")
                .append(Html.escaped(PlainText.words(svg)))
                .append("</svg:desc></draw:frame></text:p>");
    }

    private static double pixels(String style, String name) {
        String after = style.replaceFirst("^.*?\\b" + name + ":", "");
        return Double.parseDouble(after.substring(0, after.indexOf("px")));
    }

    private static String inline(Node node) {
        StringBuilder all = new StringBuilder();
        for (Node child = node.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof Text text) all.append(text(text.getData()));
            else if (child instanceof Element element) all.append(inline(element));
        }
        return all.toString();
    }

    private static String inline(Element element) {
        String style = STYLES.get(element.getTagName());
        if (PageDocument.is(element, "fraction")) {
            List<Element> parts = PageDocument.children(element);
            return bracketed(parts.get(0)) + "/" + bracketed(parts.get(1));
        }
        String inner = inline((Node) element);
        return style == null ? inner : "<text:span text:style-name=\"" + style + "\">" + inner + "</text:span>";
    }

    private static String bracketed(Element term) {
        String inner = inline((Node) term);
        return PlainText.isOne(PlainText.inline(term)) ? inner : "(" + inner + ")";
    }

    private static String text(String plain) {
        StringBuilder text = new StringBuilder();
        int spaces = 0;
        for (char letter : plain.toCharArray()) {
            if (letter == ' ' && spaces++ > 0) continue;
            if (letter != ' ') {
                if (spaces > 1) text.append(SPACES.formatted(spaces - 1));
                spaces = 0;
            }
            text.append(letter == '\n' ? "<text:line-break/>" : Html.escaped(String.valueOf(letter)));
        }
        return spaces > 1 ? text + SPACES.formatted(spaces - 1) : text.toString();
    }
}
