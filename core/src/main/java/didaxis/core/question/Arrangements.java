package didaxis.core.question;

import didaxis.core.answer.TypedNumbers;
import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Part;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * All resistances that some parts of the circuit can make together, all of them used; different values once. One too many
 * costs what one too few does; the same said twice is no other one.
 *
 * @param parts two to five of the circuit's parts that have a resistance
 * @param marks what the whole list earns; a mark each where there are as many
 */
public record Arrangements(String id, int state, List<String> parts, int marks) implements Task {
    public Arrangements {
        parts = List.copyOf(parts);
        Arrangement.refuseOthers(id, parts);
    }

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Values(Quantity.RESISTANCE), marks));
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        return Arrangement.flaws(id, question.state(state), parts);
    }

    /** Every resistance they can make, in ohms, the smallest first. */
    public List<Double> values(Question question) {
        List<Part> given = question.state(state).circuit().parts().stream()
                .filter(part -> parts.contains(part.label()))
                .toList();
        return Arrangement.all(given).stream().map(Arrangement::ohms).toList();
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        List<Double> right = values(question);
        String model = right.stream()
                .map(ohms -> style.format().print(Amount.of(ohms, Quantity.RESISTANCE)))
                .collect(Collectors.joining("; "));
        if (typed.isBlank()) return new Verdict(Verdict.Code.BLANK, 0, model);
        var read = TypedNumbers.amounts(typed, Quantity.RESISTANCE, style);
        if (read.isEmpty()) return new Verdict(Verdict.Code.UNREADABLE, 0, model);
        List<Double> open = new ArrayList<>(right);
        int extra = 0;
        Set<Double> said = new HashSet<>();
        // From the smallest on, so that of several that are nearly alike none is taken by another's.
        for (double own : read.get().stream().sorted().toList()) {
            boolean hit = open.stream()
                    .filter(one -> style.tolerance().matches(one, own))
                    .findFirst()
                    .map(open::remove)
                    .orElse(false);
            // Two ways to the same resistance, written as two, say nothing that is wrong.
            if (!hit && !said.contains(own)) extra++;
            said.add(own);
        }
        if (open.isEmpty() && extra == 0) return new Verdict(Verdict.Code.RIGHT, marks, model);
        int found = Math.max(0, right.size() - open.size() - extra);
        int points = Math.min(marks - 1, marks * found / right.size());
        return new Verdict(points > 0 ? Verdict.Code.PARTLY : Verdict.Code.WRONG, points, model);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.arrangements().apply(this);
    }
}
