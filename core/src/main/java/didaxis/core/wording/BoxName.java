package didaxis.core.wording;

import didaxis.core.answer.Typed;
import didaxis.core.circuit.Cell;
import didaxis.core.question.Box;
import didaxis.core.question.Breaker;
import didaxis.core.question.Gaps;
import didaxis.core.question.GoingOut;
import didaxis.core.question.PartLimits;
import didaxis.core.question.Places;
import didaxis.core.question.Ranking;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;

/** What a box is called where it stands alone: "current of R1", "with L2 out". */
public record BoxName(HouseStyle style) {
    public String say(Task task, Box box) {
        return box.form()
                .match(new Box.Form.Cases<>(
                        amount -> of(amount.cell()),
                        way -> of(way.cell()),
                        order -> "order",
                        things -> things(task, box),
                        joint -> "how they are joined",
                        relation -> "comparison",
                        factor -> "factor",
                        value -> task instanceof PartLimits limits
                                ? style.terms().word(limits.quantity()) + " that " + limits.part(box) + " can stand"
                                : "highest emf",
                        values -> "resistances",
                        folds -> "stages",
                        nested -> "nesting",
                        wired -> "circuit",
                        bands -> "bands",
                        percent -> "tolerance",
                        chain -> "reasons in their order",
                        why -> why.more().isPresent() ? "why" : "how one knows",
                        count -> "how many",
                        words -> "in words",
                        gap -> ((Gaps) task).around(box),
                        currents -> "currents"));
    }

    private String things(Task task, Box box) {
        if (task instanceof GoingOut out) return "with " + out.part(box) + " out";
        if (task instanceof Breaker breaker) return "what opens " + breaker.fuse();
        if (task instanceof Ranking ranking) return "largest " + style.terms().word(ranking.quantity());
        return task instanceof Places ? "places" : "part that sets it";
    }

    private String of(Cell cell) {
        return style.terms().word(cell.quantity()) + " of " + Typed.name(cell.subject());
    }
}
