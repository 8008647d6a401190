package didaxis.core.marking;

import didaxis.core.slip.Slip;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;

/**
 * Answers to which a right formula leads with a number that is not the one the learner had: copied with its digits swapped
 * or its point a place off, or rounded to too few figures.
 */
final class Miscopied {
    /** Nobody copies more figures by hand. */
    private static final MathContext COPIED = new MathContext(6);
    /** In longer sums nobody could tell which number it was. */
    private static final int MOST_INPUTS = 8;
    /** Values in the head are seldom rounded to more figures than this at a loss. */
    private static final int[] TOO_FEW_FIGURES = {2, 1};
    /** Rounding that takes a value further than this from the truth is no mere rounding. */
    private static final double ROUNDED_OFF = 0.25;

    private final SheetValues values;

    Miscopied(SheetValues values) {
        this.values = values;
    }

    /** What leads to a wrong answer; only a number of three figures tells. */
    List<NamedSlip> of(int cell) {
        List<NamedSlip> found = new ArrayList<>();
        if (values.reads.get(cell).fewestFigures() < SheetValues.TELLING_FIGURES) return found;
        for (Way way : values.ways.workedTo(cell)) {
            if (way.inputs().length > MOST_INPUTS) continue;
            for (int input : way.inputs()) {
                if (values.sheet.written(input)) copied(way, input, found);
                else if (way.own()) roundedTooEarly(way, input, found);
            }
        }
        return found;
    }

    private void copied(Way way, int input, List<NamedSlip> found) {
        for (double other : careless(values.sheet.asWritten(input))) {
            double[] put = with(input, other);
            if (values.rounds(way.target(), way.compiled().of(put))) add(Slip.CHANGED_ON_THE_WAY, way, put, found);
        }
    }

    private void roundedTooEarly(Way way, int input, List<NamedSlip> found) {
        double value = values.carried[input];
        double truth = values.ways.truth(way.target());
        if (!Double.isFinite(value)) return;
        for (int figures : TOO_FEW_FIGURES) {
            double[] put = with(
                    input, new BigDecimal(value).round(new MathContext(figures)).doubleValue());
            double result = way.compiled().of(put);
            boolean rounding = Math.abs(result - truth) <= ROUNDED_OFF * Math.abs(truth);
            if (rounding && values.rounds(way.target(), result)) add(Slip.ROUNDED_TOO_EARLY, way, put, found);
        }
    }

    private double[] with(int input, double value) {
        double[] put = values.carried.clone();
        put[input] = value;
        return put;
    }

    private void add(Slip slip, Way way, double[] put, List<NamedSlip> found) {
        found.add(values.worked(slip, way.target(), way.formula(), way.inputs(), put));
    }

    /** A number with two neighbouring digits swapped, or its point a place off. */
    private static List<Double> careless(BigDecimal number) {
        List<Double> careless = new ArrayList<>();
        BigDecimal plain = number.round(COPIED).stripTrailingZeros();
        String digits = plain.unscaledValue().abs().toString();
        if (plain.signum() <= 0) return careless;
        for (int k = 0; k + 1 < digits.length(); k++) {
            if (digits.charAt(k) == digits.charAt(k + 1)) continue;
            String swapped = digits.substring(0, k) + digits.charAt(k + 1) + digits.charAt(k) + digits.substring(k + 2);
            careless.add(new BigDecimal(new BigInteger(swapped), plain.scale()).doubleValue());
        }
        careless.add(plain.movePointLeft(1).doubleValue());
        careless.add(plain.movePointRight(1).doubleValue());
        return careless;
    }
}
