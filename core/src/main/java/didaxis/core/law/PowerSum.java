package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.style.Terms;
import java.util.ArrayList;
import java.util.List;

/** Powers add, whatever the connection (common practice; it is the conservation of energy). */
public final class PowerSum implements Law {
    @Override
    public String id() {
        return "power-sum";
    }

    @Override
    public String reason(Terms terms) {
        return "powers add, however the parts are connected";
    }

    @Override
    public List<Relation> in(Structure structure) {
        List<Relation> relations = new ArrayList<>();
        for (Structure.Combination combination : structure.combinations()) {
            Combinations.wholeAndMembers(combination)
                    .ifPresent(cells -> relations.add(Law.sum(
                            this,
                            Law.power(cells.whole()),
                            cells.members().stream().map(Law::power).toList())));
        }
        List<Cell> single = structure.resisting().stream()
                .filter(subject -> subject.kind() == Subject.Kind.PART || subject.kind() == Subject.Kind.INTERNAL)
                .map(Law::power)
                .toList();
        Cell total = Law.power(Subject.TOTAL);
        boolean known = structure.chart().value(Law.resistance(Subject.TOTAL)).isPresent();
        if (known && single.size() > 1) relations.add(Law.sum(this, total, single));
        return relations;
    }
}
