package didaxis.core.compose;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Names;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Changes a circuit one act at a time. What is named in an act is a part, a voltmeter, a point (".B") or the
 * source ("source"). Every act leads from a circuit to a circuit; nothing in between can be drawn.
 */
public final class Composer {
    /** The name by which the source is meant. */
    public static final String SOURCE = "source";

    private static final Source FIRST_SOURCE = new Source(12, 0, List.of());

    private final Circuit circuit;
    private final Outline outline;
    private final Names names;
    private final char decimalSign;

    private Composer(Circuit circuit, char decimalSign) {
        this.circuit = circuit;
        this.decimalSign = decimalSign;
        this.outline = circuit.outline();
        this.names = Names.of(circuit);
    }

    public static Composer of(Circuit circuit) {
        return of(circuit, '.');
    }

    /** One that reads the values it is given with a style's decimal sign. */
    public static Composer of(Circuit circuit, char decimalSign) {
        return new Composer(circuit, decimalSign);
    }

    /** A new circuit of one part across a source. */
    public static Outcome start(PartKind kind) {
        Part part = Part.usual(kind, kind.letters() + 1);
        return new Outcome.Composed(Circuit.of(FIRST_SOURCE, part), part.label());
    }

    /** Puts a new part of a kind beside what is named, with a usual value and the next free label. */
    public Outcome put(PartKind kind, Place place, String name) {
        Optional<Integer> node = node(name);
        if (node.isEmpty()) return unknown(name);
        Part part = Part.usual(kind, names.free(kind.letters()));
        boolean series = place == Place.BEFORE || place == Place.AFTER;
        int at = series ? throughMeters(node.get()) : node.get();
        if (place == Place.BESIDE_GROUP) at = group(node.get());
        // What is put beside a point is put beside nothing.
        if (!series && !outline.hasPart(at)) return put(kind, Place.AFTER, name);
        Network old = outline.node(at);
        Network now = switch (place) {
            case BEFORE -> Series.of(List.of(part, old));
            case AFTER -> Series.of(List.of(old, part));
            case BESIDE, BESIDE_GROUP -> Parallel.of(List.of(old, part));
        };
        return composed(outline.with(at, Optional.of(now)), part.label());
    }

    /** Puts a voltmeter across what is named; across the source, its terminals. */
    public Outcome putVoltmeter(String name) {
        String label = names.free("V");
        if (name.equals(SOURCE)) {
            return withTerminalMeters(label, meters -> meters.add(label));
        }
        Optional<Integer> node = node(name);
        if (node.isEmpty()) return unknown(name);
        if (outline.partsOf(node.get()).isEmpty())
            return new Outcome.Refused("A voltmeter needs two places; " + name + " is one.");
        return composed(outline.with(node.get(), Optional.of(new Metered(label, outline.node(node.get())))), label);
    }

    /** Names the place on the wire before or behind what is named. */
    public Outcome putPoint(Place place, String name) {
        Optional<Integer> node = node(name);
        if (node.isEmpty()) return unknown(name);
        Optional<Point> free = names.freePoint();
        if (free.isEmpty()) return new Outcome.Refused("All 26 letters for points are in use.");
        Point point = free.get();
        int at = throughMeters(node.get());
        Network old = outline.node(at);
        List<Network> members = place == Place.BEFORE ? List.of(point, old) : List.of(old, point);
        return composed(outline.with(at, Optional.of(Series.of(members))), Names.of(point));
    }

    /**
     * Sets what is named from a text as the notation has it: a part's value "4k7", with rating "6{6 V, 3 W}",
     * or with another label "R5=4k7"; the source's "9 V r=0.5"; the name of a point "B" or of a voltmeter "V2".
     */
    public Outcome set(String name, String text) {
        if (name.equals(SOURCE)) {
            return Notation.parse(text + " : R1=1", decimalSign)
                    .match(typed -> sourced(typed.circuit().source()), Composer::refused);
        }
        if (circuit.source().voltmeters().contains(name)) return renamedAtTerminals(name, text.strip());
        Optional<Integer> node = node(name);
        if (node.isEmpty()) return unknown(name);
        if (!(outline.node(node.get()) instanceof Part)) return renamed(node.get(), text.strip());
        boolean labelled = text.matches("\\s*[A-Z]{1,2}[0-9]+\\s*(=.*)?");
        String whole = labelled ? text : name + "=" + text;
        return Notation.parse("1 V : " + whole, decimalSign)
                .match(
                        typed -> typed.circuit().network() instanceof Part part
                                ? relabelled(node.get(), part)
                                : new Outcome.Refused("One value is expected, such as 4k7."),
                        Composer::refused);
    }

    private Outcome sourced(Source typed) {
        Source source = typed.with(circuit.source().voltmeters());
        return new Outcome.Composed(Circuit.of(source, circuit.network()), SOURCE);
    }

    private static Outcome refused(Notation.Result.Refused refused) {
        return new Outcome.Refused("Expected " + refused.expected() + "; found " + refused.found() + ".");
    }

