package didaxis.server.assignment;

import didaxis.server.circuit.SceneView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A learner's sheet in JSON: of each question its drawings with what is told, and the boxes to fill. It is made from the
 * told cells alone; no other value of the circuit goes into it.
 *
 * @param released whether nothing more can be written and all that came of it may be seen
 * @param attempt its number
 * @param again whether it is a further one that was not handed back yet
 * @param earlier the last attempt before, where it may be seen meanwhile what came of that; else 0
 */
record SheetView(
        long id,
        String title,
        String classroom,
        Instant dueAt,

        @Schema(allowableValues = {"not-begun", "working", "sent"})
        String state,

        boolean released,
        int attempt,
        boolean again,
        int earlier,
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
    /** At which attempt somebody is, as far as a sheet says it. */
    record Attempted(int number, Instant dueAt, boolean again, int earlier, boolean back) {
        /** The only one there is, before anybody has it. */
        static Attempted first(Assignment assignment) {
            return new Attempted(1, assignment.dueAt(), false, 0, assignment.released());
        }

        /** The one in hand. */
        static Attempted at(Attempts.Attempt attempt, int earlier) {
            return new Attempted(attempt.number(), attempt.dueAt(), attempt.again(), earlier, attempt.back());
        }

        /** One that came in. */
        static Attempted of(SubmittedSheet sent, boolean back) {
            return new Attempted(sent.attempt(), sent.dueAt(), false, 0, back);
        }
    }

    static SheetView of(
            Assignment assignment, Paper paper, LearnerState state, Attempted attempted, SceneView.Room room) {
        List<QuestionSheet> questions = IntStream.range(0, paper.questions().size())
                .mapToObj(place -> QuestionSheet.of(paper, place, state.answers(), room, attempted.back()))
                .toList();
        return new SheetView(
                assignment.id(),
                assignment.title(),
                assignment.classroom(),
                attempted.dueAt(),
                state.word(),
                attempted.back(),
                attempted.number(),
                attempted.again(),
                attempted.earlier(),
                state.revision(),
                state.keptAt(),
                state.sentAt(),
                state.collected(),
                assignment.total(),
                questions);
    }
}
