package didaxis.core.memo;

import didaxis.core.law.Relations;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Workings;
import didaxis.core.style.HouseStyle.ParallelForm;
import didaxis.core.working.Budget;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The routes to the amounts of one question that are not the working which is shown; in a large one not to all of them. */
public final class OtherRoutes {
    /** So much is looked through for one question, the same for each of its amounts: less than a tenth of a second of one core. */
    private static final int MOST_WORK = 1_000_000;

    private final Question question;
    private final int mostWork;
    private final Map<Integer, Relations> otherwise = new HashMap<>();

    public OtherRoutes(Question question) {
        this.question = question;
        long calculated = question.tasks().stream()
                .filter(Amounts::calculated)
                .mapToLong(task -> task.boxes().size())
                .sum();
        mostWork = (int) (MOST_WORK / Math.max(1, calculated));
    }

    /** Those to an amount that is calculated. */
    public List<List<Step>> to(Box.Form.Amount amount, Workings.Working working) {
        Set<Set<Object>> seen =
                new HashSet<>(Set.of(signature(working.deduction().steps())));
        List<List<Step>> others = new ArrayList<>();
        Budget budget = new Budget(Math.min(mostWork, Routes.MOST_WORK));
        for (Relations relations : networks(amount))
            for (List<Step> route : Routes.to(amount.cell(), relations, working.known(), budget))
                if (seen.add(signature(route))) others.add(route);
        return others;
    }

    /** Two in parallel are worked out in either form where their resistance is asked, whichever is the style's own. */
    private List<Relations> networks(Box.Form.Amount amount) {
        State state = question.state(amount.state());
        Relations own = state.relations();
        if (amount.cell().quantity() != Quantity.RESISTANCE) return List.of(own);
        ParallelForm other = own.style().parallelForm() == ParallelForm.RECIPROCAL_SUM
                ? ParallelForm.PRODUCT_OVER_SUM
                : ParallelForm.RECIPROCAL_SUM;
        return List.of(
                own,
                otherwise.computeIfAbsent(
                        amount.state(),
                        first -> Relations.of(state.chart(), own.style().with(other))));
    }

    private static Set<Object> signature(List<Step> steps) {
        Set<Object> signature = new HashSet<>();
        steps.forEach(step -> signature.add(List.of(step.cell(), step.law(), step.formula())));
        return signature;
    }
}
