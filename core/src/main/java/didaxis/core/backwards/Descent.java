package didaxis.core.backwards;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.MatrixFeatures_DDRM;

/**
 * The way down to a least sum of squared residuals, by Levenberg and Marquardt's method.
 *
 * @param end where it came to
 * @param settled whether it ended because nothing near comes lower, or hardly
 */
record Descent(double[] end, boolean settled) {
    private static final double LOW_ENOUGH = 1e-26;
    private static final double STANDS = 1e-9;
    private static final double STIFFEST = 1e10;
    private static final double LONGEST = 2;
    private static final int ROUNDS = 400;
    private static final int LATELY = 50;
    private static final double CRAWLS = 0.01;

    static Descent from(double[] start, UnaryOperator<double[]> residuals, Budget budget) {
        double[] at = start;
        double[] here = residuals.apply(at);
        List<Double> costs = new ArrayList<>(List.of(squares(here)));
        double damping = 1e-3;
        while (costs.size() < ROUNDS && last(costs, 0) > LOW_ENOUGH && !budget.spent()) {
            DMatrixRMaj jacobian = jacobian(at, residuals);
            double[] next;
            double[] there;
            do {
                if (damping > STIFFEST) return new Descent(at, true);
                next = sum(at, dampedStep(jacobian, here, damping));
                there = residuals.apply(next);
                damping *= 5;
            } while (!(squares(there) < last(costs, 0)));
            damping /= 40;
            at = next;
            here = there;
            costs.add(squares(here));
            if (last(costs, 1) - last(costs, 0) < STANDS * last(costs, 1)) return new Descent(at, true);
        }
        boolean crawls = costs.size() > LATELY && last(costs, LATELY) - last(costs, 0) < CRAWLS * last(costs, 0);
        return new Descent(at, crawls);
    }

    private static double last(List<Double> costs, int back) {
        return costs.get(costs.size() - 1 - back);
    }

    private static double[] sum(double[] at, double[] step) {
        double[] sum = at.clone();
        for (int k = 0; k < sum.length; k++) sum[k] += Math.max(-LONGEST, Math.min(LONGEST, step[k]));
        return sum;
    }

    /** The residuals' derivatives, by central differences; a row a residual. */
    static DMatrixRMaj jacobian(double[] at, UnaryOperator<double[]> residuals) {
        double h = 1e-5;
        DMatrixRMaj jacobian = new DMatrixRMaj(residuals.apply(at).length, at.length);
        for (int k = 0; k < at.length; k++) {
            double[] up = at.clone();
            double[] down = at.clone();
            up[k] += h;
            down[k] -= h;
            double[] above = residuals.apply(up);
            double[] below = residuals.apply(down);
            for (int row = 0; row < above.length; row++) jacobian.set(row, k, (above[row] - below[row]) / (2 * h));
        }
        return jacobian;
    }

    /** (JᵀJ + damping·(diag JᵀJ + 1e-9))·step = −Jᵀ·residuals. */
    private static double[] dampedStep(DMatrixRMaj jacobian, double[] residuals, double damping) {
        int n = jacobian.numCols;
        DMatrixRMaj normal = new DMatrixRMaj(n, n);
        CommonOps_DDRM.multInner(jacobian, normal);
        for (int k = 0; k < n; k++) normal.add(k, k, damping * (normal.get(k, k) + 1e-9));
        DMatrixRMaj right = new DMatrixRMaj(n, 1);
        CommonOps_DDRM.multTransA(-1, jacobian, new DMatrixRMaj(residuals.length, 1, true, residuals), right);
        DMatrixRMaj step = new DMatrixRMaj(n, 1);
        boolean solved = CommonOps_DDRM.solve(normal, right, step) && !MatrixFeatures_DDRM.hasUncountable(step);
        return solved ? step.getData() : new double[n];
    }

    private static double squares(double[] values) {
        double sum = 0;
        for (double value : values) sum += value * value;
        return Double.isNaN(sum) ? Double.POSITIVE_INFINITY : sum;
    }
}
