package didaxis.core.backwards;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.working.Budget;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * Circuits that fit what is given of one, by least squares over the logarithms of the resistances and the emf, so
 * that none is below zero. It knows no laws but the operating point, and so is a second method beside deduction.
 */
final class Fitting {
    private static final double LEAST = 1e-200;
    private static final double ROOM = 1e-6;
    private static final double LIGHTEST = 1e-3;
    private static final double FITS = 1e-7;
    private static final double EXACT = 1e-9;
    private static final int FEWEST_FIGURES = 3;
    /** The method's own noise lies behind these. */
    private static final int MOST_FIGURES = 9;

    private final Chart shape;
    private final Circuit circuit;
    private final List<Given> givens;
    private final List<String> parts = new ArrayList<>();
    /** Where in reading order the parts stand that have a resistance to be found. */
    private final int[] places;
    /** The circuit's own resistances, of which those of ideal parts stay. */
    private final double[] ideal;

    private final boolean internal;
    private final Budget budget;
    /** The more exactly a given was read, the more it counts. */
    private final double[] weights;

    Fitting(Chart shape, Collection<Given> givens, Budget budget) {
        this.shape = shape;
        this.budget = budget;
        this.circuit = shape.circuit();
        this.givens = givens.stream()
                .filter(given -> shape.value(given.cell()).isPresent())
                .toList();
        places = IntStream.range(0, circuit.parts().size())
                .filter(k -> circuit.parts().get(k).setting() instanceof Setting.Ohms ohms && ohms.ohms() > 0)
                .toArray();
        for (int place : places) parts.add(circuit.parts().get(place).label());
        ideal = circuit.parts().stream().mapToDouble(Part::resistance).toArray();
        this.internal = circuit.source().internalResistance() > 0;
        double[] rooms = this.givens.stream().mapToDouble(Fitting::room).toArray();
        double least = Arrays.stream(rooms).min().orElse(1);
        weights = Arrays.stream(rooms)
                .map(room -> Math.max(LIGHTEST, least / room))
                .toArray();
    }

    /** How far a given may be off, as a part of it. */
    private static double room(Given given) {
        return given.value() == 0 ? ROOM : Math.max(ROOM, given.slack() / given.value());
    }

    /**
     * The circuit of these settings if it has all of them and fits the givens, else the one near it that does.
     *
     * @param inexact whether the settings are only near the true ones
     */
    Optional<Fit> near(Map<Cell, Double> values, boolean inexact) {
        if (!IntStream.range(0, size()).allMatch(k -> follows(k, values))) return Optional.empty();
        double[] logs = logs(values);
        Fit own = at(logs, true);
        return Optional.of(inexact || !fits(own) ? descend(logs) : own).filter(this::fits);
    }

    /** The logarithms of the settings to begin from: what follows from the givens, else the circuit's own. */
    double[] logs(Map<Cell, Double> known) {
        double[] logs = new double[size()];
        for (int k = 0; k < logs.length; k++)
            logs[k] = Math.log(
                    follows(k, known)
                            ? known.get(setting(k))
                            : shape.value(setting(k)).orElse(1));
        return logs;
    }

    /**
     * The same settings with every resistance so many times larger, and the emf, that the values come to the size of
     * the givens, by least squares over the two factors' logarithms.
     */
    double[] scaled(double[] logs) {
        double[] residuals = residuals(logs);
        DMatrixRMaj exponents = new DMatrixRMaj(givens.size() + 2, 2);
        DMatrixRMaj less = new DMatrixRMaj(givens.size() + 2, 1);
        for (int k = 0; k < givens.size(); k++) {
            Quantity quantity = givens.get(k).cell().quantity();
            exponents.set(k, 0, weights[k] * voltsIn(quantity));
            exponents.set(k, 1, weights[k] * ohmsIn(quantity));
            less.set(k, 0, givens.get(k).value() == 0 ? 0 : -residuals[k]);
        }
        // A factor of which nothing is said stays 1.
        for (int factor = 0; factor < 2; factor++) exponents.set(givens.size() + factor, factor, 1e-3);
        DMatrixRMaj factors = new DMatrixRMaj(2, 1);
        if (!CommonOps_DDRM.solve(exponents, less, factors)) return logs;
        double[] scaled = logs.clone();
        for (int k = 0; k < scaled.length; k++) scaled[k] += factors.get(k == parts.size() ? 0 : 1, 0);
        return scaled;
    }

