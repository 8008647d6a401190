package didaxis.core.memo;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Quantity;
import didaxis.core.working.Budget;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

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

    /** To read a formula is so much more work than to look at its cells. */
    private static final int TO_READ = 4;

    private static final int MOST_ROUTES = 8;

    /** What is taught to be found from a power; to anything else that would be a detour. */
    private static final Set<Quantity> THROUGH_POWER = EnumSet.of(Quantity.POWER, Quantity.ENERGY, Quantity.COST);

    private final Relations relations;
    private final Set<Cell> known;
    private final Cell target;
    private final EqualCells equal;
    private final Map<Set<List<Object>>, Map<Cell, Found>> routes = new LinkedHashMap<>();
    private final Budget budget;

    /** Ways to find a cell, the formulas of a law for it once they are asked for: those of a sum of 200 are long. */
    private final Map<Cell, Map<Relation, List<Found>>> ways = new HashMap<>();

    private final Map<Relation, Set<Cell>> unknown = new HashMap<>();

    /**
     * How a cell, or one that is equal to it, is found: by one formula of one law, from these.
     *
     * @param unknown those of them that have to be found before, each by the one that stands for its equals
     */
    private record Found(Cell cell, Relation relation, Formula formula, List<Cell> from, List<Cell> unknown) {}

    private Routes(Cell target, Relations relations, Collection<Cell> known, Budget budget) {
        this.budget = budget;
        this.target = target;
        this.relations = relations;
        this.known = new HashSet<>(known);
        budget.spend(relations.cells().size());
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
        return new Routes(target, relations, known, budget).found();
    }

    private List<List<Step>> found() {
        Cell goal = equal.one(target);
        if (equal.isKnown(goal)) return List.of();
        // The shortest are found first, so that the search is never deeper than one beyond them.
        for (int steps = 1; steps <= equal.size() && !budget.spent(); steps++) {
            look(List.of(goal), Map.of(), steps);
            if (routes.isEmpty()) continue;
            look(List.of(goal), Map.of(), steps + 1);
            break;
        }
        return routes.values().stream()
                .sorted(Comparator.comparingInt(Map::size))
                .limit(MOST_ROUTES)
                .map(this::steps)
                .toList();
    }

    /** Goes on from what is still open with at most so many steps more. */
    private void look(List<Cell> open, Map<Cell, Found> found, int steps) {
        if (budget.spent()) return;
        budget.spend(1 + open.size() + found.size());
        if (open.isEmpty()) {
            routes.putIfAbsent(signature(found), found);
            return;
        }
        if (open.size() > steps) return;
        Cell next = open.get(0);
        Map<Relation, List<Found>> read = ways.computeIfAbsent(next, cell -> new HashMap<>());
        for (Cell cell : equal.members(next))
            for (Relation relation : relations.of(cell)) {
                // Each that is needed is found already, or is a step of its own.
                if (relation.isEquality() || needed(relation, next) > found.size() + steps - 1) continue;
                for (Found how : read.computeIfAbsent(relation, law -> waysTo(next, cell, law)))
                    take(next, how, open, found, steps);
            }
    }

    /** How many cells have to be known before a relation gives one of its cells: all others (see {@link Relation}). */
    private int needed(Relation relation, Cell next) {
        Set<Cell> all = unknown.computeIfAbsent(relation, this::unknownOf);
        return all.size() - (all.contains(next) ? 1 : 0);
    }

    /** What makes two routes one: the same formulas for the same cells, by whatever law. */
    private Set<List<Object>> signature(Map<Cell, Found> found) {
        Set<List<Object>> signature = new HashSet<>();
        found.forEach((cell, how) -> signature.add(List.of(cell, how.formula())));
        return signature;
    }

    private Set<Cell> unknownOf(Relation relation) {
        budget.spend(relation.cells().size());
        return relation.cells().stream()
                .map(equal::one)
                .filter(one -> !equal.isKnown(one))
                .collect(Collectors.toSet());
    }

    /** How a relation gives a cell, where it can be worked out and is taught. */
    private List<Found> waysTo(Cell next, Cell cell, Relation relation) {
        List<Found> all = new ArrayList<>();
        budget.spend((long) TO_READ * relation.cells().size());
        relation.formulas(cell).forEach(formula -> {
            List<Cell> used = FormulaCells.in(formula).stream().distinct().toList();
            boolean taught = used.stream().noneMatch(one -> equal.one(one).equals(next) || isDetour(one));
            if (taught && Double.isFinite(formula.with(new Evaluation(this::truth))))
                all.add(new Found(cell, relation, formula, used, unknown(used)));
        });
        return all;
    }

    private List<Cell> unknown(List<Cell> used) {
        return used.stream()
                .map(equal::one)
                .distinct()
                .filter(one -> !equal.isKnown(one))
                .toList();
    }

    private void take(Cell next, Found how, List<Cell> open, Map<Cell, Found> found, int steps) {
        Set<Cell> still = new LinkedHashSet<>(open.subList(1, open.size()));
        budget.spend(how.unknown().size());
        for (Cell from : how.unknown()) if (!found.containsKey(from)) still.add(from);
        if (still.size() > steps - 1) return;
        Map<Cell, Found> now = new LinkedHashMap<>(found);
        now.put(next, how);
        if (!circular(next, now)) look(List.copyOf(still), now, steps - 1);
    }

    private boolean isDetour(Cell used) {
        boolean power = used.quantity() == Quantity.POWER;
        return power && !THROUGH_POWER.contains(target.quantity()) && !equal.isKnown(equal.one(used));
    }

    /** Whether a cell would be found from itself. */
    private boolean circular(Cell start, Map<Cell, Found> found) {
        List<Cell> waiting = new ArrayList<>(List.of(start));
        Set<Cell> seen = new HashSet<>();
        while (!waiting.isEmpty()) {
            Found how = found.get(waiting.remove(waiting.size() - 1));
            if (how == null) continue;
            for (Cell used : how.unknown()) {
                if (used.equals(start)) return true;
                if (seen.add(used)) waiting.add(used);
            }
        }
        return false;
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
