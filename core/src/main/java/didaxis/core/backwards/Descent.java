package didaxis.core.backwards;

import didaxis.core.working.Budget;
import java.util.function.UnaryOperator;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresProblem;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * The way down to a least sum of squared residuals, by Levenberg and Marquardt's method.
 *
 * @param end where it came to
 * @param settled whether it ended because nothing near comes lower, or hardly
 */
record Descent(double[] end, boolean settled) {
    private static final int MOST_EVALUATIONS = 400;
    private static final double STANDS = 1e-14;
    /** In logarithms, so at most about seven times larger or smaller. */
    private static final double FARTHEST = 2;

    /** Thrown when the work there is for it is done, with nothing to say but where it was. */
    private static final class Spent extends RuntimeException {
        Spent() {
            super(null, null, false, false);
        }
    }

    static Descent from(double[] start, UnaryOperator<double[]> residuals, Budget budget) {
        int count = residuals.apply(start).length;
        if (count == 0) return new Descent(start, true);
        Valley valley = new Valley(start, residuals, budget);
        LeastSquaresProblem problem = new LeastSquaresBuilder()
                .start(start)
                .model(valley)
                .target(new double[count])
                .parameterValidator(valley::near)
                .maxEvaluations(MOST_EVALUATIONS)
                .maxIterations(MOST_EVALUATIONS)
                .build();
        try {
            new LevenbergMarquardtOptimizer()
                    .withCostRelativeTolerance(STANDS)
                    .withParameterRelativeTolerance(STANDS)
                    .withOrthoTolerance(STANDS)
                    .optimize(problem);
            return new Descent(valley.lowest, true);
        } catch (MathIllegalStateException | Spent unfinished) {
            return new Descent(valley.lowest, valley.least <= Valley.LOW_ENOUGH);
        }
    }

    /** The residuals as a function of the place; it remembers the lowest place that was looked at. */
    private static final class Valley implements MultivariateJacobianFunction {
        private static final double LOW_ENOUGH = 1e-26;
        private final UnaryOperator<double[]> residuals;
        private final Budget budget;
        private double[] lowest;
        private double least = Double.POSITIVE_INFINITY;

        Valley(double[] start, UnaryOperator<double[]> residuals, Budget budget) {
            this.lowest = start;
            this.residuals = residuals;
            this.budget = budget;
        }

        /** No farther from the lowest place than one may look: what lies beyond is another valley. */
        RealVector near(RealVector point) {
            double[] at = point.toArray();
            for (int k = 0; k < at.length; k++)
                at[k] = Math.max(lowest[k] - FARTHEST, Math.min(lowest[k] + FARTHEST, at[k]));
            return new ArrayRealVector(at, false);
        }

        @Override
        public Pair<RealVector, RealMatrix> value(RealVector point) {
            if (budget.spent()) throw new Spent();
            double[] at = point.toArray();
            double[] here = residuals.apply(at);
            double sum = 0;
            for (double value : here) sum += value * value;
            if (sum < least) {
                least = sum;
                lowest = at;
            }
            if (least <= LOW_ENOUGH) throw new Spent();
            return new Pair<>(
                    new ArrayRealVector(here, false), new Array2DRowRealMatrix(jacobian(at, residuals), false));
        }
    }

    /** The residuals' derivatives, by central differences; a row a residual. */
    static double[][] jacobian(double[] at, UnaryOperator<double[]> residuals) {
        double h = 1e-5;
        double[][] jacobian = new double[residuals.apply(at).length][at.length];
        for (int k = 0; k < at.length; k++) {
            double[] up = at.clone();
            double[] down = at.clone();
            up[k] += h;
            down[k] -= h;
            double[] above = residuals.apply(up);
            double[] below = residuals.apply(down);
            for (int row = 0; row < above.length; row++) jacobian[row][k] = (above[row] - below[row]) / (2 * h);
        }
        return jacobian;
    }
}
