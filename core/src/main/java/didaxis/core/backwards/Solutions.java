package didaxis.core.backwards;

import didaxis.core.circuit.Cell;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Looks for all circuits that fit what is given, from many starting points and along what the givens leave free. */
final class Solutions {
    /** More of them than anybody would list: there is a whole line of them. */
    private static final int LINE = 5;

    private static final int STARTS = 40;
    /** Where the work is cut short, so many searches that ended without a fit are taken as proof that there is none. */
    private static final int PROVE = 8;

    private static final double DECADES = 2;
    private static final double[] DECADES_ASIDE = {-6, -4, -2, -1, 1, 2, 4, 6};
    private static final double[] STEPS = {0.05, -0.05, 0.4, -0.4, 1.5, -1.5};
    private static final double BESIDE = 8;

    private final Fitting fitting;
    private final int enough;
    private final Random random = new Random(7);
    private final List<Fit> found = new ArrayList<>();
    private boolean exhausted = true;
    private int ended = 0;

    private Solutions(Fitting fitting, int enough) {
        this.fitting = fitting;
        this.enough = enough;
    }

    /**
     * Searches from the circuit's own values brought to the givens' size, from many around them and from many around
     * the first that fits.
     *
     * @param known what follows from the givens, and is so in every circuit that fits: there the search begins
     */
    static Solutions of(Fitting fitting, Map<Cell, Double> known) {
        Solutions solutions = new Solutions(fitting, LINE);
        boolean[] free = free(fitting, known);
        solutions.seekFirst(fitting.scaled(fitting.logs(known)), free);
        if (!solutions.found.isEmpty()) {
            // Another may lie decades away: a load behind a resistance takes the same power at two values.
            double[] first = solutions.found.get(0).logs();
            solutions.seekAround(first, free, 2 * DECADES);
            solutions.seekAside(first, free);
        }
        return solutions;
    }

    /** Whether every search ends where nothing comes nearer, and none of them fits. */
    static boolean noneFits(Fitting fitting, Map<Cell, Double> known) {
        Solutions solutions = new Solutions(fitting, 1);
        solutions.seekFirst(fitting.scaled(fitting.logs(known)), free(fitting, known));
        return solutions.noneFits() && !fitting.budget().spent();
    }

    /** Whether the searches that were made leave none that could fit. */
    boolean noneFits() {
        return found.isEmpty() && exhausted && ended >= PROVE;
    }

    private static boolean[] free(Fitting fitting, Map<Cell, Double> known) {
        boolean[] free = new boolean[fitting.size()];
        for (int k = 0; k < free.length; k++) free[k] = !fitting.follows(k, known);
        return free;
    }

    /** Distinct circuits that fit, the one nearest to the circuit's own values first. */
    List<Fit> found() {
        return List.copyOf(found);
    }

    private void seekFirst(double[] own, boolean[] free) {
        seek(own);
        seekAround(own, free, DECADES);
        if (found.isEmpty()) seekAround(own, free, 2 * DECADES);
    }

    private void seek(double[] logs) {
        if (found.size() >= enough || fitting.budget().spent()) return;
        Fit end = fitting.descend(logs);
        if (!end.settled() && fitting.budget().spent()) return;
        exhausted &= end.settled();
        ended++;
        if (fitting.fits(end)) add(end);
    }

    private void add(Fit fit) {
        // Readings leave room: what lies between two circuits that are one within it fits as well.
        if (found.stream().noneMatch(one -> one.isSame(fit) || fitting.fitsBetween(one, fit))) found.add(fit);
    }

    private void seekAround(double[] centre, boolean[] free, double decades) {
        for (int start = 1; start < STARTS; start++) {
            double[] logs = centre.clone();
            for (int k = 0; k < logs.length; k++)
                if (free[k]) logs[k] += decades * Math.log(10) * (2 * random.nextDouble() - 1);
            seek(logs);
        }
    }

    private void seekAside(double[] centre, boolean[] free) {
        for (int k = 0; k < centre.length; k++) {
            if (!free[k]) continue;
            for (double decades : DECADES_ASIDE) {
                double[] logs = centre.clone();
                logs[k] += decades * Math.log(10);
                seek(logs);
            }
        }
    }

    /**
     * A circuit that fits too, has another value in one of the cells and lies beside the first found along what the
     * givens leave free: there is a whole line of them between the two. One that lies elsewhere is added to the found:
     * where two solutions fall together nothing is free, though it seems so.
     */
    Optional<Fit> alongside(Set<Cell> cells) {
        Fit first = found.get(0);
        for (double[] free : FreeDirections.of(fitting.jacobian(first))) {
            for (double step : STEPS) {
                double[] logs = first.logs().clone();
                for (int k = 0; k < logs.length; k++) logs[k] += step * free[k];
                if (fitting.budget().spent()) return Optional.empty();
                Fit other = fitting.descend(logs);
                if (!fitting.fits(other) || cells.stream().noneMatch(cell -> first.differs(other, cell))) continue;
                if (first.distance(other) <= BESIDE * Math.abs(step)) return Optional.of(other);
                add(other);
            }
        }
        return Optional.empty();
    }
}
