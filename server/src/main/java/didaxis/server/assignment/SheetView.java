package didaxis.server.assignment;

import didaxis.server.circuit.SceneView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A learner's sheet in JSON: of each question its drawings with what is told, and the boxes to fill. It is made from the
 * told cells alone; no other value of the circuit goes into it.
 */
record SheetView(
        long id,
        String title,
        String classroom,
        Instant dueAt,

        @Schema(allowableValues = {"not-begun", "working", "sent"})
        String state,

        boolean released,
        int revision,

        @Schema(
                types = {"string", "null"},
                format = "date-time")
        Instant keptAt,

        @Schema(
                types = {"string", "null"},
                format = "date-time")
        Instant sentAt,

        boolean collected,
        int marks,
        List<QuestionSheet> questions) {
    static SheetView of(Assignments.Assignment assignment, Paper paper, LearnerState state, SceneView.Room room) {
        List<QuestionSheet> questions = IntStream.range(0, paper.questions().size())
                .mapToObj(place -> QuestionSheet.of(paper, place, state.answers(), room, assignment.released()))
                .toList();
        return new SheetView(
                assignment.id(),
                assignment.title(),
                assignment.classroom(),
                assignment.dueAt(),
                state.word(),
                assignment.released(),
                state.revision(),
                state.keptAt(),
                state.sentAt(),
                state.collected(),
                assignment.total(),
                questions);
    }
}
