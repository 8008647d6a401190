package didaxis.core.law;

import didaxis.core.circuit.Cell;
import java.util.List;

/** R = R1 + R2 + …: the same current passes each, and their voltages add. */
final class SeriesResistance {
    private SeriesResistance() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        return structure.combinations().stream()
                .filter(combination -> combination.series() && !combination.hasOpenMember())
                .flatMap(combination -> Combinations.wholeAndMembers(combination).stream())
                .map(cells -> Relation.sum(
                        Law.SERIES_RESISTANCE,
                        Cell.resistance(cells.whole()),
                        cells.members().stream().map(Cell::resistance).toList()))
                .toList();
    }
}
