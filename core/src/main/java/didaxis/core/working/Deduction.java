package didaxis.core.working;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relations;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
        return new Chaining(relations).deduce(givens, asked);
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
}
