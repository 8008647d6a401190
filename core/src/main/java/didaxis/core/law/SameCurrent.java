package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** One current passes all that is in series. */
final class SameCurrent {
    private SameCurrent() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        List<Relation> relations = new ArrayList<>();
        for (Structure.Combination combination : structure.combinations()) {
            if (!combination.series()) continue;
            Set<Subject> subjects = new LinkedHashSet<>();
            combination.current().ifPresent(subjects::add);
            combination.members().forEach(member -> member.current().ifPresent(subjects::add));
            subjects.removeIf(
                    subject -> structure.chart().value(Cell.current(subject)).isEmpty());
            Relation.equal(
                            Law.SAME_CURRENT,
                            subjects.stream().map(Cell::current).toList())
                    .ifPresent(relations::add);
        }
        return relations;
    }
}
