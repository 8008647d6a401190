package didaxis.server.account;

import java.util.Locale;

/** What a person is here. */
public enum Role {
    TEACHER,
    LEARNER;

    /** As it stands in the database and in JSON: "teacher". */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    static Role of(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT));
    }
}
