package didaxis.core.marking;

import didaxis.core.formula.Span;
import java.util.HashMap;
import java.util.Map;
import java.util.function.IntPredicate;

/**
 * What a learner may have had in the head: the values of unwritten cells, as far as they follow from answers that stand,
 * each step rounded to so many figures.
 */
final class InTheHead {
    private final Sheet sheet;
    private final Ways ways;
    private final Supports supports;
    private final double tolerances;
    private final Map<Integer, Span[]> byFigures = new HashMap<>();

    /** Whether a written answer may be used on the way to a cell. */
    interface Supports {
        boolean test(int input, int target);
    }

    /**
     * @param tolerances how far rounding may take a value from what full figures give
     */
    InTheHead(Sheet sheet, Supports supports, double tolerances) {
        this.sheet = sheet;
        this.ways = sheet.ways();
        this.supports = supports;
        this.tolerances = tolerances;
    }

    /** Whether it is known what an unwritten cell may have been. */
    boolean holds(int cell, int figures) {
        return !sheet.written(cell) && spans(figures)[cell] != null;
    }

    /** What an unwritten cell may have been, or what is written in a written one. */
    Span span(int cell, int figures) {
        return sheet.written(cell) ? Span.exactly(sheet.value(cell)) : spans(figures)[cell];
    }

    private Span[] spans(int figures) {
        return byFigures.computeIfAbsent(figures, this::compute);
    }

    private Span[] compute(int figures) {
        Span[] spans = new Span[ways.size()];
        for (int cell = 0; cell < spans.length; cell++) {
            if (!sheet.written(cell)) spans[cell] = hull(cell, spans, figures);
        }
        return spans;
    }

    private Span hull(int cell, Span[] spans, int figures) {
        // Only forwards, as one works: rounding to and fro would make anything of anything.
        IntPredicate usable =
                input -> sheet.written(input) ? supports.test(input, cell) : input < cell && spans[input] != null;
        Span hull = null;
        for (Way way : ways.to(cell)) {
            if (!way.allInputs(usable)) continue;
            Span span = way.on(input -> sheet.written(input) ? Span.exactly(sheet.value(input)) : spans[input]);
            if (!span.finite()) continue;
            // A value that is only copied is not rounded again.
            Span rounded = way.copies() ? span : clipped(span.widenedByRounding(figures));
            hull = hull == null ? rounded : hull.hull(rounded);
        }
        return hull;
    }

    private Span clipped(Span span) {
        double room = sheet.room(span.mid(), tolerances);
        return new Span(Math.max(span.lo(), span.mid() - room), span.mid(), Math.min(span.hi(), span.mid() + room));
    }
}
