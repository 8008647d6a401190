package didaxis.core.quantity;

/** Figures set below the line, as in R₁₂. */
public final class Subscripts {
    private Subscripts() {}

    /** Figures set below the line: "12" as "₁₂". */
    public static String of(String figures) {
        StringBuilder low = new StringBuilder();
        for (char c : figures.toCharArray()) low.append((char) ('₀' + c - '0'));
        return low.toString();
    }

    /** The same text with its figures on the line: "R₁₂" as "R12". */
    public static String typed(String text) {
        StringBuilder typed = new StringBuilder();
        for (char c : text.toCharArray()) typed.append(c >= '₀' && c <= '₉' ? (char) ('0' + c - '₀') : c);
        return typed.toString();
    }
}
