package didaxis.core.question;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts.Command;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The tasks found so far that can be asked in one state of a question, and what its circuit has to ask about. */
final class OfferList {
    /** The id of a task that has none yet. */
    static final String NONE = "offer";

    private final Question question;
    private final int place;
    private final State state;
    private final Chart chart;
    private final Knowledge knowledge;
    private final List<Task> found = new ArrayList<>();

    OfferList(Question question, int place) {
        this.question = question;
        this.place = place;
        state = question.state(place);
        chart = state.chart();
        knowledge = Knowledge.of(question);
    }

    List<Task> found() {
        return found;
    }

    /** Adds tasks that were held against the question already. */
    void add(List<Task> tasks) {
        found.addAll(tasks);
    }

    /** Rows with a resistance, the innermost group first. */
    List<Subject> rows(Subject.Kind kind) {
        return chart.rows().stream()
                .filter(row -> row.kind() == kind)
                .filter(row -> kind != Subject.Kind.PART || isResistive(row))
                .sorted((one, other) -> Integer.compare(members(one), members(other)))
                .toList();
    }

    /** Whether a cell can be known in this state. */
    boolean reaches(Cell cell) {
        return knowledge.reaches(cell, place);
    }

    private int members(Subject row) {
        return chart.subjects().membersOf(row).size();
    }

    boolean isResistive(Subject part) {
        return state.circuit()
                .part(part.id())
                .map(one -> one.kind().resistive())
                .orElse(false);
    }

    List<Part> parts(PartKind kind) {
        return state.circuit().parts().stream()
                .filter(part -> part.kind() == kind)
                .toList();
    }

    /** Adds a task unless it is asked already or has a flaw. */
    void offer(Task task) {
        if (!SameTask.isIn(question, task) && task.flaws(question, knowledge).isEmpty()) found.add(task);
    }

    /** Those of the cells that can be asked, as one task. */
    void calculate(List<Cell> cells) {
        List<Cell> open = cells.stream().filter(this::isOpen).toList();
        if (open.isEmpty()) return;
        Map<Cell, Integer> marks = new LinkedHashMap<>();
        open.forEach(cell -> marks.put(cell, Command.CALCULATE.usualMarks()));
        offer(new Amounts(NONE, place, Command.CALCULATE, marks));
    }

    /** Whether a cell can be found in this state, and is neither told nor asked there, nor is nothing. */
    private boolean isOpen(Cell cell) {
        return state.numbered()
                && chart.value(cell).orElse(0) != 0
                && reaches(cell)
                && !question.isTold(cell, place)
                && !asked().contains(cell);
    }

    /** The cells that are asked in this state. */
    Set<Cell> asked() {
        return question.boxes().stream()
                .map(Box::form)
                .filter(Box.Form.Amount.class::isInstance)
                .map(Box.Form.Amount.class::cast)
                .filter(amount -> amount.state() == place)
                .map(Box.Form.Amount::cell)
                .collect(Collectors.toSet());
    }

    /** What meters and points show. */
    List<Cell> readings() {
        List<Cell> readings = new ArrayList<>();
        for (Subject one : chart.subjects().readings())
            readings.add(one.kind() == Subject.Kind.POINT ? Cell.of(one, Quantity.POTENTIAL) : Cell.voltage(one));
        for (Part meter : parts(PartKind.AMMETER)) readings.add(Cell.current(Subject.part(meter.label())));
        return readings;
    }
}
