package didaxis.core.netlist;

import didaxis.core.analysis.NodalAnalysis;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Terminals;
import didaxis.core.netlist.Netlist.Edge;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Parts joined neither in series nor in parallel all through. It does not fold, but has an operating point.
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

    /**
     * What a part has.
     *
     * @param voltage in volts, from its first node to its second; NaN where it is not decided
     * @param current in amperes, likewise
     */
    public record Row(Edge edge, double voltage, double current) {
        /** In watts: V·I, and 0 for a gap or an ideal wire. */
        public double power() {
            double resistance = edge.part().resistance();
            return resistance == 0 || Double.isInfinite(resistance) ? 0 : voltage * current;
        }
    }

    /**
     * The operating point.
     *
     * @param readings of the voltmeters in their order, in volts; NaN where one is not decided
     * @param current through the source, in amperes
     */
    public record Solution(List<Row> rows, List<Double> readings, double current) {
        public Solution {
            rows = List.copyOf(rows);
            readings = List.copyOf(readings);
        }
    }

    public BridgedCircuit {
        edges = List.copyOf(edges);
        voltmeters = List.copyOf(voltmeters);
        bridgeNodes = List.copyOf(bridgeNodes);
    }

    /** Voltages and currents of the parts by nodal analysis; empty if the source is shorted. */
    public Optional<Solution> solved() {
        Map<String, Integer> places = new HashMap<>(Map.of(minus, Terminals.NEGATIVE, plus, Terminals.POSITIVE));
        List<NodalAnalysis.Edge> resistances = new ArrayList<>();
        for (Edge edge : edges) {
            int from = places.computeIfAbsent(edge.from(), name -> places.size());
            int to = places.computeIfAbsent(edge.to(), name -> places.size());
            resistances.add(new NodalAnalysis.Edge(from, to, edge.part().resistance()));
        }
        // A voltmeter is a gap: it takes no current.
        for (Voltmeter meter : voltmeters)
            resistances.add(
                    new NodalAnalysis.Edge(places.get(meter.from()), places.get(meter.to()), Double.POSITIVE_INFINITY));
        try {
            NodalAnalysis nodal = NodalAnalysis.of(source, resistances, places.size());
            List<Row> rows = new ArrayList<>();
            for (int k = 0; k < edges.size(); k++) rows.add(new Row(edges.get(k), nodal.voltage(k), nodal.current(k)));
            List<Double> readings = new ArrayList<>();
            for (int k = edges.size(); k < resistances.size(); k++) readings.add(nodal.voltage(k));
            return Optional.of(new Solution(rows, readings, nodal.totalCurrent()));
        } catch (ArithmeticException singular) {
            return Optional.empty();
        }
    }
}
