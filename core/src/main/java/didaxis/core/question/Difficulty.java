package didaxis.core.question;

import didaxis.core.circuit.Outline;
import didaxis.core.formula.Formula;
import didaxis.core.working.Step;
import java.util.Collection;
import java.util.stream.IntStream;

/**
 * How much a question asks of who answers it. Our own count: there is no published measure of it.
 *
 * @param folds groups that its circuit folds in
 * @param depth how deep series and parallel lie in each other
 * @param steps of the longest working to one amount, from what is told and found before; what is equal is no step
 * @param backwards how many of all steps lead to a setting, such as an unknown resistance, instead of from it
 * @param states of its circuit
 */
public record Difficulty(int folds, int depth, int steps, int backwards, int states) {
    /** In three steps. */
    public enum Level {
        EASY,
        MIDDLING,
        DEMANDING
    }

    private static final int MOST_EASY = 4;
    private static final int MOST_MIDDLING = 9;

    /** @throws java.util.NoSuchElementException if something that is told has no value */
    public static Difficulty of(Question question) {
        if (question.states().isEmpty()) return new Difficulty(0, 0, 0, 0, 0);
        Collection<Workings.Working> workings = Workings.of(question).values();
        int longest = workings.stream()
                .mapToInt(working -> (int) working.deduction().steps().stream()
                        .filter(step -> !(step.formula() instanceof Formula.Of))
                        .count())
                .max()
                .orElse(0);
        long backwards = workings.stream()
                .flatMap(working -> working.deduction().steps().stream())
                .filter(step -> step.cell().isSetting())
                .map(Step::cell)
                .distinct()
                .count();
        Outline outline = question.state(0).circuit().outline();
        int folds = (int) IntStream.range(0, outline.size())
                .filter(node -> isGroup(outline, node))
                .count();
        return new Difficulty(
                folds,
                depth(outline),
                longest,
                (int) backwards,
                question.states().size());
    }

    private static boolean isGroup(Outline outline, int node) {
        return outline.join(node) == Outline.Join.SERIES || outline.join(node) == Outline.Join.PARALLEL;
    }

    private static int depth(Outline outline) {
        int deepest = 0;
        int[] depth = new int[outline.size()];
        for (int node = 0; node < depth.length; node++) {
            int parent = outline.parent(node);
            depth[node] = (parent < 0 ? 0 : depth[parent]) + (isGroup(outline, node) ? 1 : 0);
            deepest = Math.max(deepest, depth[node]);
        }
        return deepest;
    }

    /** What all of it comes to. */
    public Level level() {
        int all = steps + 2 * backwards + Math.max(0, depth - 1) + Math.max(0, states - 1);
        if (all <= MOST_EASY) return Level.EASY;
        return all <= MOST_MIDDLING ? Level.MIDDLING : Level.DEMANDING;
    }
}
