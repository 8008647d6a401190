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
 * The whole working of a state, begun from settings as a learner wrote them in another: what it leads to is followed
 * through, however many values it passes through in the head.
 */
final class CarriedRoute {
    private static final MathContext SHOWN = new MathContext(6);

    private final Map<Cell, Double> start = new LinkedHashMap<>();
    private final List<Step> steps;

    /**
     * @param known what is given or carried into the state; all of it has a value there
     */
    CarriedRoute(Relations relations, Set<Cell> known) {
        known.forEach(cell -> start.put(cell, relations.chart().value(cell).orElseThrow()));
        steps = Deduction.of(relations, start, relations.cells()).steps();
    }

    /** How a wrong answer follows from these own values; empty if it does not. */
    Optional<Finding> explain(Finding.Wrong wrong, Map<Cell, Double> own, MarkingStyle style) {
        Map<Cell, Double> values = new HashMap<>(start);
        values.putAll(own);
        Map<Cell, Set<Cell>> restsOn = new HashMap<>();
        own.keySet().forEach(cell -> restsOn.put(cell, Set.of(cell)));
        for (Step step : steps) {
            Set<Cell> from = new LinkedHashSet<>();
            FormulaCells.in(step.formula()).forEach(cell -> from.addAll(restsOn.getOrDefault(cell, Set.of())));
            values.put(step.cell(), step.formula().with(new Evaluation(values::get)));
            restsOn.put(step.cell(), from);
            if (!step.cell().equals(wrong.cell())) continue;
            boolean leads = !from.isEmpty()
                    && style.tolerance()
                            .matches(
                                    values.get(step.cell()),
                                    wrong.read().amount().si());
            return leads ? Optional.of(followed(wrong, step, values, own, from)) : Optional.empty();
        }
        return Optional.empty();
    }

    private Finding followed(
            Finding.Wrong wrong, Step step, Map<Cell, Double> values, Map<Cell, Double> own, Set<Cell> from) {
        Map<Cell, Double> rests = new LinkedHashMap<>();
        from.forEach(cell -> rests.put(cell, own.get(cell)));
        Map<Cell, BigDecimal> inputs = new LinkedHashMap<>();
        FormulaCells.in(step.formula())
                .forEach(cell ->
                        inputs.put(cell, BigDecimal.valueOf(values.get(cell)).round(SHOWN)));
        return new Finding.FollowThrough(
                wrong.cell(),
                wrong.expected(),
                wrong.read(),
                new Derivation(rests, step.law(), step.formula(), inputs));
    }
}
