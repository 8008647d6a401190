package didaxis.core.working;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.LongStream;

/** The relations of a circuit laid out for forward chaining, once for any number of deductions. */
public final class Chaining {
    private static final int BITS = 21;
    private static final long MASK = (1L << BITS) - 1;

    private final Relations relations;
    private final List<Cell> cells;
    private final Map<Cell, Integer> numbers = new HashMap<>();
    /** Of each cell when its turn is in the order of the classroom. */
    private final int[] turns;
    /** Of each relation its cells, and of each cell the relations it stands in, by their numbers. */
    private final int[][] members;

    private final int[][] uses;

    public Chaining(Relations relations) {
        this.relations = relations;
        cells = List.copyOf(relations.cells());
        for (Cell cell : cells) numbers.put(cell, numbers.size());
        turns = turns();
        List<Relation> all = relations.all();
        Map<Relation, Integer> taught = new HashMap<>();
        members = new int[all.size()][];
        for (int k = 0; k < members.length; k++) {
            taught.put(all.get(k), k);
            members[k] = all.get(k).cells().stream().mapToInt(numbers::get).toArray();
        }
        uses = cells.stream()
                .map(cell -> relations.of(cell).stream().mapToInt(taught::get).toArray())
                .toArray(int[][]::new);
    }

    /** What follows from the givens, and the steps to the asked cells. */
    public Deduction deduce(Map<Cell, Double> givens, Collection<Cell> asked) {
        return deduce(givens, asked, Optional.empty());
    }

    /** The steps to one cell; of what else would follow only what comes before it. */
    public Deduction deduce(Map<Cell, Double> givens, Cell asked) {
        return deduce(givens, Set.of(asked), Optional.of(asked));
    }

    private Deduction deduce(Map<Cell, Double> givens, Collection<Cell> asked, Optional<Cell> last) {
        Run run = new Run();
        givens.forEach(run::know);
        Map<Cell, Step> derived = run.chain(last);
        Set<Cell> unreached = new HashSet<>(asked);
        unreached.removeAll(run.values.keySet());
        return new Deduction(pruned(derived, asked), run.values, unreached);
    }

    private static List<Step> pruned(Map<Cell, Step> derived, Collection<Cell> asked) {
        Set<Cell> needed = new HashSet<>(asked);
        List<Step> backwards = new ArrayList<>(derived.values());
        for (int i = backwards.size() - 1; i >= 0; i--) {
            Step step = backwards.get(i);
            if (needed.contains(step.cell())) needed.addAll(FormulaCells.in(step.formula()));
        }
        return derived.values().stream()
                .filter(step -> needed.contains(step.cell()))
                .toList();
    }

    private int[] turns() {
        long[] orders = cells.stream()
                .mapToLong(cell -> ((long) phase(cell).ordinal() << Integer.SIZE) + place(cell))
                .toArray();
        long[] sorted = LongStream.of(orders).sorted().distinct().toArray();
        return LongStream.of(orders)
                .mapToInt(order -> Arrays.binarySearch(sorted, order))
                .toArray();
    }

    private final class Run {
        final Map<Cell, Double> values = new LinkedHashMap<>();
        final boolean[] known = new boolean[cells.size()];
        final int[] missing = new int[members.length];
        /** The turn of a cell that could be given now, the number of the relation that gives it, and its place in that. */
        final PriorityQueue<Long> ready = new PriorityQueue<>();

        Run() {
            for (int k = 0; k < missing.length; k++) {
                missing[k] = relations.all().get(k).enough();
                if (missing[k] == 0) offer(k);
            }
        }

        void know(Cell cell, double value) {
            if (values.putIfAbsent(cell, value) != null) return;
            Integer number = numbers.get(cell);
            if (number == null) return;
            known[number] = true;
            for (int relation : uses[number]) if (--missing[relation] == 0) offer(relation);
        }

        private void offer(int relation) {
            int[] all = members[relation];
            for (int at = 0; at < all.length; at++)
                if (!known[all[at]]) ready.add(((long) turns[all[at]] << 2 * BITS) + ((long) relation << BITS) + at);
        }

        /** @param last the cell with which it ends */
        Map<Cell, Step> chain(Optional<Cell> last) {
            Map<Cell, Step> steps = new LinkedHashMap<>();
            while (!ready.isEmpty() && last.filter(values::containsKey).isEmpty()) {
                long next = ready.poll();
                int number = (int) (next >> BITS & MASK);
                int target = members[number][(int) (next & MASK)];
                if (known[target]) continue;
                Cell cell = cells.get(target);
                Relation relation = relations.all().get(number);
                Formula formula = relation.formula(cell, values::containsKey).orElseThrow();
                double value = carried(cell, formula.with(new Evaluation(values::get)));
                if (!Double.isFinite(value)) continue;
                steps.put(cell, new Step(phase(cell), relation.law(), cell, formula, value));
                know(cell, value);
            }
            return steps;
        }
    }

    /** What is put into the next step: in some styles the value as it was written down. */
    private double carried(Cell cell, double value) {
        boolean rounded = relations.style().carryRounded() && Double.isFinite(value);
        return rounded ? relations.style().numbers().rounded(Amount.of(value, cell.quantity())) : value;
    }

    /** Inner before outer when folding, outer before inner when unfolding. */
    private int place(Cell cell) {
        Subjects subjects = relations.chart().subjects();
        Outline outline = relations.chart().circuit().outline();
        int node = subjects.nodeOf(cell.subject());
        if (cell.subject().kind() == Subject.Kind.TOTAL) node = cell.quantity() == Quantity.RESISTANCE ? node : -2;
        if (cell.subject().kind() == Subject.Kind.INTERNAL) node = -1;
        // Potentials come last, when all voltages on the way to the negative terminal are there to be added.
        if (cell.quantity() == Quantity.POTENTIAL) node += outline.size();
        if (cell.quantity() != Quantity.RESISTANCE || node < 0) return 2 * node;
        return outline.size() * outline.end(node) - node;
    }

    private static Step.Phase phase(Cell cell) {
        if (cell.quantity() == Quantity.RESISTANCE) return Step.Phase.FOLD;
        if (cell.quantity() == Quantity.POWER) return Step.Phase.POWER;
        boolean whole = cell.subject().kind() == Subject.Kind.TOTAL;
        return whole && cell.quantity() == Quantity.CURRENT ? Step.Phase.TOTAL_CURRENT : Step.Phase.UNFOLD;
    }
}
