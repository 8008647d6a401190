package didaxis.core.template;

import didaxis.core.chart.Chart;
import didaxis.core.chart.Ratings;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/**
 * What must be true of a set of values.
 *
 * @param figures of the kinds that count them, 1 to 6; 0 of all others
 */
public record Condition(Kind kind, int figures) {
    /** How much doubles may lose. */
    private static final double EXACT = 1e-9;
    /** Answers that differ by less are taken for one another. */
    private static final double ALIKE = 0.01;

    private static final int MOST_FIGURES = 6;

    /** The kinds, in the order in which they are offered. */
    public enum Kind {
        /** Every amount that is asked has few figures. */
        SHORT_ANSWERS(true),
        /** The current of every part has few figures, in every state. */
        SHORT_CURRENTS(true),
        /** Resistance, voltage, current and power of the whole are whole numbers, of units or of units with a prefix. */
        WHOLE_TOTALS(false),
        /** Nothing is over its rating, in any state. */
        BELOW_RATINGS(false),
        /** No two parts have the same resistance, nor one that of the source. */
        DIFFERENT_VALUES(false),
        /** No two amounts of one quantity that are asked of one state are alike: they differ by at least 1 %. */
        DIFFERENT_ANSWERS(false),
        /** The question can be asked with these values; always wanted, and tried last. */
        WELL_POSED(false);

        private final boolean counted;

        Kind(boolean counted) {
            this.counted = counted;
        }

        /** Whether it counts figures. */
        public boolean counted() {
            return counted;
        }
    }

    public Condition {
        boolean fits = kind.counted() ? figures >= 1 && figures <= MOST_FIGURES : figures == 0;
        if (!fits)
            throw new IllegalArgumentException("figures (" + figures + ") must be 1 to 6, and 0 where none count");
    }

    public static Condition of(Kind kind) {
        return new Condition(kind, 0);
    }

    /** An amount that is asked, in the chart of its state. */
    record Asked(Cell cell, int state) {}

    /** Whether it is true of the charts of all states that have numbers; what is asked is looked for in them. */
    boolean holds(List<Chart> charts, List<Asked> asked) {
        return switch (kind) {
            case SHORT_ANSWERS -> asked.stream().allMatch(one -> isShort(value(one, charts)));
            case SHORT_CURRENTS -> charts.stream().allMatch(this::shortCurrents);
            case WHOLE_TOTALS -> charts.stream().allMatch(Condition::wholeTotals);
            case BELOW_RATINGS ->
                charts.stream().allMatch(chart -> Ratings.of(chart).over().isEmpty());
            case DIFFERENT_VALUES -> differ(resistances(charts.get(0)), 0);
            case DIFFERENT_ANSWERS -> differentAnswers(charts, asked);
            case WELL_POSED -> true;
        };
    }

    private static OptionalDouble value(Asked one, List<Chart> charts) {
        return one.state() < charts.size() ? charts.get(one.state()).value(one.cell()) : OptionalDouble.empty();
    }

    private boolean isShort(OptionalDouble value) {
        return value.isEmpty() || isShort(value.getAsDouble(), figures);
    }

    /** Whether a value has no more than so many figures. */
    static boolean isShort(double value, int figures) {
        if (value == 0) return true;
        double power = Math.pow(10, figures - 1 - Math.floor(Math.log10(Math.abs(value))));
        double scaled = value * power;
        return Math.abs(scaled - Math.rint(scaled)) <= EXACT * Math.abs(scaled);
    }

    private boolean shortCurrents(Chart chart) {
        return chart.circuit().parts().stream()
                .allMatch(part -> isShort(chart.value(Cell.current(Subject.part(part.label())))));
    }

    private static boolean wholeTotals(Chart chart) {
        return List.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER).stream()
                .allMatch(quantity -> {
                    OptionalDouble value = chart.value(Cell.of(Subject.TOTAL, quantity));
                    return value.isEmpty() || isWhole(value.getAsDouble());
                });
    }

    private static boolean isWhole(double value) {
        if (value == 0) return true;
        double thousands = Math.floor(Math.log10(Math.abs(value)) / 3);
        double shown = thousands < 0 ? value * Math.pow(1000, -thousands) : value;
        return Math.abs(shown - Math.rint(shown)) <= EXACT * Math.abs(shown);
    }

    private static double[] resistances(Chart chart) {
        double internal = chart.circuit().source().internalResistance();
        DoubleStream parts = chart.circuit().parts().stream()
                .filter(part -> part.kind().takes() == PartKind.Takes.OHMS)
                .mapToDouble(Part::resistance);
        return DoubleStream.concat(parts, DoubleStream.of(internal).filter(ohms -> ohms > 0))
                .sorted()
                .toArray();
    }

    private static boolean differentAnswers(List<Chart> charts, List<Asked> asked) {
        return asked.stream()
                .collect(Collectors.groupingBy(one -> one.cell().quantity().unit() + " " + one.state()))
                .values()
                .stream()
                .allMatch(alike -> differ(
                        alike.stream()
                                .flatMapToDouble(one -> value(one, charts).stream())
                                .sorted()
                                .toArray(),
                        ALIKE));
    }

    /** Whether sorted values all differ by more than a share of the larger. */
    private static boolean differ(double[] sorted, double share) {
        for (int k = 1; k < sorted.length; k++) {
            double larger = Math.max(Math.abs(sorted[k]), Math.abs(sorted[k - 1]));
            if (sorted[k] - sorted[k - 1] <= share * larger) return false;
        }
        return true;
    }
}
