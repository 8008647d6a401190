package didaxis.core.memo;

import didaxis.core.answer.Verdict;
import didaxis.core.formula.Formula;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.InWords;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.question.Workings;
import didaxis.core.style.MarkingStyle;
import didaxis.core.words.KeyPhrase;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;

/** The model answer to each box of a question, with its points where they are earned. */
public record Memo(List<Entry> entries) {
    /**
     * Of one box.
     *
     * @param lines of the model answer
     * @param routes other workings that earn the same
     */
    public record Entry(Task task, Box box, List<Line> lines, List<List<Step>> routes) {
        /** All its points. */
        public int points() {
            return lines.stream().mapToInt(line -> line.points().size()).sum();
        }
    }

    /** One line with the points at its end. */
    public sealed interface Line {
        List<Point> points();

        /** A step of a working. */
        record Worked(Step step, Deduction working, List<Point> points) implements Line {}

        /** Anything else, as one would write it. */
        record Written(String text, List<Point> points) implements Line {}
    }

    /** @throws IllegalArgumentException if the question has flaws that leave an asked cell without a value */
    public static Memo of(Question question, MarkingStyle style) {
        Map<Box, Workings.Working> workings = Workings.of(question);
        OtherRoutes routes = new OtherRoutes(question);
        List<Entry> entries = new ArrayList<>();
        for (Task task : question.tasks())
            for (Box box : task.boxes())
                entries.add(
                        workings.containsKey(box)
                                ? worked(task, box, question, workings.get(box), style, routes)
                                : new Entry(task, box, written(task, box, question, style), List.of()));
        return new Memo(entries);
    }

    /** How many points it has, without any other routes. */
    public static int ticks(Question question, MarkingStyle style) {
        Map<Box, Workings.Working> workings = Workings.of(question);
        int ticks = 0;
        for (Task task : question.tasks())
            for (Box box : task.boxes()) {
                List<List<Point>> points = workings.containsKey(box)
                        ? points(workings.get(box).deduction().steps(), box.marks(), Amounts.calculated(task))
                        : written(task, box, question, style).stream()
                                .map(Line::points)
                                .toList();
                ticks += points.stream().mapToInt(List::size).sum();
            }
        return ticks;
    }

    private static Entry worked(
            Task task, Box box, Question question, Workings.Working from, MarkingStyle style, OtherRoutes routes) {
        Box.Form.Amount amount = (Box.Form.Amount) box.form();
        Deduction working = from.deduction();
        boolean calculated = Amounts.calculated(task);
        List<Line> lines = new ArrayList<>();
        List<Step> steps = working.steps();
        List<List<Point>> points = points(steps, box.marks(), calculated);
        if (steps.isEmpty())
            return new Entry(
                    task, box, List.of(new Line.Written(question.model(box, style), points.get(0))), List.of());
        for (int k = 0; k < steps.size(); k++) lines.add(new Line.Worked(steps.get(k), working, points.get(k)));
        return new Entry(task, box, lines, calculated ? routes.to(amount, from) : List.of());
    }

    /**
     * For each step of a working the points at its end, for one at least: of a calculation one for the answer, then one for
     * its formula, one for the numbers put in, and one for each step before it, the last of them first, as far as the marks
     * go. To say that something is equal is no step of its own.
     */
    public static List<List<Point>> points(List<Step> steps, int marks, boolean calculated) {
        List<List<Point>> points = new ArrayList<>();
        for (int k = 0; k < Math.max(1, steps.size()); k++) points.add(new ArrayList<>());
        List<Point> last = points.get(points.size() - 1);
        if (!calculated || steps.isEmpty()) {
            last.addAll(Collections.nCopies(marks, calculated ? Point.ANSWER : Point.CELL));
            return points;
        }
        int method = steps.size() - 1;
        while (method > 0 && copies(steps.get(method))) method--;
        if (marks > 1) points.get(method).add(Point.FORMULA);
        if (marks > 2) points.get(method).add(Point.SUBSTITUTION);
        int left = Math.max(0, marks - 3);
        for (int k = method - 1; k >= 0 && left > 0; k--) {
            if (copies(steps.get(k))) continue;
            points.get(k).add(Point.STEP);
            left--;
        }
        last.addAll(Collections.nCopies(left + 1, Point.ANSWER));
        return points;
    }

    private static boolean copies(Step step) {
        return step.formula() instanceof Formula.Of;
    }

    private static List<Line> written(Task task, Box box, Question question, MarkingStyle style) {
        if (task instanceof InWords words && box.form() instanceof Box.Form.Words) {
            List<Line> lines = new ArrayList<>();
            for (KeyPhrase phrase : words.phrases())
                lines.add(new Line.Written(String.join(" / ", phrase.ways()), List.of(Point.PHRASE)));
            return lines;
        }
        Verdict model = task.judge(box, "", question, style);
        return List.of(new Line.Written(model.model(), Collections.nCopies(box.marks(), point(box))));
    }

    private static Point point(Box box) {
        if (box.form() instanceof Box.Form.Way) return Point.DIRECTION;
        if (box.form() instanceof Box.Form.Chain) return Point.LINK;
        boolean value = box.form() instanceof Box.Form.Value || box.form() instanceof Box.Form.Values;
        return value ? Point.ANSWER : Point.CHOICE;
    }
}
