package didaxis.core.wording;

import didaxis.core.change.Change.Direction;
import didaxis.core.question.Box;
import didaxis.core.question.Explaining;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.question.Typed;
import didaxis.core.style.HouseStyle;
import java.util.List;
import java.util.stream.Collectors;

/** What can be picked in a box, as a learner reads it: names, or sentences that stand for their letters. */
public record BoxChoices(HouseStyle style) {
    private static final List<String> WHY = List.of(
            "the same current must pass both",
            "both ends are on the same two junctions",
            "a junction lies between them, and other ends meet there");

    /** In their order; empty where nothing is picked. */
    public List<String> of(Task task, Box box, Question question) {
        if (box.form() instanceof Box.Form.Chain chain)
            return chain.links().stream().map(this::say).toList();
        if (box.form() instanceof Box.Form.Why) return WHY;
        // In a network a point has the dot by which it is told from a part.
        boolean network = box.form() instanceof Box.Form.Wired;
        return task.things(question).stream()
                .map(thing -> network ? thing.id() : Typed.name(thing))
                .toList();
    }

    /** What an answer says, where it is letters that stand for sentences. */
    public String said(Box box, String answer) {
        if (box.form() instanceof Box.Form.Chain chain)
            return Typed.chain(answer, chain.links().size())
                    .map(places -> places.stream()
                            .map(place -> say(chain.links().get(place)))
                            .collect(Collectors.joining(" → ")))
                    .orElse(answer);
        if (box.form() instanceof Box.Form.Why)
            return Typed.why(answer).map(kind -> WHY.get(kind.ordinal())).orElse(answer);
        return answer;
    }

    private String say(Explaining.Link link) {
        return new CellPhrase(style).of(link.cell())
                + (link.way() == Direction.INCREASES ? " increases" : " decreases");
    }
}
