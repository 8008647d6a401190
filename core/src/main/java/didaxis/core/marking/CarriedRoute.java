package didaxis.core.marking;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.FormulaCells;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Chaining;
import didaxis.core.working.Step;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The working to one cell of a state, begun from what a learner wrote elsewhere or before: what it leads to is followed
 * through, however many values it passes through in the head.
 */
final class CarriedRoute {
    private static final MathContext SHOWN = new MathContext(6);

    private final Map<Cell, Double> start = new LinkedHashMap<>();
    private final List<Step> steps;
    private final List<Set<Cell>> inputs;

    /**
     * @param known what is given or was written before; all of it has a value in the state
     */
    CarriedRoute(Chart chart, Chaining chaining, Set<Cell> known, Cell target) {
        Map<Cell, Double> values = new LinkedHashMap<>();
        known.forEach(cell -> values.put(cell, chart.value(cell).orElseThrow()));
        steps = chaining.deduce(values, target).steps();
        inputs = steps.stream().map(step -> FormulaCells.in(step.formula())).toList();
        for (Set<Cell> cells : inputs)
            for (Cell cell : cells) if (values.containsKey(cell)) start.put(cell, values.get(cell));
    }

    /**
     * How a wrong answer follows; empty if it does not.
     *
     * @param written the learner's own values, in SI; what else it begins from is true
     * @param wrong which of these are wrong: it must rest on one of them
     */
    Optional<Derivation> explain(Finding.Wrong answer, Map<Cell, Double> written, Set<Cell> wrong, MarkingStyle style) {
        Map<Cell, Double> values = new HashMap<>(start);
        values.replaceAll((cell, truth) -> written.getOrDefault(cell, truth));
        Map<Cell, Set<Cell>> restsOn = new HashMap<>();
        wrong.stream().filter(start::containsKey).forEach(cell -> restsOn.put(cell, Set.of(cell)));
        if (steps.isEmpty() || restsOn.isEmpty()) return Optional.empty();
        for (int k = 0; k < steps.size(); k++) {
            Step step = steps.get(k);
            Set<Cell> from = new LinkedHashSet<>();
            inputs.get(k).forEach(cell -> from.addAll(restsOn.getOrDefault(cell, Set.of())));
            values.put(step.cell(), step.formula().with(new Evaluation(values::get)));
            restsOn.put(step.cell(), from);
        }
        Step last = steps.get(steps.size() - 1);
        Set<Cell> from = restsOn.get(last.cell());
        boolean leads = !from.isEmpty()
                && style.tolerance()
                        .matches(values.get(last.cell()), answer.read().amount().si());
        return leads ? Optional.of(derivation(last, values, written, from)) : Optional.empty();
    }

    private static Derivation derivation(
            Step step, Map<Cell, Double> values, Map<Cell, Double> written, Set<Cell> from) {
        Map<Cell, Double> rests = new LinkedHashMap<>();
        from.forEach(cell -> rests.put(cell, written.get(cell)));
        Map<Cell, BigDecimal> inputs = new LinkedHashMap<>();
        FormulaCells.in(step.formula())
                .forEach(cell ->
                        inputs.put(cell, BigDecimal.valueOf(values.get(cell)).round(SHOWN)));
        return new Derivation(rests, step.law(), step.formula(), inputs);
    }
}
