package didaxis.benchmarks;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.marking.Finding;
import didaxis.core.marking.Habit;
import didaxis.core.marking.LearnerWork;
import didaxis.core.quantity.Precision;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/** How often marking errs on made-up sheets of circuits of 3 to 12 parts with everything in them: {@code MarkingShares [SHEETS [SEED]]}. */
public final class MarkingShares {
    /** The share of cells that are asked where 60 % are not. */
    private static final double ASKED = 0.4;

    private final Map<String, int[]> shares = new LinkedHashMap<>();

    private MarkingShares() {}

    public static void main(String[] arguments) {
        int sheets = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 400;
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 2026;
        MarkingShares shares = new MarkingShares();
        for (Habit habit : List.of(Habit.OWN_STEPS, Habit.USUAL_WAYS, Habit.ANY_LAW, Habit.ANY_ORDER))
            shares.of(works(sheets, seed), habit);
        System.out.println("| sheets | by | % | of |\n|---|---|---|---|");
        shares.shares.forEach((line, count) ->
                System.out.printf(Locale.ROOT, "| %s | %.2f | %d |%n", line, 100.0 * count[0] / count[1], count[1]));
    }

    private static List<LearnerWork> works(int sheets, long seed) {
        List<LearnerWork> works = new ArrayList<>();
        Random random = new Random(seed);
        while (works.size() < sheets) {
            LearnerWork.of(RandomCircuits.random(random.nextLong(), 3 + random.nextInt(10), false))
                    .filter(work -> work.some(3, new Random(0)).size() == 3)
                    .ifPresent(works::add);
        }
        return works;
    }

    private void of(List<LearnerWork> works, Habit habit) {
        Random random = new Random(7);
        for (LearnerWork work : works) {
            for (int figures = 2; figures <= 4; figures++)
                honest(work, Precision.figures(figures), figures + " figures", habit, random);
            for (int decimals = 1; decimals <= 2; decimals++)
                honest(work, Precision.decimals(decimals), decimals + " decimals", habit, random);
            for (int figures = 2; figures <= 3; figures++) {
                small(work, figures, habit, random);
                for (int errors = 1; errors <= 3; errors++) origins(work, figures, errors, habit, random);
                if (habit == Habit.OWN_STEPS) guesses(work, figures, random);
            }
        }
    }

    private void count(String line, boolean counts) {
        int[] share = shares.computeIfAbsent(line, any -> new int[2]);
        if (counts) share[0]++;
        share[1]++;
    }

    private static Set<Cell> origins(LearnerWork work, Map<Cell, String> answers) {
        return work.marker().mark(answers).stream()
                .filter(MarkingShares::isWrong)
                .map(Finding::cell)
                .collect(Collectors.toSet());
    }

    private static boolean isWrong(Finding finding) {
        return finding instanceof Finding.Wrong || finding instanceof Finding.Slipped;
    }

    private void honest(LearnerWork work, Precision precision, String name, Habit habit, Random random) {
        Map<Cell, String> all = work.worked(precision, Map.of(), habit, random);
        for (Finding finding : work.marker().mark(all))
            count("honest, " + name + ", all written: answers called wrong | " + habit, isWrong(finding));
        Map<Cell, String> asked = work.worked(precision, Map.of(), habit, work.asked(ASKED, Set.of(), random), random);
        for (Finding finding : work.marker().mark(asked))
            count("honest, " + name + ", 60 % unasked: answers called wrong | " + habit, isWrong(finding));
    }

    private void small(LearnerWork work, int figures, Habit habit, Random random) {
        Cell cell = work.some(1, random).get(0);
        double factor = 1 + (0.02 + 0.03 * random.nextDouble()) * (random.nextBoolean() ? 1 : -1);
        Map<Cell, String> all = work.worked(Precision.figures(figures), Map.of(cell, factor), habit, random);
        if (work.isWrong(cell, all.get(cell)))
            count(
                    "2 to 5 % off, " + figures + " figures, all written: no origin | " + habit,
                    origins(work, all).isEmpty());
    }

    private void origins(LearnerWork work, int figures, int errors, Habit habit, Random random) {
        Map<Cell, Double> spoiled = new HashMap<>();
        for (Cell cell : work.some(errors, random)) spoiled.put(cell, LearnerWork.wrongBy(random));
        origins(work, spoiled, figures, "all written", habit, Set.copyOf(work.cells()), random);
        origins(work, spoiled, figures, "60 % unasked", habit, work.asked(ASKED, spoiled.keySet(), random), random);
    }

    private void origins(
            LearnerWork work,
            Map<Cell, Double> spoiled,
            int figures,
            String name,
            Habit habit,
            Set<Cell> asked,
            Random random) {
        Map<Cell, String> answers = work.worked(Precision.figures(figures), spoiled, habit, asked, random);
        boolean visible = spoiled.keySet().stream().allMatch(cell -> work.isWrong(cell, answers.get(cell)))
                && answers.values().stream().noneMatch(typed -> typed.startsWith("-"));
        if (!visible) return;
        count(
                spoiled.size() + " errors, " + figures + " figures, " + name + ": exactly these origins | " + habit,
                origins(work, answers).equals(spoiled.keySet()));
    }

    private void guesses(LearnerWork work, int figures, Random random) {
        for (int values = 2; values <= 3; values++) {
            Map<Cell, String> some = work.guessed(work.some(values, random), figures, random);
            count(
                    values + " values alone, " + figures + " figures: sheets with one accepted | guessed",
                    origins(work, some).size() < some.size());
        }
        List<Cell> cells = work.some(Integer.MAX_VALUE, random);
        for (Finding finding : work.marker().mark(work.guessed(cells, figures, random)))
            count("whole sheet, " + figures + " figures: answers accepted | guessed", !isWrong(finding));
    }
}
