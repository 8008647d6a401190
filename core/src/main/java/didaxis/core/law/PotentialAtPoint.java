package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The potential at a point is the sum of the voltages from there to the negative terminal, and the terminal
 * voltage less those from the positive terminal to there.
 */
final class PotentialAtPoint {
    private PotentialAtPoint() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        List<Relation> relations = new ArrayList<>();
        for (Subject reading : structure.chart().subjects().readings()) {
            if (reading.kind() != Subject.Kind.POINT) continue;
            Cell potential = Cell.of(reading, Quantity.POTENTIAL);
            decided(structure, reading, true)
                    .ifPresent(below -> relations.add(
                            below.isEmpty()
                                    ? NoCurrent.zero(Law.POTENTIAL_AT_POINT, potential)
                                    : Relation.sum(Law.POTENTIAL_AT_POINT, potential, below)));
            above(structure, reading).ifPresent(above -> {
                List<Cell> terms = new ArrayList<>(above);
                terms.add(potential);
                relations.add(Relation.sum(
                        Law.POTENTIAL_AT_POINT,
                        Cell.voltage(structure.chart().subjects().whole()),
                        terms));
            });
        }
        return relations;
    }

    /** The voltages from the positive terminal to a point; empty where one is not decided, or the potential is not. */
    static Optional<List<Cell>> above(Structure structure, Subject point) {
        return decided(structure, point, false);
    }

    private static Optional<List<Cell>> decided(Structure structure, Subject point, boolean towardsNegative) {
        if (structure.chart().value(Cell.of(point, Quantity.POTENTIAL)).isEmpty()) return Optional.empty();
        return structure
                .voltagesFrom(structure.chart().subjects().nodeOf(point), towardsNegative)
                .map(subjects -> subjects.stream().map(Cell::voltage).toList())
                .filter(cells -> cells.stream()
                        .allMatch(cell -> structure.chart().value(cell).isPresent()));
    }
}
