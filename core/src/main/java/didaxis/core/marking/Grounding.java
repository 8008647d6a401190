package didaxis.core.marking;

import didaxis.core.formula.Span;
import didaxis.core.marking.Sheet.Kind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;

/**
 * Which answers stand on the givens and on the truth: those that are the true value rounded, and whatever a relation
 * gives from these, worked with the numbers as written or, where values are not written, as they may have been rounded
 * in the head. An answer joins only by answers that are there before it, so that none vouches for itself.
 */
final class Grounding {
    /** What comes of rounding in the head may depart from the truth by this many tolerances. */
    static final double OFF_THE_TRUTH = 5;
    /** Of equal cells with different values this many are tried. */
    private static final int MOST_VALUES = 3;

    private final Sheet sheet;
    private final Ways ways;
    private final BitSet firm = new BitSet();
    /** What stands on an answer that is within the tolerance though nothing leads to it; it supports later answers only. */
    private final BitSet weak = new BitSet();

    private final Map<Integer, Worked> how = new HashMap<>();
    private final double[] values;

    Grounding(Sheet sheet) {
        this.sheet = sheet;
        this.ways = sheet.ways();
        values = new double[ways.size()];
        List<Integer> loose = new ArrayList<>();
        boolean open = false;
        for (int cell = 0; cell < ways.size(); cell++) {
            Kind kind = sheet.kind(cell);
            if (kind == Kind.GIVEN || kind == Kind.EXACT) firm.set(cell);
            if (kind == Kind.NEAR || kind == Kind.OPEN) loose.add(cell);
            open |= kind == Kind.OPEN;
        }
        if (open) spread(loose);
    }

    private void spread(List<Integer> loose) {
        boolean grew = true;
        while (grew) {
            grew = loose.removeIf(this::asWritten);
            if (grew) continue;
            InTheHead head = new InTheHead(sheet, this::supports, OFF_THE_TRUTH);
            grew = loose.removeIf(cell -> inTheHead(cell, head)) || startsNear(loose);
        }
    }

    /** Whether an answer stands. */
    boolean holds(int cell) {
        return firm.get(cell) || weak.get(cell);
    }

    /** How it came to stand; empty where it is the true value. */
    Optional<Worked> how(int cell) {
        return Optional.ofNullable(how.get(cell));
    }

    /** Whether an answer that stands may be used on the way to another. */
    boolean supports(int input, int target) {
        return firm.get(input) || weak.get(input) && input < target;
    }

    /** Whether an answer is the true value, or what answers that stand give, cut off instead of rounded. */
    boolean cutOff(int cell) {
        if (sheet.cutOff(cell, ways.truth(cell))) return true;
        for (Way way : ways.to(cell)) {
            if (way.own() && choose(cell, way, 0, new int[way.inputs().length]))
                return sheet.cutOff(cell, way.compiled().of(values));
        }
        return false;
    }

    private boolean asWritten(int cell) {
        if (asWritten(cell, cell)) return true;
        // What is only equal to it may be made of what is written, and the answer a copy of that.
        for (int equal : ways.equalTo(cell)) if (!sheet.written(equal) && asWritten(cell, equal)) return true;
        return false;
    }

    /** Whether an answer is what is made of the written for the cell itself, or for one that is equal to it. */
    private boolean asWritten(int cell, int made) {
        for (Way way : ways.to(made)) {
            if (made != cell && way.copies()) continue;
            int[] sources = new int[way.inputs().length];
            for (int choice = 0; choice < MOST_VALUES && choose(cell, way, choice, sources); choice++) {
                if (sheet.rounds(cell, way.compiled().of(values))) return join(cell, way, sources, this::asChosen);
                if (unrounded(cell, way, sources)) return join(cell, way, sources, input -> unrounded(input, sources));
            }
        }
        return false;
    }

    /**
     * Puts the values that are written for the inputs into their places: each input's own, or that of a cell equal to it.
     *
     * @return whether there are values for all, and at least one that an earlier choice did not have
     */
    private boolean choose(int cell, Way way, int choice, int[] sources) {
        boolean fresh = choice == 0;
        for (int k = 0; k < sources.length; k++) {
            int[] all = sources(cell, way.inputs()[k], way);
            if (all.length == 0) return false;
            fresh |= choice < all.length;
            sources[k] = all[Math.min(choice, all.length - 1)];
            values[way.inputs()[k]] = sheet.value(sources[k]);
        }
        return fresh;
    }

