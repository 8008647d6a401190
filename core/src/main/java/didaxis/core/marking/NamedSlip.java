package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import didaxis.core.slip.Slip;
import java.math.BigDecimal;
import java.util.Map;

/**
 * A slip that gives a wrong answer.
 *
 * @param at the cell in which it was made: that of the answer, or one on the way to it that has no answer of its own
 * @param formula what was worked there, or a cell whose value was taken
 * @param inputs the numbers put into the formula, in SI
 */
public record NamedSlip(Slip slip, Cell at, Formula formula, Map<Cell, BigDecimal> inputs) {
    /** What the formula gives with these numbers, in SI. */
    public double value() {
        return formula.with(new Evaluation(cell -> inputs.get(cell).doubleValue()));
    }
}
