package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import java.util.Comparator;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;

/** What is stated, and which errors have cost a point already: no error costs more than one. */
final class Ledger {
    private final Map<Cell, Finding> stated;
    private final BiPredicate<Cell, Cell> alike;
    private final Set<Cell> charged = new HashSet<>();

    /**
     * @param stated what is said of the cells that lines state
     * @param alike whether two cells have the same value whatever the values are
     */
    Ledger(Map<Cell, Finding> stated, BiPredicate<Cell, Cell> alike) {
        this.stated = stated;
        this.alike = alike;
    }

    /** What is stated of a cell, or else of one that is equal to it. */
    Optional<Map.Entry<Cell, Finding>> stated(Cell cell) {
        return stated.entrySet().stream()
                .filter(one -> alike.test(one.getKey(), cell))
                .min(Comparator.comparing(one -> !one.getKey().equals(cell)));
    }

    /** An error in this cell, or one that is equal to it, has a point of its own. */
    void charge(Cell cell) {
        stated.keySet().stream().filter(one -> alike.test(one, cell)).forEach(charged::add);
    }

    /** Whether an amount is right, or follows from what is wrong elsewhere or has been charged. */
    boolean follows(Finding finding) {
        return finding.earns() && origins(finding, new HashSet<>()).isEmpty();
    }

    /** Whether a cell may be gone on with. */
    boolean mayStand(Cell cell) {
        return stated.entrySet().stream()
                .filter(one -> alike.test(one.getKey(), cell))
                .allMatch(one -> charged.contains(one.getKey()) || follows(one.getValue()));
    }

    /** Whether a step earns; if not, what it rests on is charged to it. */
    boolean earns(Finding finding) {
        if (!finding.earns()) return false;
        Set<Cell> origins = origins(finding, new HashSet<>());
        charged.addAll(origins);
        return origins.isEmpty();
    }

    private Set<Cell> origins(Finding finding, Set<Cell> seen) {
        Set<Cell> origins = new HashSet<>();
        if (!(finding instanceof Finding.FollowThrough followed)) return origins;
        for (Cell from : followed.derivation().from().keySet()) {
            Finding own = stated.get(from);
            if (own == null || charged.contains(from) || !seen.add(from)) continue;
            if (own.earns()) origins.addAll(origins(own, seen));
            else origins.add(from);
        }
        return origins;
    }
}
