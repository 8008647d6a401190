package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Collects the cells of a formula that stand in a difference. */
final class Differences implements Formula.Algebra<Differences.Found> {
    record Found(Set<Cell> all, Set<Cell> subtracted) {
        static final Found NONE = new Found(Set.of(), Set.of());

        static Found of(List<Found> pieces, boolean difference) {
            Set<Cell> all = new HashSet<>();
            Set<Cell> subtracted = new HashSet<>();
            for (Found piece : pieces) {
                all.addAll(piece.all);
                subtracted.addAll(piece.subtracted);
            }
            return new Found(all, difference ? all : subtracted);
        }
    }

    private Differences() {}

    static Set<Cell> in(Formula formula) {
        return formula.with(new Differences()).subtracted;
    }

    @Override
    public Found cell(Cell cell) {
        return new Found(Set.of(cell), Set.of());
    }

    @Override
    public Found number(double value) {
        return Found.NONE;
    }

    @Override
    public Found sum(List<Found> terms) {
        return Found.of(terms, false);
    }

    @Override
    public Found difference(Found from, List<Found> less) {
        return Found.of(List.of(from, Found.of(less, false)), true);
    }

    @Override
    public Found product(List<Found> factors) {
        return Found.of(factors, false);
    }

    @Override
    public Found quotient(Found over, Found under) {
        return Found.of(List.of(over, under), false);
    }

    @Override
    public Found square(Found base) {
        return base;
    }

    @Override
    public Found root(Found of) {
        return of;
    }
}
