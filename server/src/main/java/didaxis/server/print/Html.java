package didaxis.server.print;

/** HTML written piece by piece; whatever is text is escaped. */
public final class Html {
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
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    @Override
    public String toString() {
        return html.toString();
    }
}
