package didaxis.core.circuit;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * A source and a network. The network's left end is at the positive terminal; potentials are with respect
 * to the negative terminal. Labels differ, and every branch of a parallel holds a part, so that every
 * circuit that exists is one that can be drawn.
 */
public final class Circuit {
    private final Source source;
    private final Outline outline;

    private Circuit(Source source, Outline outline) {
        this.source = source;
        this.outline = outline;
    }

    /** For what was checked as it was read: that names differ and that branches hold parts. */
    public static Circuit checked(Source source, Network network) {
        return new Circuit(source, Outline.of(network));
    }

    /**
     * @throws IllegalArgumentException if a label or a point is used twice, or a branch holds no part
     */
    public static Circuit of(Source source, Network network) {
        Circuit circuit = new Circuit(source, Outline.of(network));
        circuit.checkNames();
        circuit.checkBranches();
        return circuit;
    }

    private void checkNames() {
        Set<String> names = new HashSet<>(source.voltmeters());
        if (names.size() < source.voltmeters().size())
            throw new IllegalArgumentException("a voltmeter's label is used twice");
        for (int i = 0; i < outline.size(); i++) {
            Network node = outline.node(i);
            String name = "";
            if (node instanceof Part part) name = part.label();
            if (node instanceof Metered metered) name = metered.voltmeter();
            if (node instanceof Point point) name = "." + point.name();
            if (!name.isEmpty() && !names.add(name)) {
                throw new IllegalArgumentException("name (" + name + ") is used twice; every name must differ");
            }
        }
    }

    private void checkBranches() {
        for (int i = 0; i < outline.size(); i++) {
            boolean needsPart =
                    i == 0 || outline.node(i) instanceof Metered || outline.node(outline.parent(i)) instanceof Parallel;
            if (needsPart && !outline.hasPart(i)) {
                throw new IllegalArgumentException("a branch without a part: put a part there, or a wire link W");
            }
        }
    }

    /**
     * The same circuit with another part in the place of the one of the same label.
     *
     * @throws IllegalArgumentException if it has none of that label
     */
    public Circuit with(Part part) {
        for (int i = 0; i < outline.size(); i++) {
            if (outline.node(i) instanceof Part old && old.label().equals(part.label()))
                return of(source, outline.with(i, Optional.of(part)).orElseThrow());
        }
        throw new IllegalArgumentException("part (" + part.label() + ") must be one of the circuit's");
    }

    /**
     * The same circuit with a part under another name.
     *
     * @throws IllegalArgumentException if it has no such part, or something else that is called so
     */
    public Circuit renamed(String label, String name) {
        for (int i = 0; i < outline.size(); i++) {
            if (outline.node(i) instanceof Part old && old.label().equals(label))
                return of(source, outline.with(i, Optional.of(old.called(name))).orElseThrow());
        }
        throw new IllegalArgumentException("part (" + label + ") must be one of the circuit's");
    }

    /** The same circuit with another source and with parts set otherwise, by their labels. */
    public Circuit with(Source otherSource, Map<String, Setting> settings) {
        return of(otherSource, outline.with(settings));
    }

    public Source source() {
        return source;
    }

    /** The network as a tree. */
    public Network network() {
        return outline.node(0);
    }

    /** The network laid out flat. */
    public Outline outline() {
        return outline;
    }

    /** The part of this label; empty if there is none. */
    public Optional<Part> part(String label) {
        return parts().stream().filter(one -> one.label().equals(label)).findFirst();
    }

    /** All parts in reading order. */
    public List<Part> parts() {
        return outline.parts();
    }

    /** Whether sources, parts, meters and points are the same, and connected alike; a deep tree does not overflow. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Circuit circuit && source.equals(circuit.source) && outline.equals(circuit.outline);
    }

    @Override
    public int hashCode() {
        return Objects.hash(source, outline);
    }

    @Override
    public String toString() {
        return source + " " + outline;
    }
}
