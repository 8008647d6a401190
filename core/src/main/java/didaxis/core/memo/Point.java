package didaxis.core.memo;

/** What a mark of a scheme is given for: a tick of the memo. */
public enum Point {
    /** The value, with its unit. */
    ANSWER,
    FORMULA,
    SUBSTITUTION,
    /** A quantity that is needed on the way. */
    STEP,
    /** A cell of a chart. */
    CELL,
    DIRECTION,
    LINK,
    CHOICE,
    PHRASE
}
