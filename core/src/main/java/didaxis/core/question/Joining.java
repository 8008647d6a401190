package didaxis.core.question;

import didaxis.core.answer.Reason;
import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.chart.Chart;
import didaxis.core.chart.Folding;
import didaxis.core.circuit.Circuit;
import didaxis.core.solving.Pair;
import didaxis.core.style.MarkingStyle;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Whether two parts are in series, in parallel, or neither, as the circuit stands as resistances: what has none is wire,
 * and what nothing can pass is not there.
 *
 * @param reason whether it is asked how one knows
 */
public record Joining(String id, int state, String one, String other, boolean reason, int marks) implements Task {
    /** Without a reason. */
    public Joining(String id, int state, String one, String other, int marks) {
        this(id, state, one, other, false, marks);
    }

    @Override
    public List<Box> boxes() {
        Box joint = new Box(reason ? id + "-1" : id, id, new Box.Form.Joint(), marks);
        return reason
                ? List.of(joint, new Box(id + "-2", id, new Box.Form.Why(Optional.empty()), marks))
                : List.of(joint);
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        return one.equals(other) ? List.of(new TaskFlaw.TooFew(id, List.of())) : List.of();
    }

    /** How they are joined; parts that carry nothing as they are drawn. */
    public Pair.Kind joint(Question question) {
        Chart chart = question.state(state).chart();
        Circuit circuit = Folding.asResistances(chart)
                .filter(left -> left.part(one).isPresent() && left.part(other).isPresent())
                .orElse(chart.circuit());
        return Pair.of(circuit, one, other).kind();
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        Pair.Kind right = joint(question);
        if (box.form() instanceof Box.Form.Why why)
            return Typed.judgedReason(typed, why.reasons(), Set.of(Reason.of(right)), box.marks());
        return Typed.judged(typed, Typed.joint(typed), right, box.marks(), Typed.word(right));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.joining().apply(this);
    }
}
