package didaxis.core.marking;

import didaxis.core.formula.Span;
import java.util.BitSet;

/**
 * A value for a cell, the wrong answers it rests on, and where it is written; -1 for in the head.
 *
 * @param plain whether it is made of one wrong answer and of what is given or right, without a difference
 */
record OwnValue(Span span, BitSet restsOn, int source, boolean plain) {
    private static final double ALIKE = 1e-6;

    boolean inTheHead() {
        return source < 0;
    }

    /** To all its figures, as it is where it is not written down in between. */
    OwnValue unrounded() {
        return new OwnValue(Span.exactly(span.mid()), restsOn, source, plain);
    }

    /** Whether another would add nothing to it: as large, and resting on no less. */
    boolean covers(Span other, BitSet others) {
        boolean alike = Math.abs(span.mid() - other.mid()) <= ALIKE * other.mid();
        return alike && Origins.contains(others, restsOn);
    }
}
