package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.FormulaCells;
import didaxis.core.law.Relations;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Deduction;
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
 * The whole working of a state, begun from what a learner wrote elsewhere or before: what it leads to is followed through,
 * however many values it passes through in the head.
 */
final class CarriedRoute {
    private static final MathContext SHOWN = new MathContext(6);

    private final Map<Cell, Double> start = new LinkedHashMap<>();
    private final List<Step> steps;

    /**
     * @param known what is given or was written before; all of it has a value in the state
     */
    CarriedRoute(Relations relations, Set<Cell> known) {
        known.forEach(cell -> start.put(cell, relations.chart().value(cell).orElseThrow()));
        steps = Deduction.of(relations, start, relations.cells()).steps();
    }

    /**
     * How a wrong answer follows; empty if it does not.
     *
     * @param written the learner's own values, in SI; what else it begun from is true
     * @param wrong which of these are wrong: it must rest on one of them
     */
    Optional<Derivation> explain(Finding.Wrong answer, Map<Cell, Double> written, Set<Cell> wrong, MarkingStyle style) {
        Map<Cell, Double> values = new HashMap<>(start);
        values.replaceAll((cell, truth) -> written.getOrDefault(cell, truth));
        Map<Cell, Set<Cell>> restsOn = new HashMap<>();
        wrong.stream().filter(start::containsKey).forEach(cell -> restsOn.put(cell, Set.of(cell)));
        for (Step step : steps) {
            Set<Cell> from = new LinkedHashSet<>();
            FormulaCells.in(step.formula()).forEach(cell -> from.addAll(restsOn.getOrDefault(cell, Set.of())));
            double value = step.formula().with(new Evaluation(values::get));
            values.put(step.cell(), value);
            restsOn.put(step.cell(), from);
            if (!step.cell().equals(answer.cell())) continue;
            boolean leads = !from.isEmpty()
                    && style.tolerance().matches(value, answer.read().amount().si());
            return leads ? Optional.of(derivation(step, values, written, from)) : Optional.empty();
        }
        return Optional.empty();
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
