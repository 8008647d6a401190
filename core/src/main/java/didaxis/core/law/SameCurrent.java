package didaxis.core.law;

import didaxis.core.circuit.Subject;
import didaxis.core.style.Terms;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** One current passes all that is in series. */
final class SameCurrent implements Law {
    @Override
    public String id() {
        return "same-current";
    }

    @Override
    public String reason(Terms terms) {
        return "in series, the same current must pass";
    }

    @Override
    public List<Relation> in(Structure structure) {
        List<Relation> relations = new ArrayList<>();
        for (Structure.Combination combination : structure.combinations()) {
            if (!combination.series()) continue;
            Set<Subject> subjects = new LinkedHashSet<>();
            combination.current().ifPresent(subjects::add);
            combination.members().forEach(member -> member.current().ifPresent(subjects::add));
            subjects.removeIf(
                    subject -> structure.chart().value(Law.current(subject)).isEmpty());
            Law.equal(this, subjects.stream().map(Law::current).toList()).ifPresent(relations::add);
        }
        return relations;
    }
}
