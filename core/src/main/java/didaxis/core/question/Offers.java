package didaxis.core.question;

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
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What can be asked of a question's circuit and is not asked yet; each could be asked as it stands. */
public final class Offers {
    private static final String NONE = OfferList.NONE;

    /** So many pairs of parts are looked at. */
    private static final int MOST_PAIRS = 15;

    private static final int MOST_COMBINED = 3;

    private final Question question;
    private final int place;
    private final State state;
    private final OfferList list;

    private Offers(Question question, int place) {
        this.question = question;
        this.place = place;
        state = question.state(place);
        list = new OfferList(question, place);
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
        offers.list.add(inWords(question));
        return offers.list.found();
    }

    /**
     * The usual questions about a circuit, from folding to power: the resistance of each group, the innermost first, then
     * the whole, its current, the voltage of each group, the current of each part, and the power of all.
     */
    public static List<Task> usual(Question question, int state) {
        if (question.states().isEmpty()) return List.of();
        OfferList list = new OfferList(question, state);
        List<Subject> groups = list.rows(Subject.Kind.GROUP);
        groups.forEach(group -> list.calculate(List.of(Cell.resistance(group))));
        list.calculate(List.of(Cell.resistance(Subject.TOTAL)));
        list.calculate(List.of(Cell.current(Subject.TOTAL)));
        list.calculate(groups.stream().map(Cell::voltage).toList());
        list.calculate(list.rows(Subject.Kind.PART).stream().map(Cell::current).toList());
        list.calculate(List.of(Cell.power(Subject.TOTAL)));
        return list.found();
    }

    private void amounts() {
        for (Cell cell : list.readings()) {
            boolean told = question.isTold(cell, place) || list.asked().contains(cell);
            if (state.numbered() && !told && state.chart().value(cell).isPresent() && list.reaches(cell))
                list.offer(new Amounts(NONE, place, Command.WRITE_DOWN, Map.of(cell, Command.WRITE_DOWN.usualMarks())));
        }
        for (Quantity quantity : List.of(Quantity.RESISTANCE, Quantity.CURRENT, Quantity.VOLTAGE, Quantity.POWER))
            for (Subject row : state.chart().rows()) {
                boolean wire = row.kind() == Subject.Kind.PART && !list.isResistive(row);
                if (!wire) list.calculate(List.of(Cell.of(row, quantity)));
            }
    }

    /** What is taken in a time by what runs for one. */
    private void runs() {
        for (Subject one : state.chart().running().seconds().keySet())
            for (Quantity quantity : List.of(Quantity.CHARGE, Quantity.ENERGY, Quantity.COST, Quantity.TIME))
                list.calculate(List.of(Cell.of(one, quantity)));
    }

    private void ways() {
        if (place == 0) return;
        List<Cell> cells = new ArrayList<>(list.readings());
        cells.add(Cell.current(Subject.TOTAL));
        cells.add(Cell.resistance(Subject.TOTAL));
        for (Part lamp : list.parts(PartKind.LAMP)) cells.add(Cell.power(Subject.part(lamp.label())));
        for (Subject part : list.rows(Subject.Kind.PART)) {
            cells.add(Cell.current(part));
            cells.add(Cell.voltage(part));
        }
        for (Cell cell : cells.stream().distinct().toList()) list.offer(new Ways(NONE, place, List.of(cell)));
        for (Cell cell : cells.stream().distinct().toList())
            list.offer(Explaining.of(NONE, place, cell, question.states(), Optional.empty()));
    }

    private void lamps() {
        List<Subject> lamps = list.parts(PartKind.LAMP).stream()
                .map(part -> Subject.part(part.label()))
                .toList();
        List<Subject> parts = list.rows(Subject.Kind.PART);
        if (lamps.size() > 1) {
            list.offer(new Ranking(NONE, place, Quantity.POWER, lamps, lamps.size() - 1));
            list.offer(new GoingOut(NONE, place, lamps.stream().map(Subject::id).toList(), 1));
        }
        if (parts.size() > 2)
            for (Quantity quantity : List.of(Quantity.CURRENT, Quantity.VOLTAGE, Quantity.POWER))
                list.offer(new Ranking(NONE, place, quantity, parts, parts.size() - 1));
        for (Subject lamp : lamps)
            if (place > 0)
                list.offer(new Comparison(NONE, place, Cell.power(lamp), place - 1, Cell.power(lamp), true, false, 1));
    }

    private void structure() {
        List<String> parts =
                list.rows(Subject.Kind.PART).stream().map(Subject::id).toList();
        int pairs = 0;
        for (int k = 0; k < parts.size(); k++)
            for (int j = k + 1; j < parts.size() && pairs < MOST_PAIRS; j++, pairs++)
                list.offer(new Joining(NONE, place, parts.get(k), parts.get(j), 1));
        for (boolean letters : new boolean[] {true, false})
            list.offer(new Reducing(NONE, place, letters, Reducing.usualMarks(state, letters)));
        list.offer(new Nesting(NONE, place, 1));
        list.offer(new BranchCurrents(NONE, place, BranchCurrents.usualMarks(state)));
        list.offer(new Redrawing(NONE, place, Redrawing.USUAL_MARKS));
        list.offer(new SafeSupply(NONE, place, 3));
        List<String> rated = state.circuit().parts().stream()
                .filter(part ->
                        part.kind().resistive() && !part.rating().limits().isEmpty())
                .map(Part::label)
                .toList();
        if (!rated.isEmpty()) list.offer(new PartLimits(NONE, place, Quantity.VOLTAGE, rated, 3));
        for (Part fuse : list.parts(PartKind.FUSE))
            if (!parts.isEmpty()) list.offer(new Breaker(NONE, place, fuse.label(), parts, false, 2));
        made(parts.subList(0, Math.min(MOST_COMBINED, parts.size())));
        bands();
        if (parts.size() > 2)
            for (String part : parts.subList(0, MOST_COMBINED))
                for (Quantity quantity : List.of(Quantity.VOLTAGE, Quantity.CURRENT))
                    list.offer(new Places(
                            NONE,
                            place,
                            Cell.of(Subject.part(part), quantity),
                            list.rows(Subject.Kind.PART).stream()
                                    .filter(one -> !one.id().equals(part))
                                    .toList(),
                            2));
        if (parts.size() > 1)
            list.offer(new Arrangements(NONE, place, parts.subList(0, Math.min(MOST_COMBINED, parts.size())), 4));
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
            if (ohms > 0) list.offer(new Connecting(NONE, place, some, ohms, Connecting.USUAL_MARKS));
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
        for (Part part : list.parts(PartKind.RESISTOR)) {
            Cell cell = Cell.resistance(Subject.part(part.label()));
            // Bands are named of what is told, and read of what can be known in no other way.
            boolean told = question.isTold(cell, place);
            if (told || !list.reaches(cell))
                list.offer(new ColourBands(NONE, place, part.label(), ColourBands.USUAL_PERCENT, told, 1));
        }
    }
}
