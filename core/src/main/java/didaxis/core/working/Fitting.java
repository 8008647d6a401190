package didaxis.core.working;

import didaxis.core.analysis.Chart;
import didaxis.core.analysis.OperatingPoint;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.ejml.data.DMatrixRMaj;

/**
 * Circuits that fit what is given of one, found by least squares from many starting points (Levenberg and
 * Marquardt's method over the logarithms of the resistances and the emf, so that none is below zero). It
 * knows no laws but the operating point, and so is a second method beside deduction.
 */
final class Fitting {
    /** A circuit whose values are within the slack of all givens. */
    record Fit(Circuit exact, Chart chart, double[] logs) {
        /** The circuit without the noise of the method in its last figures. */
        Circuit circuit() {
            Map<String, Setting> settings = new LinkedHashMap<>();
            for (Part part : exact.parts()) {
                if (part.setting() instanceof Setting.Ohms ohms)
                    settings.put(part.label(), new Setting.Ohms(rounded(ohms.ohms())));
            }
            Source source = exact.source();
            return exact.with(
                    new Source(rounded(source.emf()), rounded(source.internalResistance()), source.voltmeters()),
                    settings);
        }

        private static double rounded(double value) {
            return new BigDecimal(value).round(NOISE_FREE).doubleValue();
        }

        double value(Cell cell) {
            return chart.value(cell).orElse(Double.NaN);
        }
    }

    private static final int STARTS = 40;
    private static final double DECADES = 1.5;
    private static final double FITS = 1e-7;
    private static final MathContext NOISE_FREE = new MathContext(9);
    private static final double DIFFERENT = 1e-4;
    private static final double[] STEPS = {0.05, -0.05, 0.4, -0.4, 1.5, -1.5};
    private static final double BESIDE = 8;

    private final Chart shape;
    private final Circuit circuit;
    private final List<Given> givens;
    private final List<String> parts = new ArrayList<>();
    private final boolean internal;

    Fitting(Chart shape, Collection<Given> givens) {
        this.shape = shape;
        this.circuit = shape.circuit();
        this.givens = givens.stream()
                .filter(given -> shape.value(given.cell()).isPresent())
                .toList();
        for (Part part : circuit.parts()) if (part.setting() instanceof Setting.Ohms) parts.add(part.label());
        this.internal = circuit.source().internalResistance() > 0;
    }

    /** The circuit of these settings, if it has all of them and fits the givens. */
    Optional<Circuit> circuitOf(Map<Cell, Double> values) {
        double[] logs = new double[size()];
        for (int k = 0; k < logs.length; k++) {
            Double value = values.get(setting(k));
            if (value == null || !(value > 0)) return Optional.empty();
            logs[k] = Math.log(value);
        }
        Fit fit = at(logs);
        return fits(fit) ? Optional.of(fit.circuit()) : Optional.empty();
    }

    private int size() {
        return parts.size() + (internal ? 2 : 1);
    }

    /** The cell of the k-th unknown: a part's resistance, the emf, the internal resistance. */
    private Cell setting(int k) {
        if (k < parts.size()) return Law.resistance(Subject.part(parts.get(k)));
        return k == parts.size() ? Law.voltage(Subject.TOTAL) : Law.resistance(Subject.INTERNAL);
    }

    private Fit at(double[] logs) {
        Map<String, Setting> settings = new LinkedHashMap<>();
        for (int k = 0; k < parts.size(); k++) settings.put(parts.get(k), new Setting.Ohms(bounded(logs[k])));
        Source given = circuit.source();
        double r = internal ? bounded(logs[parts.size() + 1]) : 0;
        Circuit trial = circuit.with(new Source(bounded(logs[parts.size()]), r, given.voltmeters()), settings);
        Chart chart = OperatingPoint.of(trial).match(shape::with, shorted -> {
            throw new IllegalStateException("a circuit that had an operating point (" + circuit + ") must keep one");
        });
        return new Fit(trial, chart, logs);
    }

    private static double bounded(double log) {
        return Math.exp(Math.max(-40, Math.min(40, log)));
    }

    private double[] residuals(Fit fit) {
        double[] residuals = new double[givens.size()];
        for (int k = 0; k < residuals.length; k++) {
            Given given = givens.get(k);
            residuals[k] = given.value() == 0
                    ? fit.value(given.cell())
                    : (fit.value(given.cell()) - given.value()) / given.value();
        }
        return residuals;
    }

    private boolean fits(Fit fit) {
        for (Given given : givens) {
            double apart = Math.abs(fit.value(given.cell()) - given.value());
            if (!(apart <= 1.5 * given.slack() + FITS * Math.max(given.value(), 1e-9))) return false;
        }
        return true;
    }

