package didaxis.core.backwards;

import java.util.ArrayList;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.MatrixFeatures_DDRM;
import org.ejml.dense.row.factory.DecompositionFactory_DDRM;
import org.ejml.interfaces.decomposition.EigenDecomposition_F64;

/** The directions in which a fit can move and still fits. */
final class FreeDirections {
    /** A direction counts as free if the residuals move this much less along it than along the stiffest, squared. */
    private static final double FREE = 1e-13;

    private FreeDirections() {}

    /** Unit vectors along which the residuals do not change, from the Jacobian J; those of the null space of JᵀJ. */
    static List<double[]> of(DMatrixRMaj jacobian) {
        int n = jacobian.numCols;
        DMatrixRMaj normal = new DMatrixRMaj(n, n);
        CommonOps_DDRM.multInner(jacobian, normal);
        EigenDecomposition_F64<DMatrixRMaj> eigen = DecompositionFactory_DDRM.eig(n, true, true);
        List<double[]> free = new ArrayList<>();
        if (MatrixFeatures_DDRM.hasUncountable(normal) || !eigen.decompose(normal)) return free;
        double stiffest = 0;
        for (int k = 0; k < n; k++)
            stiffest = Math.max(stiffest, eigen.getEigenvalue(k).getReal());
        for (int k = 0; k < n; k++) {
            if (eigen.getEigenvalue(k).getReal() <= FREE * Math.max(stiffest, 1e-300))
                free.add(eigen.getEigenVector(k).getData().clone());
        }
        return free;
    }
}
