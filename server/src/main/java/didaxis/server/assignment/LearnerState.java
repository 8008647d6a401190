package didaxis.server.assignment;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** How far a learner is with an assignment; instants are null before they have come. */
record LearnerState(
        String word, List<Answer> answers, int revision, Instant keptAt, Instant sentAt, boolean collected) {
    /** One who has not begun. */
    static final LearnerState NOT_BEGUN = of(Optional.empty(), Optional.empty());

    /** @param submission of the attempt of this draft; none where it was not sent */
    static LearnerState of(Optional<Drafts.Draft> draft, Optional<SubmittedSheet> submission) {
        int revision = draft.map(Drafts.Draft::revision).orElse(0);
        Instant kept = draft.flatMap(Drafts.Draft::keptAt).orElse(null);
        return submission
                .map(sent -> new LearnerState("sent", sent.answers(), revision, kept, sent.sentAt(), sent.collected()))
                .orElseGet(() -> new LearnerState(
                        kept == null ? "not-begun" : "working",
                        draft.map(Drafts.Draft::answers).orElse(List.of()),
                        revision,
                        kept,
                        null,
                        false));
    }
}
