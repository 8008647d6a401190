package didaxis.core.memo;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.memo.RouteSearch.Found;
import didaxis.core.working.Budget;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * All routes from what is known to a cell that are at most one step longer than the shortest: each a working in which
 * every step uses only what is known or was found before it, and every step is used. Cells that are equal, as the currents
 * along a branch, are one: to go from one to the other is no step. A power on the way to something else is no route that
 * is taught.
 */
public final class Routes {
    /**
     * A large network has more routes than anybody could read; it is looked through no further than this, where a look
     * counts for all that is open or found in it, and a law for all its cells.
     */
    static final int MOST_WORK = 120_000;

    private static final int MOST_ROUTES = 8;

    private final Relations relations;
    private final Set<Cell> known;
    private final Cell target;
    private final EqualCells equal;

    private Routes(Cell target, Relations relations, Collection<Cell> known) {
        this.target = target;
        this.relations = relations;
        this.known = new HashSet<>(known);
        equal = new EqualCells(relations, this.known);
    }

    /**
     * The routes to a cell, the shortest first; none if it does not follow, or is known.
     *
     * @param known what is given, or was found in earlier tasks
     */
    public static List<List<Step>> to(Cell target, Relations relations, Collection<Cell> known) {
        return to(target, relations, known, new Budget(MOST_WORK));
    }

    /** With no more work than this. */
    static List<List<Step>> to(Cell target, Relations relations, Collection<Cell> known, Budget budget) {
        budget.spend(relations.cells().size());
        return new Routes(target, relations, known).found(budget);
    }

    private List<List<Step>> found(Budget budget) {
        if (equal.isKnown(equal.one(target))) return List.of();
        return RouteSearch.of(target, relations, equal, budget).stream()
                .limit(MOST_ROUTES)
                .map(this::steps)
                .toList();
    }

    private double truth(Cell cell) {
        return relations.chart().value(cell).orElse(Double.NaN);
    }

    /** The steps in an order in which each uses only those before it, with what is equal said where it is used. */
    private List<Step> steps(Map<Cell, Found> route) {
        List<Step> steps = new ArrayList<>();
        Set<Cell> there = new HashSet<>(known);
        find(target, route, there, steps);
        return steps;
    }

    private void find(Cell cell, Map<Cell, Found> route, Set<Cell> there, List<Step> steps) {
        if (there.contains(cell)) return;
        Cell from = equal.members(equal.one(cell)).stream()
                .filter(there::contains)
                .findFirst()
                .orElseGet(() -> route.get(equal.one(cell)).cell());
        if (!there.contains(from)) {
            Found how = route.get(equal.one(cell));
            for (Cell used : how.from()) find(used, route, there, steps);
            steps.add(new Step(Step.Phase.UNFOLD, how.relation().law(), from, how.formula(), truth(from)));
            there.add(from);
        }
        if (from.equals(cell)) return;
        Relation same = relations.of(cell).stream()
                .filter(Relation::isEquality)
                .findFirst()
                .orElseThrow();
        steps.add(new Step(Step.Phase.UNFOLD, same.law(), cell, Formula.of(from), truth(cell)));
        there.add(cell);
    }
}
