package didaxis.core.law;

import didaxis.core.circuit.Cell;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Voltages along a series add up to the voltage across it (Kirchhoff's voltage law). */
final class VoltageSum {
    private VoltageSum() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        return structure.combinations().stream()
                .filter(Structure.Combination::series)
                .flatMap(combination -> relation(structure, combination).stream())
                .toList();
    }

    private static Optional<Relation> relation(Structure structure, Structure.Combination combination) {
        if (combination.voltage().isEmpty()) return Optional.empty();
        Cell whole = Cell.voltage(combination.voltage().get());
        return terms(structure, combination)
                .filter(terms -> !terms.contains(whole))
                .map(terms -> Relation.sum(Law.VOLTAGE_SUM, whole, terms));
    }

    /** The voltages along a series; empty where one of them is not decided or has no subject, or where there is none. */
    static Optional<List<Cell>> terms(Structure structure, Structure.Combination combination) {
        List<Cell> terms = new ArrayList<>();
        for (Structure.Member member : combination.members()) {
            if (member.ohms() == 0) continue;
            if (member.voltage().isEmpty()) return Optional.empty();
            terms.add(Cell.voltage(member.voltage().get()));
        }
        boolean decided =
                terms.stream().allMatch(cell -> structure.chart().value(cell).isPresent());
        return decided && !terms.isEmpty() ? Optional.of(terms) : Optional.empty();
    }
}
