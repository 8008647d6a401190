package didaxis.core.question;

import didaxis.core.answer.Typed;
import didaxis.core.answer.TypedNumbers;
import didaxis.core.answer.Verdict;
import didaxis.core.chart.Chart;
import didaxis.core.chart.Ratings;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The highest emf at which no part is over its rating, and which part sets it; of several that do any one is right. */
public record SafeSupply(String id, int state, int marks) implements Task {
    @Override
    public List<Box> boxes() {
        return List.of(
                new Box(id + "-1", id, new Box.Form.Value(Quantity.VOLTAGE), marks),
                new Box(id + "-2", id, new Box.Form.Things(), 1));
    }

    @Override
    public List<Subject> things(Question question) {
        return question.state(state).circuit().parts().stream()
                .map(part -> Subject.part(part.label()))
                .toList();
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        if (!question.state(state).numbered()) return List.of(new TaskFlaw.NoNumber(id));
        return ratings(question).first().isEmpty() ? List.of(new TaskFlaw.TooFew(id, List.of())) : List.of();
    }

    private Ratings ratings(Question question) {
        return Ratings.of(question.state(state).chart());
    }

    /** The parts that reach their limit first. */
    private Set<Subject> first(Question question) {
        Ratings ratings = ratings(question);
        double highest = ratings.highestSafeEmf();
        return ratings.loads().stream()
                .filter(load -> load.actual() > 0)
                .filter(load -> Chart.alike(new Ratings(List.of(load), ratings.emf()).highestSafeEmf(), highest))
                .map(load -> Subject.part(load.part().label()))
                .collect(Collectors.toSet());
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        if (box.form() instanceof Box.Form.Value) {
            Amount highest = Amount.of(ratings(question).highestSafeEmf(), Quantity.VOLTAGE);
            return TypedNumbers.judgedAmount(typed, highest, box.marks(), style);
        }
        Set<Subject> right = first(question);
        Optional<Boolean> read =
                Typed.things(typed, things(question)).map(named -> named.size() == 1 && right.containsAll(named));
        String model = right.stream().map(Subject::id).sorted().collect(Collectors.joining(" or "));
        return Typed.judged(typed, read, true, box.marks(), model);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.safeSupply().apply(this);
    }
}
