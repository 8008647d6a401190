package didaxis.core.working;

import didaxis.core.circuit.Subject;
import didaxis.core.style.Terms;
import java.util.ArrayList;
import java.util.List;

/** In parallel, currents are inversely as the resistances: I1/I = R/R1. */
final class CurrentDivider implements Law {
    @Override
    public String id() {
        return "current-divider";
    }

    @Override
    public String reason(Terms terms) {
        return "in parallel, current divides inversely as the resistances";
    }

    @Override
    public List<Relation> in(Structure structure) {
        List<Relation> relations = new ArrayList<>();
        for (Structure.Combination combination : structure.combinations()) {
            if (combination.series() || combination.hasIdealMember()) continue;
            Combinations.wholeAndMembers(combination)
                    .filter(cells -> cells.members().size() > 1)
                    .ifPresent(cells -> {
                        for (Subject member : cells.members()) {
                            relations.add(VoltageDivider.proportion(
                                    this,
                                    Law.current(member),
                                    Law.current(cells.whole()),
                                    Law.resistance(cells.whole()),
                                    Law.resistance(member)));
                        }
                    });
        }
        return relations;
    }
}
