package didaxis.core.question;

import didaxis.core.answer.Reason;
import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Things in the order of a quantity, the largest first, ties allowed, or only those that come first. With a mark for each
 * neighbour a pair earns where it stands as it should: before, after, tied; with any other number of marks the whole order
 * earns all or nothing.
 *
 * @param quantity by what; the brightness of lamps is their power
 * @param first whether only the largest is asked, with all that are equal to it
 * @param reason whether it is asked why those that come first do; it earns one mark
 */
public record Ranking(
        String id, int state, Quantity quantity, List<Subject> things, boolean first, boolean reason, int marks)
        implements Task {
    public Ranking {
        things = List.copyOf(things);
    }

    /** All in their order, without a reason. */
    public Ranking(String id, int state, Quantity quantity, List<Subject> things, int marks) {
        this(id, state, quantity, things, false, false, marks);
    }

    @Override
    public List<Box> boxes() {
        Box.Form form = first ? new Box.Form.Things() : new Box.Form.Order(things);
        Box order = new Box(Box.id(id, 0, reason ? 2 : 1), id, form, marks);
        return reason
                ? List.of(order, new Box(Box.id(id, 1, 2), id, new Box.Form.Why(Optional.of(quantity)), 1))
                : List.of(order);
    }

    @Override
    public List<Subject> things(Question question) {
        return things;
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        State here = question.state(state);
        if (!here.numbered()) return List.of(new TaskFlaw.NoNumber(id));
        if (things.size() < 2) return List.of(new TaskFlaw.TooFew(id, things));
        if (reason && !Reason.isAskedOf(quantity)) return List.of(new TaskFlaw.NoReason(id));
        return things.stream()
                .map(thing -> Cell.of(thing, quantity))
                .filter(cell -> here.chart().value(cell).isEmpty())
                .<TaskFlaw>map(cell -> new TaskFlaw.NoValue(id, cell))
                .toList();
    }

    /** The things in their true order, those that are alike together. */
    public List<Set<Subject>> order(Question question) {
        List<Subject> sorted = things.stream()
                .sorted(Comparator.comparingDouble((Subject thing) -> -size(thing, question)))
                .toList();
        List<Set<Subject>> ranks = new ArrayList<>();
        double last = 0;
        for (Subject thing : sorted) {
            double now = size(thing, question);
            if (ranks.isEmpty() || !Chart.alike(last, now)) ranks.add(new LinkedHashSet<>());
            ranks.get(ranks.size() - 1).add(thing);
            last = now;
        }
        return ranks;
    }

    private double size(Subject thing, Question question) {
        return question.state(state).chart().value(Cell.of(thing, quantity)).orElse(0);
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        List<Set<Subject>> right = order(question);
        if (box.form() instanceof Box.Form.Why why) {
            Set<Reason> reasons = Reason.right(question.state(state).chart(), quantity, right);
            return Typed.judgedReason(typed, why.reasons(), reasons, box.marks());
        }
        if (first)
            return Typed.judged(typed, Typed.things(typed, things), right.get(0), marks, Typed.print(right.get(0)));
        String model = Typed.print(right);
        if (typed.isBlank()) return new Verdict(Verdict.Code.BLANK, 0, model);
        Optional<List<Set<Subject>>> read = Typed.order(typed, things);
        if (read.isEmpty()) return new Verdict(Verdict.Code.UNREADABLE, 0, model);
        int pairs = things.size() - 1;
        int standing = standing(right, read.get());
        if (standing == pairs && right.equals(read.get())) return new Verdict(Verdict.Code.RIGHT, marks, model);
        int points = marks == pairs ? standing : 0;
        return new Verdict(points > 0 ? Verdict.Code.PARTLY : Verdict.Code.WRONG, Math.min(points, marks - 1), model);
    }

    /** How many neighbours of the true order stand to each other as they should. */
    private static int standing(List<Set<Subject>> right, List<Set<Subject>> typed) {
        List<Subject> line = right.stream().flatMap(Set::stream).toList();
        int standing = 0;
        for (int k = 0; k + 1 < line.size(); k++) {
            int truth = Integer.signum(place(line.get(k), right) - place(line.get(k + 1), right));
            int own = Integer.signum(place(line.get(k), typed) - place(line.get(k + 1), typed));
            if (truth == own) standing++;
        }
        return standing;
    }

    private static int place(Subject thing, List<Set<Subject>> ranks) {
        for (int k = 0; k < ranks.size(); k++) if (ranks.get(k).contains(thing)) return k;
        throw new IllegalArgumentException("thing (" + thing.id() + ") must stand in the order");
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.ranking().apply(this);
    }
}
