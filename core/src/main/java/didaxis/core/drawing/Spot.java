package didaxis.core.drawing;

/** A place on the sheet: x to the right, y downwards, in units of which a resistor is 56 long. */
public record Spot(double x, double y) {
    Spot plus(double dx, double dy) {
        return new Spot(x + dx, y + dy);
    }
}
