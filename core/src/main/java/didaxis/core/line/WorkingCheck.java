package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.formula.Span;
import didaxis.core.line.Line.Chain;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.stream.Stream;

/**
 * Checks a working line by line against a circuit: whether each equality holds by itself, whether the values are the
 * circuit's, whether they agree with earlier lines, and whether its letters are a law. Of a line that can be read in
 * several ways the reading with least to say against it is taken.
 */
public final class WorkingCheck {
    /** Two values of one thing that are closer were both rounded (common practice: two figures and more are kept). */
    private static final double BY_ROUNDING = 0.02;

    private static final double SLACK = 1e-9;
    /** Below the smallest prefix a value is printed as 0. */
    private static final double NOTHING = 1e-12;
    /** A result of fewer figures says too little (common practice). */
    private static final int LEAST_FIGURES = 2;

    private final Chart chart;
    private final LineReader reader;
    private final LetterLaws laws;
    private final List<Double> values;
    private final Map<String, Stated> stated = new HashMap<>();
    /** The chains of the line before. */
    private List<Chain> before = List.of();

    /**
     * What a name was said to be.
     *
     * @param reach where it may lie, seeing what it was worked from
     */
    private record Stated(int line, double si, double half, Span reach) {}

    /** A line with what there is to say of it; nothing where all of it holds. */
    public record Checked(Line line, List<Remark> remarks) {}

    /** What is the same for all workings of one circuit. */
    public static final class Circuit {
        private final Chart chart;
        private final LineReader reader;
        private final LetterLaws laws;
        private final List<Double> values;

        /** As somebody reads lines of this circuit. */
        public Circuit(Chart chart, LineReader reader) {
            this.chart = chart;
            this.reader = reader;
            this.laws = new LetterLaws(chart);
            this.values = chart.rows().stream()
                    .flatMap(row -> Arrays.stream(Quantity.values()).map(quantity -> Cell.of(row, quantity)))
                    .flatMap(cell -> chart.value(cell).stream().boxed())
                    .toList();
        }
    }

    private WorkingCheck(Circuit circuit) {
        this.chart = circuit.chart;
        this.reader = circuit.reader;
        this.laws = circuit.laws;
        this.values = circuit.values;
    }

    /** Every line in its order. */
    public static List<Checked> of(List<String> lines, Chart chart, HouseStyle style) {
        return of(lines, new Circuit(chart, new LineReader(chart.circuit(), style)));
    }

    /** Every line in its order. */
    public static List<Checked> of(List<String> lines, Circuit circuit) {
        WorkingCheck check = new WorkingCheck(circuit);
        List<Checked> all = new ArrayList<>();
        for (int k = 0; k < lines.size(); k++) {
            Checked best = check.best(lines.get(k));
            check.keep(best.line(), k);
            check.before = check.chains(best.line());
            all.add(best);
        }
        return all;
    }

    private Checked best(String typed) {
        Checked best = null;
        for (Iterator<Line> readings = reader.readings(typed).iterator(); readings.hasNext(); ) {
            Line reading = readings.next();
            Checked checked = new Checked(reading, remarks(reading));
            if (best == null || isBetter(checked, best)) best = checked;
            if (against(best) == 0 && unknown(best) == 0) break;
        }
        return best;
    }

    /** Of readings with as little against them the one in which fewer names mean nothing in this circuit. */
    private static boolean isBetter(Checked one, Checked other) {
        int less = against(other) - against(one);
        return less > 0 || less == 0 && unknown(one) < unknown(other);
    }

    private static long unknown(Checked checked) {
        return checked.line().chains().stream()
                .flatMap(chain -> chain.sides().stream())
                .flatMap(Term::names)
                .filter(name -> name.cell().isEmpty() && !LetterLaws.isLone(name))
                .count();
    }

    private static int against(Checked checked) {
        return 2 * checked.remarks().size() + (checked.line().unread().isPresent() ? 1 : 0);
    }

    private List<Remark> remarks(Line line) {
        List<Remark> remarks = new ArrayList<>();
        List<Chain> chains = chains(line);
        for (int k = 0; k < chains.size(); k++) {
            List<Term> sides = chains.get(k).sides();
            int told = sides.size() - line.chains().get(k).sides().size();
            for (int side = Math.max(0, told - 1); side + 1 < sides.size(); side++)
                step(sides.get(side), sides.get(side + 1), remarks);
            boolean sound = remarks.stream().noneMatch(one -> one instanceof Remark.FalseStep);
            values(chains.get(k), sound, remarks);
        }
        return remarks;
    }

