package didaxis.core.backwards;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.law.Law;
import didaxis.core.law.Relations;
import didaxis.core.working.Budget;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Works a circuit from whatever is known of it: an ammeter's reading, a lamp's power, the supply. Only how
 * the parts are connected is taken from the circuit; none of its values.
 */
public final class Backwards {
    /** Parts worked through in all searches together: about half a second of one core. */
    private static final long MOST_WORK = 2_000_000;
    /** The share of it for finding the circuits; the rest is for telling what is in conflict or wanting. */
    private static final double SEARCH = 0.5;

    private final Chart chart;
    private final Relations relations;
    private final List<Given> givens;
    private final Set<Cell> asked;
    private final Budget budget = new Budget(MOST_WORK);
    private final Fitting fitting;

    private Backwards(Relations relations, Collection<Given> givens, Collection<Cell> asked) {
        this.chart = relations.chart();
        this.relations = relations;
        this.givens = List.copyOf(givens);
        this.asked = new LinkedHashSet<>(asked);
        this.fitting = new Fitting(chart, givens, budget.share(SEARCH));
    }

    /**
     * Works from the givens to the asked cells.
     *
     * @param relations of a circuit connected like this, with any values: only which relations hold is used
     * @param asked cells of that circuit; those that no law speaks of once a part is given as 0 Ω are left out
     */
    public static Outcome of(Relations relations, Collection<Given> givens, Collection<Cell> asked) {
        Relations shaped = Wires.turned(relations, givens);
        boolean same = shaped == relations;
        return new Backwards(
                        shaped,
                        givens,
                        asked.stream()
                                .filter(cell -> same || !shaped.of(cell).isEmpty())
                                .toList())
                .outcome();
    }

    private Outcome outcome() {
        Deduction deduction = deduce(Given.values(givens));
        Optional<Outcome> conflict =
                new Conflicts(relations, budget.share(SEARCH)).among(givens).map(this::contradictory);
        if (conflict.isPresent()) return conflict.get();
        if (deduction.unreached().isEmpty()) {
            // Nothing speaks against the values but the whole: a circuit of these settings must have them all.
            Set<Cell> lost = Cancellation.lost(deduction);
            return fitting.near(deduction.values(), !lost.isEmpty())
                    .map(fit -> solved(deduction, lost, fit))
                    .orElseGet(() -> new Outcome.Undecided(deduction));
        }
        return stalled(deduction);
    }

    /** Figures that the steps lose are told from the circuit that fits. */
    private Outcome solved(Deduction deduction, Set<Cell> lost, Fit fit) {
        return new Outcome.Solved(deduction.told(lost, fit::value), fitting.circuit(fit));
    }

    private Outcome stalled(Deduction deduction) {
        Solutions solutions = Solutions.of(fitting, deduction.values());
        if (solutions.found().isEmpty()) {
            // The search never comes to 0, which is given where it has none.
            boolean outOfReach = givens.stream()
                    .anyMatch(given ->
                            given.value() == 0 && chart.value(given.cell()).orElse(0) > 0);
            if (!solutions.noneFits() || outOfReach) return new Outcome.Undecided(deduction);
            return contradictory(new Conflicts(relations, budget.share(SEARCH)).byFitting(chart, givens));
        }
        Optional<Fit> alongside = solutions.alongside(deduction.unreached());
        List<Fit> all = solutions.found();
        if (alongside.isPresent()) {
            return notEnough(deduction, all.get(0), alongside.get());
        }
        if (all.size() > 1) {
            return new Outcome.Several(
                    deduction, all.stream().map(fitting::circuit).toList());
        }
        return together(deduction, all.get(0));
    }

    private Outcome notEnough(Deduction deduction, Fit one, Fit other) {
        Reach reach = new Reach(relations, budget.share(SEARCH));
        Set<Cell> known = deduction.values().keySet();
        List<Cell> alone = reach.eachEnough(known, asked);
        return new Outcome.NotEnough(
                deduction,
                alone.isEmpty() ? reach.togetherEnough(known, asked) : alone,
                !alone.isEmpty(),
                fitting.circuit(one),
                fitting.circuit(other));
    }

    /** The unknowns that are needed to go on are solved together, as one step; the rest follows from them. */
    private Outcome together(Deduction stalled, Fit fit) {
        List<Cell> unknowns = new Reach(relations, budget.share(SEARCH))
                .togetherEnough(stalled.values().keySet(), asked);
        if (unknowns.isEmpty()) return new Outcome.Undecided(stalled);
        Map<Cell, Double> known = new LinkedHashMap<>(stalled.values());
        List<Step> steps = new ArrayList<>();
        for (Cell unknown : unknowns) {
            double value = fit.value(unknown);
            known.put(unknown, value);
            steps.add(new Step(Step.Phase.TOGETHER, Law.TOGETHER, unknown, new Formula.Number(value), value));
        }
        Deduction whole = deduce(known);
        if (!whole.unreached().isEmpty()) return new Outcome.Undecided(stalled);
        steps.addAll(whole.steps());
        Set<Cell> used = new LinkedHashSet<>(asked);
        steps.forEach(step -> used.addAll(FormulaCells.in(step.formula())));
        used.retainAll(stalled.values().keySet());
        steps.addAll(0, Deduction.of(relations, Given.values(givens), used).steps());
        Deduction worked = new Deduction(steps, whole.values(), Set.of());
        return solved(worked, Cancellation.lost(worked), fit);
    }

    private Outcome contradictory(List<Given> disagreeing) {
        Given last = disagreeing.get(disagreeing.size() - 1);
        Map<Cell, Double> others = Given.values(disagreeing.subList(0, disagreeing.size() - 1));
        Double instead =
                Deduction.of(relations, others, Set.of(last.cell())).values().get(last.cell());
        return new Outcome.Contradictory(
                disagreeing, Optional.ofNullable(instead).filter(value -> value >= 0));
    }

    private Deduction deduce(Map<Cell, Double> known) {
        // What leads to nothing that was asked is still told as far as it goes.
        Deduction all = Deduction.of(relations, known, relations.cells());
        Set<Cell> unreached = new LinkedHashSet<>(asked);
        unreached.removeAll(all.values().keySet());
        Set<Cell> wanted = new LinkedHashSet<>(asked);
        wanted.retainAll(all.values().keySet());
        return new Deduction(Deduction.of(relations, known, wanted).steps(), all.values(), unreached);
    }
}
