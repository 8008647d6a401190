package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Span;
import didaxis.core.line.PutValues;
import didaxis.core.line.Remark;
import didaxis.core.line.Statement;
import didaxis.core.line.Substitution.Held;
import didaxis.core.line.Term;
import didaxis.core.marking.WorkedAnswer.Asked;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Where the formula and the substitution of a calculation are found; on line −1 where they are not.
 *
 * @param put the cells that numbers stand for
 * @param factorLost whether a square, or the seconds of a minute, was lost in writing it down
 * @param value what the numbers give as they stand; NaN where that is not what is asked
 */
record Method(int formula, int substitution, Set<Cell> put, boolean factorLost, double value) {
    private static final Method NONE = new Method(-1, -1, Set.of(), false, Double.NaN);

    boolean hasFormula() {
        return formula >= 0;
    }

    boolean hasSubstitution() {
        return substitution >= 0;
    }

    private Method withFormula(int line) {
        return new Method(line, substitution, put, factorLost, value);
    }

    private Method with(int line, Held held, double gives) {
        return new Method(formula, line, held.put(), held.factorLost(), gives);
    }

    /**
     * Looks for an equality of letters, and for one with numbers, that is a law of what is asked; the last of each counts.
     *
     * @param useful whether a formula may rest on a cell
     */
    static Method of(WorkedAnswer worked, Asked asked, Map<Cell, List<Double>> elsewhere, Predicate<Cell> useful) {
        PutValues worth = Meant.worth(asked::isSought, worked.said(), elsewhere);
        Method method = NONE;
        Method lost = method;
        for (Statement statement : worked.statements()) {
            List<Term> sides = statement.workings();
            for (int one = 0; one < sides.size(); one++)
                for (int other = one + 1; other < sides.size() && (one == 0 || other == one + 1); other++) {
                    Term left = sides.get(one);
                    Term right = sides.get(other);
                    Optional<Held> found = held(left, right, asked, worth, useful);
                    Optional<Term> allUnder = found.isPresent() ? Optional.empty() : allUnder(right);
                    if (allUnder.isPresent()) {
                        right = allUnder.get();
                        found = held(left, right, asked, worth, useful);
                    }
                    if (found.isEmpty()) continue;
                    Held held = inHours(statement) ? found.get().inHours() : found.get();
                    int line = statement.lines().get(other);
                    if (letters(held)) method = method.withFormula(line);
                    else if (held.named().stream().allMatch(asked::isSought)) {
                        boolean tells = left instanceof Term.Name && !held.scaled();
                        Method now = method.with(line, held, tells ? value(right) : Double.NaN);
                        if (held.factorLost()) lost = now;
                        else method = now;
                    }
                }
        }
        if (!method.hasSubstitution() && lost.hasSubstitution())
            method = new Method(method.formula, lost.substitution, lost.put, true, lost.value);
        boolean wrongLaw = worked.remarked(Remark.NoLaw.class) && !method.hasFormula();
        if (wrongLaw) return NONE;
        boolean byNumbers = !method.hasFormula() && method.hasSubstitution() && !method.factorLost();
        return byNumbers
                ? new Method(method.substitution, method.substitution, method.put, false, method.value)
                : method;
    }

    private static Optional<Held> held(Term left, Term right, Asked asked, PutValues worth, Predicate<Cell> useful) {
        return asked.substitution()
                .of(left, right, asked::isSought, worth, held -> !letters(held) || rests(held, asked, useful));
    }

    /** 10 × 15/10 + 15 with the brackets that were forgotten, whatever it was worked to. */
    private static Optional<Term> allUnder(Term side) {
        if (!(side instanceof Term.Sum sum) || !(sum.terms().get(0) instanceof Term.Quotient first))
            return Optional.empty();
        List<Term> under = new ArrayList<>(sum.terms());
        under.set(0, first.under());
        return Optional.of(new Term.Quotient(first.over(), new Term.Sum(List.copyOf(under))));
    }

    /** Whether it comes to watt hours, ampere hours or their like. */
    private static boolean inHours(Statement statement) {
        return statement.result().filter(Term.Written::inHours).isPresent();
    }

    private static double value(Term side) {
        return side.span(name -> Span.exactly(Double.NaN)).mid();
    }

    /** Whether no number stands in it. */
    private static boolean letters(Held held) {
        return held.put().isEmpty() && !held.factorLost();
    }

    private static boolean rests(Held held, Asked asked, Predicate<Cell> useful) {
        return held.named().stream().allMatch(cell -> asked.isSought(cell) || useful.test(cell));
    }
}
