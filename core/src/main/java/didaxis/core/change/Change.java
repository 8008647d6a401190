package didaxis.core.change;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What becomes of a circuit when one part of it is set otherwise: for every cell whether it increases,
 * decreases or stays the same, and why, as a chain in causal order.
 *
 * @param before the chart before
 * @param after the chart after, with the same rows
 * @param part the part that was set otherwise
 * @param chain the links, each after those it follows from
 */
public record Change(Chart before, Chart after, Part part, List<Link> chain) {
    /** Which way a value goes. */
    public enum Direction {
        INCREASES,
        DECREASES,
        SAME,
        /** It is not decided before or after. */
        UNDECIDED;

        Direction opposite() {
            return this == INCREASES ? DECREASES : this == DECREASES ? INCREASES : this;
        }
    }

    /** Why cells go the way they do. */
    public enum Reason {
        /** The part itself was set otherwise. */
        ACTION,
        /** A combination has more or less resistance because one of its members has. */
        COMBINED,
        /** The emf is what it was, across another total resistance. */
        TOTAL_CURRENT,
        /** The current through the internal resistance changes, and with it the lost volts. */
        LOST_VOLTS,
        /** What is not lost inside is left outside. */
        TERMINAL_VOLTAGE,
        /** Unchanged resistances in series with the change: V = I·R. */
        FOLLOWS_CURRENT,
        /** What the others in series take, the rest does not get. */
        REST_OF_VOLTAGE,
        /** Unchanged branches beside the change: I = V/R. */
        FOLLOWS_VOLTAGE,
        /** What the other branches carry, the rest does not. */
        REST_OF_CURRENT,
        /** An unchanged resistance with more current or less: P = I²·R. */
        POWER
    }

    /**
     * One link of the chain: these cells go this way, because those went theirs.
     *
     * @param cells what goes this way; the first is the one that the next links follow from
     * @param because cells of earlier links; empty for the action itself
     */
    public record Link(Reason reason, Direction direction, List<Cell> cells, List<Cell> because) {
        public Link {
            cells = List.copyOf(cells);
            because = List.copyOf(because);
        }
    }

    private static final double SAME = 1e-9;

    /** Between two charts of circuits that differ in the setting of one part. */
    public static Change of(Chart before, Chart after, String part) {
        Part changed = after.circuit().parts().stream()
                .filter(one -> one.label().equals(part))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("part (" + part + ") must be one of the circuit's"));
        Change bare = new Change(before, after, changed, List.of());
        return new Change(before, after, changed, new CausalChain(bare).links());
    }

    /** Which way a cell goes. */
    public Direction direction(Cell cell) {
        double from = before.limit(cell);
        double to = after.limit(cell);
        if (Double.isNaN(from) || Double.isNaN(to)) return Direction.UNDECIDED;
        if (from == to) return Direction.SAME;
        double scale = Math.max(Math.abs(from), Math.abs(to));
        boolean close = Double.isFinite(scale) && Math.abs(from - to) <= SAME * scale;
        return close ? Direction.SAME : to > from ? Direction.INCREASES : Direction.DECREASES;
    }

    /** The lamps of the circuit, brightest first, those alike together; by their power after the change. */
    public List<List<Subject>> brightest() {
        List<Subject> lamps = after.circuit().parts().stream()
                .filter(one -> one.label().startsWith("L"))
                .map(one -> Subject.part(one.label()))
                .sorted(Comparator.comparingDouble(this::powerAfter).reversed())
                .toList();
        List<List<Subject>> ranks = new ArrayList<>();
        for (Subject lamp : lamps) {
            boolean tie = !ranks.isEmpty()
                    && Math.abs(powerAfter(ranks.get(ranks.size() - 1).get(0)) - powerAfter(lamp))
                            <= SAME * powerAfter(ranks.get(ranks.size() - 1).get(0));
            if (tie) ranks.get(ranks.size() - 1).add(lamp);
            else ranks.add(new ArrayList<>(List.of(lamp)));
        }
        return ranks;
    }

    /** The lamps that shone before and do not any more. */
    public List<Subject> goneOut() {
        return brightest().stream()
                .flatMap(List::stream)
                .filter(lamp -> powerAfter(lamp) == 0
                        && before.value(Cell.of(lamp, Quantity.POWER)).orElse(0) > 0)
                .toList();
    }

    private double powerAfter(Subject lamp) {
        return after.value(Cell.of(lamp, Quantity.POWER)).orElse(0);
    }
}
