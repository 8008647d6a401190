package didaxis.server.assignment;

import didaxis.server.assignment.Standings.Standing;
import didaxis.server.classroom.Classrooms.Learner;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** An assignment and how far everybody is with it, in JSON. */
public record AssignmentView(AssignmentSummary assignment, List<LearnerView> learners, List<WorkingView> working) {
    /**
     * An assignment with how many of the class are where.
     *
     * @param open whether anything of it is to be handed back yet
     * @param releasedAt when it was handed back last; null until it was
     * @param counts which of several attempts counts
     * @param again how many may try again and have not sent that
     * @param sentAgain of how many a further attempt is to be handed back
     * @param againDue when the last of these is due; null where there are none
     */
    public record AssignmentSummary(
            long id,
            long classroomId,
            String classroom,
            String title,
            Instant handedOutAt,
            Instant dueAt,
            boolean released,
            boolean open,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant releasedAt,

            int learners,
            int working,
            int sent,
            int keyed,
            int total,
            Counting counts,
            int again,
            int sentAgain,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant againDue) {
        static AssignmentSummary of(Assignment assignment, Standings.Counts counts) {
            return new AssignmentSummary(
                    assignment.id(),
                    assignment.classroomId(),
                    assignment.classroom(),
                    assignment.title(),
                    assignment.handedOutAt(),
                    assignment.dueAt(),
                    assignment.released(),
                    !assignment.released() || counts.again() + counts.sentAgain() > 0,
                    assignment.releasedAt(),
                    counts.learners(),
                    counts.working(),
                    counts.sent(),
                    counts.keyed(),
                    assignment.total(),
                    assignment.counts(),
                    counts.again(),
                    counts.sentAgain(),
                    counts.againDue().orElse(null));
        }
    }

    /** Somebody who has begun and not sent: how many boxes are filled, and since when it stands so. */
    record WorkingView(Learner learner, int filled, int boxes, Instant keptAt) {}

    /**
     * How far one learner is; marks and sentAt are those of the attempt that counts, null until one was sent, or collected as
     * it stood.
     *
     * @param attempt the number of the one that counts; 0 as long as none came in
     * @param again how far a further attempt is that was not handed back yet; null where there is none
     */
    record LearnerView(
            Learner learner,

            @Schema(allowableValues = {"not-begun", "working", "sent"})
            String state,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant keptAt,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant sentAt,

            boolean late,
            boolean collected,
            @Schema(types = {"integer", "null"}) Integer marks,
            int attempt,

            @Schema(
                    types = {"string", "null"},
                    allowableValues = {"not-begun", "working", "sent"})
            String again) {
        static LearnerView of(Learner learner, Standing standing) {
            boolean sent = standing.sentAt().isPresent();
            return new LearnerView(
                    learner,
                    standing.word(),
                    standing.keptAt().orElse(null),
                    standing.sentAt().orElse(null),
                    !standing.collected()
                            && !standing.keyed()
                            && standing.sentAt()
                                    .filter(at -> at.isAfter(standing.dueAt()))
                                    .isPresent(),
                    standing.collected(),
                    sent ? standing.marks() : null,
                    standing.attempt(),
                    standing.again() ? standing.now() : null);
        }
    }
}
