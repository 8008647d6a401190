package didaxis.core.marking;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.law.Relations;
import didaxis.core.quantity.Precision;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import didaxis.core.style.Tolerance;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/** A circuit's chart worked by made-up learners: rounded as they go, with errors carried on, or guessed. */
public final class LearnerWork {
    private static final double FURTHEST = 5;
    private static final double NEAREST = 1.15;

    private final Relations relations;
    private final Map<Cell, Double> givens;
    private final List<Step> steps;

    private LearnerWork(Relations relations) {
        this.relations = relations;
        this.givens = Deduction.fromResistancesAndEmf(relations.chart());
        this.steps = Deduction.of(relations, givens, relations.cells()).steps();
    }

    /** Empty where the circuit has no operating point. */
    public static Optional<LearnerWork> of(Circuit circuit) {
        return OperatingPoint.of(circuit)
                .match(
                        point -> Optional.of(new LearnerWork(Relations.of(Chart.of(point)))),
                        shorted -> Optional.empty());
    }

    public Relations relations() {
        return relations;
    }

    public Set<Cell> given() {
        return givens.keySet();
    }

    /** The cells that are worked out, in the order of the working. */
    public List<Cell> cells() {
        return steps.stream().map(Step::cell).toList();
    }

    public Marker marker() {
        return Marker.of(relations, givens.keySet(), MarkingStyle.STANDARD);
    }

    public double truth(Cell cell) {
        return relations.chart().value(cell).orElseThrow();
    }

    /** Some cells in which something can be wrong, in no order; fewer where there are not so many. */
    public List<Cell> some(int howMany, Random random) {
        List<Cell> cells = new ArrayList<>(cells());
        cells.removeIf(cell -> truth(cell) == 0);
        Collections.shuffle(cells, random);
        return cells.subList(0, Math.min(howMany, cells.size()));
    }

    /**
     * Every cell worked out and rounded, each from rounded values.
     *
     * @param spoiled cells and the factors by which they are written wrong; they are carried on so
     */
    public Map<Cell, String> worked(Precision precision, Map<Cell, Double> spoiled, Habit habit, Random random) {
        return written(precision, spoiled(precision, spoiled), habit, random);
    }

    private static Map<Cell, Hand> spoiled(Precision precision, Map<Cell, Double> factors) {
        Map<Cell, Hand> hands = new HashMap<>();
        factors.forEach((cell, factor) -> hands.put(
                cell, (known, value) -> rounded(value * factor, precision).toPlainString()));
        return hands;
    }

    /** The same where not all cells are asked: only what is asked is written down, and the usual ways go by that. */
    public Map<Cell, String> worked(
            Precision precision, Map<Cell, Double> spoiled, Habit habit, Set<Cell> asked, Random random) {
        return written(precision, spoiled(precision, spoiled), habit, asked, random);
    }

    /** Cells to be asked: each with this chance, and these in any case. */
    public Set<Cell> asked(double share, Set<Cell> always, Random random) {
        return cells().stream()
                .filter(cell -> random.nextDouble() < share || always.contains(cell))
                .collect(Collectors.toSet());
    }

    /**
     * Every cell worked out and rounded, each from rounded values.
     *
     * @param hands cells and how they are written; they are carried on so
     */
    public Map<Cell, String> written(Precision precision, Map<Cell, Hand> hands, Habit habit, Random random) {
        return written(precision, hands, habit, Set.copyOf(cells()), random);
    }

    /** The same where not all cells are asked: only what is asked is written down, and the usual ways go by that. */
    public Map<Cell, String> written(
            Precision precision, Map<Cell, Hand> hands, Habit habit, Set<Cell> asked, Random random) {
        Set<Cell> onPaper = new HashSet<>(asked);
        onPaper.addAll(given());
        Map<Cell, Double> known = new HashMap<>(givens);
        Map<Cell, String> written = new LinkedHashMap<>();
        List<Step> left = new ArrayList<>(steps);
        while (!left.isEmpty()) {
            Step step = next(left, known, hands, habit, random);
            left.remove(step);
            List<Formula> ways = ways(step, habit, known, onPaper);
            Formula way = ways.isEmpty() ? step.formula() : ways.get(random.nextInt(ways.size()));
            // A hand that is first needs none.
            double value = known.keySet().containsAll(FormulaCells.in(way))
                    ? way.with(new Evaluation(known::get))
                    : Double.NaN;
            Hand hand = hands.getOrDefault(
                    step.cell(), (own, right) -> rounded(right, precision).toPlainString());
            String digits = hand.write(cell -> known.getOrDefault(cell, Double.NaN), value);
            known.put(step.cell(), Double.parseDouble(digits));
            if (asked.contains(step.cell())) written.put(step.cell(), digits);
        }
        return written;
    }

