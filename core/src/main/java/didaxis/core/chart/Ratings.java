package didaxis.core.chart;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What the parts of a circuit are rated for against what they get, and the highest supply that none of them
 * is over its rating at. Voltages and currents rise as the emf does, powers as its square.
 *
 * @param loads every rating of every part, in reading order
 * @param emf the emf they are judged at, in volts
 */
public record Ratings(List<Load> loads, double emf) {
    private static final double SLACK = 1e-9;

    /**
     * One rating and what the part gets of it.
     *
     * @param actual in the SI unit of the limit
     */
    public record Load(Part part, Amount limit, double actual) {
        /** Whether the part gets more than it is made for; exactly as much is no more. */
        public boolean over() {
            return actual > limit.si() * (1 + SLACK);
        }

        /** How many times the emf may be as high; infinite where the part gets nothing. */
        double room() {
            double ratio = limit.si() / actual;
            return limit.quantity() == Quantity.POWER ? Math.sqrt(ratio) : ratio;
        }
    }

    /** The ratings of a charted circuit; a fuse is rated for the current at which it opens. */
    public static Ratings of(Chart chart) {
        List<Load> loads = new ArrayList<>();
        for (Part part : chart.circuit().parts()) {
            if (part.setting() instanceof Setting.Amperes fuse)
                add(loads, chart, part, Amount.of(fuse.amperes(), Quantity.CURRENT));
            part.rating().limits().forEach(limit -> add(loads, chart, part, limit));
        }
        return new Ratings(List.copyOf(loads), chart.circuit().source().emf());
    }

    private static void add(List<Load> loads, Chart chart, Part part, Amount limit) {
        chart.value(Cell.of(Subject.part(part.label()), limit.quantity()))
                .ifPresent(actual -> loads.add(new Load(part, limit, actual)));
    }

    /** The loads that are over. */
    public List<Load> over() {
        return loads.stream().filter(Load::over).toList();
    }

    /** The load that reaches its limit first as the emf rises; empty where no rated part gets anything. */
    public Optional<Load> first() {
        return loads.stream().filter(load -> load.actual() > 0).min(Comparator.comparingDouble(Load::room));
    }

    /** The highest emf in volts at which nothing is over its rating; infinite where nothing limits it. */
    public double highestSafeEmf() {
        return first().map(load -> emf * load.room()).orElse(Double.POSITIVE_INFINITY);
    }
}
