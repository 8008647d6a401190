package didaxis.core.chart;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Terminals;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.solving.OperatingPoint;
import java.util.ArrayList;
import java.util.List;

/**
 * One line at the chart's foot: numbers that must add up, and whether they do.
 *
 * @param kind which law is checked
 * @param place the junction's name; empty for the others
 * @param terms the numbers that are added, in V, A or W; for the second method none
 * @param sum what they must add up to; for the second method the largest relative difference found
 */
public record Check(Kind kind, String place, List<Double> terms, double sum, boolean holds) {
    /** What is checked. */
    public enum Kind {
        LOOP,
        JUNCTION,
        POWER,
        SECOND_METHOD
    }

    private static final double CLOSE = 1e-9;

    public Check {
        terms = List.copyOf(terms);
    }

    /**
     * Loop voltages, junction currents, power balance, and agreement with nodal analysis in every part. The
     * last solves a dense system, cubic in the circuit's size.
     */
    public static List<Check> all(Chart chart) {
        OperatingPoint point = chart.point();
        List<Check> checks = new ArrayList<>();
        loops(point, checks);
        junctions(point, checks);
        checks.add(power(point));
        NodalAnalysis nodal = NodalAnalysis.of(point.circuit());
        double apart = disagreement(point, nodal);
        boolean agrees = apart <= Math.max(CLOSE, nodal.exactTo());
        checks.add(new Check(Kind.SECOND_METHOD, "", List.of(), apart, agrees));
        return checks;
    }

    private static void loops(OperatingPoint point, List<Check> checks) {
        Circuit circuit = point.circuit();
        Outline outline = circuit.outline();
        for (int i = 0; i < outline.size(); i++) {
            boolean whole = i == 0;
            List<Double> terms = new ArrayList<>();
            if (outline.node(i) instanceof Series) {
                for (int m : outline.membersOf(i)) if (point.resistance(m) != 0) terms.add(point.voltage(m));
            } else if (whole) terms.add(point.voltage(0));
            if (whole && circuit.source().internalResistance() > 0) {
                terms.add(0, point.totalCurrent() * circuit.source().internalResistance());
            }
            double sum = whole ? circuit.source().emf() : point.voltage(i);
            if (terms.size() > 1 && decided(terms, sum)) checks.add(adding(Kind.LOOP, "", terms, sum));
        }
    }

    private static void junctions(OperatingPoint point, List<Check> checks) {
        Outline outline = point.circuit().outline();
        Terminals terminals = Terminals.of(point.circuit());
        for (int i = 0; i < outline.size(); i++) {
            if (!(outline.node(i) instanceof Parallel)) continue;
            List<Double> terms = new ArrayList<>();
            for (int m : outline.membersOf(i)) terms.add(point.current(m));
            String name = terminals.junction(terminals.from(i)).orElse("");
            if (decided(terms, point.current(i))) checks.add(adding(Kind.JUNCTION, name, terms, point.current(i)));
        }
    }

    private static Check power(OperatingPoint point) {
        Outline outline = point.circuit().outline();
        List<Double> terms = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            boolean turnsToHeat = outline.end(i) == i + 1 && point.resistance(i) > 0 && point.current(i) != 0;
            if (turnsToHeat) terms.add(point.current(i) * point.current(i) * point.resistance(i));
        }
        double i = point.totalCurrent();
        double r = point.circuit().source().internalResistance();
        if (r > 0 && i != 0) terms.add(0, i * i * r);
        return adding(Kind.POWER, "", terms, point.circuit().source().emf() * i);
    }

    private static boolean decided(List<Double> terms, double sum) {
        return Double.isFinite(sum) && terms.stream().allMatch(Double::isFinite);
    }

    private static Check adding(Kind kind, String place, List<Double> terms, double sum) {
        double found = terms.stream().mapToDouble(Double::doubleValue).sum();
        return new Check(
                kind, place, terms, sum, Math.abs(found - sum) <= CLOSE * Math.max(Math.abs(sum), Math.abs(found)));
    }

    /** The largest difference of any part's voltage and current between the two methods, relative to the emf and the total current. */
    private static double disagreement(OperatingPoint point, NodalAnalysis nodal) {
        Outline outline = point.circuit().outline();
        double emf = point.circuit().source().emf();
        double amperes = scaleOfCurrents(point);
        double worst = relative(point.totalCurrent(), nodal.totalCurrent(), amperes);
        int part = 0;
        for (int i = 0; i < outline.size(); i++) {
            if (outline.partsOf(i).size() != 1 || outline.end(i) != i + 1) continue;
            double voltage = point.voltage(i);
            double current = point.current(i);
            if (Double.isFinite(voltage) && Double.isFinite(nodal.voltage(part)))
                worst = Math.max(worst, relative(voltage, nodal.voltage(part), emf));
            if (Double.isFinite(current)) worst = Math.max(worst, relative(current, nodal.current(part), amperes));
            part++;
        }
        return worst;
    }

    /** What a difference of currents is measured against: the total current, or what would flow if the way were not open. */
    private static double scaleOfCurrents(OperatingPoint point) {
        if (point.totalCurrent() != 0) return point.totalCurrent();
        double ohms = 1;
        for (int i = 0; i < point.circuit().outline().size(); i++) {
            if (Double.isFinite(point.resistance(i))) ohms = Math.max(ohms, point.resistance(i));
        }
        return point.circuit().source().emf() / ohms;
    }

    private static double relative(double a, double b, double scale) {
        return Math.abs(a - b) / scale;
    }
}
