package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.formula.Span;
import didaxis.core.line.Line.Chain;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoublePredicate;

/** What a working has said of names so far, and what its terms are by that and by the circuit. */
final class StatedValues {
    /** Two values of one thing that are closer were both rounded (common practice: two figures and more are kept). */
    static final double BY_ROUNDING = 0.02;

    static final double SLACK = 1e-9;
    /** Below the smallest prefix a value is printed as 0. */
    static final double NOTHING = 1e-12;
    /** A result of fewer figures says too little (common practice). */
    static final int LEAST_FIGURES = 2;

    private final Chart chart;
    /** All that the circuit has. */
    private final List<Double> values;

    private final Map<String, Stated> stated = new HashMap<>();

    /**
     * What a name was said to be.
     *
     * @param reach where it may lie, seeing what it was worked from
     */
    private record Stated(int line, double si, double half, Span reach) {}

    StatedValues(Chart chart, List<Double> values) {
        this.chart = chart;
        this.values = values;
    }

    /** The circuit's value of a name; of one's own what it was said to be. */
    Span known(Term.Name name) {
        if (name.cell().isPresent()) return LetterLaws.value(name, chart);
        return stated.containsKey(key(name)) ? stated.get(key(name)).reach() : Span.exactly(Double.NaN);
    }

    /** What a term is, as wide as what is put in was rounded. */
    Span plain(Term term) {
        return term.span(new Term.Values() {
            @Override
            public Span of(Term.Name name) {
                return known(name);
            }

            @Override
            public Span of(Term.Written written) {
                double give = rounded(written);
                return new Span(written.si() - give, written.si(), written.si() + give);
            }
        });
    }

    /** A whole number is exact, but where it was a result before or the circuit has a value that rounds to it. */
    private double rounded(Term.Written written) {
        double most = written.mostRounding();
        if (written.pointed() || most == 0) return most;
        DoublePredicate exact = one -> Math.abs(one - written.si()) <= SLACK * Math.abs(one);
        boolean rounds = values.stream().anyMatch(one -> !exact.test(one) && Math.abs(one - written.si()) <= most);
        return rounds || stated.values().stream().anyMatch(one -> exact.test(one.si())) ? most : 0;
    }

    /** Whether they are equal as far as their digits tell: a result may be rounded, numbers put in were rounded before. */
    static boolean meets(Span left, double leftHalf, Span right, double rightHalf) {
        if (!left.finite() || !right.finite()) return false;
        double give = NOTHING + SLACK * Math.max(Math.abs(left.mid()), Math.abs(right.mid()));
        return left.lo() - leftHalf - give <= right.hi() + rightHalf
                && right.lo() - rightHalf - give <= left.hi() + leftHalf;
    }

    /** A whole number that stands alone may be a rounded result, if it has two figures. */
    static double half(Term term) {
        boolean rounded =
                term instanceof Term.Written written && !written.pointed() && written.figures() >= LEAST_FIGURES;
        return rounded ? ((Term.Written) term).half() : 0;
    }

    /** Where the result may lie: numbers that were results before may be as far off as they were. */
    Span reach(Chain chain) {
        Term last = result(chain).orElseThrow();
        Span reach = plain(last);
        double half = half(last);
        reach = new Span(reach.lo() - half, reach.mid(), reach.hi() + half);
        Term.Values values = new Term.Values() {
            @Override
            public Span of(Term.Name name) {
                return stated.containsKey(key(name)) ? stated.get(key(name)).reach() : Span.exactly(Double.NaN);
            }

            @Override
            public Span of(Term.Written written) {
                return stated.values().stream()
                        .filter(one -> Math.abs(one.si() - written.si()) <= SLACK * Math.abs(one.si()))
                        .map(Stated::reach)
                        .reduce(plain(written), (all, one) -> all.hull(one));
            }
        };
        Span result = reach;
        // A side that the result does not agree with says nothing of where it may lie.
        for (Term side : chain.sides().subList(1, chain.sides().size())) {
            Span span = side.span(values);
            if (side != last && meets(span, 0, result, 0)) reach = reach.hull(span);
        }
        return reach;
    }

    /** The number that a chain ends with; empty where letters stand there. */
    static Optional<Term> result(Chain chain) {
        Term last = chain.sides().get(chain.sides().size() - 1);
        return last.names().findAny().isPresent() ? Optional.empty() : Optional.of(last);
    }

    /** That a name was said to be something else before; empty where it was not. */
    Optional<Remark> conflict(Term.Name name, Span value, double half) {
        Stated before = stated.get(key(name));
        if (before == null || !value.finite()) return Optional.empty();
        double give = half + before.half() + (value.hi() - value.lo()) / 2;
        if (Math.abs(before.si() - value.mid()) <= give + BY_ROUNDING * Math.abs(before.si())) return Optional.empty();
        boolean exchanged = Arrays.equals(digits(before.si()), digits(value.mid()));
        return Optional.of(new Remark.Conflict(name.text(), before.line(), before.si(), value.mid(), exchanged));
    }

    private static int[] digits(double si) {
        return String.format(Locale.ROOT, "%.6g", si)
                .replaceAll("[^0-9]|0+$", "")
                .replace("0", "")
                .chars()
                .sorted()
                .toArray();
    }

    /** Remembers what a chain in a line says of the name it begins with. */
    void keep(Chain chain, int line) {
        Optional<Term> result = result(chain);
        if (chain.sides().size() < 2 || result.isEmpty() || !(chain.sides().get(0) instanceof Term.Name name)) return;
        Span value = plain(result.get());
        double half = Math.max(half(result.get()), (value.hi() - value.lo()) / 2);
        if (value.finite()) stated.put(key(name), new Stated(line, value.mid(), half, reach(chain)));
    }

    private static String key(Term.Name name) {
        return name.cell().map(Cell::toString).orElse(name.text());
    }
}
