package didaxis.core.formula;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Subscripts;
import didaxis.core.style.Terms;

/** What a cell is called in a formula: the quantity's letter, and the subject as its index. */
public record Symbols(Terms terms) {
    /** V for a voltage, t for the total. */
    public static final Symbols USUAL = new Symbols(Terms.VOLTAGE);

    /** The letter: R, V, I, P; E for the emf, r for an internal resistance. */
    public String letter(Cell cell) {
        boolean total = cell.subject().kind() == Subject.Kind.TOTAL;
        boolean internal = cell.subject().kind() == Subject.Kind.INTERNAL;
        if (total && cell.quantity() == Quantity.VOLTAGE) return "E";
        if (internal && cell.quantity() == Quantity.RESISTANCE) return "r";
        return terms.letter(cell.quantity());
    }

    /** The index: "1" for R1, "23" for R23, "L1" for a lamp, "t" for the total; empty for the emf and r. */
    public String index(Cell cell) {
        // Where every voltage is an E, the emf is told from the others by its index.
        boolean emf =
                cell.quantity() == Quantity.VOLTAGE && !terms.voltageLetter().equals("E");
        return switch (cell.subject().kind()) {
            case TOTAL -> emf ? "" : terms.totalIndex();
            case INTERNAL -> cell.quantity() == Quantity.RESISTANCE ? "" : "r";
            case EXTERNAL -> "ext";
            case POINT -> cell.subject().id().substring(1);
            case PART, GROUP ->
                cell.subject().id().matches("R[0-9]+")
                        ? cell.subject().id().substring(1)
                        : cell.subject().id();
            case VOLTMETER -> cell.subject().id();
        };
    }

    /** On one line: "I₂₃", or with the index in brackets where it is no number: "I(L1)", "R(total)". */
    public String text(Cell cell) {
        String index = index(cell);
        if (index.isEmpty()) return letter(cell);
        if (index.matches("[0-9]+")) return letter(cell) + Subscripts.of(index);
        return switch (cell.subject().kind()) {
            case POINT -> letter(cell) + "(" + index + ")";
            case TOTAL -> letter(cell) + "(" + terms.whole() + ")";
            default -> letter(cell) + "(" + cell.subject().id() + ")";
        };
    }

    /** As MathML. */
    public String mathMl(Cell cell) {
        String letter = "<mi>" + letter(cell) + "</mi>";
        return index(cell).isEmpty() ? letter : "<msub>" + letter + "<mtext>" + index(cell) + "</mtext></msub>";
    }

    /** As HTML. */
    public String html(Cell cell) {
        String letter = "<i>" + letter(cell) + "</i>";
        return index(cell).isEmpty() ? letter : letter + "<sub>" + index(cell) + "</sub>";
    }
}
