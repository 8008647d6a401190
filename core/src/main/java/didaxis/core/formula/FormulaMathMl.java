package didaxis.core.formula;

import didaxis.core.circuit.Cell;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Prints a formula as presentation MathML (W3C MathML Core), without the outer math element.
 *
 * @param cells the MathML that stands for a cell: its symbol, or its number
 */
public record FormulaMathMl(Function<Cell, String> cells) implements Formula.Algebra<FormulaMathMl.Piece> {
    /** A printed piece; {@code sum} where it needs brackets inside a product. */
    public record Piece(String markup, boolean sum) {
        String factor() {
            return sum ? bracketed() : markup;
        }

        /** A number with a power of ten is a product. */
        String base() {
            return sum || markup.contains("×") ? bracketed() : markup;
        }

        private String bracketed() {
            return "<mrow><mo>(</mo>" + markup + "<mo>)</mo></mrow>";
        }
    }

    /** The whole formula as MathML. */
    public static String print(Formula formula, Function<Cell, String> cells) {
        return formula.with(new FormulaMathMl(cells)).markup();
    }

    @Override
    public Piece cell(Cell cell) {
        return new Piece(cells.apply(cell), false);
    }

    @Override
    public Piece number(double value) {
        return new Piece("<mn>" + FormulaText.print(new Formula.Number(value), cells) + "</mn>", false);
    }

    @Override
    public Piece sum(List<Piece> terms) {
        return new Piece(row(terms.stream().map(Piece::markup).collect(Collectors.joining("<mo>+</mo>"))), true);
    }

    @Override
    public Piece difference(Piece from, List<Piece> less) {
        String rest = less.stream().map(piece -> "<mo>−</mo>" + piece.factor()).collect(Collectors.joining());
        return new Piece(row(from.markup() + rest), true);
    }

    @Override
    public Piece product(List<Piece> factors) {
        return new Piece(row(factors.stream().map(Piece::factor).collect(Collectors.joining("<mo>×</mo>"))), false);
    }

    @Override
    public Piece quotient(Piece over, Piece under) {
        return new Piece("<mfrac>" + row(over.markup()) + row(under.markup()) + "</mfrac>", false);
    }

    @Override
    public Piece square(Piece base) {
        return new Piece("<msup>" + row(base.base()) + "<mn>2</mn></msup>", false);
    }

    @Override
    public Piece root(Piece of) {
        return new Piece("<msqrt>" + of.markup() + "</msqrt>", false);
    }

    private static String row(String markup) {
        return "<mrow>" + markup + "</mrow>";
    }
}
