package didaxis.core.question;

import didaxis.core.answer.Verdict;
import didaxis.core.style.MarkingStyle;
import didaxis.core.words.GapWords;
import java.util.ArrayList;
import java.util.List;

/**
 * A text with gaps to be filled, each with one of the words that are right there.
 *
 * @param text with a {@link #GAP} at each place
 * @param marks what each gap earns
 */
public record Gaps(String id, int state, String text, List<GapWords> gaps, int marks) implements Task {
    public static final String GAP = "___";

    /** What is the same, what is shared, and how resistances combine, for series and for parallel. */
    public static final String RULES =
            "In series the ___ is the same in all parts. In series the ___ is shared between the parts. In series the total"
                    + " resistance is the ___ of the resistances. In parallel the ___ is the same across all branches. In"
                    + " parallel the ___ is shared between the branches. In parallel the sum of the ___ of the resistances"
                    + " is that of the total resistance.";

    /** @throws IllegalArgumentException if the text has not as many gaps as there are words for */
    public Gaps {
        gaps = List.copyOf(gaps);
        int count = text.split(GAP, -1).length - 1;
        if (count == 0 || count != gaps.size())
            throw new IllegalArgumentException("gaps (" + count + ") in the text of task " + id
                    + " must be as many as there are words for (" + gaps.size() + "), and one at least");
    }

    /** The rules of series and parallel. */
    public static Gaps rules(String id) {
        GapWords current = new GapWords(List.of("current"));
        GapWords voltage = new GapWords(List.of("voltage", "potential difference"));
        GapWords sum = new GapWords(List.of("sum", "total"));
        GapWords inverse = new GapWords(List.of("reciprocals", "inverses", "reciprocal values"));
        return new Gaps(id, 0, RULES, List.of(current, voltage, sum, voltage, current, inverse), 1);
    }

    /** Nothing of a circuit is needed to answer it. */
    @Override
    public List<Integer> states() {
        return List.of();
    }

    @Override
    public List<Box> boxes() {
        List<Box> boxes = new ArrayList<>();
        for (int k = 0; k < gaps.size(); k++)
            boxes.add(new Box(Box.id(id, k, gaps.size()), id, new Box.Form.Gap(k + 1), marks));
        return boxes;
    }

    /** The words of the sentence or clause around a gap, with the gap in it. */
    public String around(Box box) {
        int place = ((Box.Form.Gap) box.form()).place();
        int at = -1;
        for (int k = 0; k < place; k++) at = text.indexOf(GAP, at + 1);
        int from = 1 + Math.max(text.lastIndexOf('.', at), text.lastIndexOf(',', at));
        int end = at + GAP.length();
        while (end < text.length() && ".,;".indexOf(text.charAt(end)) < 0) end++;
        return text.substring(from, end).strip();
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        return List.of();
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        GapWords right = gaps.get(((Box.Form.Gap) box.form()).place() - 1);
        String model = right.right().get(0);
        if (typed.isBlank()) return new Verdict(Verdict.Code.BLANK, 0, model);
        boolean hit = right.accept(typed);
        return new Verdict(hit ? Verdict.Code.RIGHT : Verdict.Code.WRONG, hit ? marks : 0, model);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.gaps().apply(this);
    }
}
