package didaxis.core.marking;

import didaxis.core.formula.Span;
import java.util.BitSet;

/** A way with a value chosen for each input, and what it gives. */
record Tried(Way way, OwnValue[] inputs, BitSet restsOn, Span span) {
    /**
     * Works a way with these values: with one in the head that is not subtracted a formula only grows or only falls with it.
     *
     * @param numbers room for a number for every cell, to be written over
     */
    static Tried of(Way way, OwnValue[] chosen, double[] numbers) {
        BitSet restsOn = new BitSet();
        int head = -1;
        for (int k = 0; k < chosen.length; k++) {
            restsOn.or(chosen[k].restsOn());
            numbers[way.inputs()[k]] = chosen[k].span().mid();
            if (chosen[k].inTheHead()
                    && chosen[k].span().lo() < chosen[k].span().hi()) head = k;
        }
        double mid = way.compiled().of(numbers);
        if (head < 0) return new Tried(way, chosen, restsOn, Span.exactly(mid));
        numbers[way.inputs()[head]] = chosen[head].span().lo();
        double one = way.compiled().of(numbers);
        numbers[way.inputs()[head]] = chosen[head].span().hi();
        double other = way.compiled().of(numbers);
        return new Tried(way, chosen, restsOn, new Span(Math.min(one, other), mid, Math.max(one, other)));
    }

    /** What a learner goes on with who does not write it down, rounded to so many figures. */
    OwnValue inTheHead(int figures) {
        // A value that is only copied is not rounded again, and one that is copied from the sheet is written.
        if (way.copies()) return new OwnValue(span, restsOn, inputs[0].source(), inputs[0].plain());
        boolean plain = restsOn.cardinality() == 1 && !headUsed() && !way.subtracts();
        return new OwnValue(span.widenedByRounding(figures), restsOn, -1, plain);
    }

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
