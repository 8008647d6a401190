package didaxis.core.formula;

import didaxis.core.circuit.Cell;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Prints a formula as HTML for a printed page: a quotient is a {@code span} of class fraction with two spans in it, one over
 * the other; a root is one of class root.
 *
 * @param cells the HTML that stands for a cell: its symbol, or its number
 */
public record FormulaHtml(Function<Cell, String> cells) implements Formula.Algebra<FormulaHtml.Piece> {
    /** A printed piece; {@code sum} where it needs brackets inside a product. */
    public record Piece(String markup, boolean sum) {
        String factor() {
            return sum ? "(" + markup + ")" : markup;
        }

        /** A number with a power of ten is a product. */
        String base() {
            return sum || markup.contains("×") ? "(" + markup + ")" : markup;
        }
    }

    /** The whole formula as HTML. */
    public static String print(Formula formula, Function<Cell, String> cells) {
        return formula.with(new FormulaHtml(cells)).markup();
    }

    @Override
    public Piece cell(Cell cell) {
        return new Piece(cells.apply(cell), false);
    }

    @Override
    public Piece number(double value) {
        return new Piece(FormulaText.print(new Formula.Number(value), cells), false);
    }

    @Override
    public Piece sum(List<Piece> terms) {
        return new Piece(terms.stream().map(Piece::markup).collect(Collectors.joining(" + ")), true);
    }

    @Override
    public Piece difference(Piece from, List<Piece> less) {
        String rest = less.stream().map(piece -> " − " + piece.factor()).collect(Collectors.joining());
        return new Piece(from.markup() + rest, true);
    }

    @Override
    public Piece product(List<Piece> factors) {
        return new Piece(factors.stream().map(Piece::factor).collect(Collectors.joining(" × ")), false);
    }

    @Override
    public Piece quotient(Piece over, Piece under) {
        return new Piece(
                "<span class=\"fraction\"><span class=\"over\">" + over.markup() + "</span><span class=\"under\">"
                        + under.markup() + "</span></span>",
                false);
    }

    @Override
    public Piece square(Piece base) {
        return new Piece(base.base() + "<sup>2</sup>", false);
    }

    @Override
    public Piece root(Piece of) {
        return new Piece("√<span class=\"root\">" + of.markup() + "</span>", false);
    }
}
