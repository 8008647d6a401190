package didaxis.core.circuit;

/** A named place on the wire. */
public record Point(char name) implements Network {
    public Point {
        if (name < 'A' || name > 'Z') {
            throw new IllegalArgumentException("name of a point (" + name + ") must be a capital letter A to Z");
        }
    }
}