    private static int voltsIn(Quantity quantity) {
        return switch (quantity) {
            case RESISTANCE -> 0;
            case VOLTAGE, CURRENT, POTENTIAL -> 1;
            case POWER, ENERGY, COST -> 2;
            case CHARGE -> 1;
            case TIME -> 0;
        };
    }

    private static int ohmsIn(Quantity quantity) {
        return switch (quantity) {
            case RESISTANCE -> 1;
            case VOLTAGE, POTENTIAL, TIME -> 0;
            case CURRENT, POWER, CHARGE, ENERGY, COST -> -1;
        };
    }

    /** Whether the k-th setting is known, other than to be ideal. */
    boolean follows(int k, Map<Cell, Double> known) {
        return known.getOrDefault(setting(k), 0.0) > 0;
    }

    /** What may still be spent on it. */
    Budget budget() {
        return budget;
    }

    /** How many settings there are. */
    int size() {
        return parts.size() + (internal ? 2 : 1);
    }

    /** The cell of the k-th unknown: a part's resistance, the emf, the internal resistance. */
    private Cell setting(int k) {
        if (k < parts.size()) return Cell.resistance(Subject.part(parts.get(k)));
        return k == parts.size() ? Cell.voltage(Subject.TOTAL) : Cell.resistance(Subject.INTERNAL);
    }

    /** The circuit that comes nearest to the givens, downhill from the logarithms of its settings. */
    Fit descend(double[] logs) {
        Descent descent = Descent.from(logs, this::residuals, budget);
        return at(descent.end(), descent.settled());
    }

    /** How the residuals change with the logarithms of the settings: a row a given. */
    DMatrixRMaj jacobian(Fit fit) {
        double[][] rows = Descent.jacobian(fit.logs(), this::residuals);
        return rows.length == 0 ? new DMatrixRMaj(0, size()) : new DMatrixRMaj(rows);
    }

    private Fit at(double[] logs, boolean settled) {
        double[] ohms = ideal.clone();
        for (int k = 0; k < places.length; k++) ohms[places[k]] = bounded(logs[k]);
        double r = internal ? bounded(logs[parts.size() + 1]) : 0;
        Source source =
                new Source(bounded(logs[parts.size()]), r, circuit.source().voltmeters());
        return new Fit(circuit, source, ohms, chart(source, ohms), logs, settled);
    }

    private Chart chart(Source source, double[] ohms) {
        budget.spend(ohms.length);
        return OperatingPoint.of(circuit, source, ohms).match(shape::with, shorted -> {
            throw new IllegalStateException(
                    "a circuit that had an operating point (" + Notation.print(circuit) + ") must keep one");
        });
    }

    private static double bounded(double log) {
        return Math.exp(Math.max(-40, Math.min(40, log)));
    }

    private double[] residuals(double[] logs) {
        Fit fit = at(logs, false);
        double[] residuals = new double[givens.size()];
        for (int k = 0; k < residuals.length; k++) {
            Given given = givens.get(k);
            double value = fit.value(given.cell());
            // How many times too large or small: as steep far away as near by.
            double apart = given.value() == 0 ? value : Math.log(Math.max(value, LEAST) / given.value());
            residuals[k] = weights[k] * apart;
        }
        return residuals;
    }

    /** Whether the circuit has all that is given, within its slack. */
    boolean fits(Fit fit) {
        for (Given given : givens) {
            double apart = Math.abs(fit.value(given.cell()) - given.value());
            if (!(apart <= 1.5 * given.slack() + FITS * Math.max(given.value(), 1e-9))) return false;
        }
        return true;
    }

    private boolean hasWithinReading(Circuit trial) {
        Chart chart = chart(
                trial.source(),
                trial.parts().stream().mapToDouble(Part::resistance).toArray());
        return givens.stream()
                .allMatch(given -> Math.abs(chart.value(given.cell()).orElse(Double.NaN) - given.value())
                        <= given.slack() + EXACT * given.value());
    }

    /** The circuit of a fit, in as few figures as still have all that was read. */
    Circuit circuit(Fit fit) {
        boolean read = givens.stream().anyMatch(given -> given.slack() > 0);
        for (int figures = FEWEST_FIGURES; read && figures < MOST_FIGURES; figures++) {
            Circuit rounded = fit.rounded(figures);
            if (hasWithinReading(rounded)) return rounded;
        }
        return fit.rounded(MOST_FIGURES);
    }

    /** Whether the circuit halfway between two has all that is given. */
    boolean fitsBetween(Fit one, Fit other) {
        double[] logs = new double[size()];
        for (int k = 0; k < logs.length; k++) logs[k] = (one.logs()[k] + other.logs()[k]) / 2;
        return fits(at(logs, true));
    }
}
