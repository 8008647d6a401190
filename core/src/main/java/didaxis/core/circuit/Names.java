package didaxis.core.circuit;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/** What things in a circuit are called: its parts, voltmeters and points (".B"), each by a name of its own. */
public record Names(Outline outline, Set<String> all) {
    public static Names of(Circuit circuit) {
        Outline outline = circuit.outline();
        Set<String> all = new HashSet<>(circuit.source().voltmeters());
        for (int i = 0; i < outline.size(); i++) all.add(of(outline.node(i)));
        return new Names(outline, Set.copyOf(all));
    }

    /** The name of a part, a voltmeter's stretch or a point; empty for what has none. */
    public static String of(Network node) {
        if (node instanceof Part part) return part.label();
        if (node instanceof Metered metered) return metered.voltmeter();
        return node instanceof Point point ? "." + point.name() : "";
    }

    /** Where in the outline a name stands. */
    public Optional<Integer> node(String name) {
        for (int i = 0; i < outline.size(); i++) if (of(outline.node(i)).equals(name)) return Optional.of(i);
        return Optional.empty();
    }

    /** Whether something else than what has a name now already has another. */
    public boolean taken(String now, String name) {
        return !name.equals(now) && all.contains(name);
    }

    /** The first free label of a kind: its letters and the lowest number. */
    public String free(String letters) {
        int number = 1;
        while (all.contains(letters + number)) number++;
        return letters + number;
    }

    /** The first free letter for a point. */
    public Optional<Point> freePoint() {
        for (char letter = 'A'; letter <= 'Z'; letter++)
            if (!all.contains("." + letter)) return Optional.of(new Point(letter));
        return Optional.empty();
    }
}
