package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Span;
import didaxis.core.solving.OperatingPoint;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * Whether an equality of letters is a law in a circuit: it is if it holds whatever its resistances and its emf are. Judged
 * by evaluating both sides on random values, not by shape, so any rearrangement counts. A letter without an index stands
 * for the same part, group or whole wherever it is.
 */
final class LetterLaws {
    private static final int VALUATIONS = 3;
    private static final double SAME = 1e-6;
    private static final long SEED = 14;

    private final Chart chart;
    private final List<Chart> others = new ArrayList<>();

    LetterLaws(Chart chart) {
        this.chart = chart;
        Random random = new Random(SEED);
        for (int k = 0; k < VALUATIONS; k++)
            OperatingPoint.of(valued(chart.circuit(), random))
                    .match(Optional::of, shorted -> Optional.<OperatingPoint>empty())
                    .map(Chart::of)
                    .ifPresent(others::add);
    }

    private static Circuit valued(Circuit circuit, Random random) {
        Map<String, Setting> settings = new HashMap<>();
        for (Part part : circuit.parts())
            if (part.setting() instanceof Setting.Ohms ohms && ohms.ohms() > 0)
                settings.put(part.label(), new Setting.Ohms(1 + 99 * random.nextDouble()));
        double internal = circuit.source().internalResistance() > 0 ? 0.1 + random.nextDouble() : 0;
        double emf = 1 + 20 * random.nextDouble();
        return circuit.with(new Source(emf, internal, circuit.source().voltmeters()), settings);
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
                        others.stream().allMatch(one -> equal(of(left, subject), of(right, subject), one)));
    }

    private static Term of(Term term, Subject subject) {
        if (term instanceof Term.Name name
                && name.cell().isEmpty()
                && name.text().length() == 1)
            return new Term.Name(
                    name.text(), name.quantity().map(quantity -> Cell.of(subject, quantity)), name.quantity());
        if (term instanceof Term.Sum sum) return new Term.Sum(of(sum.terms(), subject));
        if (term instanceof Term.Product product) return new Term.Product(of(product.factors(), subject));
        if (term instanceof Term.Beside beside) return new Term.Beside(of(beside.terms(), subject));
        if (term instanceof Term.Negative negative) return new Term.Negative(of(negative.of(), subject));
        if (term instanceof Term.Root root) return new Term.Root(of(root.of(), subject));
        if (term instanceof Term.Power power) return new Term.Power(of(power.base(), subject), power.exponent());
        if (term instanceof Term.Quotient quotient)
            return new Term.Quotient(of(quotient.over(), subject), of(quotient.under(), subject));
        return term;
    }

    private static List<Term> of(List<Term> terms, Subject subject) {
        return terms.stream().map(term -> of(term, subject)).toList();
    }

    private static boolean equal(Term left, Term right, Chart chart) {
        double one = left.span(name -> value(name, chart)).mid();
        double other = right.span(name -> value(name, chart)).mid();
        return Math.abs(one - other) <= SAME * Math.max(Math.abs(one), Math.abs(other));
    }

    static Span value(Term.Name name, Chart chart) {
        return Span.exactly(
                name.cell().map(cell -> chart.value(cell).orElse(Double.NaN)).orElse(Double.NaN));
    }
}
