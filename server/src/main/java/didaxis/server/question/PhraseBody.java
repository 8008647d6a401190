package didaxis.server.question;

import didaxis.core.words.KeyPhrase;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A key phrase in JSON; it earns a mark.
 *
 * @param says ways to say it; the first stands for all
 * @param not what takes its mark away, besides the opposites of the ways
 */
public record PhraseBody(
        List<String> says,
        @Schema(types = {"array", "null"}) List<String> not) {
    private static final int MOST_WAYS = 30;
    private static final int LONGEST_WAY = 120;

    static PhraseBody of(KeyPhrase phrase) {
        return new PhraseBody(phrase.ways(), phrase.not().isEmpty() ? null : phrase.not());
    }

    /** @throws Problem if there is no way to say it, or one has no word that counts */
    KeyPhrase phrase() {
        List<String> refused = not == null ? List.of() : not;
        if (says == null || says.isEmpty() || says.size() + refused.size() > MOST_WAYS)
            throw Problem.badRequest("A key phrase has 1 to " + MOST_WAYS + " ways to say it: says.")
                    .with("field", "phrases");
        for (List<String> ways : List.of(says, refused))
            for (String way : ways)
                if (way == null || way.length() > LONGEST_WAY)
                    throw Problem.badRequest("A way to say a key phrase has at most " + LONGEST_WAY + " characters.")
                            .with("field", "phrases");
        try {
            return new KeyPhrase(says, refused);
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("Each way to say a key phrase needs a word that counts, such as charge.")
                    .with("field", "phrases");
        }
    }
}
