package didaxis.server.question;

import com.fasterxml.jackson.annotation.JsonValue;
import didaxis.core.question.Difficulty;
import didaxis.core.question.Question;
import java.util.Locale;

/** How much a question asks, as JSON and the database name it. */
public enum DifficultyWord {
    EASY,
    MIDDLING,
    DEMANDING;

    @JsonValue
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    static DifficultyWord named(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT));
    }

    public static DifficultyWord of(Question question) {
        return valueOf(Difficulty.of(question).level().name());
    }
}
