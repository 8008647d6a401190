package didaxis.core.question;

import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Cell;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntUnaryOperator;

/**
 * Numbers with their units: to fill in a chart, to calculate, or to write down.
 *
 * @param marks the cells that are asked, in their order, and what each earns
 * @param units those that are wanted in a certain unit
 */
public record Amounts(String id, int state, Command command, Map<Cell, Integer> marks, Map<Cell, String> units)
        implements Task {
    /** What a learner is told to do, and what that earns where nothing else is said. */
    public enum Command {
        CHART(1),
        /** Formula, substitution and answer. */
        CALCULATE(3),
        WRITE_DOWN(1);

        private final int usualMarks;

        Command(int usualMarks) {
            this.usualMarks = usualMarks;
        }

        public int usualMarks() {
            return usualMarks;
        }
    }

    /** Whether a task asks for calculations, which may be answered in lines. */
    public static boolean calculated(Task task) {
        return task instanceof Amounts amounts && amounts.command == Command.CALCULATE;
    }

    /** What the amounts that a question asks for come to, each by the rows of its circuit's chart; calculated ones otherwise. */
    public static long weighed(Question question, IntUnaryOperator byRows, IntUnaryOperator byRowsCalculated) {
        int[] rows = question.states().stream()
                .mapToInt(state -> state.chart().rows().size())
                .toArray();
        long sum = 0;
        for (Task task : question.tasks())
            for (Box box : task.boxes())
                if (box.form() instanceof Box.Form.Amount amount)
                    sum += (calculated(task) ? byRowsCalculated : byRows).applyAsInt(rows[amount.state()]);
        return sum;
    }

    public Amounts {
        marks = Collections.unmodifiableMap(new LinkedHashMap<>(marks));
        units = Map.copyOf(units);
        units.forEach((cell, unit) -> {
            if (!AmountFormat.isUnit(unit, cell.quantity()))
                throw new IllegalArgumentException("unit (" + unit + ") of task " + id + " must be one of "
                        + cell.quantity().phrase());
        });
        if (marks.isEmpty()) throw new IllegalArgumentException("task " + id + " must ask for a cell");
    }

    /** In whatever unit. */
    public Amounts(String id, int state, Command command, Map<Cell, Integer> marks) {
        this(id, state, command, marks, Map.of());
    }

    @Override
    public List<Box> boxes() {
        List<Box> boxes = new ArrayList<>();
        marks.forEach((cell, worth) -> boxes.add(new Box(
                Box.id(id, boxes.size(), marks.size()),
                id,
                new Box.Form.Amount(cell, state, units.getOrDefault(cell, "")),
                worth)));
        return boxes;
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        State here = question.state(state);
        if (!here.numbered()) return List.of(new TaskFlaw.NoNumber(id));
        List<TaskFlaw> flaws = new ArrayList<>();
        List<Cell> unreached = new ArrayList<>();
        for (Cell cell : marks.keySet()) {
            if (here.chart().value(cell).isEmpty()) flaws.add(new TaskFlaw.NoValue(id, cell));
            else if (question.isTold(cell, state)) flaws.add(new TaskFlaw.GivenAway(id, cell));
            else if (!knowledge.reaches(cell, state)) unreached.add(cell);
        }
        if (!unreached.isEmpty()) flaws.add(new TaskFlaw.NotEnoughGiven(id, unreached));
        return flaws;
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        throw new UnsupportedOperationException("amounts are judged together");
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.amounts().apply(this);
    }
}
