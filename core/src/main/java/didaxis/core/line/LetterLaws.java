package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Span;
import java.util.List;

/**
 * Whether an equality of letters is a law in a circuit: it is if it holds whatever its resistances and its emf are. Judged
 * by evaluating both sides on random values, not by shape, so any rearrangement counts. A letter without an index stands
 * for the same part, group or whole wherever it is.
 */
final class LetterLaws {
    private static final double SAME = 1e-6;

    private final Chart chart;
    private final List<Chart> others;

    LetterLaws(Chart chart) {
        this.chart = chart;
        this.others = Valuations.of(chart, false);
    }

    /** Whether it holds whatever the values are. */
    boolean holds(Term left, Term right) {
        return others.stream().allMatch(one -> equal(left, right, one)) || general(left, right);
    }

    /** Whether it holds in this very circuit. */
    boolean holdsHere(Term left, Term right) {
        return equal(left, right, chart);
    }

    /** With letters that have no index read as those of one subject or another. */
    private boolean general(Term left, Term right) {
        return chart.rows().stream()
                .anyMatch(subject ->
                        others.stream().allMatch(one -> same(mid(left, one, subject), mid(right, one, subject))));
    }

    private static boolean equal(Term left, Term right, Chart chart) {
        return same(
                left.span(name -> value(name, chart)).mid(),
                right.span(name -> value(name, chart)).mid());
    }

    private static double mid(Term term, Chart chart, Subject lone) {
        return term.span(name -> value(of(name, lone), chart)).mid();
    }

    static boolean same(double one, double other) {
        return Math.abs(one - other) <= SAME * Math.max(Math.abs(one), Math.abs(other));
    }

    /** Whether a name is a letter without an index, which may be that of any subject. */
    static boolean isLone(Term.Name name) {
        return name.cell().isEmpty()
                && name.text().length() == 1
                && name.quantity().isPresent();
    }

    /** A letter without an index as that of a subject; any other name as it is. */
    static Term.Name of(Term.Name name, Subject lone) {
        if (!isLone(name)) return name;
        return new Term.Name(name.text(), name.quantity().map(quantity -> Cell.of(lone, quantity)), name.quantity());
    }

    static Span value(Term.Name name, Chart chart) {
        return Span.exactly(
                name.cell().map(cell -> chart.value(cell).orElse(Double.NaN)).orElse(Double.NaN));
    }
}
