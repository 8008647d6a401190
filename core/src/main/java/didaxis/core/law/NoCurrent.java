package didaxis.core.law;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Formula;
import java.util.ArrayList;
import java.util.List;

/** I = 0 where the way is open, and in a wire that another bypasses. */
final class NoCurrent {
    private NoCurrent() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        Chart chart = structure.chart();
        List<Relation> relations = new ArrayList<>();
        for (Subject subject : chart.rows()) {
            boolean open = chart.value(Cell.resistance(subject)).isEmpty();
            // Ohm's law says nothing of an ideal wire; one that another wire bypasses carries nothing.
            boolean idle = chart.value(Cell.resistance(subject)).orElse(1) == 0
                    && chart.value(Cell.current(subject)).orElse(1) == 0;
            if (!open && !idle && chart.condition(subject) != Chart.Condition.NO_CURRENT) continue;
            relations.add(zero(Law.NO_CURRENT, Cell.current(subject)));
            // Where there is no resistance to put into P = I²·R, no current is reason enough.
            if (open) relations.add(zero(Law.NO_CURRENT, Cell.power(subject)));
        }
        return relations;
    }

    static Relation zero(Law law, Cell cell) {
        return Relation.of(law).solved(cell, new Formula.Number(0)).build();
    }
}
