package didaxis.server.assignment;

import didaxis.core.question.Box;
import didaxis.core.question.Question;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** How much it is to mark sheets of a class, counted so that it is the same on every machine. Not for several threads. */
final class MarkingWork {
    /**
     * What is marked while somebody waits takes less than half a second of one core: sixty sheets with a line or two for
     * each of ten amounts, or two of as much as a sheet can hold.
     */
    private static final long MOST = 300_000;
    /** To read a character is as much as so many rows of an amount. */
    private static final int A_CHARACTER = 8;

    private final Map<Paper, Map<Integer, Long>> rows = new IdentityHashMap<>();
    private long done;

    /** Whether there is room for a whole sheet, after those before it. */
    boolean takes(Paper paper, List<Answer> answers) {
        return takes(paper, IntStream.range(0, paper.questions().size()).boxed().collect(Collectors.toSet()), answers);
    }

    /** Whether there is room for some questions of a sheet, by their places. */
    boolean takes(Paper paper, Set<Integer> questions, List<Answer> answers) {
        Map<Integer, Long> own = rows.computeIfAbsent(paper, first -> new HashMap<>());
        for (int place : questions)
            done += own.computeIfAbsent(place, first -> rows(paper.questions().get(place)));
        Map<String, Paper.Place> places = paper.places();
        for (Answer answer : answers)
            if (places.containsKey(answer.box())
                    && questions.contains(places.get(answer.box()).question()))
                done += (long) A_CHARACTER * answer.text().length();
        return done <= MOST;
    }

    private static long rows(Question question) {
        int[] ofState = question.states().stream()
                .mapToInt(state -> state.chart().rows().size())
                .toArray();
        long rows = 0;
        for (Box box : question.boxes())
            if (box.form() instanceof Box.Form.Amount amount) rows += ofState[amount.state()];
        return rows;
    }
}
