package didaxis.core.drawing;

import didaxis.core.style.HouseStyle.ResistorSymbol;
import java.util.Random;

/**
 * How a circuit is to be drawn.
 *
 * @param degree how hard a disguised drawing is to read, 1 to 3; of no meaning to the others
 * @param seed what a disguised drawing is drawn from: the same seed gives the same drawing
 * @param arrows which way the arrows of the currents point
 * @param polarity whether + and − stand at the ends of what a voltage is across
 * @param junctionNames whether the junctions are named
 */
public record Plan(
        Arrangement arrangement,
        int degree,
        long seed,
        ResistorSymbol resistor,
        Arrows arrows,
        boolean polarity,
        boolean junctionNames) {
    /** Ways to lay out a circuit. */
    public enum Arrangement {
        /** The source at the left, the current along the top, down the right, back along the bottom. */
        LOOP,
        /** Straightened from left to right between the terminals. */
        LINE,
        /** Harder to read: turned round, branches swapped, the source moved or amid them, a wire long, a branch aslant, in a row, as a star. */
        DISGUISED
    }

    /** Arrows of currents. */
    public enum Arrows {
        NONE,
        CONVENTIONAL,
        ELECTRON_FLOW
    }

    public static final int HARDEST = 3;

    /** A loop of rectangles with its junctions named. */
    public static final Plan USUAL =
            new Plan(Arrangement.LOOP, 1, 0, ResistorSymbol.RECTANGLE, Arrows.NONE, false, true);

    public Plan {
        if (degree < 1 || degree > HARDEST) {
            throw new IllegalArgumentException("degree of disguise (" + degree + ") must be 1 to " + HARDEST);
        }
    }

    /** Whether it is disguised to this degree or more. */
    boolean disguised(int least) {
        return arrangement == Arrangement.DISGUISED && degree >= least;
    }

    /** Chance for one thing that is left to it: what else is does not move it, and seeds that are near differ in it. */
    Random chance(int what) {
        return new Random(seed * 0x9E3779B97F4A7C15L + what * 0xBF58476D1CE4E5B9L);
    }

    /** The same in another degree of disguise. */
    Plan with(int other) {
        return new Plan(arrangement, other, seed, resistor, arrows, polarity, junctionNames);
    }

    public Plan with(Arrangement other) {
        return new Plan(other, degree, seed, resistor, arrows, polarity, junctionNames);
    }

    public Plan with(ResistorSymbol other) {
        return new Plan(arrangement, degree, seed, other, arrows, polarity, junctionNames);
    }
}
