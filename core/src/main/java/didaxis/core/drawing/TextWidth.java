package didaxis.core.drawing;

/** How wide a text is, a little on the wide side of IBM Plex Sans, so that what is measured clear is clear. */
final class TextWidth {
    private static final double ASCENT = 0.75;
    private static final double DESCENT = 0.22;

    private TextWidth() {}

    static double of(String text, double size) {
        double ems = 0;
        for (char c : text.toCharArray()) ems += ems(c);
        return ems * size;
    }

    static double ascent(double size) {
        return ASCENT * size;
    }

    static double descent(double size) {
        return DESCENT * size;
    }

    private static double ems(char c) {
        if (c == '\u2009') return 0.2;
        if (".,:;'| il".indexOf(c) >= 0) return 0.32;
        if ("WMΩm".indexOf(c) >= 0) return 0.9;
        return Character.isUpperCase(c) ? 0.7 : 0.62;
    }
}
