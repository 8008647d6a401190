package didaxis.core.question;

import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Wiring;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;

/**
 * Some parts are to be connected so that together they have a certain resistance, all of them used; every arrangement
 * that has it is right.
 *
 * @param parts two to five of the circuit's parts that have a resistance
 * @param ohms what they are to have together
 */
public record Connecting(String id, int state, List<String> parts, double ohms, int marks) implements Task {
    public static final int USUAL_MARKS = 3;

    public Connecting {
        parts = List.copyOf(parts);
        Arrangement.refuseOthers(id, parts);
    }

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Wired(), marks));
    }

    @Override
    public List<Subject> things(Question question) {
        return parts.stream().map(Subject::part).toList();
    }

    private List<Part> given(Question question) {
        return question.state(state).circuit().parts().stream()
                .filter(part -> parts.contains(part.label()))
                .toList();
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        List<TaskFlaw> flaws = Arrangement.flaws(id, question.state(state), parts);
        if (!flaws.isEmpty()) return flaws;
        return model(question, MarkingStyle.STANDARD).isEmpty()
                ? List.of(new TaskFlaw.NoArrangement(
                        id, ohms, Arrangement.nearest(given(question), ohms).ohms()))
                : List.of();
    }

    private Optional<String> model(Question question, MarkingStyle style) {
        Arrangement nearest = Arrangement.nearest(given(question), ohms);
        return style.tolerance().matches(ohms, nearest.ohms())
                ? Optional.of(
                        Wiring.print(Circuit.of(question.state(state).circuit().source(), nearest.network())))
                : Optional.empty();
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        List<Part> given = given(question);
        Optional<Boolean> hits = Wiring.read(
                        typed, question.state(state).circuit().source(), given)
                .map(own -> new HashSet<>(own.parts()).equals(new HashSet<>(given))
                        && own.parts().size() == given.size()
                        && OperatingPoint.of(own)
                                .match(
                                        point -> style.tolerance().matches(ohms, point.resistance(0)),
                                        shorted -> false));
        return Typed.judged(typed, hits, true, marks, model(question, style).orElse(""));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.connecting().apply(this);
    }
}
