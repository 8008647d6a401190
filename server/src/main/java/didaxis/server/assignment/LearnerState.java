package didaxis.server.assignment;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** How far a learner is with an assignment; instants are null before they have come. */
record LearnerState(
        String word, List<Answer> answers, int revision, Instant keptAt, Instant sentAt, boolean collected) {
    static LearnerState of(Optional<Sheets.Draft> draft, Optional<Sheets.Submission> submission) {
        int revision = draft.map(Sheets.Draft::revision).orElse(0);
        Instant kept = draft.map(Sheets.Draft::keptAt).orElse(null);
        return submission
                .map(sent -> new LearnerState("sent", sent.answers(), revision, kept, sent.sentAt(), sent.collected()))
                .orElseGet(
                        () -> draft.map(one -> new LearnerState("working", one.answers(), revision, kept, null, false))
                                .orElse(new LearnerState("not-begun", List.of(), 0, null, null, false)));
    }
}
