package didaxis.server.assignment;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import didaxis.server.config.Problem;
import java.util.Locale;

/** Who gets which values of what varies. */
public enum Versions {
    /** All the same. */
    SAME,
    /** Two versions, A and B, by turns. */
    TWO,
    /** Each their own, as far as there are sets of values. */
    EACH;

    /** How it is called in JSON and in the database. */
    @JsonValue
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @throws Problem if there is none of this name; all the same where none is said */
    @JsonCreator
    public static Versions named(String word) {
        if (word == null) return SAME;
        for (Versions one : values()) if (one.word().equals(word)) return one;
        throw Problem.badRequest("Versions are the same, two or each; “" + word + "” is none of these.")
                .with("field", "versions");
    }

    /** So many variants are made where a question has so many sets of values. */
    int count(int sets) {
        return switch (this) {
            case SAME -> 1;
            case TWO -> Math.min(2, sets);
            case EACH -> sets;
        };
    }
}
