package didaxis.server.assignment;

import didaxis.core.style.ClassStyle;
import java.time.Instant;

/** What was handed out to a class in its style then; findings may be seen from the release on, which is null before. */
public record Assignment(
        long id,
        long classroomId,
        String classroom,
        String title,
        int boxes,
        int total,
        Instant handedOutAt,
        Instant dueAt,
        Instant releasedAt,
        ClassStyle style,
        Versions versions,
        PaperLayout layout,
        Counting counts) {
    boolean released() {
        return releasedAt != null;
    }
}
