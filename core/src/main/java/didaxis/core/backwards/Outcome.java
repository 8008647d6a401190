package didaxis.core.backwards;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.working.Deduction;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** What came of it. */
public sealed interface Outcome {
    /** Everything that was asked follows, step by step or with one step for several unknowns together. */
    record Solved(Deduction deduction, Circuit circuit) implements Outcome {
        @Override
        public <T> T match(
                Function<Solved, T> solved,
                Function<NotEnough, T> notEnough,
                Function<Contradictory, T> contradictory,
                Function<Several, T> several,
                Function<Undecided, T> undecided) {
            return solved.apply(this);
        }
    }

    /**
     * The rest does not follow: two circuits that differ in what was asked fit all that is given.
     *
     * @param wouldDo cells each of which alone would be enough; where none is, cells that together would be
     * @param alone whether one of them is enough
     */
    record NotEnough(Deduction deduction, List<Cell> wouldDo, boolean alone, Circuit one, Circuit other)
            implements Outcome {
        @Override
        public <T> T match(
                Function<Solved, T> solved,
                Function<NotEnough, T> notEnough,
                Function<Contradictory, T> contradictory,
                Function<Several, T> several,
                Function<Undecided, T> undecided) {
            return notEnough.apply(this);
        }
    }

    /**
     * No circuit fits: these givens cannot all be true.
     *
     * @param disagreeing the fewest of them found that cannot, the last being what the others speak against
     * @param instead what the others give for the last one; empty where they give no value for it
     */
    record Contradictory(List<Given> disagreeing, Optional<Double> instead) implements Outcome {
        @Override
        public <T> T match(
                Function<Solved, T> solved,
                Function<NotEnough, T> notEnough,
                Function<Contradictory, T> contradictory,
                Function<Several, T> several,
                Function<Undecided, T> undecided) {
            return contradictory.apply(this);
        }
    }

    /** Several circuits fit, each of them by itself. */
    record Several(Deduction deduction, List<Circuit> circuits) implements Outcome {
        @Override
        public <T> T match(
                Function<Solved, T> solved,
                Function<NotEnough, T> notEnough,
                Function<Contradictory, T> contradictory,
                Function<Several, T> several,
                Function<Undecided, T> undecided) {
            return several.apply(this);
        }
    }

    /** It stalls, and neither a solution nor a proof that there is none was found. */
    record Undecided(Deduction deduction) implements Outcome {
        @Override
        public <T> T match(
                Function<Solved, T> solved,
                Function<NotEnough, T> notEnough,
                Function<Contradictory, T> contradictory,
                Function<Several, T> several,
                Function<Undecided, T> undecided) {
            return undecided.apply(this);
        }
    }

    /** One function a case. */
    <T> T match(
            Function<Solved, T> solved,
            Function<NotEnough, T> notEnough,
            Function<Contradictory, T> contradictory,
            Function<Several, T> several,
            Function<Undecided, T> undecided);
}
