package didaxis.core.marking;

import didaxis.core.formula.Span;

/**
 * One way worked with particular values.
 *
 * @param inputs what was put in, in the order of the way's inputs, in SI: a value as written, or what it may have been
 * @param sources the cells these values were written in; -1 where they were in the head
 */
record Worked(Way way, Span[] inputs, int[] sources) {
    /** How many of the inputs were in the head. */
    int inTheHead() {
        int count = 0;
        for (int source : sources) if (source < 0) count++;
        return count;
    }
}
