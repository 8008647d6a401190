package didaxis.core.notation;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Source;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How parts are connected, apart from what they are set to and where they are drawn: "R1 + (R2 || R3)". */
public final class Wiring {
    private static final Pattern VALUE = Pattern.compile("=[^+|()\\[\\]]*|\\{[^}]*}");
    /** A word that is neither a point's name nor a voltmeter's. */
    private static final Pattern NAME =
            Pattern.compile("(?<![\\p{L}\\p{N}.])\\p{L}[\\p{L}\\p{N}]*(?![\\p{L}\\p{N}\\[])");

    private static final int FIRST_STAND_IN = 1000;

    private Wiring() {}

    /** The circuit that a text connects these parts to; empty if it cannot be read, or names a part that is none of them. */
    public static Optional<Circuit> read(String typed, Source source, List<Part> parts) {
        String plain = typed.replaceAll("(?i)\\s+(are\\s+)?in series with\\s+", " + ")
                .replaceAll("(?i)\\s+(are\\s+)?(in )?parallel (with|to)\\s+", " || ")
                .replaceAll("\\|\\||∥|//|∣∣", "||");
        Matcher word = NAME.matcher(
                VALUE.matcher(plain.substring(plain.indexOf(':') + 1)).replaceAll(""));
        // Parts may have names of their own, which the notation does not know.
        Map<String, String> names = new LinkedHashMap<>();
        StringBuilder text = new StringBuilder("1 V : ");
        while (word.find()) {
            Optional<Part> part = parts.stream()
                    .filter(one -> one.label().equalsIgnoreCase(word.group()))
                    .findFirst();
            if (part.isEmpty() || names.containsValue(part.get().label())) return Optional.empty();
            String label = part.get().kind().letters() + (FIRST_STAND_IN + names.size());
            names.put(label, part.get().label());
            word.appendReplacement(
                    text, Matcher.quoteReplacement(valued(part.get().called(label))));
        }
        word.appendTail(text);
        return Notation.parse(text.toString())
                .match(
                        read -> Optional.of(
                                named(Circuit.of(source, read.circuit().network()), names)),
                        refused -> Optional.empty());
    }

    private static Circuit named(Circuit circuit, Map<String, String> names) {
        Circuit named = circuit;
        for (Map.Entry<String, String> name : names.entrySet()) named = named.renamed(name.getKey(), name.getValue());
        return named;
    }

    private static String valued(Part part) {
        String setting = Notation.setting(part);
        return part.label() + (setting.isEmpty() || setting.startsWith("{") ? setting : "=" + setting);
    }

    /** A network as one would write it, without source and values. */
    public static String print(Circuit circuit) {
        Source silent = circuit.source().with(List.of());
        String text = Notation.print(Circuit.of(silent, circuit.network()));
        return VALUE.matcher(text.substring(text.indexOf(" : ") + 3))
                .replaceAll("")
                .replaceAll(" *([+|]+) *", " $1 ")
                .replaceAll(" +(?=[)\\]])", "")
                .strip();
    }

    /** Equal for two circuits that are connected alike: the order in series is free between points, that in parallel always. */
    public static String canonical(Circuit circuit) {
        return canonical(circuit.network(), new TreeSet<>(circuit.source().voltmeters()));
    }

    /** The same with no regard to points. */
    public static String withoutPoints(Circuit circuit) {
        return canonical(Circuit.of(circuit.source(), pointless(circuit.network())));
    }

    /** Whether it has a point. */
    public static boolean hasPoint(Circuit circuit) {
        return canonical(circuit).contains(".");
    }

    private static Network pointless(Network network) {
        if (network instanceof Metered metered) return new Metered(metered.voltmeter(), pointless(metered.stretch()));
        if (network instanceof Parallel parallel)
            return Parallel.of(
                    parallel.members().stream().map(Wiring::pointless).toList());
        if (!(network instanceof Series series)) return network;
        return Series.of(series.members().stream()
                .filter(member -> !(member instanceof Point))
                .map(Wiring::pointless)
                .toList());
    }

    /** With the voltmeters that lie across all of it, which may be drawn at any of its branches. */
    private static String canonical(Network network, TreeSet<String> across) {
        Network bare = withoutMeters(network, across);
        String text;
        if (bare instanceof Series series) text = series(series);
        else if (bare instanceof Parallel parallel)
            text = branches(parallel, across).sorted().collect(Collectors.joining(" || ", "(", ")"));
        else text = bare instanceof Part part ? part.label() : "." + ((Point) bare).name();
        return across.isEmpty() ? text : String.join(" ", across) + "[" + text + "]";
    }

    private static Network withoutMeters(Network network, TreeSet<String> across) {
        Network bare = network;
        while (bare instanceof Metered metered) {
            across.add(metered.voltmeter());
            bare = metered.stretch();
        }
        return bare;
    }

    private static Stream<String> branches(Parallel parallel, TreeSet<String> across) {
        return parallel.members().stream().flatMap(member -> {
            Network bare = withoutMeters(member, across);
            return bare instanceof Parallel inner
                    ? branches(inner, across)
                    : Stream.of(canonical(bare, new TreeSet<>()));
        });
    }

    private static String series(Series series) {
        List<String> stretches = new ArrayList<>();
        List<String> open = new ArrayList<>();
        for (Network member : series.members()) {
            if (!(member instanceof Point)) {
                open.add(canonical(member, new TreeSet<>()));
                continue;
            }
            stretches.add(sorted(open));
            stretches.add(canonical(member, new TreeSet<>()));
            open.clear();
        }
        stretches.add(sorted(open));
        return stretches.stream().filter(one -> !one.isEmpty()).collect(Collectors.joining(" ; ", "<", ">"));
    }

    private static String sorted(List<String> members) {
        return members.stream().sorted().collect(Collectors.joining(" + "));
    }
}
