package didaxis.core.question;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts.Command;
import didaxis.core.words.Glossary;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What can be asked of a question's circuit and is not asked yet; each could be asked as it stands. */
public final class Offers {
    /** The id of a task that has none yet. */
    private static final String NONE = "offer";

    /** So many pairs of parts are looked at. */
    private static final int MOST_PAIRS = 15;

    private static final int MOST_COMBINED = 3;

    private final Question question;
    private final int place;
    private final State state;
    private final Chart chart;
    private final Knowledge knowledge;
    private final List<Task> found = new ArrayList<>();

    private Offers(Question question, int place) {
        this.question = question;
        this.place = place;
        state = question.state(place);
        chart = state.chart();
        knowledge = Knowledge.of(question);
    }

    /** In a state of the question, the likeliest first. */
    public static List<Task> of(Question question, int state) {
        if (question.states().isEmpty()) return inWords(question);
        Offers offers = new Offers(question, state);
        offers.amounts();
        offers.runs();
        offers.ways();
        offers.lamps();
        offers.structure();
        offers.found.addAll(inWords(question));
        return offers.found;
    }

    /**
     * The usual questions about a circuit, from folding to power: the resistance of each group, the innermost first, then
     * the whole, its current, the voltage of each group, the current of each part, and the power of all.
     */
    public static List<Task> usual(Question question, int state) {
        if (question.states().isEmpty()) return List.of();
        Offers offers = new Offers(question, state);
        List<Subject> groups = offers.rows(Subject.Kind.GROUP);
        groups.forEach(group -> offers.calculate(List.of(Cell.resistance(group))));
        offers.calculate(List.of(Cell.resistance(Subject.TOTAL)));
        offers.calculate(List.of(Cell.current(Subject.TOTAL)));
        offers.calculate(groups.stream().map(Cell::voltage).toList());
        offers.calculate(
                offers.rows(Subject.Kind.PART).stream().map(Cell::current).toList());
        offers.calculate(List.of(Cell.power(Subject.TOTAL)));
        return offers.found;
    }

    /** Rows with a resistance, the innermost group first. */
    private List<Subject> rows(Subject.Kind kind) {
        return chart.rows().stream()
                .filter(row -> row.kind() == kind)
                .filter(row -> kind != Subject.Kind.PART || isResistive(row))
                .sorted((one, other) -> Integer.compare(members(one), members(other)))
                .toList();
    }

    private int members(Subject row) {
        return chart.subjects().membersOf(row).size();
    }

    private boolean isResistive(Subject part) {
        return state.circuit()
                .part(part.id())
                .map(one -> one.kind().resistive())
                .orElse(false);
    }

    private List<Part> parts(PartKind kind) {
        return state.circuit().parts().stream()
                .filter(part -> part.kind() == kind)
                .toList();
    }

    private void offer(Task task) {
        if (!SameTask.isIn(question, task) && task.flaws(question, knowledge).isEmpty()) found.add(task);
    }

    /** Those of the cells that can be asked, as one task. */
    private void calculate(List<Cell> cells) {
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
                && knowledge.reaches(cell, place)
                && !question.isTold(cell, place)
                && !asked().contains(cell);
    }

    private Set<Cell> asked() {
        return question.boxes().stream()
                .map(Box::form)
                .filter(Box.Form.Amount.class::isInstance)
                .map(Box.Form.Amount.class::cast)
                .filter(amount -> amount.state() == place)
                .map(Box.Form.Amount::cell)
                .collect(Collectors.toSet());
    }

    private List<Cell> readings() {
        List<Cell> readings = new ArrayList<>();
        for (Subject one : chart.subjects().readings())
            readings.add(one.kind() == Subject.Kind.POINT ? Cell.of(one, Quantity.POTENTIAL) : Cell.voltage(one));
        for (Part meter : parts(PartKind.AMMETER)) readings.add(Cell.current(Subject.part(meter.label())));
        return readings;
    }

    private void amounts() {
        for (Cell cell : readings()) {
            boolean told = question.isTold(cell, place) || asked().contains(cell);
            if (state.numbered() && !told && chart.value(cell).isPresent() && knowledge.reaches(cell, place))
                offer(new Amounts(NONE, place, Command.WRITE_DOWN, Map.of(cell, Command.WRITE_DOWN.usualMarks())));
        }
        for (Quantity quantity : List.of(Quantity.RESISTANCE, Quantity.CURRENT, Quantity.VOLTAGE, Quantity.POWER))
            for (Subject row : chart.rows()) {
                boolean wire = row.kind() == Subject.Kind.PART && !isResistive(row);
                if (!wire) calculate(List.of(Cell.of(row, quantity)));
            }
    }

    /** What is taken in a time by what runs for one. */
    private void runs() {
        for (Subject one : chart.running().seconds().keySet())
            for (Quantity quantity : List.of(Quantity.CHARGE, Quantity.ENERGY, Quantity.COST, Quantity.TIME))
                calculate(List.of(Cell.of(one, quantity)));
    }

