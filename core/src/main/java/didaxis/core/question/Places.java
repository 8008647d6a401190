package didaxis.core.question;

import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.chart.SamePlace;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Where a meter reads the same as at a cell by the way the circuit is joined, whatever the values: a voltmeter across all
 * that lies between the same two places, an ammeter anywhere in the same branch. Equal numbers alone are not the same.
 *
 * @param like the current through something, or the voltage across it
 * @param among parts, groups and points to choose from; to name the one itself neither earns nor costs
 */
public record Places(String id, int state, Cell like, List<Subject> among, int marks) implements Task {
    public Places {
        among = List.copyOf(among);
        if (like.quantity() != Quantity.CURRENT && like.quantity() != Quantity.VOLTAGE)
            throw new IllegalArgumentException(
                    "quantity (" + like.quantity().word() + ") of task " + id + " must be current or voltage");
    }

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Things(), marks));
    }

    @Override
    public List<Subject> things(Question question) {
        return among;
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        List<TaskFlaw> flaws = new ArrayList<>();
        if (among.stream().allMatch(like.subject()::equals)) flaws.add(new TaskFlaw.TooFew(id, among));
        List<Subject> all = new ArrayList<>(among);
        all.add(like.subject());
        for (Subject one : all) if (!isPlace(one)) flaws.add(new TaskFlaw.NoPlaceForAMeter(id, one));
        return flaws;
    }

    private boolean isPlace(Subject one) {
        boolean across = like.quantity() == Quantity.VOLTAGE;
        return switch (one.kind()) {
            case PART, GROUP, EXTERNAL -> true;
            case POINT, TOTAL, INTERNAL -> !across;
            case VOLTMETER -> false;
        };
    }

    /** The right places, without the one itself. */
    public Set<Subject> right(Question question) {
        SamePlace places = SamePlace.of(question.state(state).chart());
        Set<Subject> right = new LinkedHashSet<>(among);
        right.removeIf(one -> like.quantity() == Quantity.VOLTAGE
                ? !places.acrossTheSame(like.subject(), one)
                : !places.inTheSameBranch(like.subject(), one));
        right.remove(like.subject());
        return right;
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        Set<Subject> right = right(question);
        var read = Typed.things(typed, among).map(named -> {
            Set<Subject> counted = new LinkedHashSet<>(named);
            counted.remove(like.subject());
            return (Set<Subject>) counted;
        });
        return Typed.judged(typed, read, right, marks, Typed.print(right));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.places().apply(this);
    }
}
