package didaxis.server.assignment;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * One attempt; sentAt and marks are null as long as it was not sent.
 *
 * @param counts whether it is the one whose marks count
 */
record Tried(
        int number,

        @Schema(
                types = {"string", "null"},
                format = "date-time")
        Instant sentAt,

        @Schema(types = {"integer", "null"}) Integer marks,
        boolean counts) {
    static List<Tried> of(OwnSheet own, int counting) {
        List<Tried> all = new ArrayList<>();
        for (SubmittedSheet one : own.sent())
            all.add(new Tried(one.attempt(), one.sentAt(), one.marks(), one.attempt() == counting));
        if (own.attempt().open()) all.add(new Tried(own.attempt().number(), null, null, false));
        return all;
    }
}
