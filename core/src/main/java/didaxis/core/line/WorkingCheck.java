package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.formula.Span;
import didaxis.core.line.Line.Chain;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Checks a working line by line against a circuit: whether each equality holds by itself, whether the values are the
 * circuit's, whether they agree with earlier lines, and whether its letters are a law. Of a line that can be read in
 * several ways the reading with least to say against it is taken.
 */
public final class WorkingCheck {
    private final Chart chart;
    private final LineReader reader;
    private final LetterLaws laws;
    private final StatedValues stated;
    /** The chains of the line before. */
    private List<Chain> before = List.of();

    /** A line with what there is to say of it; nothing where all of it holds. */
    public record Checked(Line line, List<Remark> remarks) {}

    private WorkingCheck(CheckedCircuit circuit) {
        this.chart = circuit.chart;
        this.reader = circuit.reader;
        this.laws = circuit.laws;
        this.stated = new StatedValues(circuit.chart, circuit.values);
    }

    /** Every line in its order. */
    public static List<Checked> of(List<String> lines, Chart chart, HouseStyle style) {
        return of(lines, new CheckedCircuit(chart, new LineReader(chart.circuit(), style)));
    }

    /** Every line in its order. */
    public static List<Checked> of(List<String> lines, CheckedCircuit circuit) {
        WorkingCheck check = new WorkingCheck(circuit);
        List<Checked> all = new ArrayList<>();
        for (int k = 0; k < lines.size(); k++) {
            int line = k;
            Checked best = check.best(lines.get(k));
            check.chains(best.line()).forEach(chain -> check.stated.keep(chain, line));
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
                .filter(name -> !stated.known(name).finite())
                .findFirst();
        if (left instanceof Term.Name name && unknown.filter(name::equals).isPresent()) return;
        if (unknown.isPresent()) remarks.add(new Remark.Unjudged(unknown.get().text()));
        else if (!meets(left, right) && !meets(left, inHours(left, right)))
            remarks.add(new Remark.FalseStep(
                    left, right, stated.plain(left).mid(), stated.plain(right).mid()));
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
        return StatedValues.meets(
                stated.plain(left), StatedValues.half(left), stated.plain(right), StatedValues.half(right));
    }

    /** What a chain says of the name it begins with. */
    private void values(Chain chain, boolean sound, List<Remark> remarks) {
        Optional<Term> last = StatedValues.result(chain);
        if (chain.sides().size() < 2 || last.isEmpty()) return;
        Term first = chain.sides().get(0);
        Span value = stated.plain(last.get());
        if (first instanceof Term.Name name) {
            unit(name, last.get(), remarks);
            stated.conflict(name, value, StatedValues.half(last.get())).ifPresent(remarks::add);
            nowhere(name, value, remarks);
        }
        List<Cell> cells = first.names().flatMap(name -> name.cell().stream()).toList();
        if (cells.isEmpty() || first.names().anyMatch(name -> name.cell().isEmpty())) return;
        double truth = first.span(name -> LetterLaws.value(name, chart)).mid();
        if (!Double.isFinite(truth) || !value.finite()) return;
        double off = Math.abs(value.mid() - truth);
        boolean enough =
                !(last.get() instanceof Term.Written written) || written.figures() >= StatedValues.LEAST_FIGURES;
        double allowed = enough ? Math.max(StatedValues.half(last.get()), (value.hi() - value.lo()) / 2) : 0;
        if (off <= allowed + StatedValues.NOTHING + StatedValues.SLACK * Math.abs(truth)) return;
        Span reach = stated.reach(chain);
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
                        <= Math.max((value.hi() - value.lo()) / 2, StatedValues.BY_ROUNDING * Math.abs(truth)));
        if (!somewhere) remarks.add(new Remark.Nowhere(name.quantity().get(), value.mid()));
    }
}
