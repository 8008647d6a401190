package didaxis.core.question;

import didaxis.core.answer.Typed;
import didaxis.core.answer.TypedNumbers;
import didaxis.core.answer.Verdict;
import didaxis.core.change.Act;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.style.MarkingStyle;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * At which of some appliances, switched on one after the other, a fuse or breaker opens; none is an answer. Before its turn
 * an appliance is not there. A current that is just the rating does not open it.
 *
 * @param fuse a fuse with a rating
 * @param parts in the order in which they are switched on
 * @param count whether it is asked how many can run, or else at which it opens
 */
public record Breaker(String id, int state, String fuse, List<String> parts, boolean count, int marks) implements Task {
    private static final double SLACK = 1e-9;

    public Breaker {
        parts = List.copyOf(parts);
        if (parts.isEmpty() || parts.contains(fuse))
            throw new IllegalArgumentException("task " + id + " must be about other parts than " + fuse);
    }

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, count ? new Box.Form.Count() : new Box.Form.Things(), marks));
    }

    @Override
    public List<Subject> things(Question question) {
        return parts.stream().map(Subject::part).toList();
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        State here = question.state(state);
        if (!here.numbered()) return List.of(new TaskFlaw.NoNumber(id));
        if (rating(here).isEmpty()) return List.of(new TaskFlaw.NoRating(id, fuse));
        for (String part : parts)
            if (!here.circuit().part(part).orElseThrow().kind().resistive())
                return List.of(new TaskFlaw.NoValue(id, Cell.resistance(Subject.part(part))));
        for (int on = 1; on <= parts.size(); on++)
            if (current(on, here).isEmpty()) return List.of(new TaskFlaw.ShortsTheSource(id, fuse));
        return List.of();
    }

    private OptionalDouble rating(State here) {
        return here.circuit()
                .part(fuse)
                .map(part -> part.setting() instanceof Setting.Amperes amperes
                        ? OptionalDouble.of(amperes.amperes())
                        : OptionalDouble.empty())
                .orElse(OptionalDouble.empty());
    }

    /** The current through the fuse with the first so many switched on; empty where it is not decided. */
    private OptionalDouble current(int on, State here) {
        Circuit circuit = here.circuit();
        for (String off : parts.subList(on, parts.size())) circuit = new Act.Failed(off, Setting.Fault.OUT).on(circuit);
        return here.chartOf(circuit)
                .map(chart -> chart.value(Cell.current(Subject.part(fuse))))
                .orElse(OptionalDouble.empty());
    }

    /** The one at which it opens; empty where it never does. */
    public Optional<Subject> opensAt(Question question) {
        State here = question.state(state);
        double rating = rating(here).orElseThrow();
        for (int on = 1; on <= parts.size(); on++)
            if (Math.abs(current(on, here).orElseThrow()) > rating * (1 + SLACK))
                return Optional.of(Subject.part(parts.get(on - 1)));
        return Optional.empty();
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        if (count) {
            int most = opensAt(question)
                    .map(opening -> parts.indexOf(opening.id()))
                    .orElse(parts.size());
            return Typed.judged(typed, TypedNumbers.count(typed), most, marks, String.valueOf(most));
        }
        Set<Subject> right = opensAt(question).map(Set::of).orElse(Set.of());
        return Typed.judged(typed, Typed.things(typed, things(question)), right, marks, Typed.print(right));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.breaker().apply(this);
    }
}
