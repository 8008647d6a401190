package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.quantity.Reading;
import didaxis.core.question.Box;
import didaxis.core.question.Knowledge;
import didaxis.core.style.MarkingStyle;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/** The numbers a learner wrote into the boxes of a question, in each state for which they count. */
record WrittenNumbers(List<Box> boxes, Knowledge knowledge, MarkingStyle style) {
    /** What the learner has for cells in some of the other boxes. */
    Map<Cell, List<Double>> elsewhere(Box here, Map<String, String> answers, Predicate<Box> which) {
        int state = ((Box.Form.Amount) here.form()).state();
        Map<Cell, List<Double>> own = new HashMap<>();
        for (Box box : boxes) {
            if (box.equals(here) || !(box.form() instanceof Box.Form.Amount amount) || !which.test(box)) continue;
            Optional<Double> written = counts(amount, amount.cell(), state) ? number(box, answers) : Optional.empty();
            written.ifPresent(value -> own.putIfAbsent(amount.cell(), List.of(value)));
        }
        return own;
    }

    /** Whether what is written for a cell in one state is what it is in another. */
    private boolean counts(Box.Form.Amount amount, Cell cell, int state) {
        if (!amount.cell().equals(cell)) return false;
        return amount.state() == state || cell.isSetting() && knowledge.unchanged(cell, amount.state(), state);
    }

    private Optional<Double> number(Box box, Map<String, String> answers) {
        Reading reading = style.format()
                .read(
                        StateNetwork.typed(box, answers),
                        ((Box.Form.Amount) box.form()).cell().quantity());
        return reading instanceof Reading.Read read ? Optional.of(read.amount().si()) : Optional.empty();
    }

    /** The number that was written for a cell, in its own state or as a setting of another. */
    OptionalDouble own(Cell cell, int state, Map<String, String> answers) {
        return boxes.stream()
                .filter(box -> box.form() instanceof Box.Form.Amount amount && counts(amount, cell, state))
                .flatMap(box -> number(box, answers).stream())
                .mapToDouble(Double::doubleValue)
                .findFirst();
    }
}
