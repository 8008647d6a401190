package didaxis.core.marking;

import didaxis.core.formula.Span;
import java.util.BitSet;

/** A way with a value chosen for each input, and what it gives. */
record Tried(Way way, OwnValue[] inputs, BitSet restsOn, Span span) {
    boolean headUsed() {
        for (OwnValue input : inputs) if (input.inTheHead()) return true;
        return false;
    }

    /** Whether a value in the head stands in a difference: whatever it was rounded to would make much of little. */
    boolean headInDifference() {
        for (int k = 0; k < inputs.length; k++) if (inputs[k].inTheHead() && way.subtracted()[k]) return true;
        return false;
    }

    Worked worked() {
        Span[] spans = new Span[inputs.length];
        int[] sources = new int[inputs.length];
        for (int k = 0; k < inputs.length; k++) {
            spans[k] = inputs[k].span();
            sources[k] = inputs[k].source();
        }
        return new Worked(way, spans, sources);
    }
}
