package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.working.Formula;
import didaxis.core.working.Law;
import java.util.Map;

/**
 * How an answer follows from the learner's own.
 *
 * @param from the learner's own answers it rests on and their values in SI; for follow-through the wrong ones
 * @param law the last law used, and its formula
 * @param inputs the numbers put into the formula, in SI; those of unwritten cells are computed
 * @param value what the formula gives, in SI
 */
public record Derivation(Map<Cell, Double> from, Law law, Formula formula, Map<Cell, Double> inputs, double value) {}
