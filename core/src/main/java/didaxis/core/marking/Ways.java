package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Compiled;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * The cells of a question, numbered in the order of the working, and all ways that lead to each. Ways are laid out when
 * they are first asked for and then kept, so that a class's sheets share them.
 */
final class Ways {
    private final Relations relations;
    private final Map<Cell, Formula> working = new HashMap<>();
    private final List<Cell> cells = new ArrayList<>();
    private final Map<Cell, Integer> numbers = new HashMap<>();
    /** Of each relation its cells by their numbers. */
    private final Map<Relation, int[]> members = new HashMap<>();

    private final double[] truth;
    private final Way[][] to;
    private final Way[][] workedTo;
    private final BitSet[] under;
    private final int[][] neighbours;
    private final int[][] equals;

    /**
     * @param given the cells that every learner is given
     * @param steps the working from these to every other cell
     */
    Ways(Relations relations, Set<Cell> given, List<Step> steps) {
        this.relations = relations;
        Map<Cell, Integer> place = new LinkedHashMap<>();
        given.forEach(cell -> place.put(cell, place.size()));
        for (Step step : steps) {
            place.putIfAbsent(step.cell(), place.size());
            working.put(step.cell(), step.formula());
        }
        Set<Cell> all = new HashSet<>(relations.cells());
        all.addAll(given);
        all.addAll(alone(relations));
        all.stream()
                .sorted(Comparator.comparingInt((Cell cell) -> place.getOrDefault(cell, Integer.MAX_VALUE))
                        .thenComparing(cell -> cell.subject().id())
                        .thenComparing(Cell::quantity))
                .forEach(cells::add);
        for (Cell cell : cells) numbers.put(cell, numbers.size());
        for (Relation relation : relations.all())
            members.put(
                    relation, relation.cells().stream().mapToInt(numbers::get).toArray());
        truth = cells.stream()
                .mapToDouble(cell -> relations.chart().value(cell).orElse(Double.NaN))
                .toArray();
        to = new Way[cells.size()][];
        workedTo = new Way[to.length][];
        under = new BitSet[cells.size()];
        for (int cell = 0; cell < under.length; cell++) {
            under[cell] = new BitSet();
            Formula formula = working.get(cells.get(cell));
            if (formula == null) continue;
            for (Cell input : FormulaCells.in(formula)) {
                under[cell].set(numbers.get(input));
                BitSet below = under[numbers.get(input)];
                if (below != null) under[cell].or(below);
            }
        }
        neighbours = new int[cells.size()][];
        equals = equals(relations);
    }

    /** Settings of parts, which have a value even where no law leads to it, such as a resistance without a current. */
    private static List<Cell> alone(Relations relations) {
        return relations.chart().rows().stream()
                .map(Cell::resistance)
                .filter(cell -> relations.chart().value(cell).isPresent())
                .toList();
    }

    /** For every cell all that equalities say are equal to it, through others too. */
    private int[][] equals(Relations relations) {
        int[] first = new int[cells.size()];
        for (int cell = 0; cell < first.length; cell++) first[cell] = cell;
        for (Relation relation : relations.all()) {
            if (!relation.isEquality()) continue;
            int one = find(first, members.get(relation)[0]);
            for (int cell : members.get(relation)) first[find(first, cell)] = one;
        }
        Map<Integer, List<Integer>> classes = new HashMap<>();
        for (int cell = 0; cell < first.length; cell++)
            classes.computeIfAbsent(find(first, cell), one -> new ArrayList<>()).add(cell);
        int[][] all = new int[first.length][];
        classes.values().forEach(members -> {
            int[] together = members.stream().mapToInt(Integer::intValue).toArray();
            for (int member : together) all[member] = together;
        });
        return all;
    }

    private static int find(int[] first, int cell) {
        int at = cell;
        while (first[at] != at) at = first[at] = first[first[at]];
        return at;
    }

    /** The cells that are equal to a cell, itself among them, in the order of the working. */
    int[] equalTo(int cell) {
        return equals[cell];
    }

    int size() {
        return cells.size();
    }

    Cell cell(int number) {
        return cells.get(number);
    }

    int number(Cell cell) {
        return numbers.get(cell);
    }

    boolean knows(Cell cell) {
        return numbers.containsKey(cell);
    }

    /** The true value of a cell in SI. */
    double truth(int number) {
        return truth[number];
    }

    /** Whether the working comes to a cell by way of another. */
    boolean restsOn(int cell, int other) {
        return under[cell].get(other);
    }

    /** All ways to a cell, as taught first. */
    synchronized Way[] to(int target) {
        if (to[target] == null) to[target] = lay(target);
        return to[target];
    }

    private Way[] lay(int target) {
        List<Way> ways = new ArrayList<>();
        Cell cell = cells.get(target);
        Formula own = working.get(cell);
        for (Relation relation : relations.of(cell)) {
            for (Cell other : relation.isEquality() ? relation.cells() : List.<Cell>of())
                if (!other.equals(cell)) ways.add(copy(target, relation, other, own));
            if (!relation.isEquality())
                relation.formulas(cell).forEach(formula -> ways.add(way(target, relation, formula, own)));
        }
        return ways.toArray(Way[]::new);
    }

    private Way copy(int target, Relation relation, Cell other, Formula own) {
        int number = numbers.get(other);
        Formula formula = Formula.of(other);
        return new Way(
                this,
                target,
                new int[] {number},
                relation,
                formula,
                values -> values[number],
                new boolean[1],
                formula.equals(own));
    }

    private Way way(int target, Relation relation, Formula formula, Formula own) {
        Inputs inputs = Inputs.of(formula, numbers::get);
        return new Way(
                this,
                target,
                inputs.cells(),
                relation,
                formula,
                Compiled.of(formula, numbers::get),
                inputs.subtracted(),
                formula.equals(own));
    }

    /** The ways to a cell that are more than a copy of another's value. */
    synchronized Way[] workedTo(int target) {
        if (workedTo[target] == null)
            workedTo[target] =
                    Arrays.stream(to(target)).filter(way -> !way.copies()).toArray(Way[]::new);
        return workedTo[target];
    }

    /** The cells that are worked from a cell with others, the cell itself among them. */
    synchronized int[] neighbours(int number) {
        if (neighbours[number] == null) {
            BitSet seen = new BitSet();
            neighbours[number] = relations.of(cells.get(number)).stream()
                    .filter(relation -> !relation.isEquality())
                    .flatMapToInt(relation -> IntStream.of(members.get(relation)))
                    .filter(cell -> !seen.get(cell))
                    .peek(seen::set)
                    .toArray();
        }
        return neighbours[number];
    }
}
