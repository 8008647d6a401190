package didaxis.core.notation;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Terminals;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Writes a circuit as lines of parts between nodes. */
final class NetlistWriter {
    private NetlistWriter() {}

    static List<String> lines(Circuit circuit) {
        return lines(circuit, names(circuit.outline(), Terminals.of(circuit)));
    }

    private static List<String> lines(Circuit circuit, Map<Integer, String> names) {
        Outline outline = circuit.outline();
        Terminals terminals = Terminals.of(circuit);
        String plus = names.get(Terminals.POSITIVE);
        String minus = names.get(Terminals.NEGATIVE);
        List<String> lines = new ArrayList<>();
        lines.add("* part, node nearer plus, node nearer minus, value");
        lines.add("E1 " + plus + " " + minus + " " + Notation.setting(circuit.source()));
        for (int i = 0; i < outline.size(); i++) {
            String between = " " + names.get(terminals.from(i)) + " " + names.get(terminals.to(i));
            Network node = outline.node(i);
            if (node instanceof Part part) lines.add((part.label() + between + " " + Notation.setting(part)).strip());
            if (node instanceof Metered metered) lines.add(metered.voltmeter() + between);
        }
        circuit.source().voltmeters().forEach(meter -> lines.add(meter + " " + plus + " " + minus));
        return lines;
    }

    /** The list with a line for the wire, and the list with both its places under one name. */
    static List<String> withWire(Circuit circuit, int one, int other, String label) {
        Map<Integer, String> names = names(circuit.outline(), Terminals.of(circuit));
        String from = names.get(one);
        String to = names.get(other);
        List<String> lines = lines(circuit, names);
        String joined = lines.stream()
                .map(line -> line.startsWith("*") ? line : line.replaceAll("(?<= )" + to + "(?= |$)", from))
                .collect(Collectors.joining("\n"));
        return List.of(String.join("\n", lines) + "\n" + label + " " + from + " " + to, joined);
    }

    /** A point's letter, else the junction's, else a number; the negative terminal is 0. */
    private static Map<Integer, String> names(Outline outline, Terminals terminals) {
        Map<Integer, String> names = new HashMap<>();
        for (int i = 0; i < outline.size(); i++) {
            if (outline.node(i) instanceof Point point)
                names.putIfAbsent(terminals.from(i), String.valueOf(point.name()));
        }
        names.putIfAbsent(Terminals.NEGATIVE, "0");
        for (int place = 1; place < terminals.count(); place++) {
            names.putIfAbsent(place, terminals.junction(place).orElse(String.valueOf(place)));
        }
        return names;
    }
}
