package didaxis.core.drawing;

/**
 * The sizes of text in a drawing. Where a drawing must be scaled down into a small room, its text is set
 * larger beforehand, so that it can still be read there.
 *
 * @param larger how many times larger than usual
 */
record Type(double larger) {
    static final Type USUAL = new Type(1);

    double label() {
        return 16 * larger;
    }

    double value() {
        return 15 * larger;
    }

    double name() {
        return 13 * larger;
    }

    /** From one line of text to the next. */
    double line() {
        return 18 * larger;
    }
}