    private void ways() {
        if (place == 0) return;
        List<Cell> cells = new ArrayList<>(readings());
        cells.add(Cell.current(Subject.TOTAL));
        cells.add(Cell.resistance(Subject.TOTAL));
        for (Part lamp : parts(PartKind.LAMP)) cells.add(Cell.power(Subject.part(lamp.label())));
        for (Subject part : rows(Subject.Kind.PART)) {
            cells.add(Cell.current(part));
            cells.add(Cell.voltage(part));
        }
        for (Cell cell : cells.stream().distinct().toList()) offer(new Ways(NONE, place, List.of(cell)));
        for (Cell cell : cells.stream().distinct().toList())
            offer(Explaining.of(NONE, place, cell, question.states(), Optional.empty()));
    }

    private void lamps() {
        List<Subject> lamps = parts(PartKind.LAMP).stream()
                .map(part -> Subject.part(part.label()))
                .toList();
        List<Subject> parts = rows(Subject.Kind.PART);
        if (lamps.size() > 1) {
            offer(new Ranking(NONE, place, Quantity.POWER, lamps, lamps.size() - 1));
            offer(new GoingOut(NONE, place, lamps.stream().map(Subject::id).toList(), 1));
        }
        if (parts.size() > 2)
            for (Quantity quantity : List.of(Quantity.CURRENT, Quantity.VOLTAGE, Quantity.POWER))
                offer(new Ranking(NONE, place, quantity, parts, parts.size() - 1));
        for (Subject lamp : lamps)
            if (place > 0)
                offer(new Comparison(NONE, place, Cell.power(lamp), place - 1, Cell.power(lamp), true, false, 1));
    }

    private void structure() {
        List<String> parts = rows(Subject.Kind.PART).stream().map(Subject::id).toList();
        int pairs = 0;
        for (int k = 0; k < parts.size(); k++)
            for (int j = k + 1; j < parts.size() && pairs < MOST_PAIRS; j++, pairs++)
                offer(new Joining(NONE, place, parts.get(k), parts.get(j), 1));
        for (boolean letters : new boolean[] {true, false})
            offer(new Reducing(NONE, place, letters, Reducing.usualMarks(state, letters)));
        offer(new Nesting(NONE, place, 1));
        offer(new BranchCurrents(NONE, place, BranchCurrents.usualMarks(state)));
        offer(new Redrawing(NONE, place, Redrawing.USUAL_MARKS));
        offer(new SafeSupply(NONE, place, 3));
        List<String> rated = state.circuit().parts().stream()
                .filter(part ->
                        part.kind().resistive() && !part.rating().limits().isEmpty())
                .map(Part::label)
                .toList();
        if (!rated.isEmpty()) offer(new PartLimits(NONE, place, Quantity.VOLTAGE, rated, 3));
        for (Part fuse : parts(PartKind.FUSE))
            if (!parts.isEmpty()) offer(new Breaker(NONE, place, fuse.label(), parts, false, 2));
        made(parts.subList(0, Math.min(MOST_COMBINED, parts.size())));
        bands();
        if (parts.size() > 2)
            for (String part : parts.subList(0, MOST_COMBINED))
                for (Quantity quantity : List.of(Quantity.VOLTAGE, Quantity.CURRENT))
                    offer(new Places(
                            NONE,
                            place,
                            Cell.of(Subject.part(part), quantity),
                            rows(Subject.Kind.PART).stream()
                                    .filter(one -> !one.id().equals(part))
                                    .toList(),
                            2));
        if (parts.size() > 1)
            offer(new Arrangements(NONE, place, parts.subList(0, Math.min(MOST_COMBINED, parts.size())), 4));
    }

    /** To be connected to what lies in the middle of all they can have. */
    private void made(List<String> some) {
        List<Part> given = state.circuit().parts().stream()
                .filter(part -> some.contains(part.label()))
                .toList();
        if (some.size() > 1 && Arrangement.flaws(NONE, state, some).isEmpty()) {
            List<Arrangement> all = Arrangement.all(given);
            double ohms = AmountFormat.STANDARD.rounded(
                    Amount.of(all.get(all.size() / 2).ohms(), Quantity.RESISTANCE));
            if (ohms > 0) offer(new Connecting(NONE, place, some, ohms, Connecting.USUAL_MARKS));
        }
    }

    /** Terms to be defined, and the rules of series and parallel: whatever the circuit. */
    private static List<Task> inWords(Question question) {
        List<Task> all = new ArrayList<>();
        for (Glossary entry : Glossary.values()) all.add(InWords.define(NONE, entry));
        all.add(Gaps.rules(NONE));
        all.removeIf(task -> SameTask.isIn(question, task));
        return all;
    }

    private void bands() {
        for (Part part : parts(PartKind.RESISTOR)) {
            Cell cell = Cell.resistance(Subject.part(part.label()));
            // Bands are named of what is told, and read of what can be known in no other way.
            boolean told = question.isTold(cell, place);
            if (told || !knowledge.reaches(cell, place))
                offer(new ColourBands(NONE, place, part.label(), ColourBands.USUAL_PERCENT, told, 1));
        }
    }
}
