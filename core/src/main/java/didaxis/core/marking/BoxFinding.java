package didaxis.core.marking;

import didaxis.core.answer.Verdict;
import didaxis.core.question.Box;
import java.util.function.Function;

/** What marking says of one box, and what it earns. */
public sealed interface BoxFinding {
    Box box();

    int points();

    /**
     * Of an amount, with where it comes from.
     *
     * @param unitLost whether it has lost the mark of its unit
     */
    record OfAmount(Box box, Finding finding, boolean unitLost) implements BoxFinding {
        @Override
        public int points() {
            if (!finding.earns()) return 0;
            return unitLost ? box.marks() - 1 : box.marks();
        }

        @Override
        public <T> T match(Function<OfAmount, T> amount, Function<OfWords, T> words) {
            return amount.apply(this);
        }
    }

    /** Of anything else: words, signs, orders, sets. */
    record OfWords(Box box, Verdict verdict) implements BoxFinding {
        @Override
        public int points() {
            return verdict.points();
        }

        @Override
        public <T> T match(Function<OfAmount, T> amount, Function<OfWords, T> words) {
            return words.apply(this);
        }
    }

    <T> T match(Function<OfAmount, T> amount, Function<OfWords, T> words);
}
