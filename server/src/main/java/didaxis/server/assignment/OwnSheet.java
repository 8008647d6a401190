package didaxis.server.assignment;

import didaxis.server.assignment.Attempts.Attempt;
import didaxis.server.circuit.SceneView;
import java.util.List;
import java.util.Optional;

/**
 * A learner's sheet as the database has it.
 *
 * @param variants all papers of the assignment
 * @param attempt the one in hand
 * @param draft what is written in it
 * @param sent all attempts that came in, in their order
 */
record OwnSheet(
        Assignment assignment,
        Variants variants,
        Attempt attempt,
        Optional<Drafts.Draft> draft,
        List<SubmittedSheet> sent) {
    /** The paper of the attempt in hand. */
    Paper paper() {
        return variants.of(attempt.seed());
    }

    /** What came in of an attempt. */
    Optional<SubmittedSheet> sent(int number) {
        return sent.stream().filter(one -> one.attempt() == number).findFirst();
    }

    /** The attempt in hand as its learner sees it. */
    SheetView view(SceneView.Room room) {
        LearnerState state = LearnerState.of(draft, sent(attempt.number()));
        return SheetView.of(assignment, paper(), state, SheetView.Attempted.at(attempt, earlier()), room);
    }

    /** The last attempt before, where it may be seen what came of that while a further one runs; else 0. */
    int earlier() {
        boolean may = attempt.again() && (attempt.shown() || assignment.released());
        return sent.stream()
                .mapToInt(SubmittedSheet::attempt)
                .filter(number -> may && number < attempt.number())
                .max()
                .orElse(0);
    }
}
