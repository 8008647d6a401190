package didaxis.core.backwards;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Span;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A value that is known of a circuit, as it was read.
 *
 * @param value in SI
 * @param slack how far the true value may be off, in SI: half of the last place that was written
 */
public record Given(Cell cell, double value, double slack) {
    private static final double LEAST = 1e-9;

    public Given {
        if (!Double.isFinite(value) || value < 0 || !(slack >= 0)) {
            throw new IllegalArgumentException(
                    "given value of " + cell + " (" + value + " ± " + slack + ") must be finite and >= 0");
        }
    }

    /** A value known exactly. */
    public static Given exactly(Cell cell, double value) {
        return new Given(cell, value, 0);
    }

    /** The values by their cells. */
    static Map<Cell, Double> values(Collection<Given> givens) {
        Map<Cell, Double> values = new LinkedHashMap<>();
        for (Given given : givens) values.put(given.cell(), given.value());
        return values;
    }

    Span span() {
        double room = slack + LEAST * value;
        return new Span(value - room, value, value + room);
    }
}
