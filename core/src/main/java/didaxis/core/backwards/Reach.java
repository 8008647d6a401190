package didaxis.core.backwards;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Quantity;
import didaxis.core.working.Budget;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Which cells can be known from which, whatever their values. */
final class Reach {
    /** What following one relation costs against working one part through, about. */
    private static final int A_RELATION = 4;

    private final Relations relations;

    private final Budget budget;

    Reach(Relations relations, Budget budget) {
        this.relations = relations;
        this.budget = budget;
    }

    /** All cells that follow one by one from known ones. */
    Set<Cell> from(Collection<Cell> known) {
        budget.spend((long) A_RELATION * relations.all().size());
        Map<Relation, Integer> missing = new HashMap<>();
        Deque<Cell> waiting = new ArrayDeque<>();
        Set<Cell> reached = new HashSet<>();
        for (Relation relation : relations.all()) {
            missing.put(relation, relation.enough());
            if (relation.enough() == 0) add(relation.cells().get(0), reached, waiting);
        }
        known.forEach(cell -> add(cell, reached, waiting));
        while (!waiting.isEmpty()) {
            for (Relation relation : relations.of(waiting.pop())) {
                if (missing.merge(relation, -1, Integer::sum) != 0) continue;
                for (Cell cell : relation.cells()) {
                    if (!reached.contains(cell) && gives(relation, cell)) add(cell, reached, waiting);
                }
            }
        }
        return reached;
    }

    private static void add(Cell cell, Set<Cell> reached, Deque<Cell> waiting) {
        if (reached.add(cell)) waiting.push(cell);
    }

    /** Whether a relation has a value for a cell; V/I has none for what carries nothing. */
    private boolean gives(Relation relation, Cell cell) {
        return Double.isFinite(
                relation.solve(cell, input -> relations.chart().value(input).orElse(Double.NaN)));
    }

    /** The cells each of which alone, added to the known ones, would lead to all that is wanted. */
    List<Cell> eachEnough(Set<Cell> known, Set<Cell> wanted) {
        List<Cell> enough = new ArrayList<>();
        for (Cell candidate : candidates(known)) {
            if (budget.spent()) break;
            Set<Cell> more = new HashSet<>(known);
            more.add(candidate);
            if (from(more).containsAll(wanted)) enough.add(candidate);
        }
        return enough;
    }

    /** Cells that together lead to all that is wanted, the one that leads furthest first; empty if none do. */
    List<Cell> togetherEnough(Set<Cell> known, Set<Cell> wanted) {
        List<Cell> chosen = new ArrayList<>();
        Set<Cell> now = from(known);
        while (!now.containsAll(wanted)) {
            Cell best = null;
            Set<Cell> furthest = now;
            for (Cell candidate : candidates(now)) {
                if (budget.spent()) return List.of();
                Set<Cell> more = new HashSet<>(now);
                more.add(candidate);
                Set<Cell> reached = from(more);
                if (reached.size() <= furthest.size()) continue;
                furthest = reached;
                best = candidate;
            }
            if (best == null) return List.of();
            chosen.add(best);
            now = furthest;
        }
        return chosen;
    }

    /** What can be measured or told of a part or the whole, and is not known. */
    private List<Cell> candidates(Set<Cell> known) {
        List<Cell> candidates = new ArrayList<>();
        for (Subject subject : relations.chart().rows()) {
            if (subject.kind() == Subject.Kind.GROUP) continue;
            for (Quantity quantity : Quantity.values()) {
                Cell cell = Cell.of(subject, quantity);
                if (!known.contains(cell) && !relations.of(cell).isEmpty()) candidates.add(cell);
            }
        }
        return candidates;
    }
}
