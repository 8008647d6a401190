package didaxis.core.wording;

import didaxis.core.change.Change;
import didaxis.core.change.Change.Direction;
import didaxis.core.change.Change.Link;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.Terms;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Says the links of a change as a learner could write them. */
public record ChangeSentence(HouseStyle style, Change change) {
    public String say(Link link) {
        Terms terms = style.terms();
        Direction way = link.direction();
        boolean more = way == Direction.INCREASES;
        return switch (link.reason()) {
            case ACTION -> action();
            case COMBINED -> "So " + of(link.cells()) + " " + goes(way) + ".";
            case TOTAL_CURRENT ->
                way == Direction.SAME
                        ? "The total current stays the same."
                        : "The emf is what it was, so the total current " + goes(way) + ".";
            case LOST_VOLTS ->
                "With " + amount(more) + " current, the lost volts " + (more ? "increase." : "decrease.");
            case TERMINAL_VOLTAGE -> "So the terminal " + terms.voltage() + " " + goes(way) + ".";
            case FOLLOWS_CURRENT ->
                way == Direction.SAME
                        ? "So " + of(link.cells()) + " " + stays(link) + " the same."
                        : "With " + amount(more) + " current in the series, " + of(link.cells()) + " " + go(link) + ".";
            case FOLLOWS_VOLTAGE ->
                way == Direction.SAME
                        ? "So " + of(link.cells()) + " " + stays(link) + " the same."
                        : "With " + amount(more) + " " + terms.voltage() + " across the branches, " + of(link.cells())
                                + " " + go(link) + ".";
            case REST_OF_VOLTAGE -> rest(way, terms.voltage(), "across", link);
            case REST_OF_CURRENT -> rest(way, terms.word(Quantity.CURRENT), "through", link);
            case POWER ->
                "With " + amount(more) + " current in an unchanged resistance, " + of(link.cells()) + " " + go(link)
                        + ".";
        };
    }

    private String action() {
        String label = change.part().label();
        Setting setting = change.part().setting();
        if (setting == Setting.Position.OPEN) return label + " is opened.";
        if (setting == Setting.Position.CLOSED) return label + " is closed.";
        if (setting == Setting.Fault.OUT) return label + " is taken out and leaves a gap.";
        if (setting == Setting.Fault.SHORT) return label + " is shorted: a wire lies across it.";
        Direction way = change.direction(Cell.resistance(Subject.part(label)));
        AmountFormat format = style.numbers();
        String to = format.exactly(Amount.of(change.part().resistance(), Quantity.RESISTANCE));
        if (way == Direction.SAME) return label + " stays as it is.";
        return label + " is " + (way == Direction.INCREASES ? "raised" : "lowered") + " to " + to + ".";
    }

    private static String rest(Direction way, String what, String where, Link link) {
        String subject = link.cells().get(0).subject().id();
        if (way == Direction.SAME) return "The " + what + " " + where + " " + subject + " stays the same.";
        return "That leaves " + amount(way == Direction.INCREASES) + " " + what + " " + where + " " + subject + ".";
    }

    private String of(List<Cell> cells) {
        return new CellPhrase(style).of(cells);
    }

    private static String goes(Direction way) {
        return switch (way) {
            case INCREASES -> "increases";
            case DECREASES -> "decreases";
            case SAME -> "stays the same";
            case UNDECIDED -> "is not decided";
        };
    }

    private static String go(Link link) {
        boolean several = link.cells().stream().map(Cell::quantity).distinct().count() > 1;
        String one = link.direction() == Direction.INCREASES ? "increase" : "decrease";
        return several ? one : one + "s";
    }

    private static String stays(Link link) {
        return link.cells().stream().map(Cell::quantity).distinct().count() > 1 ? "stay" : "stays";
    }

    private static String amount(boolean more) {
        return more ? "more" : "less";
    }

    /** Which lamps go out, which shine how much, and who is brightest; a sentence each, none without lamps. */
    public List<String> lamps() {
        List<List<Subject>> ranks = change.brightest();
        if (ranks.isEmpty()) return List.of();
        List<Subject> lamps = ranks.stream().flatMap(List::stream).toList();
        List<String> out = change.goneOut().stream().map(Subject::id).toList();
        List<String> sentences = new ArrayList<>();
        if (!out.isEmpty()) sentences.add(Listed.of(out) + (out.size() == 1 ? " goes out." : " go out."));
        add(sentences, lamps, out, Direction.INCREASES, " becomes brighter.", " become brighter.");
        add(sentences, lamps, out, Direction.DECREASES, " becomes dimmer.", " become dimmer.");
        add(sentences, lamps, out, Direction.SAME, " stays as it is.", " stay as they are.");
        List<List<String>> shining = ranks.stream()
                .filter(rank -> change.after().value(Cell.power(rank.get(0))).orElse(0) > 0)
                .map(rank -> rank.stream().map(Subject::id).toList())
                .toList();
        if (lamps.size() > 1 && !shining.isEmpty()) sentences.add(brightestFirst(shining));
        return sentences;
    }

    private static String brightestFirst(List<List<String>> ranks) {
        List<String> brightest = ranks.get(0);
        if (ranks.size() > 1) {
            return "Afterwards, brightest first: "
                    + ranks.stream().map(rank -> String.join(" = ", rank)).collect(Collectors.joining(", then ")) + ".";
        }
        if (brightest.size() > 1) return "Afterwards " + Listed.of(brightest) + " are equally bright.";
        return "Afterwards only " + brightest.get(0) + " is lit.";
    }

    private void add(
            List<String> sentences, List<Subject> lamps, List<String> out, Direction way, String one, String several) {
        List<String> names = lamps.stream()
                .filter(lamp -> change.direction(Cell.power(lamp)) == way)
                .map(Subject::id)
                .filter(name -> !out.contains(name))
                .toList();
        if (!names.isEmpty()) sentences.add(Listed.of(names) + (names.size() == 1 ? one : several));
    }
}
