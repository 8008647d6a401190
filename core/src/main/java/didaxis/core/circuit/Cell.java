package didaxis.core.circuit;

import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;

/** One box of the chart: a subject and a quantity of it. */
public record Cell(Subject subject, Quantity quantity) {
    /** Cells are looked up so often that what a record makes of itself would be most of the time of a marking. */
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Cell cell && quantity == cell.quantity && subject.equals(cell.subject);
    }

    @Override
    public int hashCode() {
        return 31 * subject.hashCode() + quantity.ordinal();
    }

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

    /** Whether it is what something is set to, and so stays what it is in other states: a resistance, the emf, a time. */
    public boolean isSetting() {
        if (quantity == Quantity.TIME) return true;
        Subject.Kind kind = subject.kind();
        boolean own = kind == Subject.Kind.PART || kind == Subject.Kind.INTERNAL;
        return own && quantity == Quantity.RESISTANCE || equals(voltage(Subject.TOTAL));
    }

    /** Its value as it is told to somebody who works with it: a setting as it was set, all else rounded. */
    public Amount told(double si, AmountFormat format) {
        Amount amount = Amount.of(si, quantity);
        return isSetting() ? amount : format.told(amount);
    }
}
