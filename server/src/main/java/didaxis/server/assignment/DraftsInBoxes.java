package didaxis.server.assignment;

import didaxis.server.assignment.V7__QuestionsInBoxes.Asked;
import didaxis.server.circuit.CellView;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.TaskBody;
import java.util.List;
import java.util.Objects;

/** Questions in the making, moved as {@link V7__QuestionsInBoxes} moves those that are kept. */
final class DraftsInBoxes {
    private DraftsInBoxes() {}

    /** What cells were to the learner in a question in the making. */
    record Uses(List<CellView> given, List<Asked> asked, List<String> known) {}

    record OldMoment(String notation, String style, Uses uses) {}

    record OldDraft(OldMoment now, List<OldMoment> past, List<OldMoment> future) {}

    record Asking(
            List<CellView> given,
            List<String> known,
            String stem,
            List<QuestionBody.StateBody> states,
            List<TaskBody> tasks) {}

    record Moment(String notation, String style, Asking asking) {}

    record Draft(Moment now, List<Moment> past, List<Moment> future) {}

    static Draft moved(OldDraft old) {
        return new Draft(moved(old.now()), moved(old.past()), moved(old.future()));
    }

    private static List<Moment> moved(List<OldMoment> moments) {
        return moments.stream().map(DraftsInBoxes::moved).toList();
    }

    private static Moment moved(OldMoment old) {
        Uses uses = old.uses();
        Asking asking = uses == null
                ? null
                : new Asking(
                        uses.given(),
                        Objects.requireNonNullElse(uses.known(), List.of()),
                        "",
                        List.of(),
                        V7__QuestionsInBoxes.tasks(uses.asked()));
        return new Moment(old.notation(), old.style(), asking);
    }
}
