package didaxis.core.backwards;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.formula.Span;
import didaxis.core.law.Law;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.working.Budget;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** Finds givens that cannot all be true, and the fewest of them that cannot. */
final class Conflicts {
    private static final Set<Law> SUMS = EnumSet.of(Law.VOLTAGE_SUM, Law.CURRENT_SUM, Law.POWER_SUM);
    /** What one deduction costs against working one part through, about. */
    private static final int A_CELL = 30;

    private final Relations relations;
    private final Budget budget;

    Conflicts(Relations relations, Budget budget) {
        this.relations = relations;
        this.budget = budget;
    }

    /** The fewest givens found whose consequences contradict each other beyond their slack. */
    Optional<List<Given>> among(List<Given> givens) {
        return clash(givens) ? Optional.of(fewest(givens, this::clash)) : Optional.empty();
    }

    /** The fewest givens found for which the search for a circuit ends everywhere without one, as it does for all of them. */
    List<Given> byFitting(Chart chart, List<Given> givens) {
        return fewest(givens, some -> {
            Map<Cell, Double> known = Deduction.of(relations, Given.values(some), relations.cells())
                    .values();
            return Solutions.noneFits(new Fitting(chart, some, budget), known);
        });
    }

    /** Leaves out one after the other what the conflict does not need, as far as the budget goes. */
    private List<Given> fewest(List<Given> givens, Predicate<List<Given>> conflicting) {
        List<Given> left = new ArrayList<>(givens);
        for (Given given : givens) {
            if (budget.spent()) return left;
            List<Given> without = new ArrayList<>(left);
            without.remove(given);
            if (!without.isEmpty() && conflicting.test(without)) left = without;
        }
        return left;
    }

    private boolean clash(List<Given> givens) {
        budget.spend((long) A_CELL * relations.cells().size());
        Map<Cell, Span> spans = new HashMap<>();
        for (Given given : givens) spans.put(given.cell(), given.span());
        Deduction all = Deduction.of(relations, Given.values(givens), relations.cells());
        for (Step step : all.steps()) {
            // What could be anything speaks against nothing.
            if (!spans.keySet().containsAll(FormulaCells.in(step.formula()))) continue;
            Span span = step.formula().with(new Span.Arithmetic(spans::get));
            // Nothing is below zero in a circuit with one source.
            if (!Double.isNaN(span.hi()) && span.hi() < -1e-9 * size(step.formula(), spans)) return true;
            if (span.finite()) spans.put(step.cell(), span);
        }
        return relations.all().stream().anyMatch(relation -> broken(relation, spans));
    }

    /** The largest number in a formula, against which a small difference of large ones is nothing. */
    private static double size(Formula formula, Map<Cell, Span> spans) {
        return FormulaCells.in(formula).stream()
                .mapToDouble(cell -> Math.abs(spans.get(cell).mid()))
                .max()
                .orElse(0);
    }

    private static boolean broken(Relation relation, Map<Cell, Span> spans) {
        if (relation.isEquality()) return apart(relation, spans);
        if (!spans.keySet().containsAll(relation.cells())) return false;
        for (Cell cell : relation.cells()) {
            Span own = spans.get(cell);
            Formula formula = relation.formula(cell, spans::containsKey).orElseThrow();
            Span other = formula.with(new Span.Arithmetic(spans::get));
            if (!other.finite()) continue;
            double slack = 1e-8 * Math.max(size(formula, spans), Math.abs(own.mid()));
            boolean sum = SUMS.contains(relation.law());
            // Sums are judged by their size; a product of numbers of different kinds by its own.
            double room = sum ? slack : 1e-8 * Math.max(Math.abs(own.mid()), Math.abs(other.mid()));
            if (own.lo() > other.hi() + room || other.lo() > own.hi() + room) return true;
        }
        return false;
    }

    /** Whether of cells that are equal one lies above another, whatever their slack. */
    private static boolean apart(Relation equality, Map<Cell, Span> spans) {
        double highest = Double.NEGATIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        for (Cell cell : equality.cells()) {
            if (!spans.containsKey(cell)) continue;
            highest = Math.max(highest, spans.get(cell).lo());
            lowest = Math.min(lowest, spans.get(cell).hi());
        }
        return highest > lowest + 1e-8 * Math.max(Math.abs(highest), Math.abs(lowest));
    }
}
