package didaxis.core.question;

import didaxis.core.circuit.Cell;
import didaxis.core.law.Relations;
import didaxis.core.working.Deduction;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Fill the asked cells of a circuit's chart. The true values stay in the circuit whatever the learner sees.
 *
 * @param relations the circuit's relation network
 * @param given the cells a learner is shown
 * @param marks the asked cells, in the order of the sheet, and what each earns
 */
public record ChartQuestion(Relations relations, Set<Cell> given, Map<Cell, Integer> marks) {
    public static final int MOST_MARKS_A_CELL = 20;

    public ChartQuestion {
        given = Set.copyOf(given);
        marks = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(marks));
        for (Cell cell : marks.keySet()) {
            if (given.contains(cell)) throw new IllegalArgumentException("cell (" + cell + ") is both given and asked");
        }
    }

    /** What the cell is to the learner. */
    public Use use(Cell cell) {
        if (given.contains(cell)) return Use.GIVEN;
        return marks.containsKey(cell) ? Use.ASKED : Use.WITHHELD;
    }

    /** All marks together. */
    public int total() {
        return marks.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** Everything that keeps the question from being handed out; empty if nothing does. */
    public List<Flaw> flaws() {
        List<Flaw> flaws = new ArrayList<>();
        if (marks.isEmpty()) flaws.add(new Flaw.NothingAsked());
        marks.forEach((cell, worth) -> {
            if (worth < 1 || worth > MOST_MARKS_A_CELL) flaws.add(new Flaw.MarksOutOfRange(cell, worth));
        });
        allCells().stream()
                .filter(cell -> relations.chart().value(cell).isEmpty())
                .forEach(cell -> flaws.add(new Flaw.NoValue(cell)));
        if (!flaws.isEmpty()) return flaws;
        Collection<Cell> unreached =
                Deduction.of(relations, givenValues(), marks.keySet()).unreached();
        if (!unreached.isEmpty())
            flaws.add(new Flaw.NotEnoughGiven(
                    marks.keySet().stream().filter(unreached::contains).toList()));
        return flaws;
    }

    private List<Cell> allCells() {
        List<Cell> all = new ArrayList<>(given);
        all.addAll(marks.keySet());
        return all;
    }

    /** The given cells with their true values in SI. */
    public Map<Cell, Double> givenValues() {
        Map<Cell, Double> values = new LinkedHashMap<>();
        for (Cell cell : given) relations.chart().value(cell).ifPresent(value -> values.put(cell, value));
        return values;
    }
}
