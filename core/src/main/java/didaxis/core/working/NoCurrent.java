package didaxis.core.working;

import didaxis.core.analysis.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import java.util.ArrayList;
import java.util.List;

/** I = 0 where the way is open. */
final class NoCurrent implements Law {
    @Override
    public String id() {
        return "no-current";
    }

    @Override
    public String reason() {
        return "the way is open: no current";
    }

    @Override
    public List<Relation> in(Structure structure) {
        Chart chart = structure.chart();
        List<Relation> relations = new ArrayList<>();
        for (Subject subject : chart.rows()) {
            if (chart.condition(subject) != Chart.Condition.NO_CURRENT) continue;
            relations.add(zero(this, Law.current(subject)));
            // Where there is no resistance to put into P = I²·R, no current is reason enough.
            if (chart.value(Law.resistance(subject)).isEmpty()) relations.add(zero(this, Law.power(subject)));
        }
        return relations;
    }

    static Relation zero(Law law, Cell cell) {
        return Relation.of(law).solved(cell, new Formula.Number(0)).build();
    }
}
