package didaxis.core.analysis;

import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Sharing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What ideal parts have where the product of what is common and their share says nothing, 0 times infinity: gaps
 * in a row with no current, wires side by side with no voltage. One such has all that its group has; how several
 * divide it is undecided.
 */
final class Limits {
    private final OperatingPoint point;
    private final Outline outline;
    private final Sharing sharing;
    private final Map<Integer, List<Integer>> dividing;

    Limits(OperatingPoint point) {
        this.point = point;
        outline = point.circuit().outline();
        sharing = outline.sharing();
        dividing = IntStream.range(0, sharing.leaves() + sharing.groups())
                .filter(row -> row != sharing.leaves() && takesAll(row))
                .boxed()
                .collect(Collectors.groupingBy(sharing::around, TreeMap::new, Collectors.toList()));
    }

    /** Whether a row would take all that its group divides: a gap in series, a wire in parallel. */
    private boolean takesAll(int row) {
        double ohms = point.ohmsOf(row);
        return (point.inSeries(row) ? ohms : 1 / ohms) == Double.POSITIVE_INFINITY;
    }

    /** Volts of a row in series, amperes in parallel; NaN where undecided. What is outside it must be known. */
    double of(int row) {
        // An undecided current needs no voltage either, since only wires have one; and the dual of that.
        if (Double.isNaN(point.commonOf(row))) return 0;
        int group = sharing.around(row);
        return isUndecided(group) ? Double.NaN : divided(group);
    }

    private double divided(int group) {
        int row = sharing.leaves() + group;
        return sharing.seriesInside(group) ? point.voltsOf(row) : point.amperesOf(row);
    }

    private boolean isUndecided(int group) {
        return dividing.getOrDefault(group, List.of()).size() > 1 && divided(group) != 0;
    }

    /** Labels of ideal wires, a list for each group in parallel where they share a current in no decided way. */
    List<List<String>> sharedCurrents() {
        return undecided(false);
    }

    /** Labels of open switches, a list for each group in series where they share a voltage in no decided way. */
    List<List<String>> sharedVoltages() {
        return undecided(true);
    }

    private List<List<String>> undecided(boolean series) {
        return dividing.keySet().stream()
                .filter(group -> sharing.seriesInside(group) == series)
                .filter(group ->
                        !Double.isNaN(point.commonOf(dividing.get(group).get(0))) && isUndecided(group))
                .map(group -> idealParts(dividing.get(group)))
                .toList();
    }

    private List<String> idealParts(List<Integer> rows) {
        List<String> labels = new ArrayList<>();
        for (int row : rows) {
            for (Part part : outline.partsOf(sharing.node(row))) {
                boolean ideal = part.resistance() == 0 || Double.isInfinite(part.resistance());
                if (ideal) labels.add(part.label());
            }
        }
        return List.copyOf(labels);
    }
}
