package didaxis.server.assignment;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was sent, or collected as it stood.
 *
 * @param attempt the first is 1
 * @param seed says which variant it has
 * @param typed what was typed, by boxes
 * @param found what was found, by boxes
 * @param memo the revision of the memo by which it is marked; below 0 where it is not marked yet
 */
record SubmittedSheet(
        long id,
        long learnerId,
        int attempt,
        long seed,
        Instant dueAt,
        Map<String, String> typed,
        Map<String, StoredFinding> found,
        int marks,
        Instant sentAt,
        boolean collected,
        boolean keyed,
        int memo) {
    List<Answer> answers() {
        return typed.entrySet().stream()
                .map(one -> new Answer(one.getKey(), one.getValue()))
                .toList();
    }

    List<StoredFinding> findings() {
        return List.copyOf(found.values());
    }

    Optional<StoredFinding> finding(String box) {
        return Optional.ofNullable(found.get(box));
    }

    boolean marked() {
        return memo >= 0;
    }

    /** What was typed into a box. */
    String text(String box) {
        return typed.getOrDefault(box, "");
    }
}
