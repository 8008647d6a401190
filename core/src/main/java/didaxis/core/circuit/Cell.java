package didaxis.core.circuit;

import didaxis.core.quantity.Quantity;

/** One box of the chart: a subject and a quantity of it. */
public record Cell(Subject subject, Quantity quantity) {
    public static Cell of(Subject subject, Quantity quantity) {
        return new Cell(subject, quantity);
    }

    public static Cell resistance(Subject subject) {
        return of(subject, Quantity.RESISTANCE);
    }

    public static Cell voltage(Subject subject) {
        return of(subject, Quantity.VOLTAGE);
    }

    public static Cell current(Subject subject) {
        return of(subject, Quantity.CURRENT);
    }

    public static Cell power(Subject subject) {
        return of(subject, Quantity.POWER);
    }
}
