package didaxis.core.question;

import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.style.MarkingStyle;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * One sub-question. A kind of task says what is wrong with it, has its boxes, and judges what was put into them; amounts
 * are judged together, since one may follow from another.
 */
public sealed interface Task
        permits Amounts,
                Ways,
                Ranking,
                GoingOut,
                Joining,
                Comparison,
                SafeSupply,
                Arrangements,
                PartLimits,
                Breaker,
                Places,
                Reducing,
                Nesting,
                Redrawing,
                Connecting,
                ColourBands,
                Explaining,
                InWords,
                Gaps,
                BranchCurrents {
    /** Unique within the question. */
    String id();

    /** The place of its state among the question's. */
    int state();

    /** The places of all states it looks at; none where it is about no circuit. */
    default List<Integer> states() {
        return List.of(state());
    }

    /** Its boxes in their order. */
    List<Box> boxes();

    /** What may be named in its boxes; nothing where they do not take names. */
    default List<Subject> things(Question question) {
        return List.of();
    }

    /** The cells of its state that it tells by itself, as the bands of a resistor do. */
    default Set<Cell> tells() {
        return Set.of();
    }

    /** The same asked of states with other values; only what a task has worked out of them is worked out anew. */
    default Task over(List<State> states) {
        return this;
    }

    /** What keeps it from being asked, with what is known in each state. */
    List<TaskFlaw> flaws(Question question, Knowledge knowledge);

    /**
     * What one of its boxes earns with this text; never called for amounts of the chart.
     *
     * @param elsewhere what may stand for the true amounts, where something follows from them
     */
    Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere);

    /** The same on its own. */
    default Verdict judge(Box box, String typed, Question question, MarkingStyle style) {
        return judge(box, typed, question, style, OwnAmounts.NONE);
    }

    /** What a text in one of its boxes says of cells of its state, as it is written: later amounts may rest on it. */
    default Map<Cell, String> says(Box box, String typed, Question question, MarkingStyle style) {
        return Map.of();
    }

    <T> T match(Cases<T> cases);

    /** A function for each case. */
    record Cases<T>(
            Function<Amounts, T> amounts,
            Function<Ways, T> ways,
            Function<Ranking, T> ranking,
            Function<GoingOut, T> goingOut,
            Function<Joining, T> joining,
            Function<Comparison, T> comparison,
            Function<SafeSupply, T> safeSupply,
            Function<Arrangements, T> arrangements,
            Function<PartLimits, T> partLimits,
            Function<Breaker, T> breaker,
            Function<Places, T> places,
            Function<Reducing, T> reducing,
            Function<Nesting, T> nesting,
            Function<Redrawing, T> redrawing,
            Function<Connecting, T> connecting,
            Function<ColourBands, T> colourBands,
            Function<Explaining, T> explaining,
            Function<InWords, T> inWords,
            Function<Gaps, T> gaps,
            Function<BranchCurrents, T> branchCurrents) {}
}
