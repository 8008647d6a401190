package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Round the whole loop the emf is all voltages outside and the volts lost inside: E = V1 + V2 + … + I·r, for who goes on
 * without the terminal voltage; and E = potential + voltages above the point + I·r.
 */
final class WholeLoop {
    private WholeLoop() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        if (structure.chart().circuit().source().internalResistance() == 0) return List.of();
        List<Relation> relations = new ArrayList<>();
        structure.combinations().stream()
                .filter(Structure.Combination::series)
                .filter(combination -> combination.voltage().equals(Optional.of(Subject.EXTERNAL)))
                .flatMap(combination -> VoltageSum.terms(structure, combination).stream())
                .filter(terms -> terms.size() > 1)
                .forEach(terms -> {
                    relations.add(Emf.round(Law.WHOLE_LOOP, terms));
                    relations.add(Relation.sum(
                            Law.WHOLE_LOOP, Cell.voltage(Subject.TOTAL), and(terms, Cell.voltage(Subject.INTERNAL))));
                });
        for (Subject reading : structure.chart().subjects().readings()) {
            if (reading.kind() != Subject.Kind.POINT) continue;
            PotentialAtPoint.above(structure, reading)
                    .filter(above -> !above.isEmpty())
                    .ifPresent(above ->
                            relations.add(Emf.round(Law.WHOLE_LOOP, and(above, Cell.of(reading, Quantity.POTENTIAL)))));
        }
        return relations;
    }

    private static List<Cell> and(List<Cell> cells, Cell more) {
        List<Cell> all = new ArrayList<>(cells);
        all.add(more);
        return all;
    }
}
