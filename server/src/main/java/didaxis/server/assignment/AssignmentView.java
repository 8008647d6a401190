package didaxis.server.assignment;

import didaxis.server.assignment.Standings.Standing;
import didaxis.server.classroom.Classrooms.Learner;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** An assignment and how far everybody is with it, in JSON. */
public record AssignmentView(AssignmentSummary assignment, List<LearnerView> learners, List<WorkingView> working) {
    /** An assignment with how many of the class are where; releasedAt is null until it was handed back. */
    public record AssignmentSummary(
            long id,
            long classroomId,
            String classroom,
            String title,
            Instant handedOutAt,
            Instant dueAt,
            boolean released,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant releasedAt,

            int learners,
            int working,
            int sent,
            int keyed,
            int total) {
        static AssignmentSummary of(Assignments.Assignment assignment, Standings.Counts counts) {
            return new AssignmentSummary(
                    assignment.id(),
                    assignment.classroomId(),
                    assignment.classroom(),
                    assignment.title(),
                    assignment.handedOutAt(),
                    assignment.dueAt(),
                    assignment.released(),
                    assignment.releasedAt(),
                    counts.learners(),
                    counts.working(),
                    counts.sent(),
                    counts.keyed(),
                    assignment.total());
        }
    }

    /** Somebody who has begun and not sent: how many boxes are filled, and since when it stands so. */
    record WorkingView(Learner learner, int filled, int boxes, Instant keptAt) {}

    /** How far one learner is; marks and sentAt are null until the sheet was sent, or collected as it stood. */
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
            @Schema(types = {"integer", "null"}) Integer marks) {
        static LearnerView of(Learner learner, Standing standing, Assignments.Assignment assignment) {
            boolean sent = standing.sentAt().isPresent();
            return new LearnerView(
                    learner,
                    standing.word(),
                    standing.keptAt().orElse(null),
                    standing.sentAt().orElse(null),
                    !standing.collected()
                            && !standing.keyed()
                            && standing.sentAt()
                                    .filter(at -> at.isAfter(assignment.dueAt()))
                                    .isPresent(),
                    standing.collected(),
                    sent ? standing.marks() : null);
        }
    }
}
