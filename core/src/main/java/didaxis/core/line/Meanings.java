package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Outline;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What the numbers of a line may stand for: a cell that has it, or what is often worked out of two without a line of its own. */
final class Meanings {
    /** A number is taken for so many cells that differ. */
    private static final int MOST_MEANINGS = 4;
    /** A number is a value if it is off by no more (common practice: one per cent). */
    private static final double CLOSE = 0.01;

    static final int SCALED = 4;
    private static final int MOST_JOINED = 4;
    private static final double EXACT = 1e-9;
    private static final int LEAST_FIGURES = 2;
    private static final List<Double> PREFIXES = List.of(1e3, 1e-3, 1e6, 1e-6);
    private static final List<Double> PRODUCTS = List.of(1e6, 1e-6);
    static final double HOUR = 3600;
    /** Minutes and hours in seconds. */
    private static final List<Double> TIMES = List.of(60.0, HOUR);
    /** Numbers that belong to a law or to a unit: of two alike, halves, thousands, seconds. */
    private static final Set<Double> CONSTANTS =
            Set.of(1.0, 2.0, 3.0, 4.0, 5.0, 10.0, 60.0, 100.0, 1000.0, 3600.0, 1e6, 1e-3, 1e-6, 3.6e6);

    private final Chart chart;
    private final AlikeCells alike;
    private final Things cells;
    /** Sums and products of two that are joined, and squares. */
    private final Things worked;

    /** What one number may be; nothing for a constant. */
    record Meaning(Optional<Thing> thing, int rank, double factor, double number) {}

    /** What a number may stand for: a cell, or the sum or the product of two. */
    record Thing(Cell cell, Optional<Cell> other, boolean added) {
        static Thing of(Cell cell) {
            return new Thing(cell, Optional.empty(), false);
        }

        List<Cell> cells() {
            return other.map(one -> List.of(cell, one)).orElse(List.of(cell));
        }

        double of(double one, double another) {
            return other.isEmpty() ? one : added ? one + another : one * another;
        }

        double in(Chart chart) {
            return of(
                    chart.value(cell).orElse(Double.NaN),
                    other.map(one -> chart.value(one).orElse(Double.NaN)).orElse(0.0));
        }

        /** The prefixes that a number may lack which stands for it: of a product each factor may lack one. */
        List<Double> prefixes() {
            return other.isEmpty() || added ? PREFIXES : PRODUCTS;
        }
    }

    Meanings(Chart chart, AlikeCells alike) {
        this.chart = chart;
        this.alike = alike;
        this.cells = new Things(alike.cells().stream().map(Thing::of).toList(), chart);
        this.worked = new Things(worked(), chart);
    }

    private List<Thing> worked() {
        List<Thing> all = new ArrayList<>();
        Outline outline = chart.circuit().outline();
        for (int node = 0; node < outline.size(); node++) {
            List<Cell> members = Arrays.stream(outline.membersOf(node))
                    .mapToObj(chart.subjects()::at)
                    .flatMap(Optional::stream)
                    .map(Cell::resistance)
                    .filter(one -> alike.likeOf(one).isPresent())
                    .limit(MOST_JOINED)
                    .toList();
            for (int one = 0; one < members.size(); one++)
                for (int other = one + 1; other < members.size(); other++)
                    for (boolean added : List.of(true, false))
                        all.add(new Thing(members.get(one), Optional.of(members.get(other)), added));
        }
        for (Cell cell : alike.cells())
            if (cell.quantity() == Quantity.VOLTAGE || cell.quantity() == Quantity.CURRENT)
                all.add(new Thing(cell, Optional.of(cell), false));
        return all;
    }

    /** Of each number what it may be; empty where one of them can be nothing. */
    Optional<List<List<Meaning>>> of(List<Term.Written> numbers, PutValues put) {
        List<List<Meaning>> meanings = new ArrayList<>();
        for (Term.Written number : numbers) {
            List<Meaning> some = meanings(number, cells, put);
            if (some.isEmpty()) some = meanings(number, worked, put);
            if (some.isEmpty()) return Optional.empty();
            meanings.add(some);
        }
        return Optional.of(meanings);
    }

    private List<Meaning> meanings(Term.Written number, Things things, PutValues put) {
        Map<Thing, Meaning> best = new LinkedHashMap<>();
        boolean rounded = number.figures() >= LEAST_FIGURES;
        for (Thing thing : things.near(number, put.own().keySet())) {
            Thing like = new Thing(
                    alike.likeOf(thing.cell()).orElseThrow(), thing.other().flatMap(alike::likeOf), thing.added());
            for (double value : values(thing, put))
                meaning(number, rounded, thing, value)
                        .ifPresent(meant ->
                                best.merge(like, meant, (before, now) -> now.rank < before.rank ? now : before));
        }
        List<Meaning> all = new ArrayList<>(best.values().stream()
                .sorted(Comparator.comparingInt(Meaning::rank))
                .limit(MOST_MEANINGS)
                .toList());
        if (number.quantity().isEmpty() && CONSTANTS.contains(number.si()))
            all.add(new Meaning(Optional.empty(), 0, 1, number.si()));
        return all;
    }

    private List<Double> values(Thing thing, PutValues put) {
        List<Double> ones = put.of(thing.cell(), chart);
        if (thing.other().isEmpty()) return ones;
        Cell other = thing.other().get();
        // What is multiplied by itself is one and the same.
        if (other.equals(thing.cell()))
            return ones.stream().map(one -> thing.of(one, one)).toList();
        return ones.stream()
                .flatMap(one -> put.of(other, chart).stream().map(another -> thing.of(one, another)))
                .toList();
    }

    private static Optional<Meaning> meaning(Term.Written number, boolean rounded, Thing thing, double value) {
        boolean unit = number.quantity().isPresent();
        boolean product = thing.other().isPresent() && !thing.added();
        Quantity quantity = thing.cell().quantity();
        if (unit && (product || !number.quantity().get().unit().equals(quantity.unit()))) return Optional.empty();
        double si = number.si();
        if (close(si, value, EXACT)) return of(thing, 0, 1, si);
        if (rounded && Math.abs(si - value) <= number.half() * (1 + EXACT)) return of(thing, 1, 1, si);
        if (close(si, value, CLOSE)) return of(thing, 2, 1, si);
        if (unit || si == 0) return Optional.empty();
        if (quantity == Quantity.TIME)
            for (double factor : TIMES) if (close(si * factor, value, EXACT)) return of(thing, 3, factor, si);
        for (double factor : thing.prefixes())
            if (close(si * factor, value, rounded ? CLOSE : EXACT)) return of(thing, SCALED, 1, si);
        return Optional.empty();
    }

    private static Optional<Meaning> of(Thing thing, int rank, double factor, double number) {
        return Optional.of(new Meaning(Optional.of(thing), rank, factor, number));
    }

    private static boolean close(double number, double value, double relative) {
        return Math.abs(number - value) <= relative * (1 + EXACT) * Math.abs(value);
    }
}
