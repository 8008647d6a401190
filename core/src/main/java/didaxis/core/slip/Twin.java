package didaxis.core.slip;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;

/**
 * A law's wrong twin at one place.
 *
 * @param target the cell it is taken for
 * @param formula what is worked there instead of the law
 */
public record Twin(Slip slip, Cell target, Formula formula) {}
