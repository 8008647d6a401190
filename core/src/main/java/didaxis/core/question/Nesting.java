package didaxis.core.question;

import didaxis.core.answer.Reduction;
import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.style.MarkingStyle;
import java.util.List;

/** How the combinations of a circuit lie within one another, innermost first: "series within parallel within series". */
public record Nesting(String id, int state, int marks) implements Task {
    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Nested(), marks));
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        return right(question).isEmpty() ? List.of(new TaskFlaw.TooFew(id, List.of())) : List.of();
    }

    /** Innermost first; true is series. Where branches are nested unlike deep, the deepest counts. */
    public List<Boolean> right(Question question) {
        return Reduction.of(question.state(state).chart())
                .map(Reduction::nesting)
                .orElse(List.of());
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        List<Boolean> right = right(question);
        return Typed.judged(typed, Typed.nesting(typed), right, marks, Typed.printNesting(right));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.nesting().apply(this);
    }
}
