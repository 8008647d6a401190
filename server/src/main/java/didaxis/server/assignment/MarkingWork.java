package didaxis.server.assignment;

import didaxis.core.question.Box;
import didaxis.core.question.Question;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** How much it is to mark the sheets of a class, counted so that it is the same on every machine. Not for several threads. */
final class MarkingWork {
    /**
     * What is marked while somebody waits takes about half a second of one core at most: thirty sheets of an examination
     * with lines, or six of as much as a sheet can hold.
     */
    private static final long MOST = 300_000;
    /** To read a character is as much as so many rows of an amount. */
    private static final int A_CHARACTER = 2;

    private final Map<Paper, Long> rows = new IdentityHashMap<>();
    private long done;

    /** Whether there is room for a sheet, after those before it. */
    boolean takes(Paper paper, List<Answer> answers) {
        done += rows.computeIfAbsent(paper, MarkingWork::rows);
        for (Answer answer : answers) done += (long) A_CHARACTER * answer.text().length();
        return done <= MOST;
    }

    private static long rows(Paper paper) {
        long rows = 0;
        for (Question question : paper.questions()) {
            int[] ofState = question.states().stream()
                    .mapToInt(state -> state.chart().rows().size())
                    .toArray();
            for (Box box : question.boxes())
                if (box.form() instanceof Box.Form.Amount amount) rows += ofState[amount.state()];
        }
        return rows;
    }
}
