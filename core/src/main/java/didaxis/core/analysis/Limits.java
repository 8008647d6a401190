package didaxis.core.analysis;

import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What ideal parts have where the product of what is common and their share says nothing, 0 times infinity: gaps
 * in a row with no current, wires side by side with no voltage. One such has all that its group has; how several
 * divide it is undecided.
 */
final class Limits {
    private final OperatingPoint point;
    private final Outline outline;
    private final Map<Integer, Double> ofGroups = new HashMap<>();
    private final List<List<String>> sharedCurrents = new ArrayList<>();
    private final List<List<String>> sharedVoltages = new ArrayList<>();

    Limits(OperatingPoint point) {
        this.point = point;
        outline = point.circuit().outline();
    }

    /** Volts of node i in series, amperes in parallel; NaN where undecided. What is outside it must be known. */
    double of(int i) {
        // An undecided current needs no voltage either, since only wires have one; and the dual of that.
        if (Double.isNaN(point.common(i))) return 0;
        return ofGroups.computeIfAbsent(outline.parent(i), group -> ofGroup(group, outline.joinAbove(i)));
    }

    private double ofGroup(int group, Join join) {
        double whole = join == Join.SERIES ? point.voltage(group) : point.current(group);
        int[] dividing = dividing(group);
        if (dividing.length == 1 || whole == 0) return whole;
        (join == Join.SERIES ? sharedVoltages : sharedCurrents).add(idealParts(dividing));
        return Double.NaN;
    }

    private int[] dividing(int group) {
        return Arrays.stream(outline.membersOf(group)).filter(point::takesAll).toArray();
    }

    private List<String> idealParts(int[] nodes) {
        List<String> labels = new ArrayList<>();
        for (int node : nodes) {
            for (Part part : outline.partsOf(node)) {
                boolean ideal = part.resistance() == 0 || Double.isInfinite(part.resistance());
                if (ideal) labels.add(part.label());
            }
        }
        return List.copyOf(labels);
    }

    List<List<String>> sharedCurrents() {
        return List.copyOf(sharedCurrents);
    }

    List<List<String>> sharedVoltages() {
        return List.copyOf(sharedVoltages);
    }
}
