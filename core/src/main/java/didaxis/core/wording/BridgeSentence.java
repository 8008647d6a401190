package didaxis.core.wording;

import didaxis.core.chart.BridgeChart;
import didaxis.core.notation.BridgedCircuit;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;

/** What is said of a circuit that does not fold. */
public final class BridgeSentence {
    private BridgeSentence() {}

    /** Between which nodes the bridge stands. */
    public static String named(BridgedCircuit bridge) {
        return "This does not fold: it is a bridge between the nodes " + Listed.of(bridge.bridgeNodes())
                + ", neither in series nor in parallel. It was solved with Kirchhoff’s laws instead.";
    }

    /** Why it must not be built. */
    public static String shorted() {
        return "The source of this bridge is shorted: nothing limits its current. A real battery would overheat and may"
                + " burn.";
    }

    /** The powers of the parts against that of the source. */
    public static String check(BridgedCircuit bridge, BridgeChart chart, HouseStyle style) {
        double current = chart.current();
        double parts = chart.rows().stream()
                .mapToDouble(BridgeChart.Row::power)
                .filter(Double::isFinite)
                .sum();
        double internal = current * current * bridge.source().internalResistance();
        double supplied = bridge.source().emf() * current;
        AmountFormat format = style.numbers();
        boolean holds = Math.abs(parts + internal - supplied) <= 1e-9 * supplied;
        return "The source gives " + format.print(Amount.of(current, Quantity.CURRENT)) + " and "
                + format.print(Amount.of(supplied, Quantity.POWER)) + "; parts"
                + (internal > 0 ? " and internal resistance" : "") + " take "
                + format.print(Amount.of(parts + internal, Quantity.POWER))
                + (holds ? "." : ", which is not the same.");
    }
}
