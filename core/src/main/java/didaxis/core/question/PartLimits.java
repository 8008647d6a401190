package didaxis.core.question;

import didaxis.core.answer.TypedNumbers;
import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Part;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The highest voltage, or current, that each of some rated parts can stand by itself, whatever the rest of the circuit
 * does: of several ratings of a part the one that is reached first, with P = V²/R and V = I·R.
 *
 * @param quantity voltage or current
 * @param marks what each of them earns
 */
public record PartLimits(String id, int state, Quantity quantity, List<String> parts, int marks) implements Task {
    public PartLimits {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) throw new IllegalArgumentException("task " + id + " must be about a part");
        if (quantity != Quantity.VOLTAGE && quantity != Quantity.CURRENT)
            throw new IllegalArgumentException(
                    "quantity (" + quantity.word() + ") of task " + id + " must be voltage or current");
    }

    @Override
    public List<Box> boxes() {
        List<Box> boxes = new ArrayList<>();
        for (int k = 0; k < parts.size(); k++)
            boxes.add(new Box(Box.id(id, k, parts.size()), id, new Box.Form.Value(quantity), marks));
        return boxes;
    }

    /** The part that one of the boxes is about. */
    public String part(Box box) {
        return parts.get(boxes().stream().map(Box::id).toList().indexOf(box.id()));
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        return parts.stream()
                .filter(part -> limit(part, question).isEmpty())
                .<TaskFlaw>map(part -> new TaskFlaw.NoRating(id, part))
                .toList();
    }

    /** The highest value in SI that a part can stand; empty where nothing limits it. */
    public OptionalDouble limit(String label, Question question) {
        Part part = question.state(state).circuit().part(label).orElseThrow();
        double ohms = part.kind().resistive() ? part.resistance() : 0;
        return part.rating().limits().stream()
                .mapToDouble(limit -> inQuantity(limit, ohms))
                .filter(value -> value > 0 && Double.isFinite(value))
                .min();
    }

    private double inQuantity(Amount limit, double ohms) {
        boolean volts = quantity == Quantity.VOLTAGE;
        return switch (limit.quantity()) {
            case VOLTAGE -> volts ? limit.si() : limit.si() / ohms;
            case CURRENT -> volts ? limit.si() * ohms : limit.si();
            case POWER -> Math.sqrt(volts ? limit.si() * ohms : limit.si() / ohms);
            default -> Double.NaN;
        };
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        double limit = limit(part(box), question).orElseThrow();
        return TypedNumbers.judgedAmount(typed, Amount.of(limit, quantity), box.marks(), style);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.partLimits().apply(this);
    }
}
