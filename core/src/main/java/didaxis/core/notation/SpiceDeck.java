package didaxis.core.notation;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Terminals;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * A circuit as a deck for circuit simulators that read the SPICE form: resistors R and voltage sources V between
 * numbered nodes, and its operating point asked for. Node 0 is the negative terminal. An ideal wire is a source of 0 V,
 * so that the current through it is told; a gap is a resistor of 1 TΩ; where wires lie side by side, all but the first
 * are resistors of 1 μΩ, since a loop of sources has no solution.
 */
public final class SpiceDeck {
    private static final String GAP = "1e12";
    private static final String WIRE_BESIDE = "1e-6";

    private final Circuit circuit;
    private final Outline outline;
    private final Terminals terminals;
    private final List<String> lines = new ArrayList<>();
    /** Which nodes wires have made one, each by the least of them. */
    private final int[] wired;

    private SpiceDeck(Circuit circuit) {
        this.circuit = circuit;
        outline = circuit.outline();
        terminals = Terminals.of(circuit);
        wired = new int[terminals.count()];
        for (int place = 0; place < wired.length; place++) wired[place] = place;
    }

    /** The deck, its first line a title as the form wants it. */
    public static String print(Circuit circuit) {
        return String.join("\n", new SpiceDeck(circuit).written()) + "\n";
    }

    private List<String> written() {
        lines.add("* " + Notation.print(circuit));
        source();
        for (int i = 0; i < outline.size(); i++) {
            Network node = outline.node(i);
            if (node instanceof Part part) part(part, terminals.from(i), terminals.to(i));
            if (node instanceof Metered metered)
                lines.add("* " + metered.voltmeter() + " reads v(" + terminals.from(i) + ") - v(" + terminals.to(i)
                        + ")");
        }
        lines.add(".op");
        lines.add(".end");
        return lines;
    }

    private void source() {
        double r = circuit.source().internalResistance();
        String plus = r > 0 ? "emf" : String.valueOf(Terminals.POSITIVE);
        lines.add("VE " + plus + " " + Terminals.NEGATIVE + " "
                + number(circuit.source().emf()));
        if (r > 0) lines.add("RE emf " + Terminals.POSITIVE + " " + number(r));
    }

    private void part(Part part, int from, int to) {
        String label = part.label();
        double ohms = part.resistance();
        String between = " " + from + " " + to + " ";
        // The first letter is the kind: R1 is one already, a lamp L1 would be a coil.
        String resistor = part.kind() == PartKind.RESISTOR ? label : "R" + label;
        if (Double.isInfinite(ohms)) lines.add(resistor + between + GAP);
        else if (ohms > 0) lines.add(resistor + between + number(ohms));
        else if (joins(from, to)) lines.add("V" + label + between + "0");
        else lines.add(resistor + between + WIRE_BESIDE);
    }

    /** Makes the two places one; false if wires have done so before. */
    private boolean joins(int from, int to) {
        int one = wired[from];
        int other = wired[to];
        for (int place = 0; place < wired.length; place++) if (wired[place] == other) wired[place] = one;
        return one != other;
    }

    private static String number(double si) {
        return BigDecimal.valueOf(si).stripTrailingZeros().toString();
    }
}
