package didaxis.core.change;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Quantity;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

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
        Part changed = after.circuit()
                .part(part)
                .orElseThrow(() -> new IllegalArgumentException("part (" + part + ") must be one of the circuit's"));
        Change bare = withoutChain(before, after, changed);
        return new Change(before, after, changed, new CausalChain(bare).links());
    }

    /** The same without its chain, which takes its time: for who asks only what becomes of cells and lamps. */
    public static Change withoutChain(Chart before, Chart after, Part part) {
        return new Change(before, after, part, List.of());
    }

    /** Which way a cell goes. */
    public Direction direction(Cell cell) {
        return direction(cell, before, after);
    }

    /** Which way a cell goes from one chart to another, which may have other rows; not decided where one of them has none. */
    public static Direction direction(Cell cell, Chart before, Chart after) {
        double from = before.limit(cell);
        double to = after.limit(cell);
        if (Double.isNaN(from) || Double.isNaN(to)) return Direction.UNDECIDED;
        if (from == to) return Direction.SAME;
        double scale = Math.max(Math.abs(from), Math.abs(to));
        boolean close = Double.isFinite(scale) && Math.abs(from - to) <= SAME * scale;
        return close ? Direction.SAME : to > from ? Direction.INCREASES : Direction.DECREASES;
    }

    /**
     * The links that lead to one cell and no others, as one would write them: combinations are told by the outermost, and
     * what is left of a whole by what the others take. Empty where the cell does not change, or the chain does not tell of
     * it.
     */
    public List<Link> chainTo(Cell cell) {
        Relations then = Relations.of(before);
        Relations now = Relations.of(after);
        Set<Cell> wanted = new HashSet<>(Set.of(told(cell, said(chain), then, now)));
        List<Link> needed = new ArrayList<>();
        for (int k = chain.size() - 1; k >= 0; k--) {
            Link link = chain.get(k);
            List<Cell> cells = link.cells().stream().filter(wanted::contains).toList();
            if (cells.isEmpty()) continue;
            List<Cell> earlier = said(chain.subList(0, k));
            // What stays the same is no reason for what does not.
            List<Cell> because = because(link, cells).stream()
                    .filter(this::moves)
                    .map(one -> told(one, earlier, then, now))
                    .distinct()
                    .toList();
            wanted.addAll(because);
            needed.add(0, new Link(link.reason(), link.direction(), cells, because));
        }
        return moves(cell) ? needed : List.of();
    }

    private static List<Cell> said(List<Link> links) {
        return links.stream().flatMap(link -> link.cells().stream()).toList();
    }

    private boolean moves(Cell cell) {
        return direction(cell) == Direction.INCREASES || direction(cell) == Direction.DECREASES;
    }

    /** As much of what a link follows from as these of its cells need. */
    private List<Cell> because(Link link, List<Cell> cells) {
        return switch (link.reason()) {
            // A power follows from its own part's current, not from all that the link names.
            case POWER ->
                link.because().stream()
                        .filter(one ->
                                cells.stream().anyMatch(cell -> cell.subject().equals(one.subject())))
                        .toList();
            case COMBINED -> chain.get(0).cells();
            case REST_OF_VOLTAGE, REST_OF_CURRENT -> {
                List<Cell> others = link.because().subList(1, link.because().size());
                boolean whole =
                        direction(link.because().get(0)) == link.direction().opposite();
                boolean enough = others.stream()
                        .anyMatch(cell -> direction(cell) == link.direction().opposite());
                yield enough && !whole ? others : link.because();
            }
            default -> link.because();
        };
    }

    /** The cell itself, or else the first of the chain that is equal to it, or a part of it that goes its way. */
    private Cell told(Cell cell, List<Cell> said, Relations earlier, Relations later) {
        if (said.contains(cell)) return cell;
        // A closed switch makes equal what is not when it is open.
        Set<Cell> equal = equalTo(cell, earlier);
        equal.retainAll(equalTo(cell, later));
        List<String> parts = before.subjects().membersOf(cell.subject());
        return said.stream()
                .filter(equal::contains)
                .findFirst()
                .or(() -> said.stream()
                        .filter(one -> one.quantity() == cell.quantity()
                                && parts.contains(one.subject().id())
                                && direction(one) == direction(cell))
                        .findFirst())
                .orElse(cell);
    }

    private static Set<Cell> equalTo(Cell cell, Relations relations) {
        Set<Cell> equal = new LinkedHashSet<>(List.of(cell));
        Deque<Cell> waiting = new ArrayDeque<>(equal);
        while (!waiting.isEmpty()) {
            for (Relation relation : relations.of(waiting.pop())) {
                if (!relation.isEquality()) continue;
                for (Cell other : relation.cells()) if (equal.add(other)) waiting.push(other);
            }
        }
        return equal;
    }

    /** The lamps of the circuit, brightest first, those alike together; by their power after the change. */
    public List<List<Subject>> brightest() {
        List<Subject> lamps = after.circuit().parts().stream()
                .filter(one -> one.kind() == PartKind.LAMP)
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
