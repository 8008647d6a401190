package didaxis.core.marking;

import didaxis.core.formula.Compiled;
import didaxis.core.formula.Formula;
import didaxis.core.formula.Span;
import didaxis.core.law.Relation;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;

/**
 * One way to a cell: a formula of one relation over other cells, by their numbers.
 *
 * @param subtracted which of the inputs stand in a difference
 * @param own whether it is the step by which the working itself comes to the cell
 */
record Way(
        Ways all,
        int target,
        int[] inputs,
        Relation relation,
        Formula formula,
        Compiled compiled,
        boolean[] subtracted,
        boolean own) {
    /** What it gives on intervals. */
    Span on(IntFunction<Span> spans) {
        return formula.with(new Span.Arithmetic(cell -> spans.apply(all.number(cell))));
    }

    boolean allInputs(IntPredicate are) {
        for (int input : inputs) if (!are.test(input)) return false;
        return true;
    }

    boolean subtracts() {
        for (boolean one : subtracted) if (one) return true;
        return false;
    }

    /** Whether it only copies another cell's value. */
    boolean copies() {
        return formula instanceof Formula.Of;
    }
}