    /** Distinct circuits that fit, the one nearest to the circuit's own values first. */
    List<Fit> fits() {
        Random random = new Random(7);
        List<Fit> found = new ArrayList<>();
        double[] own = new double[size()];
        for (int k = 0; k < own.length; k++)
            own[k] = Math.log(shape.value(setting(k)).orElse(1));
        for (int start = 0; start < STARTS; start++) {
            double[] logs = own.clone();
            for (int k = 0; start > 0 && k < logs.length; k++) {
                logs[k] += Math.log(10) * DECADES * (2 * random.nextDouble() - 1);
            }
            Fit fit = descend(logs);
            if (fits(fit) && found.stream().noneMatch(one -> same(one, fit))) found.add(fit);
            // More of them than anybody would list: there is a whole line of them.
            if (found.size() > 4) return found;
        }
        return found;
    }

    private static boolean same(Fit one, Fit other) {
        return distance(one, other) <= DIFFERENT;
    }

    private static double distance(Fit one, Fit other) {
        double most = 0;
        for (int k = 0; k < one.logs().length; k++) most = Math.max(most, Math.abs(one.logs()[k] - other.logs()[k]));
        return most;
    }

    /**
     * Circuits that fit and have another value in one of the cells, found along what the givens leave free.
     *
     * @param line the first that lies beside the fit, so that there is a whole line of them between the two
     * @param apart those that lie elsewhere: where two solutions fall together nothing is free, though it seems so
     */
    record Others(Optional<Fit> line, List<Fit> apart) {}

    Others others(Fit fit, Set<Cell> cells) {
        List<Fit> apart = new ArrayList<>();
        for (double[] free : FreeDirections.of(jacobian(fit.logs()))) {
            for (double step : STEPS) {
                double[] logs = fit.logs().clone();
                for (int k = 0; k < logs.length; k++) logs[k] += step * free[k];
                Fit other = descend(logs);
                if (!fits(other) || cells.stream().noneMatch(cell -> differs(fit, other, cell))) continue;
                if (distance(fit, other) <= BESIDE * Math.abs(step)) return new Others(Optional.of(other), apart);
                apart.add(other);
            }
        }
        return new Others(Optional.empty(), apart);
    }

    /** All of them, each once. */
    static List<Fit> distinct(List<Fit> some, List<Fit> more) {
        List<Fit> all = new ArrayList<>(some);
        for (Fit fit : more) if (all.stream().noneMatch(one -> same(one, fit))) all.add(fit);
        return all;
    }

    private static boolean differs(Fit one, Fit other, Cell cell) {
        double a = one.value(cell);
        double b = other.value(cell);
        return Math.abs(a - b) > 10 * DIFFERENT * Math.max(Math.abs(a), Math.abs(b));
    }

    private DMatrixRMaj jacobian(double[] logs) {
        double h = 1e-5;
        DMatrixRMaj jacobian = new DMatrixRMaj(givens.size(), logs.length);
        for (int k = 0; k < logs.length; k++) {
            double[] up = logs.clone();
            double[] down = logs.clone();
            up[k] += h;
            down[k] -= h;
            double[] above = residuals(at(up));
            double[] below = residuals(at(down));
            for (int row = 0; row < above.length; row++) jacobian.set(row, k, (above[row] - below[row]) / (2 * h));
        }
        return jacobian;
    }

    /** Goes down to a least sum of squared residuals. */
    private Fit descend(double[] start) {
        Fit best = at(start);
        double[] residuals = residuals(best);
        double cost = squares(residuals);
        double damping = 1e-3;
        for (int round = 0; round < 60 && cost > 1e-26 && damping < 1e10; round++) {
            DMatrixRMaj jacobian = jacobian(best.logs());
            boolean better = false;
            while (!better && damping < 1e10) {
                double[] step = FreeDirections.dampedStep(jacobian, residuals, damping);
                double[] logs = best.logs().clone();
                for (int k = 0; k < logs.length; k++) logs[k] += Math.max(-2, Math.min(2, step[k]));
                Fit next = at(logs);
                double[] then = residuals(next);
                better = squares(then) < cost;
                damping = better ? damping / 8 : damping * 5;
                if (!better) continue;
                boolean stands = cost - squares(then) < 1e-9 * cost;
                best = next;
                residuals = then;
                cost = squares(then);
                if (stands) return best;
            }
        }
        return best;
    }

    private static double squares(double[] values) {
        double sum = 0;
        for (double value : values) sum += value * value;
        return Double.isNaN(sum) ? Double.POSITIVE_INFINITY : sum;
    }
}
