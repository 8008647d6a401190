package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.question.Box;
import didaxis.core.question.Knowledge;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.style.MarkingStyle;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A state's amounts: its marker, its boxes by cell, and the boxes of settings that other states ask for. */
record StateNetwork(
        State state, Marker marker, Set<Cell> known, Map<Cell, Box> own, Map<Cell, Box> carried, SheetOrder order) {
    /** What is said elsewhere of cells that are neither known nor asked. */
    Map<Cell, String> open(Map<Cell, String> said) {
        Map<Cell, String> open = new LinkedHashMap<>(said);
        open.keySet()
                .removeIf(cell -> known.contains(cell)
                        || own.containsKey(cell)
                        || state.chart().value(cell).isEmpty());
        return open;
    }

    /**
     * The network of a state.
     *
     * @param place of the state among the question's
     * @param own what is asked in it
     * @param asked what is asked in each state, this one among them
     */
    static StateNetwork of(
            Question question,
            Knowledge knowledge,
            MarkingStyle style,
            int place,
            Map<Cell, Box> own,
            Map<Integer, Map<Cell, Box>> asked) {
        State state = question.state(place);
        Map<Cell, Box> carried = new LinkedHashMap<>();
        asked.forEach((other, cells) -> cells.forEach((cell, box) -> {
            boolean counts = other != place
                    && cell.isSetting()
                    && knowledge.unchanged(cell, other, place)
                    && !own.containsKey(cell)
                    && !state.given().contains(cell)
                    && state.chart().value(cell).isPresent();
            if (counts) carried.putIfAbsent(cell, box);
        }));
        Set<Cell> given = new LinkedHashSet<>(knowledge.told(place));
        given.removeAll(own.keySet());
        given.removeAll(carried.keySet());
        given.removeIf(cell -> state.chart().value(cell).isEmpty());
        Set<Cell> known = new LinkedHashSet<>(given);
        known.addAll(carried.keySet());
        return new StateNetwork(
                state,
                Marker.of(state.relations(), given, style),
                known,
                own,
                carried,
                new SheetOrder(state.relations(), known, places(question, own)));
    }

    private static Map<Cell, Integer> places(Question question, Map<Cell, Box> asked) {
        List<String> tasks = question.tasks().stream().map(Task::id).toList();
        Map<Cell, Integer> places = new LinkedHashMap<>();
        asked.forEach((cell, box) -> places.put(cell, tasks.indexOf(box.task())));
        return places;
    }

    /** What is written for the amounts, and what is said of other cells. */
    Map<Cell, String> typed(Map<Cell, String> said, Map<String, String> answers) {
        Map<Cell, String> typed = open(said);
        carried.forEach((cell, box) -> typed.put(cell, typed(box, answers)));
        own.forEach((cell, box) -> typed.put(cell, typed(box, answers)));
        return typed;
    }

    /**
     * A finding for each amount that is asked, by the id of its box.
     *
     * @param lines what lines state besides their answers, and the places of their tasks
     */
    Map<String, Finding> mark(Map<Cell, String> said, Map<String, String> answers, Map<Cell, Integer> lines) {
        Map<Cell, String> typed = typed(said, answers);
        Set<Cell> elsewhere = new LinkedHashSet<>(typed.keySet());
        elsewhere.removeAll(own.keySet());
        elsewhere.removeAll(lines.keySet());
        Map<String, Finding> findings = new HashMap<>();
        for (Finding finding : marker.mark(typed, elsewhere, order.with(lines))) {
            Box box = own.get(finding.cell());
            if (box != null) findings.put(box.id(), finding);
        }
        return findings;
    }

    /** What is typed into a box, with the unit that stands beside it. */
    static String typed(Box box, Map<String, String> answers) {
        return ((Box.Form.Amount) box.form()).inUnit(answers.getOrDefault(box.id(), ""));
    }
}
