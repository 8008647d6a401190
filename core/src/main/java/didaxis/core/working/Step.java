package didaxis.core.working;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import didaxis.core.law.Law;

/**
 * One step of a working: a law gives a cell from cells known before.
 *
 * @param value the cell's value in SI
 */
public record Step(Phase phase, Law law, Cell cell, Formula formula, double value) {
    /** The parts of a worked solution, in their order. */
    public enum Phase {
        /** Unknowns that no law gives one by one, solved together; only where working backwards stalls. */
        TOGETHER,
        FOLD,
        TOTAL_CURRENT,
        UNFOLD,
        POWER
    }
}
