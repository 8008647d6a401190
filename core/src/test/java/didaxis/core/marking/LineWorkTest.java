package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Running;
import didaxis.core.line.Line;
import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.style.MarkingStyle;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** However many questions a paper has and whatever is written on its sheet, no more lines are read than one share allows. */
class LineWorkTest {
    private static Question question(int pairs, int amounts) {
        String notation = IntStream.rangeClosed(1, pairs)
                .mapToObj(k -> "(R%d=%d || R%d=%d)".formatted(2 * k - 1, k % 9 + 1, 2 * k, k % 7 + 2))
                .collect(Collectors.joining(" + ", "12 V : ", ""));
        return LinePointsTest.question(
                notation,
                Running.NONE,
                IntStream.rangeClosed(1, amounts)
                        .mapToObj(k -> "R" + k + " P 3")
                        .toArray(String[]::new));
    }

    private static int read(Question question, LineWork work, int lines) {
        Map<String, String> answers = new HashMap<>();
        for (Box box : question.boxes())
            answers.put(box.id(), String.join("\n", Collections.nCopies(lines, "P = 2 × 3 = 6 W")));
        WorkedLines.Sheet sheet = new WorkedLines(question, MarkingStyle.STANDARD, work).of(answers);
        int read = 0;
        for (Box box : question.boxes())
            for (Checked line : sheet.of(box))
                if (!line.line().unread().equals(Optional.of(Line.Unread.BEYOND))) read++;
        return read;
    }

    @Property(tries = 40)
    void theSharesOfAPaperAreNoMoreThanTheWhole(
            @ForAll @IntRange(min = 2, max = 40) int pairs,
            @ForAll @IntRange(min = 1, max = 12) int questions,
            @ForAll @IntRange(min = 1, max = 2) int amounts) {
        List<Question> paper = IntStream.range(0, questions)
                .mapToObj(k -> question(pairs + k % 3, amounts))
                .toList();
        int all = 0;
        int cells = 0;
        for (int place = 0; place < questions; place++) {
            LineWork own = LineWork.of(paper, place);
            all += own.most();
            cells += read(paper.get(place), own, 60) * 4 * 3 * pairs;
        }
        assertTrue(all <= LineWork.WHOLE.most(), all + " of " + questions);
        assertTrue(all > 0.99 * LineWork.WHOLE.most(), all + " of " + questions);
        assertTrue(cells <= LineWork.WHOLE.most(), cells + " cells worked through");
    }

    /** Twelve questions of six amounts each, six lines for every one: a long examination. */
    @Test
    void anHonestSheetIsReadWhole() {
        Question one = question(6, 6);
        List<Question> paper = IntStream.range(0, 12).mapToObj(k -> one).toList();
        assertEquals(36, read(one, LineWork.of(paper, 0), 6));
        assertEquals(LineWork.WHOLE, LineWork.of(List.of(one), 0));
    }
}
