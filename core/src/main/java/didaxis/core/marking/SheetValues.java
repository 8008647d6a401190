package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import didaxis.core.marking.Sheet.Kind;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import didaxis.core.slip.Slip;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.IntToDoubleFunction;

/** The values that every cell has on one sheet, by the truth and for the learner, and what they say of an answer. */
final class SheetValues {
    /** Figures by which a number is known as another one. */
    static final int TELLING_FIGURES = 3;
    /** So many figures of what is not written stand in a sum. */
    private static final MathContext SHOWN = new MathContext(5);
    /** Two computed values are one. */
    private static final double SAME = 1e-9;
    /** What is not written may have been rounded so much, in tolerances. */
    private static final double IN_THE_HEAD = 1;

    final Sheet sheet;
    final Ways ways;
    final Map<Integer, Reading.Read> reads;
    /** What is true. */
    final double[] truth;
    /** What is written, or else what is true. */
    final double[] own;
    /** What is written, or else what the working makes of what is. */
    final double[] carried;

    SheetValues(Sheet sheet, Map<Integer, Reading.Read> reads) {
        this.sheet = sheet;
        this.ways = sheet.ways();
        this.reads = reads;
        truth = values(cell -> sheet.kind(cell) == Kind.GIVEN ? sheet.value(cell) : ways.truth(cell));
        own = values(cell -> sheet.written(cell) ? sheet.value(cell) : ways.truth(cell));
        carried = own.clone();
        for (int cell = 0; cell < carried.length; cell++) if (!sheet.written(cell)) carryOn(cell, carried);
    }

    private double[] values(IntToDoubleFunction value) {
        double[] values = new double[ways.size()];
        for (int cell = 0; cell < values.length; cell++) values[cell] = value.applyAsDouble(cell);
        return values;
    }

    /** Puts what the working's own step makes of these values into a cell. */
    void carryOn(int cell, double[] values) {
        double value = stepped(cell, values);
        if (Double.isFinite(value)) values[cell] = value;
    }

    /** What the working's own step makes of these values; not a number where it has none. */
    double stepped(int cell, double[] values) {
        for (Way way : ways.to(cell)) if (way.own()) return way.compiled().of(values);
        return Double.NaN;
    }

    boolean isOpen(int cell) {
        return sheet.kind(cell) == Kind.OPEN;
    }

    boolean isResistance(int cell) {
        return ways.cell(cell).quantity() == Quantity.RESISTANCE;
    }

    boolean rounds(int cell, double value) {
        return Double.isFinite(value) && value != 0 && sheet.rounds(cell, value);
    }

    /** Whether an answer is a value that may have been rounded on the way. */
    boolean isNear(int cell, double value) {
        return Double.isFinite(value) && Math.abs(value - sheet.value(cell)) <= sheet.room(value, IN_THE_HEAD);
    }

    boolean isRight(int cell, double value) {
        return Math.abs(value - ways.truth(cell)) <= SAME * Math.abs(value);
    }

    /** Whether an answer is this very value: to three figures, or exactly to fewer. */
    boolean isTelling(int cell, double value, int fewestExactly) {
        if (!rounds(cell, value)) return false;
        int figures = reads.get(cell).mostFigures();
        boolean exactly = Math.abs(value - sheet.value(cell)) <= SAME * Math.abs(value);
        return figures >= TELLING_FIGURES || exactly && figures >= fewestExactly;
    }

    /** The value of a cell was taken for that of another. */
    NamedSlip taken(Slip slip, int at, int from, double value) {
        return new NamedSlip(slip, ways.cell(at), Formula.of(ways.cell(from)), Map.of(ways.cell(from), shown(value)));
    }

    /** A formula was worked with these values. */
    NamedSlip worked(Slip slip, int at, Formula formula, int[] inputs, double[] values) {
        Map<Cell, BigDecimal> numbers = new LinkedHashMap<>();
        for (int input : inputs) {
            boolean asWritten = sheet.written(input) && values[input] == sheet.value(input);
            numbers.put(ways.cell(input), asWritten ? sheet.asWritten(input) : shown(values[input]));
        }
        return new NamedSlip(slip, ways.cell(at), formula, numbers);
    }

    private static BigDecimal shown(double value) {
        BigDecimal shown = new BigDecimal(value).round(SHOWN);
        return shown.signum() == 0 ? BigDecimal.ZERO : shown.stripTrailingZeros();
    }
}
