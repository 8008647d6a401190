package didaxis.core.question;

import didaxis.core.circuit.Cell;
import didaxis.core.style.MarkingStyle;
import didaxis.core.style.Tolerance;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether one cell is less than another, equal to it or greater; and, where that is asked too, how many times.
 *
 * @param otherState the state of the other cell, which may be another
 * @param factor whether a second box asks how many times the other the first is
 */
public record Comparison(String id, int state, Cell cell, int otherState, Cell other, boolean factor, int marks)
        implements Task {
    private static final Tolerance FACTOR = new Tolerance(0.01);
    private static final MathContext SHOWN = new MathContext(4);

    @Override
    public List<Integer> states() {
        return List.of(state, otherState);
    }

    @Override
    public List<Box> boxes() {
        Box relation = new Box(factor ? id + "-1" : id, id, new Box.Form.Relation(), marks);
        return factor ? List.of(relation, new Box(id + "-2", id, new Box.Form.Factor(), marks)) : List.of(relation);
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        if (!question.state(state).numbered() || !question.state(otherState).numbered())
            return List.of(new TaskFlaw.NoNumber(id));
        List<TaskFlaw> flaws = new ArrayList<>();
        if (question.state(state).chart().value(cell).isEmpty()) flaws.add(new TaskFlaw.NoValue(id, cell));
        boolean noFactor =
                factor && question.state(otherState).chart().value(other).orElse(0) == 0;
        if (noFactor || question.state(otherState).chart().value(other).isEmpty())
            flaws.add(new TaskFlaw.NoValue(id, other));
        return flaws;
    }

    private double value(Question question) {
        return question.state(state).chart().value(cell).orElseThrow();
    }

    private double otherValue(Question question) {
        return question.state(otherState).chart().value(other).orElseThrow();
    }

    /** The sign of the difference: −1, 0 or 1. */
    public int sign(Question question) {
        double one = value(question);
        double two = otherValue(question);
        return Ranking.tied(one, two) ? 0 : one < two ? -1 : 1;
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style) {
        if (box.form() instanceof Box.Form.Relation) {
            int right = sign(question);
            return Typed.judged(typed, Typed.relation(typed), right, box.marks(), Typed.word(right));
        }
        double right = value(question) / otherValue(question);
        return Typed.judged(
                typed,
                TypedNumbers.factor(typed).map(own -> FACTOR.matches(right, own)),
                true,
                box.marks(),
                style.format().plain(BigDecimal.valueOf(right).round(SHOWN).stripTrailingZeros()));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.comparison().apply(this);
    }
}
