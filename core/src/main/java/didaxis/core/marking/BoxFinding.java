package didaxis.core.marking;

import didaxis.core.answer.Verdict;
import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.question.Box;
import java.util.List;
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
        public <T> T match(Function<OfAmount, T> amount, Function<OfLines, T> lines, Function<OfWords, T> words) {
            return amount.apply(this);
        }
    }

    /**
     * Of an amount that was answered in lines.
     *
     * @param answer what is said of its last amount
     * @param credits each of its points, in the order of the working
     * @param unitLost whether it has lost the mark of its unit
     * @param open whether something in it could not be read that may earn more: for the teacher
     */
    record OfLines(Box box, Finding answer, List<Credit> credits, List<Checked> lines, boolean unitLost, boolean open)
            implements BoxFinding {
        public OfLines {
            credits = List.copyOf(credits);
            lines = List.copyOf(lines);
        }

        @Override
        public int points() {
            int earned = (int) credits.stream().filter(Credit::earned).count();
            return unitLost ? Math.max(0, earned - 1) : earned;
        }

        @Override
        public <T> T match(Function<OfAmount, T> amount, Function<OfLines, T> lines, Function<OfWords, T> words) {
            return lines.apply(this);
        }
    }

    /** Of anything else: words, signs, orders, sets. */
    record OfWords(Box box, Verdict verdict) implements BoxFinding {
        @Override
        public int points() {
            return verdict.points();
        }

        @Override
        public <T> T match(Function<OfAmount, T> amount, Function<OfLines, T> lines, Function<OfWords, T> words) {
            return words.apply(this);
        }
    }

    <T> T match(Function<OfAmount, T> amount, Function<OfLines, T> lines, Function<OfWords, T> words);
}
