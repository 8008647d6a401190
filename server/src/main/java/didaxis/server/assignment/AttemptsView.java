package didaxis.server.assignment;

import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.classroom.Classrooms.Learner;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/**
 * Who may try again what was handed out, in JSON.
 *
 * @param variants how many there are, of which a further attempt may have another
 * @param learners those who have sent something, and once it was handed back all
 */
record AttemptsView(AssignmentSummary assignment, int variants, List<Trier> learners) {
    /**
     * Somebody who may try again, or does.
     *
     * @param number of the attempt in hand
     * @param marks of the attempt that counts; null where none came in
     * @param again how far a further attempt is that was not handed back yet; null where there is none
     * @param dueAt when that is due; null where there is none
     */
    record Trier(
            Learner learner,
            int number,
            @Schema(types = {"integer", "null"}) Integer marks,

            @Schema(
                    types = {"string", "null"},
                    allowableValues = {"not-begun", "working", "sent"})
            String again,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant dueAt) {}
}
