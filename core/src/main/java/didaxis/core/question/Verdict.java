package didaxis.core.question;

/**
 * What is said of an answer that is no amount.
 *
 * @param points what it earns
 * @param model the right answer, as one would write it
 */
public record Verdict(Code code, int points, String model) {
    public enum Code {
        RIGHT,
        /** Some of it is right. */
        PARTLY,
        WRONG,
        BLANK,
        UNREADABLE
    }
}
