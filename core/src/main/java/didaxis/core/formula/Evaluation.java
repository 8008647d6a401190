package didaxis.core.formula;

import didaxis.core.circuit.Cell;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Computes a formula in SI doubles; not finite where it divides by 0 or roots a negative number. */
public record Evaluation(ToDoubleFunction<Cell> values) implements Formula.Algebra<Double> {
    @Override
    public Double cell(Cell cell) {
        return values.applyAsDouble(cell);
    }

    @Override
    public Double number(double value) {
        return value;
    }

    @Override
    public Double sum(List<Double> terms) {
        return terms.stream().mapToDouble(Double::doubleValue).sum();
    }

    @Override
    public Double difference(Double from, List<Double> less) {
        return from - sum(less);
    }

    @Override
    public Double product(List<Double> factors) {
        double product = 1;
        for (double factor : factors) product *= factor;
        return product;
    }

    @Override
    public Double quotient(Double over, Double under) {
        return over / under;
    }

    @Override
    public Double square(Double base) {
        return base * base;
    }

    @Override
    public Double root(Double of) {
        return Math.sqrt(of);
    }
}
