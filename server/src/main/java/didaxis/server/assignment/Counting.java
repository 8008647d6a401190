package didaxis.server.assignment;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import didaxis.server.config.Problem;
import java.util.Locale;

/** Which of several attempts at a sheet counts. */
public enum Counting {
    /** The one with the most marks; of equals the later. */
    BEST,
    /** The last that came in. */
    LAST;

    /** How it is called in JSON and in the database. */
    @JsonValue
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @throws Problem if there is none of this name; the best where none is said */
    @JsonCreator
    public static Counting named(String word) {
        if (word == null) return BEST;
        for (Counting one : values()) if (one.word().equals(word)) return one;
        throw Problem.badRequest("What counts is the best attempt or the last; “" + word + "” is neither.")
                .with("field", "counts");
    }
}
