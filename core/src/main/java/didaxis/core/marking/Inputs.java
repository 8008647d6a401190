package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.function.ToIntFunction;

/**
 * What a formula is worked from, each cell by its number.
 *
 * @param cells in the order in which they first stand
 * @param subtracted which of them stand in a difference
 */
record Inputs(int[] cells, boolean[] subtracted) {
    private static final int[] NONE = {};

    static Inputs of(Formula formula, ToIntFunction<Cell> number) {
        Walk walk = new Walk(number, new BitSet());
        int[] cells = distinct(formula.with(walk));
        boolean[] subtracted = new boolean[cells.length];
        for (int k = 0; k < cells.length; k++) subtracted[k] = walk.subtracted.get(cells[k]);
        return new Inputs(cells, subtracted);
    }

    private static int[] distinct(int[] cells) {
        BitSet seen = new BitSet();
        int[] distinct = new int[cells.length];
        int count = 0;
        for (int cell : cells) {
            if (seen.get(cell)) continue;
            seen.set(cell);
            distinct[count++] = cell;
        }
        return Arrays.copyOf(distinct, count);
    }

    /** Collects the cells of a formula from its pieces up, and notes those of its differences. */
    private record Walk(ToIntFunction<Cell> number, BitSet subtracted) implements Formula.Algebra<int[]> {
        @Override
        public int[] cell(Cell cell) {
            return new int[] {number.applyAsInt(cell)};
        }

        @Override
        public int[] number(double value) {
            return NONE;
        }

        @Override
        public int[] sum(List<int[]> terms) {
            return together(NONE, terms);
        }

        @Override
        public int[] difference(int[] from, List<int[]> less) {
            int[] all = together(from, less);
            for (int cell : all) subtracted.set(cell);
            return all;
        }

        @Override
        public int[] product(List<int[]> factors) {
            return together(NONE, factors);
        }

        @Override
        public int[] quotient(int[] over, int[] under) {
            return together(over, List.of(under));
        }

        @Override
        public int[] square(int[] base) {
            return base;
        }

        @Override
        public int[] root(int[] of) {
            return of;
        }

        private static int[] together(int[] first, List<int[]> others) {
            int length = first.length;
            for (int[] other : others) length += other.length;
            int[] all = Arrays.copyOf(first, length);
            int at = first.length;
            for (int[] other : others) {
                System.arraycopy(other, 0, all, at, other.length);
                at += other.length;
            }
            return all;
        }
    }
}
