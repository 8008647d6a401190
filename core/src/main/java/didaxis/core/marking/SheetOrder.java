package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.law.Relations;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Chaining;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Where amounts of a state stand on the sheet they belong to, and what follows by the state's whole working from those that
 * stand before.
 */
final class SheetOrder {
    /** What is asked by one task alone. */
    static final SheetOrder NONE = new SheetOrder();

    /** So many cells are worked out for one sheet: of large circuits fewer answers are followed through the working. */
    private static final int MOST_WORKED = 10_000;

    private final Relations relations;
    private final Set<Cell> known;
    private final Map<Cell, Integer> tasks;
    private final List<Cell> asked;
    /** What lines state besides their answers. */
    private final Set<Cell> lines = new LinkedHashSet<>();

    private final Map<Route, CarriedRoute> routes = new ConcurrentHashMap<>();

    /** Laid out for the first route that is asked for. */
    private volatile Chaining chaining;

    private record Route(Set<Cell> start, Cell target) {}

    /** Of what lines state: the place at which each stands. */
    static SheetOrder of(Map<Cell, Integer> lines) {
        return new SheetOrder(lines, List.of());
    }

    private SheetOrder(Map<Cell, Integer> places, List<Cell> asked) {
        this(null, Set.of(), places, asked);
    }

    private SheetOrder(Relations relations, Set<Cell> known, Map<Cell, Integer> places, List<Cell> asked) {
        this.relations = relations;
        this.known = known;
        this.tasks = places;
        this.asked = asked;
    }

    /** The same with cells that lines state, each at the place of the task they stand in. */
    SheetOrder with(Map<Cell, Integer> lines) {
        if (lines.isEmpty()) return this;
        Map<Cell, Integer> places = new LinkedHashMap<>(lines);
        places.putAll(tasks);
        SheetOrder with = new SheetOrder(relations, known, places, asked);
        with.lines.addAll(lines.keySet());
        with.chaining = chaining;
        return with;
    }

    /** Whether an answer may rest on another: not on what only the lines of a later task state. */
    boolean mayRest(Cell answer, Cell on) {
        return !lines.contains(on) || task(on) <= task(answer);
    }

    private SheetOrder() {
        this(null, Set.of(), Map.of());
    }

    /**
     * @param known what is given in the state, or asked in another where it is the same
     * @param tasks of each asked cell the place of the task that asks for it, in the order of the sheet
     */
    SheetOrder(Relations relations, Set<Cell> known, Map<Cell, Integer> tasks) {
        this.relations = relations;
        this.known = known;
        this.tasks = tasks;
        this.asked = List.copyOf(tasks.keySet());
    }

    /** So many wrong answers of one sheet are followed through the whole working. */
    int mostFollowed() {
        return asked.isEmpty() ? 0 : MOST_WORKED / relations.cells().size();
    }

    /** The place of the task that asks for a cell; what is said of it elsewhere, as by a reduction, comes before all. */
    int task(Cell cell) {
        return tasks.getOrDefault(cell, -1);
    }

    /**
     * How a wrong answer follows by the whole working from what stands elsewhere, from what is asked before it, and from
     * both.
     *
     * @param written all that the learner wrote, in SI
     * @param wrong which of it is wrong
     */
    List<Derivation> followed(Finding.Wrong answer, Map<Cell, Double> written, Set<Cell> wrong, MarkingStyle style) {
        int place = asked.indexOf(answer.cell());
        if (place < 0) return List.of();
        List<Cell> elsewhere = written.keySet().stream()
                .filter(cell -> !tasks.containsKey(cell))
                .toList();
        List<Cell> before =
                asked.subList(0, place).stream().filter(written::containsKey).toList();
        Set<Set<Cell>> starts = new LinkedHashSet<>();
        starts.add(start(elsewhere, List.of()));
        starts.add(start(List.of(), before));
        starts.add(start(elsewhere, before));
        List<Derivation> followed = new ArrayList<>();
        for (Set<Cell> start : starts)
            if (start.stream().anyMatch(wrong::contains))
                route(start, answer.cell())
                        .explain(answer, written, wrong, style)
                        .ifPresent(followed::add);
        return followed;
    }

    private Set<Cell> start(List<Cell> elsewhere, List<Cell> before) {
        Set<Cell> start = new LinkedHashSet<>(known);
        start.addAll(elsewhere);
        start.addAll(before);
        return start;
    }

    private CarriedRoute route(Set<Cell> start, Cell target) {
        if (chaining == null) chaining = new Chaining(relations);
        return routes.computeIfAbsent(
                new Route(start, target), route -> new CarriedRoute(relations.chart(), chaining, start, target));
    }
}
