package didaxis.core.law;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import didaxis.core.style.Terms;
import java.util.ArrayList;
import java.util.List;

/** I = 0 where the way is open, and in a wire that another bypasses. */
final class NoCurrent implements Law {
    @Override
    public String id() {
        return "no-current";
    }

    @Override
    public String reason(Terms terms) {
        return "the way is open, or bypassed: no current";
    }

    @Override
    public List<Relation> in(Structure structure) {
        Chart chart = structure.chart();
        List<Relation> relations = new ArrayList<>();
        for (Subject subject : chart.rows()) {
            boolean open = chart.value(Law.resistance(subject)).isEmpty();
            // Ohm's law says nothing of an ideal wire; one that another wire bypasses carries nothing.
            boolean idle = chart.value(Law.resistance(subject)).orElse(1) == 0
                    && chart.value(Law.current(subject)).orElse(1) == 0;
            if (!open && !idle && chart.condition(subject) != Chart.Condition.NO_CURRENT) continue;
            relations.add(zero(this, Law.current(subject)));
            // Where there is no resistance to put into P = I²·R, no current is reason enough.
            if (open) relations.add(zero(this, Law.power(subject)));
        }
        return relations;
    }

    static Relation zero(Law law, Cell cell) {
        return Relation.of(law).solved(cell, new Formula.Number(0)).build();
    }
}
