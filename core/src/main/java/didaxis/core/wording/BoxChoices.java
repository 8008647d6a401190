package didaxis.core.wording;

import didaxis.core.answer.Reason;
import didaxis.core.answer.Typed;
import didaxis.core.change.Change.Direction;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Box;
import didaxis.core.question.Explaining;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What can be picked in a box, as a learner reads it: names, or sentences that stand for their letters. */
public record BoxChoices(HouseStyle style) {
    /** In their order; empty where nothing is picked. */
    public List<String> of(Task task, Box box, Question question) {
        if (box.form() instanceof Box.Form.Chain chain)
            return chain.links().stream().map(this::say).toList();
        if (box.form() instanceof Box.Form.Why why)
            return why.reasons().stream().map(reason -> say(reason, why.more())).toList();
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
        if (box.form() instanceof Box.Form.Why why)
            return Typed.reason(answer, why.reasons())
                    .map(reason -> say(reason, why.more()))
                    .orElse(answer);
        return answer;
    }

    private String say(Explaining.Link link) {
        return new CellPhrase(style).of(link.cell())
                + (link.way() == Direction.INCREASES ? " increases" : " decreases");
    }

    private String say(Reason reason, Optional<Quantity> more) {
        return switch (reason) {
            case ONE_PATH -> "the same current must pass both";
            case SAME_ENDS -> "both ends are on the same two junctions";
            case JUNCTION_BETWEEN -> "a junction lies between them, and other ends meet there";
            default -> more.map(quantity -> say(reason, quantity)).orElseThrow();
        };
    }

    /** Why one has more of a quantity than others. */
    private String say(Reason reason, Quantity quantity) {
        boolean current = quantity == Quantity.CURRENT;
        boolean power = quantity == Quantity.POWER;
        String voltage = style.terms().letter(Quantity.VOLTAGE);
        return switch (reason) {
            case SAME_CURRENT ->
                "the same current passes through them"
                        + (current ? "" : power ? ", and P = I²·R" : ", and " + voltage + " = I·R");
            case SAME_VOLTAGE ->
                current
                        ? "they are in branches side by side: the less resistance, the more current"
                        : "the same " + style.terms().word(Quantity.VOLTAGE) + " is across them"
                                + (power ? ", and P = " + voltage + "²/R" : "");
            case SAME_RESISTANCE ->
                current
                        ? "they are in branches of the same resistance, which take the same share"
                        : "they have the same resistance: the more current, the more "
                                + style.terms().word(quantity);
            case WHOLE_CURRENT -> "all the current passes through one, and only a part of it through the others";
            default -> "none of these: it has to be worked out";
        };
    }
}
