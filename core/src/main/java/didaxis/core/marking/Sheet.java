package didaxis.core.marking;

import didaxis.core.quantity.Reading;
import didaxis.core.style.MarkingStyle;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Map;

/** A sheet as numbers: of every cell of the question whether it is given, answered or in the head, and its value as written. */
final class Sheet {
    /** What a cell is on a sheet. */
    enum Kind {
        GIVEN,
        /** What the true value rounds to at the figures written, final zeros of a whole number counted. */
        EXACT,
        /** Right as well, but only within the tolerance, or if the zeros do no more than hold the place. */
        NEAR,
        /** Neither: it must follow from the others, or it is wrong. */
        OPEN,
        /** Blank, unreadable or not asked: what the learner had there, if anything, was in the head. */
        UNWRITTEN
    }

    /** Computed values carry noise behind about the twelfth figure. */
    private static final double NOISE = 1e-11;

    private final Ways ways;
    private final MarkingStyle style;
    private final Kind[] kinds;
    private final double[] values;
    private final double[] halves;
    private final int[] figures;
    private final BigDecimal[] written;

    Sheet(Ways ways, MarkingStyle style, Iterable<Integer> given, Map<Integer, Reading.Read> answers) {
        this.ways = ways;
        this.style = style;
        kinds = new Kind[ways.size()];
        values = new double[ways.size()];
        halves = new double[ways.size()];
        figures = new int[ways.size()];
        written = new BigDecimal[ways.size()];
        Arrays.fill(kinds, Kind.UNWRITTEN);
        Arrays.fill(values, Double.NaN);
        for (int cell : given) {
            kinds[cell] = Kind.GIVEN;
            values[cell] =
                    ways.cell(cell).told(ways.truth(cell), style.format()).si();
            written[cell] = BigDecimal.valueOf(values[cell]).stripTrailingZeros();
        }
        answers.forEach(this::write);
    }

    private void write(int cell, Reading.Read read) {
        double truth = ways.truth(cell);
        values[cell] = read.amount().si();
        written[cell] = read.written();
        halves[cell] = style.halfOfLastPlace(read);
        figures[cell] = Math.min(12, Math.max(style.leastFigures(), read.fewestFigures()));
        boolean counted =
                halves[cell] > 0 && Math.abs(truth - values[cell]) <= read.halfOfLastPlace() || truth == values[cell];
        if (counted) kinds[cell] = Kind.EXACT;
        else kinds[cell] = gives(cell, truth) || rounds(cell, truth, truth) ? Kind.NEAR : Kind.OPEN;
    }

    Ways ways() {
        return ways;
    }

    Kind kind(int cell) {
        return kinds[cell];
    }

    boolean written(int cell) {
        return kinds[cell] != Kind.UNWRITTEN;
    }

    /** The value as written, in SI; NaN in the head. */
    double value(int cell) {
        return values[cell];
    }

    /** The number as it is written, in SI. */
    BigDecimal asWritten(int cell) {
        return written[cell];
    }

    /** The figures to which values in the head are rounded where this answer rests on them. */
    int figures(int cell) {
        return figures[cell];
    }

    /** Whether a result rounds to the answer at the figures written, halves up as taught. */
    boolean rounds(int cell, double result) {
        double size = Math.abs(values[cell]);
        double over = values[cell] < 0 ? -size - result : result - size;
        double noise = NOISE * size;
        boolean half = Math.abs(over - halves[cell]) <= noise && halves[cell] > 0;
        return Math.abs(over) <= halves[cell] + noise && !half;
    }

    /** Whether the answer is what is left of a value that is cut off at the figures written. */
    boolean cutOff(int cell, double value) {
        double lost = Math.abs(value) - Math.abs(values[cell]);
        return halves[cell] > 0 && value * values[cell] > 0 && lost >= halves[cell] && lost < 2 * halves[cell];
    }

    /** Whether some result between these rounds to the answer. */
    boolean rounds(int cell, double lo, double hi) {
        double room = halves[cell] + NOISE * Math.abs(values[cell]);
        return lo - room <= values[cell] && values[cell] <= hi + room;
    }

    /** Whether a result is within the tolerance of the answer, or rounds to it. */
    boolean gives(int cell, double result) {
        return rounds(cell, result) || style.tolerance().matches(result, values[cell]);
    }

    /** Whether the answer departs from a value by no more than so many tolerances, or its own rounding where that is more. */
    boolean near(int cell, double value, double tolerances) {
        double room = tolerances * style.tolerance().relative() * Math.abs(value);
        return Math.abs(values[cell] - value) <= Math.max(room, halves[cell]);
    }

    /** An interval around a value that is so many tolerances wide to either side. */
    double room(double value, double tolerances) {
        return tolerances * style.tolerance().relative() * Math.abs(value);
    }
}
