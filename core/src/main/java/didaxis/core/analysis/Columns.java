package didaxis.core.analysis;

/** Resistance in ohms, voltage in volts, current in amperes and power in watts of every row of a {@code Sharing}. */
public record Columns(double[] ohms, double[] volts, double[] amperes, double[] watts) {
    /** Columns yet to be filled. */
    public static Columns of(int rows) {
        return new Columns(new double[rows], new double[rows], new double[rows], new double[rows]);
    }
}
