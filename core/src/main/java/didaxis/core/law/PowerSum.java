package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import java.util.ArrayList;
import java.util.List;

/** Powers add, whatever the connection (common practice; it is the conservation of energy). */
final class PowerSum {
    private PowerSum() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        List<Relation> relations = new ArrayList<>();
        for (Structure.Combination combination : structure.combinations()) {
            Combinations.wholeAndMembers(combination)
                    .ifPresent(cells -> relations.add(Relation.sum(
                            Law.POWER_SUM,
                            Cell.power(cells.whole()),
                            cells.members().stream().map(Cell::power).toList())));
        }
        List<Cell> single = structure.resisting().stream()
                .filter(subject -> subject.kind() == Subject.Kind.PART || subject.kind() == Subject.Kind.INTERNAL)
                .map(Cell::power)
                .toList();
        Cell total = Cell.power(Subject.TOTAL);
        boolean known = structure.chart().value(Cell.resistance(Subject.TOTAL)).isPresent();
        if (known && single.size() > 1) relations.add(Relation.sum(Law.POWER_SUM, total, single));
        return relations;
    }
}
