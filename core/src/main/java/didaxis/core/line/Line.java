package didaxis.core.line;

import java.util.List;
import java.util.Optional;

/**
 * A line of working as it was read.
 *
 * @param typed as it was written
 * @param chains what it states, one chain of equal sides each; none where it holds words alone
 * @param unread where reading stopped, if it did; what stands before is in the chains
 */
public record Line(String typed, List<Chain> chains, Optional<Unread> unread) {
    public Line {
        chains = List.copyOf(chains);
    }

    /** One that is not looked at, since there are more than can be. */
    public static Line beyond(String typed) {
        return new Line(typed, List.of(), Optional.of(Unread.BEYOND));
    }

    /** Whether it begins with the sign, and so goes on from the line before. */
    public boolean goesOn() {
        return typed.strip().matches("(?s)[→⇒∴]?\\s*[=≈].*");
    }

    /** Sides that are said to be equal, in their order; a single one where nothing is said of it. */
    public record Chain(List<Term> sides) {
        public Chain {
            sides = List.copyOf(sides);
        }
    }

    /**
     * The place that could not be read.
     *
     * @param at the place of its first character, from 0
     * @param found what stands there; empty at the end
     */
    public record Unread(int at, String found) {
        /** Of a line that was not looked at, since there are more than can be. */
        public static final Unread BEYOND = new Unread(-1, "");
    }
}