    /** What a line states; one that begins with the sign goes on from the line before. */
    private List<Chain> chains(Line line) {
        if (!line.goesOn() || before.isEmpty() || line.chains().isEmpty()) return line.chains();
        List<Chain> chains = new ArrayList<>(line.chains());
        List<Term> sides = new ArrayList<>(before.get(before.size() - 1).sides());
        sides.addAll(chains.get(0).sides());
        chains.set(0, new Chain(sides));
        return chains;
    }

    /** One equals sign: letters by the laws, numbers by arithmetic, both together with the circuit's values for the names. */
    private void step(Term left, Term right, List<Remark> remarks) {
        if (letters(left) && letters(right)) {
            boolean own = left instanceof Term.Name name
                    && name.cell().isEmpty()
                    && (name.text().length() > 1 || name.quantity().isEmpty());
            own |= right.names().anyMatch(one -> one.quantity().isEmpty());
            if (!own && !laws.holds(left, right))
                remarks.add(new Remark.NoLaw(left, right, laws.holdsHere(left, right)));
            return;
        }
        // What a chain begins with, and letters with the numbers put in for them, are looked at as values.
        boolean given = letters(left) && right.names().findAny().isEmpty()
                || letters(right) && left.names().findAny().isEmpty();
        if (given) return;
        Optional<Term.Name> unknown = Stream.concat(left.names(), right.names())
                .filter(name -> !known(name).finite())
                .findFirst();
        if (left instanceof Term.Name name && unknown.filter(name::equals).isPresent()) return;
        if (unknown.isPresent()) remarks.add(new Remark.Unjudged(unknown.get().text()));
        else if (!meets(left, right) && !meets(left, inHours(left, right)))
            remarks.add(new Remark.FalseStep(
                    left, right, plain(left).mid(), plain(right).mid()));
    }

    /** The circuit's value of a name; of one's own what it was said to be. */
    private Span known(Term.Name name) {
        if (name.cell().isPresent()) return LetterLaws.value(name, chart);
        return stated.containsKey(key(name)) ? stated.get(key(name)).reach() : Span.exactly(Double.NaN);
    }

    private static boolean letters(Term term) {
        return term.names().findAny().isPresent() && !hasNumber(term);
    }

    /** A number that is put in; the 1 of a reciprocal is part of the law. */
    private static boolean hasNumber(Term term) {
        if (term instanceof Term.Written written)
            return written.quantity().isPresent() || !written.text().matches("[12]");
        return term.pieces().stream().anyMatch(WorkingCheck::hasNumber);
    }

