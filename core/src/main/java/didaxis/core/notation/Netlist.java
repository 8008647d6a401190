package didaxis.core.notation;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A circuit as a list: one part a line with its label, the node nearer the positive terminal, the node nearer
 * the negative one, and its value as in the notation; '*' begins a comment. The source is a line E, or a line V with a
 * value, which needs no unit; a voltmeter is a line V without a value. A node named by one capital letter is a point.
 *
 * <pre>
 * * the hut's dryer
 * E1 1 0 24 V r=0.5
 * A1 1 B
 * R1 B a 3
 * L1 a 0 12{6 V, 3 W}
 * S1 a 0 open
 * V1 a 0
 * </pre>
 */
public final class Netlist {
    private Netlist() {}

    /** What a list was read as. */
    public sealed interface Result {
        /** A series-parallel circuit. */
        record Read(Circuit circuit) implements Result {
            @Override
            public <T> T match(Function<Read, T> read, Function<Bridge, T> bridge, Function<Refused, T> refused) {
                return read.apply(this);
            }
        }

        /** Neither series nor parallel all through: it is solved, but it does not fold. */
        record Bridge(BridgedCircuit circuit) implements Result {
            @Override
            public <T> T match(Function<Read, T> read, Function<Bridge, T> bridge, Function<Refused, T> refused) {
                return bridge.apply(this);
            }
        }

        /** Line (from 1; 0 for the list as a whole) and what is wrong. */
        record Refused(int line, String sentence) implements Result {
            @Override
            public <T> T match(Function<Read, T> read, Function<Bridge, T> bridge, Function<Refused, T> refused) {
                return refused.apply(this);
            }
        }

        /** One function a case. */
        <T> T match(Function<Read, T> read, Function<Bridge, T> bridge, Function<Refused, T> refused);
    }

    /** A part or voltmeter between two nodes, as it stood in the list. */
    record Line(int number, String label, String from, String to) {}

    /** A part between two nodes. */
    public record Edge(Part part, String from, String to) {}

    /** Reads a list; never throws for what was typed. */
    public static Result read(String text) {
        try {
            NetlistReader reader = NetlistReader.of(text);
            return reader.result();
        } catch (NetlistReader.Refusal refusal) {
            return refusal.refused();
        }
    }

    /** Writes a circuit as a list that reads back as the same circuit, up to the order of parallel branches. */
    public static String write(Circuit circuit) {
        return String.join("\n", NetlistWriter.lines(circuit)) + "\n";
    }

    /**
     * A circuit with a wire more between two of its places, which it has as a part of this label; where the wire would make
     * a bridge, the two places become one, if that is series and parallel all through.
     *
     * @param one numbered as {@link didaxis.core.circuit.Terminals} does
     * @throws IllegalArgumentException if it is not
     */
    public static Circuit withWire(Circuit circuit, int one, int other, String label) {
        return NetlistWriter.withWire(circuit, one, other, label).stream()
                .flatMap(text -> read(text)
                        .match(
                                whole -> Stream.of(whole.circuit()),
                                bridge -> Stream.empty(),
                                refused -> Stream.empty()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "joined by a wire there, the circuit must still be series and parallel all through"));
    }

    /** The letters and signs of a node's name. */
    static final String NODE = "[A-Za-z0-9_]{1,20}";

    static List<String> words(String line) {
        return List.of(line.strip().split("\\s+", 4));
    }
}
