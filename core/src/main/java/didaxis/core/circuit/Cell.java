package didaxis.core.circuit;

import didaxis.core.quantity.Quantity;

/** One box of the chart: a subject and a quantity of it. */
public record Cell(Subject subject, Quantity quantity) {
    public static Cell of(Subject subject, Quantity quantity) {
        return new Cell(subject, quantity);
    }
}
