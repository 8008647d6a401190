package didaxis.core.style;

/** Relative closeness; an answer exactly on the limit still matches. */
public record Tolerance(double relative) {
    /** Differences of decimals in binary may miss the limit by a few units in the last place. */
    private static final double SLACK = 1e-9;

    public Tolerance {
        if (!(relative >= 0 && relative <= 0.5)) {
            throw new IllegalArgumentException("tolerance (" + relative + ") must be 0 to 0.5");
        }
    }

    public boolean matches(double expected, double given) {
        return Math.abs(given - expected) <= relative * Math.abs(expected) + SLACK * Math.abs(expected);
    }
}
