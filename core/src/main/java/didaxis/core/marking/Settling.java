package didaxis.core.marking;

import didaxis.core.formula.Span;
import java.math.BigDecimal;
import java.math.MathContext;

/**
 * Picks, within what the inputs of a way may have been, the values that lead to the answer, each with as few figures as
 * show it, so that a sum can be printed that gives the answer.
 */
final class Settling {
    private static final int STEPS = 60;
    private static final int MOST_FIGURES = 12;

    private final Sheet sheet;
    private final Worked worked;
    private final int answer;
    private final double[] values;

    private Settling(Sheet sheet, Worked worked) {
        this.sheet = sheet;
        this.worked = worked;
        this.answer = worked.way().target();
        this.values = new double[sheet.ways().size()];
    }

    /** The numbers to put in, in the order of the way's inputs, in SI. */
    static BigDecimal[] numbers(Sheet sheet, Worked worked) {
        return new Settling(sheet, worked).numbers();
    }

    private BigDecimal[] numbers() {
        double[] settled = settled();
        boolean rounds = sheet.rounds(answer, result(settled));
        for (int figures = sheet.figures(answer) + 1; figures < MOST_FIGURES; figures++) {
            BigDecimal[] numbers = numbers(settled, figures);
            double[] shown = new double[numbers.length];
            for (int k = 0; k < shown.length; k++) shown[k] = numbers[k].doubleValue();
            double result = result(shown);
            if (rounds ? sheet.rounds(answer, result) : sheet.gives(answer, result)) return numbers;
        }
        return numbers(settled, MOST_FIGURES);
    }

    /** What is written stays as it is written; the rest is rounded. */
    private BigDecimal[] numbers(double[] settled, int figures) {
        BigDecimal[] numbers = new BigDecimal[settled.length];
        for (int k = 0; k < numbers.length; k++) {
            int source = worked.sources()[k];
            boolean asWritten = source >= 0 && settled[k] == sheet.value(source);
            numbers[k] =
                    asWritten ? sheet.asWritten(source) : new BigDecimal(settled[k]).round(new MathContext(figures));
        }
        return numbers;
    }

    /** From the middle as far towards the ends that lead to the answer as it takes. */
    private double[] settled() {
        Span[] inputs = worked.inputs();
        double[] middle = new double[inputs.length];
        for (int k = 0; k < inputs.length; k++) middle[k] = inputs[k].mid();
        double wanted = sheet.value(answer);
        double start = result(middle);
        if (sheet.rounds(answer, start)) return middle;
        double[] end = middle.clone();
        for (int k = 0; k < inputs.length; k++) {
            if (inputs[k].lo() == inputs[k].hi()) continue;
            double[] moved = middle.clone();
            moved[k] = inputs[k].hi();
            double above = result(moved);
            moved[k] = inputs[k].lo();
            boolean up = (above >= result(moved)) == (wanted >= start);
            end[k] = up ? inputs[k].hi() : inputs[k].lo();
        }
        return between(middle, end, wanted);
    }

    private double[] between(double[] middle, double[] end, double wanted) {
        boolean rising = result(end) >= result(middle);
        double lo = 0;
        double hi = 1;
        for (int step = 0; step < STEPS; step++) {
            double part = (lo + hi) / 2;
            boolean beyond = result(along(middle, end, part)) >= wanted == rising;
            if (beyond) hi = part;
            else lo = part;
        }
        return along(middle, end, hi);
    }

    private static double[] along(double[] middle, double[] end, double part) {
        double[] at = new double[middle.length];
        for (int k = 0; k < at.length; k++) at[k] = middle[k] + part * (end[k] - middle[k]);
        return at;
    }

    private double result(double[] inputs) {
        for (int k = 0; k < inputs.length; k++) values[worked.way().inputs()[k]] = inputs[k];
        return worked.way().compiled().of(values);
    }
}
