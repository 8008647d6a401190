package didaxis.core.formula;

import didaxis.core.circuit.Cell;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Collects the cells a formula uses. */
public final class FormulaCells implements Formula.Algebra<Set<Cell>> {
    private FormulaCells() {}

    /** The cells, in the order they stand. */
    public static Set<Cell> in(Formula formula) {
        return formula.with(new FormulaCells());
    }

    @Override
    public Set<Cell> cell(Cell cell) {
        return Set.of(cell);
    }

    @Override
    public Set<Cell> number(double value) {
        return Set.of();
    }

    @Override
    public Set<Cell> sum(List<Set<Cell>> terms) {
        Set<Cell> all = new LinkedHashSet<>();
        terms.forEach(all::addAll);
        return all;
    }

    @Override
    public Set<Cell> difference(Set<Cell> from, List<Set<Cell>> less) {
        Set<Cell> all = new LinkedHashSet<>(from);
        less.forEach(all::addAll);
        return all;
    }

    @Override
    public Set<Cell> product(List<Set<Cell>> factors) {
        return sum(factors);
    }

    @Override
    public Set<Cell> quotient(Set<Cell> over, Set<Cell> under) {
        return sum(List.of(over, under));
    }

    @Override
    public Set<Cell> square(Set<Cell> base) {
        return base;
    }

    @Override
    public Set<Cell> root(Set<Cell> of) {
        return of;
    }
}