    private Outcome relabelled(int node, Part part) {
        if (names.taken(Names.of(outline.node(node)), part.label())) return taken(part.label());
        return composed(outline.with(node, Optional.of(part)), part.label());
    }

    private Outcome renamed(int node, String text) {
        Network old = outline.node(node);
        boolean point = old instanceof Point;
        String name = point && !text.startsWith(".") ? "." + text : text;
        return misnamed(Names.of(old), name, point)
                .orElseGet(() -> composed(
                        outline.with(
                                node,
                                Optional.of(
                                        point ? new Point(name.charAt(1)) : new Metered(name, outline.node(node + 1)))),
                        name));
    }

    private Outcome renamedAtTerminals(String old, String name) {
        return misnamed(old, name, false)
                .orElseGet(() -> withTerminalMeters(name, meters -> meters.set(meters.indexOf(old), name)));
    }

    /** Why a point or voltmeter cannot take a name; empty if it can. */
    private Optional<Outcome> misnamed(String old, String name, boolean point) {
        if (point && !name.matches("\\.[A-Z]"))
            return Optional.of(new Outcome.Refused("A point is named by one capital letter, such as B."));
        if (!point && !name.matches("V[0-9]*"))
            return Optional.of(new Outcome.Refused("A voltmeter is named V and a number, such as V2."));
        return names.taken(old, name) ? Optional.of(taken(name)) : Optional.empty();
    }

    private static Outcome taken(String name) {
        return new Outcome.Refused("The name " + name + " is taken; every name must differ.");
    }

    /** Makes a part one of another kind; a resistance is kept where the new kind has one. */
    public Outcome replace(String name, PartKind kind) {
        Optional<Integer> node = part(name);
        if (node.isEmpty()) return unknown(name);
        Part old = (Part) outline.node(node.get());
        if (old.kind() == kind) return new Outcome.Composed(circuit, name);
        Part fresh = Part.usual(kind, names.free(kind.letters()));
        boolean keeps = old.kind().resistive() && kind.resistive() && (old.resistance() > 0 || kind.mayBeZero());
        Part part = keeps ? new Part(fresh.label(), kind, old.setting(), old.rating()) : fresh;
        return composed(outline.with(node.get(), Optional.of(part)), part.label());
    }

    /** Opens a closed switch, closes an open one. */
    public Outcome toggle(String name) {
        Optional<Integer> node = part(name).filter(i -> ((Part) outline.node(i)).kind() == PartKind.SWITCH);
        if (node.isEmpty()) return new Outcome.Refused("“" + name + "” is no switch of this circuit.");
        Part old = (Part) outline.node(node.get());
        Setting turned = old.setting() == Setting.Position.OPEN ? Setting.Position.CLOSED : Setting.Position.OPEN;
        return composed(outline.with(node.get(), Optional.of(old.with(turned))), name);
    }

    /** Takes away what is named: a part or a point, or a voltmeter from across its stretch. */
    public Outcome remove(String name) {
        if (circuit.source().voltmeters().contains(name)) {
            return withTerminalMeters(SOURCE, meters -> meters.remove(name));
        }
        Optional<Integer> node = node(name);
        if (node.isEmpty() || name.equals(SOURCE)) return unknown(name);
        boolean meter = outline.node(node.get()) instanceof Metered;
        Optional<Network> left = meter ? Optional.of(outline.node(node.get() + 1)) : Optional.empty();
        return outline.with(node.get(), left)
                .<Outcome>map(network -> new Outcome.Composed(Circuit.of(circuit.source(), network), SOURCE))
                .orElseGet(Outcome.Emptied::new);
    }

    private Outcome withTerminalMeters(String inHand, Consumer<List<String>> change) {
        List<String> meters = new ArrayList<>(circuit.source().voltmeters());
        change.accept(meters);
        return new Outcome.Composed(Circuit.of(circuit.source().with(meters), circuit.network()), inHand);
    }

    private Outcome composed(Optional<Network> network, String inHand) {
        return new Outcome.Composed(Circuit.of(circuit.source(), network.orElseThrow()), inHand);
    }

    private Outcome unknown(String name) {
        return new Outcome.Refused("This circuit has no “" + name + "” to do that with.");
    }

    private Optional<Integer> node(String name) {
        return name.equals(SOURCE) ? Optional.of(0) : names.node(name);
    }

    private Optional<Integer> part(String name) {
        return names.node(name).filter(i -> outline.node(i) instanceof Part);
    }

    /** The outermost stretch with a voltmeter of which the node is all there is. */
    private int throughMeters(int node) {
        int at = node;
        while (outline.parent(at) >= 0 && outline.join(outline.parent(at)) == Join.SAME) at = outline.parent(at);
        return at;
    }

    /** The nearest series a node stands in; the whole where it stands in none. */
    private int group(int node) {
        int at = node;
        while (at > 0 && (at == node || outline.join(at) != Join.SERIES)) at = outline.parent(at);
        return at;
    }
}
