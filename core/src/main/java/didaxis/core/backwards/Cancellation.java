package didaxis.core.backwards;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.FormulaCells;
import didaxis.core.formula.Span;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * What a working loses in double precision: a difference of nearly equal numbers keeps few of their figures, and what
 * follows from it no more.
 */
final class Cancellation {
    /** Known values are taken to be this exact, and a cell to be lost if it comes out a million times less so. */
    private static final double EXACT = 1e-12;

    private static final double LOST = 1e-6;

    private Cancellation() {}

    /** The cells that the steps give too inexactly to be told. */
    static Set<Cell> lost(Deduction deduction) {
        Map<Cell, Span> spans = new HashMap<>();
        deduction.values().forEach((cell, value) -> spans.put(cell, about(value)));
        Set<Cell> lost = new HashSet<>();
        for (Step step : deduction.steps()) {
            if (step.phase() == Step.Phase.TOGETHER) continue;
            Span span = step.formula().with(new Span.Arithmetic(spans::get));
            boolean exact = span.finite() && span.hi() - span.lo() <= LOST * Math.abs(span.mid());
            if (exact) spans.put(step.cell(), span);
            boolean follows = FormulaCells.in(step.formula()).stream().anyMatch(lost::contains);
            if (!exact || follows) lost.add(step.cell());
        }
        return lost;
    }

    private static Span about(double value) {
        double room = EXACT * Math.abs(value);
        return new Span(value - room, value, value + room);
    }
}
