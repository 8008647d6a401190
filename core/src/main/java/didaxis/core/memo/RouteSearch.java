package didaxis.core.memo;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Quantity;
import didaxis.core.working.Budget;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Looks for the routes to a cell from its end: from what is asked through what that takes to what is known, where the
 * same places are come by a great many times.
 */
final class RouteSearch {
    /** To read a formula is so much more work than to look at its cells. */
    private static final int TO_READ = 4;

    /** What is taught to be found from a power; to anything else that would be a detour. */
    private static final Set<Quantity> THROUGH_POWER = EnumSet.of(Quantity.POWER, Quantity.ENERGY, Quantity.COST);

    private final Cell target;
    private final Relations relations;
    private final EqualCells equal;
    private final Map<Cell, Place> places = new HashMap<>();
    private final Map<Relation, Set<Cell>> unknown = new HashMap<>();
    private final Map<Set<List<Object>>, Map<Cell, Found>> routes = new LinkedHashMap<>();
    private final Budget budget;
    /** Those that are found on the way that is looked at, the last one last. */
    private final List<Place> taken = new ArrayList<>();

    private int looks;

    /**
     * How a cell, or one that is equal to it, is found: by one formula of one law, from these.
     *
     * @param unknown those of them that have to be found before
     */
    record Found(Cell cell, Relation relation, Formula formula, List<Cell> from, List<Place> unknown) {}

    /** All cells that are equal, by the one that stands for them: where a search comes by again and again. */
    static final class Place {
        private final Cell one;
        private List<Candidate> laws;
        /** How it is found on the way that is looked at; null where it is not. */
        private Found found;
        /** The last look that came by. */
        private int seen;

        Place(Cell one) {
            this.one = one;
        }
    }

    /** A law that may give a cell, with its formulas once they are asked for: those of a sum of 200 are long. */
    private static final class Candidate {
        private final Cell cell;
        private final Relation relation;
        /** How many others have to be known. */
        private final int needed;

        private List<Found> ways;

        Candidate(Cell cell, Relation relation, int needed) {
            this.cell = cell;
            this.relation = relation;
            this.needed = needed;
        }
    }

    private RouteSearch(Cell target, Relations relations, EqualCells equal, Budget budget) {
        this.target = target;
        this.relations = relations;
        this.equal = equal;
        this.budget = budget;
    }

    /** The routes, the shortest first, each as how its cells are found, by the one that stands for the equals of each. */
    static List<Map<Cell, Found>> of(Cell target, Relations relations, EqualCells equal, Budget budget) {
        return new RouteSearch(target, relations, equal, budget).found();
    }

    private List<Map<Cell, Found>> found() {
        List<Place> open = List.of(place(equal.one(target)));
        // The shortest are found first, so that the search is never deeper than one beyond them.
        for (int steps = 1; steps <= equal.size() && !budget.spent(); steps++) {
            look(open, steps);
            if (routes.isEmpty()) continue;
            look(open, steps + 1);
            break;
        }
        return routes.values().stream()
                .sorted(Comparator.comparingInt(Map::size))
                .toList();
    }

    private Place place(Cell one) {
        return places.computeIfAbsent(one, Place::new);
    }

    /** Goes on from what is still open with at most so many steps more. */
    private void look(List<Place> open, int steps) {
        if (budget.spent()) return;
        budget.spend(1 + open.size() + taken.size());
        if (open.isEmpty()) {
            Map<Cell, Found> route = new LinkedHashMap<>();
            taken.forEach(place -> route.put(place.one, place.found));
            routes.putIfAbsent(signature(route), route);
            return;
        }
        if (open.size() > steps) return;
        Place next = open.get(0);
        if (next.laws == null) next.laws = laws(next);
        for (Candidate law : next.laws) {
            // Each that is needed is found already, or is a step of its own.
            if (law.needed > taken.size() + steps - 1) continue;
            if (law.ways == null) law.ways = ways(next, law);
            for (Found how : law.ways) take(next, how, open, steps);
        }
    }

    /** What makes two routes one: the same formulas for the same cells, by whatever law. */
    private static Set<List<Object>> signature(Map<Cell, Found> found) {
        Set<List<Object>> signature = new HashSet<>();
        found.forEach((cell, how) -> signature.add(List.of(cell, how.formula())));
        return signature;
    }

    /** The laws that give a place, each once. */
    private List<Candidate> laws(Place next) {
        Map<Relation, Candidate> laws = new LinkedHashMap<>();
        for (Cell cell : equal.members(next.one))
            for (Relation relation : relations.of(cell))
                if (!relation.isEquality()) {
                    Set<Cell> all = unknown.computeIfAbsent(relation, this::unknownOf);
                    // All others (see Relation).
                    int needed = all.size() - (all.contains(next.one) ? 1 : 0);
                    laws.putIfAbsent(relation, new Candidate(cell, relation, needed));
                }
        return List.copyOf(laws.values());
    }

    private Set<Cell> unknownOf(Relation relation) {
        budget.spend(relation.cells().size());
        return relation.cells().stream()
                .map(equal::one)
                .filter(one -> !equal.isKnown(one))
                .collect(Collectors.toSet());
    }

    /** How a law gives a place, where it can be worked out and is taught. */
    private List<Found> ways(Place next, Candidate law) {
        List<Found> all = new ArrayList<>();
        budget.spend((long) TO_READ * law.relation.cells().size());
        law.relation.formulas(law.cell).forEach(formula -> {
            List<Cell> used = FormulaCells.in(formula).stream().distinct().toList();
            boolean taught = used.stream().noneMatch(one -> equal.one(one).equals(next.one) || isDetour(one));
            if (taught && Double.isFinite(formula.with(new Evaluation(this::truth))))
                all.add(new Found(law.cell, law.relation, formula, used, unknown(used)));
        });
        return all;
    }

    private List<Place> unknown(List<Cell> used) {
        return used.stream()
                .map(equal::one)
                .distinct()
                .filter(one -> !equal.isKnown(one))
                .map(this::place)
                .toList();
    }

    private void take(Place next, Found how, List<Place> open, int steps) {
        budget.spend(how.unknown().size());
        List<Place> still = new ArrayList<>(open.subList(1, open.size()));
        for (Place from : how.unknown()) if (from.found == null && !still.contains(from)) still.add(from);
        if (still.size() > steps - 1) return;
        next.found = how;
        taken.add(next);
        looks++;
        if (!leadsTo(next, next)) look(still, steps - 1);
        taken.remove(taken.size() - 1);
        next.found = null;
    }

    /** Whether what a place is found from is found from another. */
    private boolean leadsTo(Place from, Place to) {
        for (Place used : from.found.unknown()) {
            if (used == to) return true;
            if (used.seen == looks) continue;
            used.seen = looks;
            if (used.found != null && leadsTo(used, to)) return true;
        }
        return false;
    }

    private boolean isDetour(Cell used) {
        boolean power = used.quantity() == Quantity.POWER;
        return power && !THROUGH_POWER.contains(target.quantity()) && !equal.isKnown(equal.one(used));
    }

    private double truth(Cell cell) {
        return relations.chart().value(cell).orElse(Double.NaN);
    }
}
