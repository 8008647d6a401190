package didaxis.core.chart;

import didaxis.core.circuit.Terminals;
import didaxis.core.notation.BridgedCircuit;
import didaxis.core.notation.Netlist.Edge;
import didaxis.core.solving.NodalAnalysis;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the parts of a bridge have, by nodal analysis.
 *
 * @param readings of the voltmeters in their order, in volts; NaN where one is not decided
 * @param current through the source, in amperes
 */
public record BridgeChart(List<Row> rows, List<Double> readings, double current) {
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

    public BridgeChart {
        rows = List.copyOf(rows);
        readings = List.copyOf(readings);
    }

    /** Voltages and currents of the parts; empty if the source is shorted. */
    public static Optional<BridgeChart> of(BridgedCircuit bridge) {
        Map<String, Integer> places =
                new HashMap<>(Map.of(bridge.minus(), Terminals.NEGATIVE, bridge.plus(), Terminals.POSITIVE));
        List<NodalAnalysis.Edge> resistances = new ArrayList<>();
        for (Edge edge : bridge.edges()) {
            int from = places.computeIfAbsent(edge.from(), name -> places.size());
            int to = places.computeIfAbsent(edge.to(), name -> places.size());
            resistances.add(new NodalAnalysis.Edge(from, to, edge.part().resistance()));
        }
        // A voltmeter is a gap: it takes no current.
        for (BridgedCircuit.Voltmeter meter : bridge.voltmeters())
            resistances.add(
                    new NodalAnalysis.Edge(places.get(meter.from()), places.get(meter.to()), Double.POSITIVE_INFINITY));
        try {
            NodalAnalysis nodal = NodalAnalysis.of(bridge.source(), resistances, places.size());
            int parts = bridge.edges().size();
            List<Row> rows = new ArrayList<>();
            for (int k = 0; k < parts; k++)
                rows.add(new Row(bridge.edges().get(k), nodal.voltage(k), nodal.current(k)));
            List<Double> readings = new ArrayList<>();
            for (int k = parts; k < resistances.size(); k++) readings.add(nodal.voltage(k));
            return Optional.of(new BridgeChart(rows, readings, nodal.totalCurrent()));
        } catch (ArithmeticException singular) {
            return Optional.empty();
        }
    }
}
