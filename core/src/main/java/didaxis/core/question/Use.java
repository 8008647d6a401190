package didaxis.core.question;

/** What a cell is to the learner. */
public enum Use {
    /** Printed in the learner's chart. */
    GIVEN,
    /** An empty box to fill. */
    ASKED,
    /** Neither shown nor asked. */
    WITHHELD
}
