package didaxis.core.correction;

import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.List;

/** What was put right about one box: whether it still counts, and what is accepted in it beside the right answer. */
public record Amendment(Fate fate, List<Accepted> accepted) {
    /** As it was handed out. */
    public static final Amendment NONE = new Amendment(Fate.COUNTS, List.of());

    /** What becomes of a box. */
    public enum Fate {
        COUNTS,
        /** Everybody has its marks, whatever stands in it. */
        GIVEN_TO_ALL,
        /** Nobody has any; its marks are no part of the total. */
        LEFT_OUT
    }

    public Amendment {
        accepted = List.copyOf(accepted);
    }

    public Amendment with(Fate other) {
        return new Amendment(other, accepted);
    }

    /** The same with one more accepted answer, in the place of one with the same text. */
    public Amendment accepting(Accepted answer) {
        List<Accepted> all = new ArrayList<>(accepted);
        all.removeIf(one -> one.text().equals(answer.text()));
        all.add(answer);
        return new Amendment(fate, all);
    }

    /** The marks of a box under it. */
    public int marks(Box box) {
        return fate == Fate.LEFT_OUT ? 0 : box.marks();
    }

    /**
     * What a box earns: never less than the marker gives for it, unless it is left out. Where the style wants units, an
     * accepted amount without one loses that mark like a right one.
     *
     * @param answer what was typed; of lines the amount that is their answer
     * @param points what the marker gives
     */
    public int points(Question question, Box box, String answer, int points, MarkingStyle style) {
        if (fate == Fate.LEFT_OUT) return 0;
        if (fate == Fate.GIVEN_TO_ALL) return box.marks();
        int most = accepted.stream()
                .filter(one -> one.covers(question, box, answer, style))
                .mapToInt(Accepted::points)
                .max()
                .orElse(0);
        boolean unitLost = box.form() instanceof Box.Form.Amount amount
                && style.losesUnit(amount.inUnit(answer), amount.cell().quantity());
        return Math.max(points, Math.min(most, box.marks()) - (unitLost ? 1 : 0));
    }
}
