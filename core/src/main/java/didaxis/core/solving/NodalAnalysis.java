package didaxis.core.solving;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Terminals;
import java.util.ArrayList;
import java.util.List;
import org.ejml.data.DMatrixRMaj;

/**
 * The second method: Kirchhoff's current law at every node, solved as one dense linear system, with the
 * current of every ideal wire as a further unknown (modified nodal analysis). It shares nothing with folding
 * but the circuit. What the circuit does not decide comes out as one of many answers and is not to be compared.
 */
public final class NodalAnalysis {
    /** A resistance in ohms between two places, 0 for a wire and infinite for a gap. */
    public record Edge(int from, int to, double ohms) {}

    private final double[] partVoltage;
    private final double[] partCurrent;
    private final double totalCurrent;
    private final LinearSystem system;
    /** What the emf would drive through the smallest resistance. */
    private final double largestCurrent;

    private NodalAnalysis(
            double[] partVoltage,
            double[] partCurrent,
            double totalCurrent,
            LinearSystem system,
            double largestCurrent) {
        this.partVoltage = partVoltage;
        this.partCurrent = partCurrent;
        this.totalCurrent = totalCurrent;
        this.system = system;
        this.largestCurrent = largestCurrent;
    }

    /**
     * Voltages and currents of every part.
     *
     * @throws ArithmeticException if the system is singular, as for a shorted ideal source
     */
    public static NodalAnalysis of(Circuit circuit) {
        Terminals terminals = Terminals.of(circuit);
        Outline outline = circuit.outline();
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            if (outline.node(i) instanceof Part part)
                edges.add(new Edge(terminals.from(i), terminals.to(i), part.resistance()));
        }
        return of(circuit.source(), edges, terminals.count());
    }

    /**
     * Voltages and currents of resistances joined in any way; the source's terminals are places 0 and 1, as in
     * {@link Terminals}.
     *
     * @throws ArithmeticException if the system is singular, as for a shorted ideal source
     */
    public static NodalAnalysis of(Source given, List<Edge> edges, int places) {
        Layout layout = new Layout(edges, places);
        int nodes = layout.nodes;
        double unit = unit(edges);
        // Unknown: potentials of nodes 1 to nodes−1 (0 is the negative terminal), then currents of wires, then of the
        // source.
        List<Integer> wires = layout.spanningWires();
        int unknowns = nodes - 1 + wires.size() + 1;
        DMatrixRMaj a = new DMatrixRMaj(unknowns, unknowns);
        DMatrixRMaj b = new DMatrixRMaj(unknowns, 1);
        for (Edge edge : edges)
            if (edge.ohms() > 0 && edge.ohms() < Double.POSITIVE_INFINITY) stampResistor(a, edge, unit);
        for (int k = 0; k < wires.size(); k++)
            stampBranch(
                    a,
                    nodes - 1 + k,
                    edges.get(wires.get(k)).from(),
                    edges.get(wires.get(k)).to(),
                    0);
        int source = unknowns - 1;
        stampBranch(a, source, Terminals.POSITIVE, Terminals.NEGATIVE, -given.internalResistance() / unit);
        b.set(source, 0, given.emf());
        layout.floatingNodes().forEach(node -> a.add(node - 1, node - 1, 1));
        LinearSystem system = new LinearSystem(a);
        DMatrixRMaj x = system.solve(b);
        for (int row = nodes - 1; row < unknowns; row++) x.set(row, 0, x.get(row, 0) / unit);
        return layout.read(x, wires, -x.get(source, 0), system, given.emf() / smallest(edges));
    }

    private static double smallest(List<Edge> edges) {
        return edges.stream()
                .mapToDouble(Edge::ohms)
                .filter(ohms -> ohms > 0)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** The middle of the resistances, as powers of ten go: in this unit of resistance the system is best balanced. */
    private static double unit(List<Edge> edges) {
        return Math.exp(edges.stream()
                .mapToDouble(Edge::ohms)
                .filter(ohms -> ohms > 0 && ohms < Double.POSITIVE_INFINITY)
                .map(Math::log)
                .average()
                .orElse(0));
    }

    private static void stampResistor(DMatrixRMaj a, Edge edge, double unit) {
        double siemens = unit / edge.ohms();
        add(a, edge.from(), edge.from(), siemens);
        add(a, edge.to(), edge.to(), siemens);
        add(a, edge.from(), edge.to(), -siemens);
        add(a, edge.to(), edge.from(), -siemens);
    }

    private static void add(DMatrixRMaj a, int row, int column, double value) {
        if (row > 0 && column > 0) a.add(row - 1, column - 1, value);
    }

    /** A branch whose current is an unknown: V(from) − V(to) + ohms·I = right side. */
    private static void stampBranch(DMatrixRMaj a, int unknown, int from, int to, double ohms) {
        if (from > 0) {
            a.add(from - 1, unknown, 1);
            a.add(unknown, from - 1, 1);
        }
        if (to > 0) {
            a.add(to - 1, unknown, -1);
            a.add(unknown, to - 1, -1);
        }
        a.add(unknown, unknown, ohms);
    }

    /** Voltage in volts across the part with this place in reading order; NaN across a gap to a piece that is cut off. */
    public double voltage(int part) {
        return partVoltage[part];
    }

    /** Current in amperes through the part with this place in reading order. */
    public double current(int part) {
        return partCurrent[part];
    }

    /** The current the source gives, in amperes. */
    public double totalCurrent() {
        return totalCurrent;
    }

    /**
     * To how much, relative to the emf and the total current, this method can tell the values: as its matrix is
     * conditioned, and as a small resistance makes a current of the rounding of two potentials.
     */
    public double exactTo() {
        if (totalCurrent == 0) return system.exactTo();
        return Math.max(system.exactTo(), LinearSystem.ROUNDING * largestCurrent / Math.abs(totalCurrent));
    }

    /** The circuit as edges between numbered nodes. */
    private static final class Layout {
        final List<Edge> edges;
        final int nodes;

        Layout(List<Edge> edges, int nodes) {
            this.edges = edges;
            this.nodes = nodes;
        }

        /** The ideal wires, without those that only close a loop of wires: their current is not decided. */
        List<Integer> spanningWires() {
            int[] root = roots();
            List<Integer> spanning = new ArrayList<>();
            for (int k = 0; k < edges.size(); k++) {
                Edge edge = edges.get(k);
                if (edge.ohms() == 0 && union(root, edge.from(), edge.to())) spanning.add(k);
            }
            return spanning;
        }

        /** One node of every piece that gaps cut off from the source; it may have any potential. */
        List<Integer> floatingNodes() {
            int[] root = pieces();
            List<Integer> floating = new ArrayList<>();
            for (int node = 0; node < nodes; node++) if (root[node] == node && floats(root, node)) floating.add(node);
            return floating;
        }

        private int[] pieces() {
            int[] root = roots();
            union(root, Terminals.NEGATIVE, Terminals.POSITIVE);
            for (Edge edge : edges) if (edge.ohms() < Double.POSITIVE_INFINITY) union(root, edge.from(), edge.to());
            return root;
        }

        private static boolean floats(int[] root, int node) {
            return find(root, node) != find(root, Terminals.NEGATIVE);
        }

        private int[] roots() {
            int[] root = new int[nodes];
            for (int i = 0; i < nodes; i++) root[i] = i;
            return root;
        }

        private static int find(int[] root, int i) {
            while (root[i] != i) i = root[i] = root[root[i]];
            return i;
        }

        private static boolean union(int[] root, int a, int b) {
            int ra = find(root, a);
            int rb = find(root, b);
            root[ra] = rb;
            return ra != rb;
        }

        NodalAnalysis read(
                DMatrixRMaj x, List<Integer> wires, double totalCurrent, LinearSystem system, double largestCurrent) {
            double[] voltage = new double[edges.size()];
            double[] current = new double[edges.size()];
            int[] root = pieces();
            for (int part = 0; part < edges.size(); part++) {
                Edge edge = edges.get(part);
                voltage[part] = potential(x, edge.from()) - potential(x, edge.to());
                boolean intoThePiece = floats(root, edge.from()) || floats(root, edge.to());
                if (edge.ohms() > 0) current[part] = voltage[part] / edge.ohms();
                if (Double.isInfinite(edge.ohms()) && intoThePiece) voltage[part] = Double.NaN;
            }
            for (int k = 0; k < wires.size(); k++) current[wires.get(k)] = x.get(nodes - 1 + k, 0);
            return new NodalAnalysis(voltage, current, totalCurrent, system, largestCurrent);
        }

        private static double potential(DMatrixRMaj x, int node) {
            return node == Terminals.NEGATIVE ? 0 : x.get(node - 1, 0);
        }
    }
}
