package didaxis.core.question;

import didaxis.core.answer.TypedNumbers;
import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Part;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import didaxis.core.style.Tolerance;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * All resistances that some parts of the circuit can make together, all of them used; different values once. One too many
 * costs what one too few does; the same said twice is no other one.
 *
 * @param parts two to five of the circuit's parts that have a resistance
 * @param marks what the whole list earns; a mark each where there are as many
 */
public record Arrangements(String id, int state, List<String> parts, int marks) implements Task {
    private static final Tolerance ALIKE = new Tolerance(0.001);

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
        String model = right.stream().map(ohms -> print(ohms, style)).collect(Collectors.joining("; "));
        if (typed.isBlank()) return new Verdict(Verdict.Code.BLANK, 0, model);
        var read = TypedNumbers.amounts(typed, Quantity.RESISTANCE, style);
        if (read.isEmpty()) return new Verdict(Verdict.Code.UNREADABLE, 0, model);
        List<Double> open = new ArrayList<>(right);
        List<Double> rest = new ArrayList<>();
        // What is written as it would be printed is just that; from the smallest on the others take what is left near
        // them.
        Set<Double> met = new HashSet<>();
        for (double own : read.get()) {
            if (take(open, one -> print(one, style).equals(print(own, style)))) met.add(own);
            else rest.add(own);
        }
        int extra = 0;
        for (double own : rest.stream().sorted().toList()) {
            // Two ways to the same resistance, written as two, say nothing that is wrong.
            boolean again = !met.add(own);
            if (!take(open, one -> style.tolerance().matches(one, own)) && !again) extra++;
        }
        // What looks alike where it is written need be written once.
        List<Double> written = right.stream().filter(one -> !open.contains(one)).toList();
        open.removeIf(one -> written.stream().anyMatch(other -> lookAlike(one, other, style)));
        if (open.isEmpty() && extra == 0) return new Verdict(Verdict.Code.RIGHT, marks, model);
        int found = Math.max(0, right.size() - open.size() - extra);
        int points = Math.min(marks - 1, marks * found / right.size());
        return new Verdict(points > 0 ? Verdict.Code.PARTLY : Verdict.Code.WRONG, points, model);
    }

    /** Takes the first that is such; whether there was one. */
    private static boolean take(List<Double> open, Predicate<Double> such) {
        return open.stream().filter(such).findFirst().map(open::remove).orElse(false);
    }

    private static boolean lookAlike(double one, double other, MarkingStyle style) {
        return ALIKE.matches(one, other) || print(one, style).equals(print(other, style));
    }

    private static String print(double ohms, MarkingStyle style) {
        return style.format().print(Amount.of(ohms, Quantity.RESISTANCE));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.arrangements().apply(this);
    }
}
