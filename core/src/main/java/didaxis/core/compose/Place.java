package didaxis.core.compose;

/** Where something new is put, seen from what is named. */
public enum Place {
    /** In series, nearer the positive terminal. */
    BEFORE,
    /** In series, nearer the negative terminal. */
    AFTER,
    /** In parallel with it alone. */
    BESIDE,
    /** In parallel with the series it stands in. */
    BESIDE_GROUP
}
