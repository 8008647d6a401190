package didaxis.core.marking;

import didaxis.core.answer.Verdict;
import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.memo.Point;
import didaxis.core.question.Box;
import didaxis.core.slip.Slip;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
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
     * @param amount the amount that is its answer, as it is written; empty where none is
     * @param answer what is said of it
     * @param credits each of its points, in the order of the working
     * @param unitLost whether it has lost the mark of its unit
     * @param open whether something in it could not be read that may earn more: for the teacher
     * @param given what a teacher has given for it, above the marker's word
     */
    record OfLines(
            Box box,
            String amount,
            Finding answer,
            List<Credit> credits,
            List<Checked> lines,
            boolean unitLost,
            boolean open,
            OptionalInt given)
            implements BoxFinding {
        public OfLines {
            credits = List.copyOf(credits);
            lines = List.copyOf(lines);
        }

        /** The same with what a teacher has given for it. */
        public OfLines giving(int points) {
            return new OfLines(box, amount, answer, credits, lines, unitLost, false, OptionalInt.of(points));
        }

        /** Whether the point of its answer is earned. */
        public boolean answered() {
            return credits.stream().anyMatch(credit -> credit.earned() && credit.point() == Point.ANSWER);
        }

        @Override
        public int points() {
            if (given.isPresent()) return given.getAsInt();
            int earned = (int) credits.stream().filter(Credit::earned).count();
            return unitLost ? Math.max(0, earned - 1) : earned;
        }

        @Override
        public <T> T match(Function<OfAmount, T> amount, Function<OfLines, T> lines, Function<OfWords, T> words) {
            return lines.apply(this);
        }
    }

    /**
     * Of anything else: words, signs, orders, sets.
     *
     * @param slip by which it is known, if any
     */
    record OfWords(Box box, Verdict verdict, Optional<Slip> slip) implements BoxFinding {
        /** Known by no slip. */
        public OfWords(Box box, Verdict verdict) {
            this(box, verdict, Optional.empty());
        }

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
