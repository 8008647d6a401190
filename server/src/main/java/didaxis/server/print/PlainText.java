package didaxis.server.print;

import java.util.List;
import java.util.stream.Collectors;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.Text;

/** A document for the printer as plain text: a line a paragraph, drawings in words. */
public final class PlainText {
    private static final String LINE = "_".repeat(60);

    private final StringBuilder text = new StringBuilder();

    private PlainText() {}

    /** @param html a document for the printer */
    public static String of(String html) {
        PlainText written = new PlainText();
        written.blocks(PageDocument.of(html).body());
        return written.text.toString().replaceAll("\n{3,}", "\n\n").strip() + "\n";
    }

    private void blocks(Element parent) {
        for (Element child : PageDocument.children(parent)) block(child);
    }

    private void block(Element element) {
        switch (element.getTagName()) {
            case "h1", "h2" -> line("\n" + inline(element) + "\n");
            case "p" -> line(inline(element));
            case "table" -> table(element);
            case "svg" -> line("[" + words(element) + "]");
            default -> {
                if (PageDocument.is(element, "line")) line(LINE);
                else blocks(element);
                if (PageDocument.is(element, "task")) line("");
            }
        }
    }

    private void table(Element table) {
        boolean filled = PageDocument.is(table, "chart");
        for (Element row : PageDocument.children(table))
            line(PageDocument.children(row).stream()
                    .map(cell -> filled && cell.getTagName().equals("td") ? slot(cell) : inline(cell))
                    .filter(cell -> !cell.isEmpty())
                    .collect(Collectors.joining("\t")));
    }

    /** A place of a chart: what stands there, room to write, or a dash where there is nothing to be written. */
    private static String slot(Element cell) {
        if (PageDocument.is(cell, "none")) return "–";
        String told = inline(cell);
        return told.isEmpty() ? "____" : told;
    }

    private void line(String line) {
        text.append(line).append('\n');
    }

    /** What a drawing shows. */
    static String words(Element svg) {
        return PageDocument.children(svg).stream()
                .filter(child ->
                        child.getTagName().equals("title") || child.getTagName().equals("desc"))
                .map(Node::getTextContent)
                .findFirst()
                .orElse("");
    }

    /** On one line: a quotient with a stroke, what is raised with a caret. */
    static String inline(Node node) {
        if (node instanceof Text text) return text.getData();
        StringBuilder all = new StringBuilder();
        for (Node child = node.getFirstChild(); child != null; child = child.getNextSibling())
            all.append(inline(child));
        if (!(node instanceof Element element)) return all.toString();
        if (PageDocument.is(element, "fraction")) {
            List<Element> parts = PageDocument.children(element);
            return bracketed(inline(parts.get(0))) + "/" + bracketed(inline(parts.get(1)));
        }
        return element.getTagName().equals("sup") ? "^" + all : all.toString();
    }

    private static String bracketed(String term) {
        return isOne(term) ? term : "(" + term + ")";
    }

    /** Whether a term of a quotient needs no brackets. */
    static boolean isOne(String term) {
        return term.matches("[\\p{L}\\p{N}.,]+");
    }
}
