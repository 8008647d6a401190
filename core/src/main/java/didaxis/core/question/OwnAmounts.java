package didaxis.core.question;

import didaxis.core.circuit.Cell;
import java.util.OptionalDouble;

/** Amounts as a learner wrote them on a sheet, right or wrong, from which other answers may follow. */
@FunctionalInterface
public interface OwnAmounts {
    /** Nothing is written elsewhere. */
    OwnAmounts NONE = (cell, state) -> OptionalDouble.empty();

    /** In SI units, of a cell in a state; empty where nothing that can be read was written. */
    OptionalDouble of(Cell cell, int state);
}
