package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/** How a made-up learner writes one cell down, of what the others are to the learner and what it should be by these. */
public interface Hand {
    String write(ToDoubleFunction<Cell> known, double value);

    /** Whether it needs nothing that is not known yet, and not what the cell should be either. */
    default boolean isReady(Map<Cell, Double> known) {
        try {
            return Double.isFinite(Double.parseDouble(write(cell -> known.getOrDefault(cell, Double.NaN), Double.NaN)));
        } catch (ArithmeticException | NumberFormatException notYet) {
            return false;
        }
    }
}
