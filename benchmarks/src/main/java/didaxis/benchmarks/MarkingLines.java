package didaxis.benchmarks;

import didaxis.core.marking.QuestionMarker;
import didaxis.core.marking.WorkingByHand;
import didaxis.core.question.Question;
import didaxis.core.style.MarkingStyle;
import java.io.IOException;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Lines a second on one core, read and marked, and what a working costs beside its last line alone, in the same run. */
public final class MarkingLines {
    private static final int ROUNDS = 12;
    /** A class has one for all its sheets. */
    private static final Map<Question, QuestionMarker> MARKERS = new IdentityHashMap<>();

    private MarkingLines() {}

    public static void main(String[] arguments) throws IOException {
        List<WorkingByHand> workings = WorkingByHand.all();
        long lines =
                workings.stream().mapToLong(one -> one.text().lines().count()).sum();
        double whole = 0;
        double last = 0;
        // The later rounds count, by turns, so that both meet the same machine.
        for (int round = 0; round < ROUNDS; round++) {
            double one = seconds(workings, false);
            double other = seconds(workings, true);
            if (round < ROUNDS / 2) continue;
            whole += one;
            last += other;
        }
        double each = whole / (ROUNDS - ROUNDS / 2);
        System.out.printf(
                Locale.ROOT,
                "%d workings of %d lines: %.0f lines a second; %.2f times their last lines alone%n",
                workings.size(),
                lines,
                lines / each,
                whole / last);
    }

    private static double seconds(List<WorkingByHand> workings, boolean last) {
        long begun = System.nanoTime();
        for (WorkingByHand one : workings) {
            String text = last ? one.text().substring(one.text().lastIndexOf('\n') + 1) : one.text();
            MARKERS.computeIfAbsent(one.question(), question -> QuestionMarker.of(question, MarkingStyle.STANDARD))
                    .mark(Map.of(one.box(), text));
        }
        return (System.nanoTime() - begun) / 1e9;
    }
}
