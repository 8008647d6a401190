package didaxis.core.wording;

import didaxis.core.circuit.Cell;
import didaxis.core.question.Box;
import didaxis.core.question.GoingOut;
import didaxis.core.question.Task;
import didaxis.core.question.Typed;
import didaxis.core.style.HouseStyle;

/** What a box is called where it stands alone: "current of R1", "with L2 out". */
public record BoxName(HouseStyle style) {
    public String say(Task task, Box box) {
        return box.form()
                .match(new Box.Form.Cases<>(
                        amount -> of(amount.cell()),
                        way -> of(way.cell()),
                        order -> "order",
                        things -> task instanceof GoingOut out ? "with " + out.part(box) + " out" : "part that sets it",
                        joint -> "how they are joined",
                        relation -> "comparison",
                        factor -> "factor",
                        value -> "highest emf",
                        values -> "resistances"));
    }

    private String of(Cell cell) {
        return style.terms().word(cell.quantity()) + " of " + Typed.name(cell.subject());
    }
}
