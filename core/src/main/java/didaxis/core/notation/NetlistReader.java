package didaxis.core.notation;

import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Source;
import didaxis.core.notation.Netlist.Edge;
import didaxis.core.notation.Netlist.Line;
import didaxis.core.notation.Netlist.Result;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Reads the lines of a list, and what they are joined to. */
final class NetlistReader {
    /** Thrown inside the reader, caught at its door. */
    static final class Refusal extends RuntimeException {
        private final transient Result.Refused refused;

        Refusal(int line, String sentence) {
            super(sentence, null, false, false);
            refused = new Result.Refused(line, sentence);
        }

        Result.Refused refused() {
            return refused;
        }
    }

    /** Joining looks at every pair of parts again and again; longer lists are no school circuits. */
    private static final int MOST_PARTS = 400;

    private static final String LABEL = "[A-Z]{1,2}[0-9]{0,6}";

    private final List<Edge> edges = new ArrayList<>();
    private final List<Line> lines = new ArrayList<>();
    private final List<Line> voltmeters = new ArrayList<>();
    private final Set<String> labels = new HashSet<>();
    private Line sourceLine;
    private Source source;

    private NetlistReader() {}

    static NetlistReader of(String text) {
        NetlistReader reader = new NetlistReader();
        int number = 0;
        for (String line : text.split("\\R", -1)) {
            number++;
            if (line.isBlank() || line.strip().startsWith("*")) continue;
            reader.line(number, line);
        }
        if (reader.source == null)
            throw new Refusal(0, "The list has no source: a line such as E1 1 0 12 V is needed.");
        if (reader.edges.isEmpty()) throw new Refusal(0, "The list has no part beside the source.");
        if (reader.edges.size() > MOST_PARTS)
            throw new Refusal(
                    0, "The list has " + reader.edges.size() + " parts; at most " + MOST_PARTS + " are read.");
        return reader;
    }

    private void line(int number, String text) {
        List<String> words = Netlist.words(text);
        String label = words.get(0);
        if (!label.matches(LABEL))
            throw new Refusal(number, "Line " + number + ": “" + label + "” is no label such as R1, L2 or E1.");
        if (words.size() < 3
                || !words.get(1).matches(Netlist.NODE)
                || !words.get(2).matches(Netlist.NODE))
            throw new Refusal(number, "Line " + number + ": " + label + " needs two nodes, such as " + label + " 1 2.");
        Line line = new Line(number, label, words.get(1), words.get(2));
        if (!labels.add(label)) throw new Refusal(number, "Line " + number + ": " + label + " stands twice.");
        if (line.from().equals(line.to()))
            throw new Refusal(number, "Line " + number + ": " + label + " has both ends on node " + line.from() + ".");
        String value = words.size() > 3 ? words.get(3) : "";
        boolean meter = label.startsWith("V") && !label.startsWith("VR") && value.isEmpty();
        if (meter) voltmeters.add(line);
        else if (label.matches("[EV][0-9]*")) source(line, value);
        else part(line, value);
    }

    private void source(Line line, String value) {
        if (source != null)
            throw new Refusal(
                    line.number(),
                    "Line " + line.number() + ": " + line.label() + " is a second source; line " + sourceLine.number()
                            + " has " + sourceLine.label() + " already, and one is enough here.");
        source = Notation.parse(value + " : R1=1")
                .match(typed -> typed.circuit().source(), refused -> {
                    throw new Refusal(
                            line.number(),
                            "Line " + line.number() + ": the source needs its emf, such as 12 V or 9 V r=0.5; found “"
                                    + value + "”.");
                });
        sourceLine = line;
    }

    private void part(Line line, String value) {
        String typed = value.isEmpty() ? line.label() : line.label() + "=" + value;
        // A rating stands behind the value without a '=' of its own.
        String text = value.startsWith("{") ? line.label() + value : typed;
        Optional<Part> part = Notation.parse("1 V : " + text)
                .match(
                        read -> read.circuit().network() instanceof Part one ? Optional.of(one) : Optional.empty(),
                        refused -> {
                            boolean known = PartKind.LABEL.matcher(line.label()).matches();
                            String what = known
                                    ? "expected " + refused.expected() + "; found “" + value + "”."
                                    : line.label().replaceAll("[0-9]", "")
                                            + " is no kind of part; known are " + PartKind.allLetters()
                                            + ", the source E and the voltmeter V.";
                            throw new Refusal(line.number(), "Line " + line.number() + ": " + what);
                        });
        edges.add(new Edge(
                part.orElseThrow(
                        () -> new Refusal(line.number(), "Line " + line.number() + ": one value is expected.")),
                line.from(),
                line.to()));
        lines.add(line);
    }

    Result result() {
        Joined joined = new Joined(edges, sourceLine.from(), sourceLine.to());
        joined.refuseLooseEnds(lines);
        return joined.network()
                .<Result>map(
                        network -> new Result.Read(new Annotations(source, network, sourceLine, voltmeters).circuit()))
                .orElseGet(() -> new Result.Bridge(new BridgedCircuit(
                        source, sourceLine.from(), sourceLine.to(), edges, onNodes(), joined.bridgeNodes())));
    }

    private List<BridgedCircuit.Voltmeter> onNodes() {
        Set<String> nodes = new HashSet<>(Set.of(sourceLine.from(), sourceLine.to()));
        lines.forEach(line -> nodes.addAll(List.of(line.from(), line.to())));
        List<BridgedCircuit.Voltmeter> meters = new ArrayList<>();
        for (Line meter : voltmeters) {
            if (!nodes.contains(meter.from()) || !nodes.contains(meter.to()))
                throw new Refusal(
                        meter.number(),
                        "Line " + meter.number() + ": " + meter.label() + " is on a node that no part is on.");
            meters.add(new BridgedCircuit.Voltmeter(meter.label(), meter.from(), meter.to()));
        }
        return meters;
    }
}