    private Span plain(Term term) {
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

    /** Bare watts for bare hours are watt hours: 96 × 10 = 960 Wh. */
    private static Term inHours(Term left, Term right) {
        boolean bare = right instanceof Term.Written written && written.inHours() && !hasUnit(left);
        return bare ? ((Term.Written) right).withoutUnit() : right;
    }

    private static boolean hasUnit(Term term) {
        if (term instanceof Term.Written written) return written.quantity().isPresent();
        return term.pieces().stream().anyMatch(WorkingCheck::hasUnit);
    }

    private boolean meets(Term left, Term right) {
        return meets(plain(left), half(left), plain(right), half(right));
    }

    /** Whether they are equal as far as their digits tell: a result may be rounded, numbers put in were rounded before. */
    private static boolean meets(Span left, double leftHalf, Span right, double rightHalf) {
        if (!left.finite() || !right.finite()) return false;
        double give = NOTHING + SLACK * Math.max(Math.abs(left.mid()), Math.abs(right.mid()));
        return left.lo() - leftHalf - give <= right.hi() + rightHalf
                && right.lo() - rightHalf - give <= left.hi() + leftHalf;
    }

    /** A whole number that stands alone may be a rounded result, if it has two figures. */
    private static double half(Term term) {
        boolean rounded =
                term instanceof Term.Written written && !written.pointed() && written.figures() >= LEAST_FIGURES;
        return rounded ? ((Term.Written) term).half() : 0;
    }

    /** What a chain says of the name it begins with. */
    private void values(Chain chain, boolean sound, List<Remark> remarks) {
        Optional<Term> last = last(chain);
        if (chain.sides().size() < 2 || last.isEmpty()) return;
        Term first = chain.sides().get(0);
        Span value = plain(last.get());
        if (first instanceof Term.Name name) {
            unit(name, last.get(), remarks);
            conflict(name, value, half(last.get()), remarks);
            nowhere(name, value, remarks);
        }
        List<Cell> cells = first.names().flatMap(name -> name.cell().stream()).toList();
        if (cells.isEmpty() || first.names().anyMatch(name -> name.cell().isEmpty())) return;
        double truth = first.span(name -> LetterLaws.value(name, chart)).mid();
        if (!Double.isFinite(truth) || !value.finite()) return;
        double off = Math.abs(value.mid() - truth);
        boolean enough = !(last.get() instanceof Term.Written written) || written.figures() >= LEAST_FIGURES;
        double allowed = enough ? Math.max(half(last.get()), (value.hi() - value.lo()) / 2) : 0;
        if (off <= allowed + NOTHING + SLACK * Math.abs(truth)) return;
        Span reach = reach(chain);
        boolean rounded = sound && reach.lo() <= truth && truth <= reach.hi();
        if (!(first instanceof Term.Name)) {
            if (!rounded) remarks.add(new Remark.WrongSide(first, value.mid(), truth));
            return;
        }
        remarks.add(
                rounded
                        ? new Remark.RoundedEarly(cells.get(0), value.mid(), truth)
                        : new Remark.WrongValue(cells.get(0), value.mid(), truth));
    }

    /** Where the result may lie: numbers that were results before may be as far off as they were. */
    private Span reach(Chain chain) {
        Term last = last(chain).orElseThrow();
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

    private static Optional<Term> last(Chain chain) {
        Term last = chain.sides().get(chain.sides().size() - 1);
        return last.names().findAny().isPresent() ? Optional.empty() : Optional.of(last);
    }

    private static void unit(Term.Name name, Term last, List<Remark> remarks) {
        if (!(last instanceof Term.Written written)
                || written.quantity().isEmpty()
                || name.quantity().isEmpty()) return;
        Quantity wanted = name.quantity().get();
        Quantity found = written.quantity().get();
        if (!wanted.unit().equals(found.unit())) remarks.add(new Remark.OtherUnit(name.text(), wanted, found));
    }

    /** A letter alone may stand for any of its kind; it stands for none where no value of the circuit is near. */
    private void nowhere(Term.Name name, Span value, List<Remark> remarks) {
        boolean letter = name.cell().isEmpty() && name.text().length() == 1 && value.finite();
        if (!letter
                || name.quantity()
                        .filter(quantity -> quantity.compareTo(Quantity.POWER) <= 0)
                        .isEmpty()) return;
        boolean somewhere = chart.rows().stream()
                .flatMap(row -> chart.value(Cell.of(row, name.quantity().get())).stream()
                        .boxed())
                .anyMatch(truth -> Math.abs(truth - value.mid())
                        <= Math.max((value.hi() - value.lo()) / 2, BY_ROUNDING * Math.abs(truth)));
        if (!somewhere) remarks.add(new Remark.Nowhere(name.quantity().get(), value.mid()));
    }

    private void conflict(Term.Name name, Span value, double half, List<Remark> remarks) {
        Stated before = stated.get(key(name));
        if (before == null || !value.finite()) return;
        double give = half + before.half() + (value.hi() - value.lo()) / 2;
        if (Math.abs(before.si() - value.mid()) <= give + BY_ROUNDING * Math.abs(before.si())) return;
        boolean exchanged = Arrays.equals(digits(before.si()), digits(value.mid()));
        remarks.add(new Remark.Conflict(name.text(), before.line(), before.si(), value.mid(), exchanged));
    }

    private static int[] digits(double si) {
        return String.format(java.util.Locale.ROOT, "%.6g", si)
                .replaceAll("[^0-9]|0+$", "")
                .replace("0", "")
                .chars()
                .sorted()
                .toArray();
    }

    private void keep(Line line, int at) {
        for (Chain chain : chains(line)) {
            Optional<Term> last = last(chain);
            if (chain.sides().size() < 2 || last.isEmpty() || !(chain.sides().get(0) instanceof Term.Name name))
                continue;
            Span value = plain(last.get());
            double half = Math.max(half(last.get()), (value.hi() - value.lo()) / 2);
            if (value.finite()) stated.put(key(name), new Stated(at, value.mid(), half, reach(chain)));
        }
    }

    private static String key(Term.Name name) {
        return name.cell().map(Cell::toString).orElse(name.text());
    }
}
