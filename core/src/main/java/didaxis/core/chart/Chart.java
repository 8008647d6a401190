package didaxis.core.chart;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import java.util.List;
import java.util.OptionalDouble;

/** The operating point as a table: for every subject its resistance, voltage, current and power, where they exist. */
public final class Chart {
    private static final double ALIKE = 1e-9;

    /** Why a row looks as it does. */
    public enum Condition {
        NORMAL,
        /** Nothing flows: it is an open switch, or lies in series with one. */
        NO_CURRENT,
        /** No voltage: an ideal wire lies across it. */
        BYPASSED,
        /** Ideal wires share a current, or open switches a voltage, in no decided way. */
        UNDECIDED
    }

    private final OperatingPoint point;
    private final Subjects subjects;
    private final Running running;
    /** Worked out when a potential is first asked for. */
    private double[] potentialBefore;

    private Chart(OperatingPoint point, Subjects subjects, Running running) {
        this.point = point;
        this.subjects = subjects;
        this.running = running;
    }

    public static Chart of(OperatingPoint point) {
        return new Chart(point, Subjects.of(point.circuit()), Running.NONE);
    }

    /** The same rows with the operating point of a circuit that is connected alike and differs in values only. */
    public Chart with(OperatingPoint other) {
        return new Chart(other, subjects, running);
    }

    /** The same with things that run for a time. */
    public Chart with(Running some) {
        return new Chart(point, subjects, some);
    }

    public Running running() {
        return running;
    }

    public Circuit circuit() {
        return point.circuit();
    }

    public Subjects subjects() {
        return subjects;
    }

    public OperatingPoint point() {
        return point;
    }

    /** The rows in their order. */
    public List<Subject> rows() {
        return subjects.rows();
    }

    /** A cell's true value in SI; empty where it does not exist or is not decided. */
    public OptionalDouble value(Cell cell) {
        double value = rawValue(cell);
        return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    /** Whether two values are the same but for what doubles lose. */
    public static boolean alike(double one, double other) {
        return one == other || Math.abs(one - other) <= ALIKE * Math.max(Math.abs(one), Math.abs(other));
    }

    /** Whether two cells have the same value; not where one has none. */
    public boolean alike(Cell one, Cell other) {
        OptionalDouble value = value(one);
        OptionalDouble beside = value(other);
        return value.isPresent() && beside.isPresent() && alike(value.getAsDouble(), beside.getAsDouble());
    }

    /** A cell's value in SI as a limit: infinite for the resistance of an open way; NaN where it is not decided. */
    public double limit(Cell cell) {
        return rawValue(cell);
    }

    private double rawValue(Cell cell) {
        if (!subjects.has(cell.subject())) return Double.NaN;
        double time = running.of(cell.subject());
        return switch (cell.quantity()) {
            case TIME -> time;
            case CHARGE -> ofCircuit(Cell.current(cell.subject())) * time;
            case ENERGY -> ofCircuit(Cell.power(cell.subject())) * time;
            case COST ->
                ofCircuit(Cell.power(cell.subject())) * time / Running.JOULES_A_KILOWATT_HOUR * running.tariff();
            default -> ofCircuit(cell);
        };
    }

    private double ofCircuit(Cell cell) {
        int node = subjects.nodeOf(cell.subject());
        double r = point.source().internalResistance();
        double i = point.totalCurrent();
        return switch (cell.subject().kind()) {
            case TOTAL ->
                ofSource(
                        cell.quantity(), point.resistance(0) + r, point.source().emf(), i);
            case INTERNAL -> ofSource(cell.quantity(), r, i * r, i);
            case PART, GROUP, EXTERNAL -> ofNode(cell.quantity(), node);
            case VOLTMETER -> cell.quantity() == Quantity.VOLTAGE ? point.voltage(node) : Double.NaN;
            case POINT ->
                switch (cell.quantity()) {
                    case POTENTIAL -> potential(node);
                    case CURRENT -> point.current(node);
                    default -> Double.NaN;
                };
        };
    }

    private double potential(int node) {
        if (potentialBefore == null) potentialBefore = point.potentials()[0];
        return potentialBefore[node];
    }

    private static double ofSource(Quantity quantity, double resistance, double voltage, double current) {
        return switch (quantity) {
            case RESISTANCE -> resistance;
            case VOLTAGE -> voltage;
            case CURRENT -> current;
            case POWER -> voltage * current;
            default -> Double.NaN;
        };
    }

    private double ofNode(Quantity quantity, int node) {
        return switch (quantity) {
            case RESISTANCE -> point.resistance(node);
            case VOLTAGE -> point.voltage(node);
            case CURRENT -> point.current(node);
            case POWER -> point.power(node);
            default -> Double.NaN;
        };
    }

    /** Why the row of a subject looks as it does. */
    public Condition condition(Subject subject) {
        if (subject.kind() == Subject.Kind.TOTAL || subject.kind() == Subject.Kind.INTERNAL) {
            return point.totalCurrent() == 0 ? Condition.NO_CURRENT : Condition.NORMAL;
        }
        int node = subjects.nodeOf(subject);
        if (Double.isNaN(point.voltage(node)) || Double.isNaN(point.current(node))) return Condition.UNDECIDED;
        if (point.current(node) != 0) return Condition.NORMAL;
        boolean bypassed = point.voltage(node) == 0 && bypassed(node);
        return bypassed ? Condition.BYPASSED : Condition.NO_CURRENT;
    }

    /** Whether an ideal wire lies across a node of the outline, or across something that holds it. */
    public boolean bypassed(int node) {
        for (int i = node; i >= 0; i = circuit().outline().parent(i)) {
            if (i != node && point.resistance(i) == 0) return true;
        }
        return false;
    }
}
