package didaxis.core.notation;

import didaxis.core.circuit.Source;
import didaxis.core.notation.Netlist.Edge;
import java.util.List;

/**
 * Parts joined neither in series nor in parallel all through. It does not fold.
 *
 * @param plus the node of the source's positive terminal
 * @param bridgeNodes the nodes between which what cannot be joined further stands
 */
public record BridgedCircuit(
        Source source,
        String plus,
        String minus,
        List<Edge> edges,
        List<Voltmeter> voltmeters,
        List<String> bridgeNodes) {
    /** A voltmeter, its first node its plus. */
    public record Voltmeter(String label, String from, String to) {}

    public BridgedCircuit {
        edges = List.copyOf(edges);
        voltmeters = List.copyOf(voltmeters);
        bridgeNodes = List.copyOf(bridgeNodes);
    }
}
