package didaxis.server.assignment;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * What was sent, or collected as it stood.
 *
 * @param attempt the first is 1
 * @param seed says which variant it has
 * @param memo the revision of the memo by which it is marked; below 0 where it is not marked yet
 */
record SubmittedSheet(
        long id,
        long learnerId,
        int attempt,
        long seed,
        Instant dueAt,
        List<Answer> answers,
        List<StoredFinding> findings,
        int marks,
        Instant sentAt,
        boolean collected,
        boolean keyed,
        int memo) {
    Optional<StoredFinding> finding(String box) {
        return findings.stream().filter(one -> one.box().equals(box)).findFirst();
    }

    boolean marked() {
        return memo >= 0;
    }

    /** What was typed into a box. */
    String text(String box) {
        return answers.stream()
                .filter(one -> one.box().equals(box))
                .map(Answer::text)
                .findFirst()
                .orElse("");
    }
}
