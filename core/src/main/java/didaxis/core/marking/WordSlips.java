package didaxis.core.marking;

import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relation;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Box;
import didaxis.core.question.Comparison;
import didaxis.core.question.Explaining;
import didaxis.core.question.InWords;
import didaxis.core.question.Question;
import didaxis.core.question.Ranking;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.slip.Slip;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Slips in answers that are no amounts, known by what was said in the place of what is right. */
final class WordSlips {
    private static final String GAP = "(\\W+\\p{L}+){0,2}\\W+";
    /** A current is through a part, a voltage across it. */
    private static final Pattern EXCHANGED = Pattern.compile("\\b(current|charge)" + GAP + "across\\b|"
            + "\\b(voltage|potential difference|pd|p\\.d\\.)(\\W+(flows|flowing|passes|passing|goes))?\\W+through\\b");

    private WordSlips() {}

    /** The slip by which an answer that does not earn all is known, if any. */
    static Optional<Slip> of(Task task, Box box, String typed, Question question, Verdict verdict) {
        boolean wrong = switch (verdict.code()) {
            case WRONG, PARTLY, UNDECIDED -> true;
            default -> false;
        };
        if (!wrong) return Optional.empty();
        if (task instanceof Comparison one && box.form() instanceof Box.Form.Relation)
            return Typed.relation(typed).flatMap(sign -> compared(one, sign, question));
        if (task instanceof Ranking one && box.form() instanceof Box.Form.Order)
            return Typed.order(typed, one.things()).flatMap(order -> ranked(one, order, question));
        if (task instanceof Explaining one)
            return Typed.chain(typed, one.links().size())
                    .filter(chain -> isTurned(chain, one.right()))
                    .map(chain -> Slip.CHAIN_TURNED_ROUND);
        boolean confused = task instanceof InWords
                && EXCHANGED.matcher(typed.toLowerCase(Locale.ROOT)).find();
        return confused ? Optional.of(Slip.THROUGH_AND_ACROSS) : Optional.empty();
    }

    private static boolean isTurned(List<Integer> chain, List<Integer> right) {
        List<Integer> turned = new ArrayList<>(right);
        Collections.reverse(turned);
        return chain.equals(turned);
    }

    /** @param sign what was said: −1 for less, 0 for equal, 1 for greater */
    private static Optional<Slip> compared(Comparison task, int sign, Question question) {
        boolean alike = task.cell().quantity() == task.other().quantity() && task.state() == task.otherState();
        if (!alike) return Optional.empty();
        Chart chart = question.state(task.state()).chart();
        Cell one = task.cell();
        Cell other = task.other();
        boolean later = isLater(one.subject(), other.subject(), chart);
        boolean same = one.quantity() == Quantity.CURRENT
                && isSameCurrent(one, other, question.state(task.state()).relations());
        if (same && sign == (later ? -1 : 1)) return Optional.of(Slip.CURRENT_USED_UP);
        int bySize = bySize(one.subject(), other.subject(), one.quantity(), chart);
        return sign != 0 && sign == bySize ? Optional.of(Slip.SIZE_BEFORE_PLACE) : Optional.empty();
    }

    private static boolean isSameCurrent(Cell one, Cell other, Relations relations) {
        return !Collections.disjoint(equal(one, relations), equal(other, relations));
    }

    private static Set<Cell> equal(Cell cell, Relations relations) {
        Set<Cell> equal = new HashSet<>(Set.of(cell));
        for (Relation relation : relations.of(cell)) if (relation.isEquality()) equal.addAll(relation.cells());
        return equal;
    }

    /** How two would compare by their resistance alone: the larger has more voltage and power, and less current. */
    private static int bySize(Subject one, Subject other, Quantity quantity, Chart chart) {
        double first = chart.value(Cell.resistance(one)).orElse(0);
        double second = chart.value(Cell.resistance(other)).orElse(0);
        if (Chart.alike(first, second)) return 0;
        int larger = first > second ? 1 : -1;
        return switch (quantity) {
            case VOLTAGE, POWER -> larger;
            case CURRENT -> -larger;
            default -> 0;
        };
    }

    private static Optional<Slip> ranked(Ranking task, List<Set<Subject>> order, Question question) {
        if (task.quantity() == Quantity.CURRENT && isUsedUp(task, order, question))
            return Optional.of(Slip.CURRENT_USED_UP);
        Chart chart = question.state(task.state()).chart();
        List<Subject> line = order.stream().flatMap(Set::stream).toList();
        boolean bySize = line.size() == order.size();
        for (int k = 0; k + 1 < line.size(); k++)
            bySize &= bySize(line.get(k), line.get(k + 1), task.quantity(), chart) > 0;
        return bySize ? Optional.of(Slip.SIZE_BEFORE_PLACE) : Optional.empty();
    }

    /** Whether of those that have one current the later always have less. */
    private static boolean isUsedUp(Ranking task, List<Set<Subject>> order, Question question) {
        State state = question.state(task.state());
        boolean some = false;
        for (int k = 0; k < order.size(); k++)
            for (Subject more : order.get(k))
                for (Set<Subject> rank : order.subList(k, order.size()))
                    for (Subject less : rank) {
                        if (more.equals(less)) continue;
                        if (!isSameCurrent(Cell.current(more), Cell.current(less), state.relations())) continue;
                        boolean later = isLater(less, more, state.chart());
                        if (rank == order.get(k) || !later) return false;
                        some = true;
                    }
        return some;
    }

    private static boolean isLater(Subject one, Subject other, Chart chart) {
        return chart.subjects().nodeOf(one) > chart.subjects().nodeOf(other);
    }
}