    private List<Formula> ways(Step step, Habit habit, Map<Cell, Double> known, Set<Cell> onPaper) {
        if (habit == Habit.OWN_STEPS) return List.of();
        List<Formula> all = ways(step.cell(), known);
        if (habit == Habit.ANY_LAW || habit == Habit.ANY_ORDER) return all;
        // What is plainly nothing is not worked out.
        return step.formula() instanceof Formula.Number ? List.of() : UsualWays.of(all, known, onPaper);
    }

    private Step next(List<Step> left, Map<Cell, Double> known, Map<Cell, Hand> hands, Habit habit, Random random) {
        return switch (habit) {
            case ANY_ORDER -> anyOf(left, known, random);
            case HAND_FIRST ->
                left.stream()
                        .filter(step -> hands.containsKey(step.cell())
                                && hands.get(step.cell()).isReady(known))
                        .findFirst()
                        .orElse(left.get(0));
            default -> left.get(0);
        };
    }

    private Step anyOf(List<Step> left, Map<Cell, Double> known, Random random) {
        List<Step> ready = left.stream()
                .filter(step -> !ways(step.cell(), known).isEmpty())
                .toList();
        if (!ready.isEmpty()) return ready.get(random.nextInt(ready.size()));
        return left.stream()
                .filter(step -> known.keySet().containsAll(FormulaCells.in(step.formula())))
                .findFirst()
                .orElseThrow();
    }

    /** The ways that have a sensible value: a learner who comes to nothing, or less, looks for another. */
    private List<Formula> ways(Cell cell, Map<Cell, Double> known) {
        return relations.of(cell).stream()
                .flatMap(relation -> relation.formulas(cell))
                .filter(formula -> known.keySet().containsAll(FormulaCells.in(formula)))
                .filter(formula -> {
                    double value = formula.with(new Evaluation(known::get));
                    return Double.isFinite(value) && value > 0;
                })
                .toList();
    }

    /** A number as it is written down: never with fewer than two figures. */
    public static BigDecimal rounded(double value, Precision precision) {
        BigDecimal digits = precision.round(value);
        return digits.signum() == 0 || digits.precision() < 2
                ? Precision.figures(2).round(value)
                : digits;
    }

    /** Those of the answers that are asked: each with this chance, and these in any case. */
    public static Map<Cell, String> asked(Map<Cell, String> all, double share, Set<Cell> always, Random random) {
        Map<Cell, String> asked = new LinkedHashMap<>();
        all.forEach((cell, typed) -> {
            if (always.contains(cell) || random.nextDouble() < share) asked.put(cell, typed);
        });
        return asked;
    }

    /** Each of these cells with a value that is wrong by a factor up to five or so, whatever the others are. */
    public Map<Cell, String> guessed(List<Cell> cells, int figures, Random random) {
        Map<Cell, String> guessed = new LinkedHashMap<>();
        for (Cell cell : cells) {
            double value = truth(cell) * wrongBy(random);
            guessed.put(cell, rounded(value, Precision.figures(figures)).toPlainString());
        }
        return guessed;
    }

    /** A factor by which a value is clearly wrong, up to six times too large or too small. */
    public static double wrongBy(Random random) {
        double factor = NEAREST * Math.pow(FURTHEST, random.nextDouble());
        return random.nextBoolean() ? factor : 1 / factor;
    }

    /** Whether a number is no right answer to a cell that stands alone, and none that came to nothing. */
    public boolean isWrong(Cell cell, String typed) {
        if (Double.parseDouble(typed) <= 0) return false;
        double truth = truth(cell);
        boolean within =
                new Tolerance(MarkingStyle.STANDARD.tolerance().relative()).matches(truth, Double.parseDouble(typed));
        BigDecimal written = new BigDecimal(typed);
        BigDecimal lastPlace = BigDecimal.ONE.movePointLeft(Math.max(0, written.scale()));
        if (written.scale() <= 0) lastPlace = BigDecimal.ONE.movePointRight(zeros(written));
        return !within && Math.abs(written.doubleValue() - truth) > lastPlace.doubleValue() / 2 * (1 + 1e-9);
    }

    /** Final zeros of a whole number that may only hold the place, two figures left in any case. */
    private static int zeros(BigDecimal whole) {
        int zeros = -whole.stripTrailingZeros().scale();
        return Math.max(0, Math.min(zeros, whole.precision() - whole.scale() - 2));
    }
}
