package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import didaxis.core.law.Law;
import java.math.BigDecimal;
import java.util.Map;

/**
 * How an answer follows.
 *
 * @param from the learner's own answers it rests on and their values in SI; for follow-through the wrong ones
 * @param law the last law used, and its formula
 * @param inputs the numbers put into the formula, in SI: as written, or for what is not written as it may have been
 */
public record Derivation(Map<Cell, Double> from, Law law, Formula formula, Map<Cell, BigDecimal> inputs) {
    /** What the formula gives with these numbers, in SI. */
    public double value() {
        return formula.with(new Evaluation(cell -> inputs.get(cell).doubleValue()));
    }

    /** The same, resting on these answers. */
    Derivation from(Map<Cell, Double> answers) {
        return new Derivation(answers, law, formula, inputs);
    }
}
