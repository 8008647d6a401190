package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.quantity.Reading;
import didaxis.core.working.Formula;
import didaxis.core.working.FormulaCells;
import didaxis.core.working.Law;
import didaxis.core.working.Relation;
import didaxis.core.working.Relations;
import didaxis.core.working.Span;
import didaxis.core.working.Step;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What given and right values lead to when they are rounded early: any relation on written values, and the
 * working's own way where intermediate values are not written down, each rounded to the least figures.
 */
final class RightValues {
    /** Right values may each be off by the tolerance; what they lead to, by this many tolerances. */
    private static final double OFF_THE_TRUTH = 5;

    private final Relations relations;
    private final MarkingStyle style;
    private final Map<Cell, Span> written;
    /** The written values, each as wide as its own rounding. */
    private final Map<Cell, Span> asRounded = new HashMap<>();

    private final Map<Cell, Step> lastSteps = new HashMap<>();
    /** Everything, unwritten values as wide as rounding to the least figures makes them; and to one more, so narrower. */
    private final List<Map<Cell, Span>> known;

    /**
     * @param working the steps from the given cells to all others
     */
    RightValues(
            Relations relations,
            List<Step> working,
            MarkingStyle style,
            Map<Cell, Double> given,
            Map<Cell, Reading.Read> right) {
        this.relations = relations;
        this.style = style;
        this.written = spans(relations, given, right);
        this.known = List.of(new HashMap<>(written), new HashMap<>(written));
        given.forEach((cell, value) -> asRounded.put(cell, Span.exactly(value)));
        right.forEach((cell, read) -> asRounded.put(cell, asRounded(read, style)));
        for (Step step : working) {
            lastSteps.put(step.cell(), step);
            if (written.containsKey(step.cell())) continue;
            for (int more = 0; more < known.size(); more++)
                known.get(more).put(step.cell(), inTheHead(step, known.get(more), style.leastFigures() + more));
        }
    }

    /** What an unwritten value may have been: as the working gives it, or as written values do, rounded or not. */
    private Span inTheHead(Step step, Map<Cell, Span> known, int figures) {
        Span span = step.formula().with(new Span.Arithmetic(known::get));
        if (!span.finite()) span = Span.exactly(step.value());
        for (Relation relation : relations.of(step.cell())) {
            if (!written.keySet().containsAll(relation.inputs(step.cell()))) continue;
            Formula formula = relation.formulaFor(step.cell()).orElseThrow();
            Span other = formula.with(new Span.Arithmetic(written::get));
            if (other.finite() && nearTheTruth(step.cell(), other.lo()) && nearTheTruth(step.cell(), other.hi())) {
                span = span.hull(other);
            }
        }
        return span.widenedByRounding(figures);
    }

    private boolean nearTheTruth(Cell cell, double value) {
        double trueValue = relations.chart().value(cell).orElseThrow();
        double near = OFF_THE_TRUTH * style.tolerance().relative() * Math.abs(trueValue);
        return Math.abs(value - trueValue) <= near;
    }

    /** The value of an answer and everything that rounds to it. */
    static Span asRounded(Reading.Read read, MarkingStyle style) {
        double own = read.amount().si();
        double half = style.halfOfLastPlace(read);
        return new Span(own - half, own, own + half);
    }

    /** Given values exactly; right answers as written, or as they truly are: a learner may have gone on with either. */
    static Map<Cell, Span> spans(Relations relations, Map<Cell, Double> given, Map<Cell, Reading.Read> right) {
        Map<Cell, Span> spans = new LinkedHashMap<>();
        given.forEach((cell, value) -> spans.put(cell, Span.exactly(value)));
        right.forEach((cell, read) -> {
            double trueValue = relations.chart().value(cell).orElseThrow();
            spans.put(cell, Span.exactly(read.amount().si()).hull(Span.exactly(trueValue)));
        });
        return spans;
    }

    /** How the answer follows; empty if it does not. */
    Optional<Derivation> leadingTo(Cell cell, Reading.Read read) {
        for (Relation relation : relations.of(cell)) {
            if (!written.keySet().containsAll(relation.inputs(cell))) continue;
            Formula formula = relation.formulaFor(cell).orElseThrow();
            Span span = formula.with(new Span.Arithmetic(written::get));
            boolean matches = span.finite() && (style.matches(span.mid(), read) || style.reaches(span, read));
            if (matches && explainedByRounding(cell, formula, span.mid())) {
                return Optional.of(derivation(relation.law(), formula, span, written));
            }
        }
        Step step = lastSteps.get(cell);
        if (step == null) return Optional.empty();
        for (Map<Cell, Span> values : known) {
            Span span = step.formula().with(new Span.Arithmetic(values::get));
            if (span.finite() && style.reaches(span, read))
                return Optional.of(derivation(step.law(), step.formula(), span, values));
        }
        return Optional.empty();
    }

    /**
     * Whether it is rounding that takes the right values' result off the truth. Without this, two right values
     * that are nearly equal would prove any small difference between them, and a wrong part of a sum.
     */
    private boolean explainedByRounding(Cell cell, Formula formula, double result) {
        double trueValue = relations.chart().value(cell).orElseThrow();
        Span rounded = formula.with(new Span.Arithmetic(asRounded::get));
        boolean holdsTheTruth = rounded.lo() <= trueValue && trueValue <= rounded.hi();
        return holdsTheTruth || nearTheTruth(cell, result);
    }

    private Derivation derivation(Law law, Formula formula, Span span, Map<Cell, Span> values) {
        Map<Cell, Double> inputs = new LinkedHashMap<>();
        Set<Cell> cells = FormulaCells.in(formula);
        cells.forEach(cell -> inputs.put(cell, values.get(cell).mid()));
        Map<Cell, Double> from = new LinkedHashMap<>();
        cells.stream()
                .filter(written::containsKey)
                .forEach(cell -> from.put(cell, written.get(cell).mid()));
        return new Derivation(from, law, formula, inputs, span.mid());
    }
}
