package didaxis.core.solving;

import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.NormOps_DDRM;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.decomposition.LUDecomposition_F64;
import org.ejml.interfaces.linsol.LinearSolverDense;

/** A square system of equations, factored. */
final class LinearSystem {
    /** What rounding in some ten operations can do to a number, relative to it, all to the same side. */
    static final double ROUNDING = 16 * Math.ulp(1.0);

    final DMatrixRMaj a;
    final LinearSolverDense<DMatrixRMaj> solver;

    /**
     * @throws ArithmeticException if it is singular
     */
    LinearSystem(DMatrixRMaj a) {
        this.a = a;
        solver = LinearSolverFactory_DDRM.lu(a.numRows);
        LUDecomposition_F64<DMatrixRMaj> factors = solver.getDecomposition();
        boolean factored = solver.setA(a.copy());
        // Not the product of the pivots, which underflows where there are many.
        double least = factored ? CommonOps_DDRM.elementMinAbs(diagonal(factors.getUpper(null))) : 0;
        if (!(least > 0)) throw new ArithmeticException("nodal matrix is singular");
    }

    private static DMatrixRMaj diagonal(DMatrixRMaj matrix) {
        DMatrixRMaj diagonal = new DMatrixRMaj(matrix.numRows, 1);
        CommonOps_DDRM.extractDiag(matrix, diagonal);
        return diagonal;
    }

    DMatrixRMaj solve(DMatrixRMaj b) {
        DMatrixRMaj x = new DMatrixRMaj(a.numRows, 1);
        solver.solve(b, x);
        // One step of iterative refinement: resistances many powers of ten apart would cost figures otherwise.
        DMatrixRMaj residual = b.copy();
        CommonOps_DDRM.multAdd(-1, a, x, residual);
        DMatrixRMaj correction = new DMatrixRMaj(a.numRows, 1);
        solver.solve(residual, correction);
        CommonOps_DDRM.addEquals(x, correction);
        return x;
    }

    /** The relative error that rounding the entries alone can make: their last place times the condition number. */
    double exactTo() {
        DMatrixRMaj inverse = new DMatrixRMaj(a.numRows, a.numCols);
        solver.invert(inverse);
        return ROUNDING * NormOps_DDRM.inducedP1(a) * NormOps_DDRM.inducedP1(inverse);
    }
}
