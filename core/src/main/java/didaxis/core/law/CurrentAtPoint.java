package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The current at a point is that of what its wire leads to: nothing branches off between. */
final class CurrentAtPoint {
    private CurrentAtPoint() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        List<Relation> relations = new ArrayList<>();
        for (Subject point : structure.chart().subjects().readings()) {
            if (point.kind() != Subject.Kind.POINT) continue;
            Cell here = Cell.of(point, Quantity.CURRENT);
            Optional<Subject> along =
                    structure.currentOf(structure.chart().subjects().nodeOf(point));
            // Where nothing that has a name carries it, only that nothing flows can be told.
            if (along.filter(subject -> !subject.equals(point)).isPresent())
                Relation.equal(Law.CURRENT_AT_POINT, List.of(here, Cell.current(along.get())))
                        .ifPresent(relations::add);
            else if (structure.chart().value(here).orElse(1) == 0)
                relations.add(NoCurrent.zero(Law.CURRENT_AT_POINT, here));
        }
        return relations;
    }
}
