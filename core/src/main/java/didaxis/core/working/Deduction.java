package didaxis.core.working;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * Cells from cells: starting at what is given, any relation with one unknown cell gives that cell, until
 * nothing new follows. Among the relations that could go next the order of the classroom decides: fold from
 * the inside out, total current, unfold from the outside in, power.
 *
 * @param steps the steps needed for the asked cells, each after those it uses
 * @param values every cell that was given or reached, in SI
 * @param unreached the asked cells that do not follow
 */
public record Deduction(List<Step> steps, Map<Cell, Double> values, Set<Cell> unreached) {
    /** The cells a circuit is set up from: every resistance and the emf. */
    public static Map<Cell, Double> fromResistancesAndEmf(Chart chart) {
        Map<Cell, Double> givens = new LinkedHashMap<>();
        for (Subject subject : chart.rows()) {
            boolean own = subject.kind() == Subject.Kind.PART || subject.kind() == Subject.Kind.INTERNAL;
            if (own)
                chart.value(Cell.resistance(subject)).ifPresent(ohms -> givens.put(Cell.resistance(subject), ohms));
        }
        givens.put(Cell.voltage(Subject.TOTAL), chart.circuit().source().emf());
        return givens;
    }

    /** What follows from the givens, and the steps to the asked cells. */
    public static Deduction of(Relations relations, Map<Cell, Double> givens, Collection<Cell> asked) {
        Run run = new Run(relations);
        givens.forEach(run::know);
        Map<Cell, Step> derived = run.chain();
        Set<Cell> unreached = new HashSet<>(asked);
        unreached.removeAll(run.values.keySet());
        return new Deduction(pruned(derived, asked), run.values, unreached);
    }

    /** The same way with the values of some of its cells told otherwise. */
    public Deduction told(Set<Cell> otherwise, ToDoubleFunction<Cell> value) {
        Map<Cell, Double> now = new LinkedHashMap<>(values);
        now.replaceAll((cell, before) -> otherwise.contains(cell) ? value.applyAsDouble(cell) : before);
        List<Step> again = steps.stream()
                .map(step -> new Step(step.phase(), step.law(), step.cell(), step.formula(), now.get(step.cell())))
                .toList();
        return new Deduction(again, now, unreached);
    }

    private static List<Step> pruned(Map<Cell, Step> derived, Collection<Cell> asked) {
        Set<Cell> needed = new HashSet<>(asked);
        List<Step> backwards = new ArrayList<>(derived.values());
        for (int i = backwards.size() - 1; i >= 0; i--) {
            Step step = backwards.get(i);
            if (needed.contains(step.cell())) needed.addAll(FormulaCells.in(step.formula()));
        }
        return derived.values().stream()
                .filter(step -> needed.contains(step.cell()))
                .toList();
    }

    /** A relation that could give its last unknown cell, and its place in the order of the classroom. */
    private record Ready(Step.Phase phase, int place, int taught, Relation relation, Cell target) {}

    private static final Comparator<Ready> ORDER =
            Comparator.comparing(Ready::phase).thenComparingInt(Ready::place).thenComparingInt(Ready::taught);

    private static final class Run {
        final Relations relations;
        final Map<Cell, Double> values = new LinkedHashMap<>();
        final Map<Relation, Integer> missing = new HashMap<>();
        final PriorityQueue<Ready> ready = new PriorityQueue<>(ORDER);
        final Map<Relation, Integer> taught = new HashMap<>();

        Run(Relations relations) {
            this.relations = relations;
            for (Relation relation : relations.all()) {
                missing.put(relation, relation.enough());
                taught.put(relation, taught.size());
                if (relation.enough() == 0) offer(relation);
            }
        }

        void know(Cell cell, double value) {
            if (values.putIfAbsent(cell, value) != null) return;
            for (Relation relation : relations.of(cell)) {
                if (missing.merge(relation, -1, Integer::sum) == 0) offer(relation);
            }
        }

        private void offer(Relation relation) {
            for (Cell cell : relation.cells()) {
                if (!values.containsKey(cell)) {
                    ready.add(new Ready(phase(relations, cell), place(cell), taught.get(relation), relation, cell));
                }
            }
        }

        Map<Cell, Step> chain() {
            Map<Cell, Step> steps = new LinkedHashMap<>();
            while (!ready.isEmpty()) {
                Ready next = ready.poll();
                if (values.containsKey(next.target())) continue;
                Formula formula = next.relation()
                        .formula(next.target(), values::containsKey)
                        .orElseThrow();
                double value = carried(next.target(), formula.with(new Evaluation(values::get)));
                if (!Double.isFinite(value)) continue;
                steps.put(next.target(), new Step(next.phase(), next.relation().law(), next.target(), formula, value));
                know(next.target(), value);
            }
            return steps;
        }

        /** What is put into the next step: in some styles the value as it was written down. */
        private double carried(Cell cell, double value) {
            boolean rounded = relations.style().carryRounded() && Double.isFinite(value);
            return rounded ? relations.style().numbers().rounded(Amount.of(value, cell.quantity())) : value;
        }

        /** Inner before outer when folding, outer before inner when unfolding. */
        private int place(Cell cell) {
            Subjects subjects = relations.chart().subjects();
            Outline outline = relations.chart().circuit().outline();
            int node = subjects.nodeOf(cell.subject());
            if (cell.subject().kind() == Subject.Kind.TOTAL) node = cell.quantity() == Quantity.RESISTANCE ? node : -2;
            if (cell.subject().kind() == Subject.Kind.INTERNAL) node = -1;
            // Potentials come last, when all voltages on the way to the negative terminal are there to be added.
            if (cell.quantity() == Quantity.POTENTIAL) node += outline.size();
            if (cell.quantity() != Quantity.RESISTANCE || node < 0) return 2 * node;
            return outline.size() * outline.end(node) - node;
        }
    }

    private static Step.Phase phase(Relations relations, Cell cell) {
        if (cell.quantity() == Quantity.RESISTANCE) return Step.Phase.FOLD;
        if (cell.quantity() == Quantity.POWER) return Step.Phase.POWER;
        boolean whole = cell.subject().kind() == Subject.Kind.TOTAL;
        return whole && cell.quantity() == Quantity.CURRENT ? Step.Phase.TOTAL_CURRENT : Step.Phase.UNFOLD;
    }
}
