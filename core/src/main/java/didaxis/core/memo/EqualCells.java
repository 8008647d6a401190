package didaxis.core.memo;

import didaxis.core.circuit.Cell;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Cells that are equal by a law, as the currents along a branch, with one that stands for all of them. */
final class EqualCells {
    private final Set<Cell> known;
    private final Map<Cell, Cell> equal = new HashMap<>();
    private final Map<Cell, List<Cell>> members = new LinkedHashMap<>();
    private final Set<Cell> knownOnes = new HashSet<>();

    EqualCells(Relations relations, Set<Cell> known) {
        this.known = known;
        for (Relation relation : relations.all())
            if (relation.isEquality())
                for (Cell cell : relation.cells())
                    equal.put(one(cell), one(relation.cells().get(0)));
        for (Cell cell : relations.cells()) {
            Cell one = one(cell);
            equal.put(cell, one);
            members.computeIfAbsent(one, first -> new ArrayList<>()).add(cell);
            if (known.contains(cell)) knownOnes.add(one);
        }
    }

    /** The one that stands for all that are equal to a cell. */
    Cell one(Cell cell) {
        Cell at = cell;
        for (Cell next = equal.get(at); next != null && !next.equals(at); next = equal.get(at)) at = next;
        return at;
    }

    /** All for which one stands. */
    List<Cell> members(Cell one) {
        return members.getOrDefault(one, List.of());
    }

    /** Whether one of those is known for which it stands. */
    boolean isKnown(Cell one) {
        return knownOnes.contains(one) || known.contains(one);
    }

    /** How many differ. */
    int size() {
        return members.size();
    }
}
