package didaxis.core.question;

import didaxis.core.circuit.Cell;
import didaxis.core.working.Chaining;
import didaxis.core.working.Deduction;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/** The working to each amount of a question, from what is told and what the boxes before it have found. */
public final class Workings {
    private Workings() {}

    /**
     * The working to one amount.
     *
     * @param known what it begins from
     */
    public record Working(Set<Cell> known, Deduction deduction) {}

    /**
     * For each box that asks for an amount its working, in the order of the sheet.
     *
     * @throws java.util.NoSuchElementException if something that is told has no value
     */
    public static Map<Box, Working> of(Question question) {
        Knowledge knowledge = Knowledge.of(question);
        Map<Box, Working> workings = new LinkedHashMap<>();
        Map<Integer, Chaining> chainings = new HashMap<>();
        Map<Integer, Set<Cell>> found = new LinkedHashMap<>();
        for (Box box : question.boxes()) {
            if (!(box.form() instanceof Box.Form.Amount amount)) continue;
            State state = question.state(amount.state());
            Map<Cell, Double> values = new LinkedHashMap<>();
            known(amount.state(), question, knowledge, found)
                    .forEach(cell -> values.put(cell, state.chart().value(cell).orElseThrow()));
            values.remove(amount.cell());
            workings.put(
                    box,
                    new Working(
                            values.keySet(),
                            chainings
                                    .computeIfAbsent(amount.state(), first -> new Chaining(state.relations()))
                                    .deduce(values, amount.cell())));
            found.computeIfAbsent(amount.state(), one -> new LinkedHashSet<>()).add(amount.cell());
        }
        return workings;
    }

    /** What is told in a state, and what earlier tasks have found of it, or of a setting that it shares with another. */
    private static Set<Cell> known(int state, Question question, Knowledge knowledge, Map<Integer, Set<Cell>> found) {
        Set<Cell> known = new LinkedHashSet<>(knowledge.told(state));
        found.forEach((other, cells) -> cells.stream()
                .filter(cell -> other == state || cell.isSetting() && knowledge.unchanged(cell, other, state))
                .forEach(known::add));
        known.removeIf(cell -> question.state(state).chart().value(cell).isEmpty());
        return known;
    }
}
