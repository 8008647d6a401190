package didaxis.core.quantity;

/** An amount of one physical quantity in its SI unit; finite. */
public record Amount(double si, Quantity quantity) {
    public Amount {
        if (!Double.isFinite(si)) {
            throw new IllegalArgumentException(
                    quantity.word() + " in " + quantity.unit() + " (" + si + ") must be finite");
        }
    }

    public static Amount of(double si, Quantity quantity) {
        return new Amount(si, quantity);
    }
}
