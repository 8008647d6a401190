package didaxis.core.marking;

import didaxis.core.question.Amounts;
import didaxis.core.question.Question;
import java.util.List;

/**
 * How much work goes into the lines on one sheet of a question, each line counted by the cells of its circuit. Lines beyond
 * it are for the teacher.
 */
public record LineWork(int most) {
    /** All that goes into a sheet: under half a second of one core. */
    public static final LineWork WHOLE = new LineWork(100_000);
    /** An amount that is calculated is worked in so many lines, where another has one. */
    private static final int CALCULATED = 8;

    /** What one of the questions of a paper has of it, by how much each asks to be calculated; the first has the place 0. */
    public static LineWork of(List<Question> paper, int place) {
        long all = paper.stream().mapToLong(LineWork::asked).sum();
        if (all == 0) return WHOLE;
        return new LineWork((int) (WHOLE.most * asked(paper.get(place)) / all));
    }

    private static long asked(Question question) {
        return Amounts.weighed(question, rows -> rows, rows -> rows * CALCULATED);
    }
}
