package didaxis.server.print;

import java.util.regex.Pattern;

/** HTML written piece by piece; whatever is text is escaped. */
public final class Html {
    /** What XML 1.0 has no place for, such as control characters and halves of pairs. */
    private static final Pattern NO_CHARACTER =
            Pattern.compile("[^\\t\\n\\r\\x20-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]");

    private final StringBuilder html = new StringBuilder();

    /** Markup as it is. */
    public Html raw(String markup) {
        html.append(markup);
        return this;
    }

    /** An element that holds a text. */
    public Html element(String tag, String type, String text) {
        return open(tag, type).text(text).close(tag);
    }

    public Html open(String tag, String type) {
        html.append('<').append(tag);
        if (!type.isEmpty()) html.append(" class=\"").append(type).append('"');
        html.append('>');
        return this;
    }

    public Html close(String tag) {
        html.append("</").append(tag).append('>');
        return this;
    }

    public Html text(String text) {
        html.append(escaped(text));
        return this;
    }

    /** A text as it stands in HTML. */
    public static String escaped(String text) {
        return NO_CHARACTER
                .matcher(text)
                .replaceAll("")
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    @Override
    public String toString() {
        return html.toString();
    }
}
