package didaxis.core.answer;

/**
 * What is said of an answer that is no amount.
 *
 * @param points what it earns
 * @param model the right answer, as one would write it
 */
public record Verdict(Code code, int points, String model) {
    public enum Code {
        RIGHT,
        /** Right from amounts that the learner has wrong elsewhere on the sheet. */
        FOLLOW_THROUGH,
        /** Some of it is right. */
        PARTLY,
        /** In words, and none of them is known to earn: for the teacher. */
        UNDECIDED,
        WRONG,
        BLANK,
        UNREADABLE
    }

    /** Of what follows from the learner's own amounts. */
    public static Verdict followed(int points, String model) {
        return new Verdict(Code.FOLLOW_THROUGH, points, model);
    }
}
