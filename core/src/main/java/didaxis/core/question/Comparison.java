package didaxis.core.question;

import didaxis.core.answer.Reason;
import didaxis.core.answer.Typed;
import didaxis.core.answer.TypedNumbers;
import didaxis.core.answer.Verdict;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.style.MarkingStyle;
import didaxis.core.style.Tolerance;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Whether one cell is less than another, equal to it or greater; and, where that is asked too, how many times, and why.
 *
 * @param otherState the state of the other cell, which may be another
 * @param factor whether a box asks how many times the other the first is
 * @param reason whether a box asks why, which earns one mark
 */
public record Comparison(
        String id, int state, Cell cell, int otherState, Cell other, boolean factor, boolean reason, int marks)
        implements Task {
    private static final Tolerance FACTOR = new Tolerance(0.01);
    private static final MathContext SHOWN = new MathContext(4);

    @Override
    public List<Integer> states() {
        return List.of(state, otherState);
    }

    @Override
    public List<Box> boxes() {
        int count = 1 + (factor ? 1 : 0) + (reason ? 1 : 0);
        List<Box> boxes = new ArrayList<>();
        boxes.add(new Box(Box.id(id, 0, count), id, new Box.Form.Relation(), marks));
        if (factor) boxes.add(new Box(Box.id(id, 1, count), id, new Box.Form.Factor(), marks));
        if (reason)
            boxes.add(new Box(Box.id(id, count - 1, count), id, new Box.Form.Why(Optional.of(cell.quantity())), 1));
        return boxes;
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
        boolean comparable = state == otherState && cell.quantity() == other.quantity();
        if (reason && !(comparable && Reason.isAskedOf(cell.quantity()))) flaws.add(new TaskFlaw.NoReason(id));
        return flaws;
    }

    /** The two values, the true ones or those of a learner. */
    private record Two(double one, double two) {
        /** The sign of the difference: −1, 0 or 1. */
        int sign() {
            return Chart.alike(one, two) ? 0 : one < two ? -1 : 1;
        }

        double factor() {
            return one / two;
        }
    }

    private Two values(Question question, OwnAmounts elsewhere) {
        double one = question.state(state).chart().value(cell).orElseThrow();
        double two = question.state(otherState).chart().value(other).orElseThrow();
        return new Two(
                elsewhere.of(cell, state).orElse(one),
                elsewhere.of(other, otherState).orElse(two));
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        Two right = values(question, OwnAmounts.NONE);
        Verdict verdict = judge(box, typed, question, style, right);
        boolean wrong = verdict.code() == Verdict.Code.WRONG && !(box.form() instanceof Box.Form.Why);
        boolean follows = wrong
                && judge(box, typed, question, style, values(question, elsewhere))
                                .points()
                        > 0;
        return follows ? Verdict.followed(box.marks(), verdict.model()) : verdict;
    }

    private Verdict judge(Box box, String typed, Question question, MarkingStyle style, Two right) {
        if (box.form() instanceof Box.Form.Why why)
            return Typed.judgedReason(typed, why.reasons(), reasons(question, right), box.marks());
        if (box.form() instanceof Box.Form.Relation)
            return Typed.judged(typed, Typed.relation(typed), right.sign(), box.marks(), Typed.word(right.sign()));
        return Typed.judged(
                typed,
                TypedNumbers.factor(typed).map(factor -> FACTOR.matches(right.factor(), factor)),
                true,
                box.marks(),
                style.format()
                        .plain(BigDecimal.valueOf(right.factor()).round(SHOWN).stripTrailingZeros()));
    }

    private Set<Reason> reasons(Question question, Two right) {
        Set<Subject> one = Set.of(cell.subject());
        Set<Subject> two = Set.of(other.subject());
        List<Set<Subject>> order = right.sign() == 0
                ? List.of(new LinkedHashSet<>(List.of(cell.subject(), other.subject())))
                : right.sign() > 0 ? List.of(one, two) : List.of(two, one);
        return Reason.right(question.state(state).chart(), cell.quantity(), order);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.comparison().apply(this);
    }
}
