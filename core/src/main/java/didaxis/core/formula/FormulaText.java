package didaxis.core.formula;

import didaxis.core.circuit.Cell;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Prints a formula as one line of text: "1/(1/R2 + 1/R3)".
 *
 * @param cells what stands for a cell: its symbol, or its number
 */
public record FormulaText(Function<Cell, String> cells) implements Formula.Algebra<FormulaText.Piece> {
    /** A printed piece and how tightly its outermost sign binds. */
    public record Piece(String text, Binding binding) {
        String within(Binding least) {
            return binding.compareTo(least) < 0 ? "(" + text + ")" : text;
        }
    }

    /** From loose to tight. */
    enum Binding {
        SUM,
        PRODUCT,
        POWER,
        ATOM
    }

    /** The whole formula as text. */
    public static String print(Formula formula, Function<Cell, String> cells) {
        return formula.with(new FormulaText(cells)).text();
    }

    @Override
    public Piece cell(Cell cell) {
        String text = cells.apply(cell);
        return new Piece(text, bindingOf(text));
    }

    /** A number with a power of ten is a product. */
    static Binding bindingOf(String cell) {
        return cell.contains("×") ? Binding.PRODUCT : Binding.ATOM;
    }

    @Override
    public Piece number(double value) {
        return new Piece(
                value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value), Binding.ATOM);
    }

    @Override
    public Piece sum(List<Piece> terms) {
        return new Piece(terms.stream().map(Piece::text).collect(Collectors.joining(" + ")), Binding.SUM);
    }

    @Override
    public Piece difference(Piece from, List<Piece> less) {
        String rest = less.stream().map(piece -> piece.within(Binding.PRODUCT)).collect(Collectors.joining(" − "));
        return new Piece(from.text() + " − " + rest, Binding.SUM);
    }

    @Override
    public Piece product(List<Piece> factors) {
        String text =
                factors.stream().map(piece -> piece.within(Binding.PRODUCT)).collect(Collectors.joining(" × "));
        return new Piece(text, Binding.PRODUCT);
    }

    @Override
    public Piece quotient(Piece over, Piece under) {
        return new Piece(over.within(Binding.PRODUCT) + "/" + under.within(Binding.POWER), Binding.PRODUCT);
    }

    @Override
    public Piece square(Piece base) {
        return new Piece(base.within(Binding.ATOM) + "²", Binding.POWER);
    }

    @Override
    public Piece root(Piece of) {
        return new Piece("√(" + of.text() + ")", Binding.ATOM);
    }
}
