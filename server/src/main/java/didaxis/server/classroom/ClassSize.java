package didaxis.server.classroom;

import didaxis.server.config.Problem;
import org.springframework.http.HttpStatus;

/** How many may be in a class, and how much all of them may have to answer, so that it is looked at together in a second. */
public final class ClassSize {
    private static final int MOST_LEARNERS = 300;
    /** Ninety learners with four hundred boxes on circuits of twelve parts each. */
    private static final long MOST_ANSWERED = 800_000;

    private ClassSize() {}

    /**
     * The heaviest that was handed to a class.
     *
     * @param weight what the answers of one learner come to
     */
    record Heaviest(String title, long weight) {}

    /** @throws Problem if what is handed out, of which the answers of one learner come to so much, is too much for so many */
    public static void checkHandOut(String title, long weight, int learners) {
        if (weight * learners <= MOST_ANSWERED) return;
        throw Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                ("“%s” asks for more than can be looked at together for a class of %d; for %d it could be handed out. Hand it"
                                + " out in parts, or to smaller classes.")
                        .formatted(title, learners, MOST_ANSWERED / weight));
    }

    /** @throws Problem if a class may not have so many learners, with what was handed to it */
    static void checkLearners(int learners, Heaviest heaviest) {
        if (learners > MOST_LEARNERS)
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "A class has at most %d learners; with these it has %d. Make another class for the others."
                            .formatted(MOST_LEARNERS, learners));
        if (heaviest.weight() * learners > MOST_ANSWERED)
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    ("“%s” was handed to this class, and asks for so much that at most %d learners can be looked at together;"
                                    + " with these it has %d. Make another class for the others.")
                            .formatted(heaviest.title(), MOST_ANSWERED / heaviest.weight(), learners));
    }
}