    private int[] sources(int cell, int input, Way way) {
        if (sheet.written(input)) return usable(cell, input, way) ? new int[] {input} : new int[0];
        int[] found = new int[MOST_VALUES];
        int count = 0;
        for (int equal : ways.equalTo(input)) {
            if (count == MOST_VALUES || !sheet.written(equal) || !usable(cell, equal, way)) continue;
            boolean known = false;
            for (int k = 0; k < count; k++) known |= sheet.value(found[k]) == sheet.value(equal);
            if (!known) found[count++] = equal;
        }
        return Arrays.copyOf(found, count);
    }

    private boolean usable(int cell, int source, Way way) {
        // What the working derives from a cell says nothing of it.
        boolean circular = ways.restsOn(source, cell) || ways.restsOn(source, way.target());
        return source != cell && source != way.target() && supports(source, cell) && !circular;
    }

    /** Whether the way leads to the answer if true values were gone on with unrounded. */
    private boolean unrounded(int cell, Way way, int[] sources) {
        if (way.subtracts()) return false;
        Span span = way.on(input -> unrounded(input, sources));
        return span.finite() && sheet.rounds(cell, span.lo(), span.hi());
    }

    private Span asChosen(int input) {
        return Span.exactly(values[input]);
    }

    private Span unrounded(int input, int[] sources) {
        for (int source : sources) {
            boolean exact = source == input && sheet.kind(source) == Kind.EXACT;
            if (exact) return asChosen(input).hull(Span.exactly(ways.truth(source)));
        }
        return asChosen(input);
    }

    private boolean join(int cell, Way way, int[] sources, IntFunction<Span> inputs) {
        boolean restsOnWeak = false;
        Span[] spans = new Span[sources.length];
        for (int k = 0; k < sources.length; k++) {
            spans[k] = inputs.apply(way.inputs()[k]);
            restsOnWeak |= sources[k] >= 0 && weak.get(sources[k]);
        }
        (restsOnWeak ? weak : firm).set(cell);
        how.put(cell, new Worked(way, spans, sources));
        return true;
    }

    /** The first answer within the tolerance that nothing leads to, but that leads to a later one, is taken as a start. */
    private boolean startsNear(List<Integer> loose) {
        for (int start : loose) {
            if (sheet.kind(start) != Kind.NEAR) continue;
            weak.set(start);
            for (int cell : loose) {
                boolean follows = cell > start && sheet.kind(cell) == Kind.OPEN && asWritten(cell);
                if (follows) return loose.removeIf(one -> one == cell || one == start);
            }
            weak.clear(start);
        }
        return false;
    }

    private boolean inTheHead(int cell, InTheHead head) {
        int figures = sheet.figures(cell);
        for (Way way : ways.to(cell)) {
            boolean reached =
                    way.allInputs(input -> sheet.written(input) ? supports(input, cell) : head.holds(input, figures));
            if (!reached) continue;
            Span span = way.on(input -> head.span(input, figures));
            if (!span.finite() || !sheet.rounds(cell, span.lo(), span.hi()) || !near(way, span)) continue;
            int[] sources = new int[way.inputs().length];
            for (int k = 0; k < sources.length; k++) {
                int input = way.inputs()[k];
                sources[k] = sheet.written(input) ? input : -1;
            }
            return join(cell, way, sources, input -> head.span(input, figures));
        }
        return false;
    }

    /** Whether no more than rounding in the head took the answer off the truth, or off what its own written inputs give. */
    private boolean near(Way way, Span span) {
        if (sheet.near(way.target(), ways.truth(way.target()), OFF_THE_TRUTH)) return true;
        for (int k = 0; k < way.inputs().length; k++) {
            int input = way.inputs()[k];
            boolean loose = way.subtracted()[k] || ways.restsOn(input, way.target());
            if (loose && !sheet.written(input)) return false;
        }
        return sheet.near(way.target(), span.mid(), OFF_THE_TRUTH);
    }
}
