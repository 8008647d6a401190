package didaxis.server.assignment;

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
     * What is marked while somebody waits takes less than two thirds of a second of one core: sixty sheets with a line or
     * two for each of ten amounts, two of as much as a sheet can hold, or five of forty questions with values of their own.
     */
    private static final long MOST = 350_000;
    /** To lay out the ways to the amounts of a question, once for all sheets with the same values, is so much for each row. */
    private static final int A_ROW_LAID_OUT = 50;
    /** To judge a box, or to look for what a wrong amount comes from, is as much as so many rows more than there are. */
    private static final int A_BOX = 100;
    /** To read a character is as much as so many rows of an amount. */
    private static final int A_CHARACTER = 8;

    private final Map<Paper, Map<Integer, Long>> counted = new IdentityHashMap<>();
    private long done;

    /** Whether there is room for a whole sheet, after those before it. */
    boolean takes(Paper paper, List<Answer> answers) {
        return takes(paper, IntStream.range(0, paper.questions().size()).boxed().collect(Collectors.toSet()), answers);
    }

    /** Whether there is room for some questions of a sheet, by their places. */
    boolean takes(Paper paper, Set<Integer> questions, List<Answer> answers) {
        Map<Integer, Long> own = counted.computeIfAbsent(paper, first -> new HashMap<>());
        for (int place : questions) {
            Question question = paper.questions().get(place);
            if (!own.containsKey(place)) done += laidOut(question);
            done += own.computeIfAbsent(place, first -> boxes(question));
        }
        Map<String, Paper.Place> places = paper.places();
        for (Answer answer : answers)
            if (places.containsKey(answer.box())
                    && questions.contains(places.get(answer.box()).question()))
                done += (long) A_CHARACTER * answer.text().length();
        return done <= MOST;
    }

    private static long laidOut(Question question) {
        return IntStream.of(rows(question)).sum() * (long) A_ROW_LAID_OUT;
    }

    private static long boxes(Question question) {
        int[] rows = rows(question);
        return question.tasks().stream()
                .mapToLong(task -> (long) task.boxes().size() * (A_BOX + (rows.length == 0 ? 0 : rows[task.state()])))
                .sum();
    }

    /** Of each state. */
    private static int[] rows(Question question) {
        return question.states().stream()
                .mapToInt(state -> state.chart().rows().size())
                .toArray();
    }
}
