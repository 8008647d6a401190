package didaxis.core.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * All resistances that some parts of the circuit can make together, all of them used; different values once. One too many
 * costs what one too few does.
 *
 * @param parts two to five of the circuit's parts that have a resistance
 * @param marks what the whole list earns; a mark each where there are as many
 */
public record Arrangements(String id, int state, List<String> parts, int marks) implements Task {
    private static final int MOST_PARTS = 5;
    private static final double SAME = 1e-9;

    public Arrangements {
        parts = List.copyOf(parts);
        if (parts.size() < 2 || parts.size() > MOST_PARTS)
            throw new IllegalArgumentException(
                    "task " + id + " must be about 2 to " + MOST_PARTS + " parts; " + parts.size() + " are named");
    }

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Values(Quantity.RESISTANCE), marks));
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        if (!question.state(state).numbered()) return List.of(new TaskFlaw.NoNumber(id));
        return parts.stream()
                .map(part -> Cell.resistance(Subject.part(part)))
                .filter(cell -> question.state(state).chart().value(cell).isEmpty())
                .<TaskFlaw>map(cell -> new TaskFlaw.NoValue(id, cell))
                .toList();
    }

    /** Every resistance they can make, in ohms, the smallest first. */
    public List<Double> values(Question question) {
        double[] ohms = parts.stream()
                .mapToDouble(part -> question.state(state)
                        .chart()
                        .value(Cell.resistance(Subject.part(part)))
                        .orElse(0))
                .toArray();
        return ofSet((1 << ohms.length) - 1, ohms, new HashMap<>());
    }

    /** Of the parts whose bits are set: every way to split them into two, and these in series or in parallel. */
    private static List<Double> ofSet(int set, double[] ohms, Map<Integer, List<Double>> known) {
        if (Integer.bitCount(set) == 1) return List.of(ohms[Integer.numberOfTrailingZeros(set)]);
        List<Double> before = known.get(set);
        if (before != null) return before;
        List<Double> all = new ArrayList<>();
        for (int half = (set - 1) & set; half > 0; half = (half - 1) & set) {
            if (half < (set ^ half)) continue;
            for (double one : ofSet(half, ohms, known))
                for (double other : ofSet(set ^ half, ohms, known)) {
                    all.add(one + other);
                    all.add(one + other == 0 ? 0 : one * other / (one + other));
                }
        }
        List<Double> distinct = new ArrayList<>();
        for (double value : all.stream().sorted().toList()) {
            boolean there =
                    !distinct.isEmpty() && value - distinct.get(distinct.size() - 1) <= SAME * Math.max(value, 1e-12);
            if (!there) distinct.add(value);
        }
        known.put(set, distinct);
        return distinct;
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style) {
        List<Double> right = values(question);
        String model = right.stream()
                .map(ohms -> style.format().print(Amount.of(ohms, Quantity.RESISTANCE)))
                .collect(Collectors.joining("; "));
        if (typed.isBlank()) return new Verdict(Verdict.Code.BLANK, 0, model);
        var read = Typed.amounts(typed, Quantity.RESISTANCE, style);
        if (read.isEmpty()) return new Verdict(Verdict.Code.UNREADABLE, 0, model);
        List<Double> open = new ArrayList<>(right);
        int extra = 0;
        for (double own : read.get()) {
            boolean hit = open.stream()
                    .filter(one -> style.tolerance().matches(one, own))
                    .findFirst()
                    .map(open::remove)
                    .orElse(false);
            if (!hit) extra++;
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
