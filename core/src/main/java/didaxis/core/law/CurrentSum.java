package didaxis.core.law;

import didaxis.core.circuit.Cell;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Currents into a junction are as much as the currents out of it (Kirchhoff's current law). */
final class CurrentSum {
    private CurrentSum() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        return structure.combinations().stream()
                .filter(combination -> !combination.series())
                .flatMap(combination -> relation(structure, combination).stream())
                .toList();
    }

    private static Optional<Relation> relation(Structure structure, Structure.Combination combination) {
        if (combination.current().isEmpty()) return Optional.empty();
        Cell whole = Cell.current(combination.current().get());
        boolean wired = combination.hasIdealMember();
        List<Cell> terms = new ArrayList<>();
        for (Structure.Member member : combination.members()) {
            // Beside an ideal wire, and in an open branch, there is no current to add.
            if (wired ? member.ohms() != 0 : !member.resists()) continue;
            if (member.current().isEmpty()) return Optional.empty();
            terms.add(Cell.current(member.current().get()));
        }
        boolean decided =
                terms.stream().allMatch(cell -> structure.chart().value(cell).isPresent())
                        && structure.chart().value(whole).isPresent();
        if (!decided || terms.isEmpty() || terms.contains(whole)) return Optional.empty();
        return Optional.of(Relation.sum(Law.CURRENT_SUM, whole, terms));
    }
}
