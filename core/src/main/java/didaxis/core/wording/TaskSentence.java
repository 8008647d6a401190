package didaxis.core.wording;

import didaxis.core.answer.Typed;
import didaxis.core.change.Act;
import didaxis.core.change.Rewiring;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.ColourBands;
import didaxis.core.question.Comparison;
import didaxis.core.question.GoingOut;
import didaxis.core.question.Places;
import didaxis.core.question.Question;
import didaxis.core.question.Ranking;
import didaxis.core.question.Redrawing;
import didaxis.core.question.State;
import didaxis.core.question.Stem;
import didaxis.core.question.Task;
import didaxis.core.question.Ways;
import didaxis.core.style.HouseStyle;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;

/** What a learner reads of a question: what was done to come to a state, and what is asked in it. */
public record TaskSentence(HouseStyle style, Question question) {
    /** What stands above the tasks, its values in the style. */
    public String stem() {
        return Stem.filled(
                question,
                cell -> style.numbers()
                        .exactly(cell.told(question.state(0).chart().value(cell).orElseThrow(), style.numbers())));
    }

    /** "S1 is opened."; nothing for the circuit as drawn. */
    public String act(State state) {
        return state.act().map(act -> act(act, state)).orElse("");
    }

    private String act(Act act, State state) {
        return act.match(new Act.Cases<>(
                turned -> turned.part() + (turned.to() == Setting.Position.OPEN ? " is opened." : " is closed."),
                failed -> failed.part()
                        + (failed.how() != Setting.Fault.OUT
                                ? " is shorted: a wire lies across it."
                                : isLamp(failed.part()) ? " burns out." : " is taken out and leaves a gap."),
                set -> set.part() + " is set to " + style.numbers().exactly(value(set.to())) + ".",
                varied -> varied.part() + (varied.raised() ? " is raised." : " is lowered."),
                supplied -> "The source is replaced by one of "
                        + style.numbers().exactly(Amount.of(supplied.emf(), Quantity.VOLTAGE))
                        + internal(state.circuit().source().internalResistance()) + ".",
                rewiring -> rewiring(rewiring, state)));
    }

    private String internal(double resistance) {
        if (resistance == 0) return "";
        return " with an internal resistance of " + style.numbers().exactly(Amount.of(resistance, Quantity.RESISTANCE));
    }

    private String rewiring(Rewiring rewiring, State state) {
        if (rewiring instanceof Rewiring.Wired wired)
            return "A wire without resistance joins " + place(wired.from()) + " and " + place(wired.to()) + ".";
        if (rewiring instanceof Rewiring.Added added) {
            Part part = added.part();
            String value = part.resistance() > 0 ? " (" + style.numbers().exactly(value(part)) + ")" : "";
            return "One part more, " + part.label() + value + ", is put in "
                    + (added.series() ? "series" : "parallel") + " with "
                    + added.with()
                            .filter(subject ->
                                    subject.kind() != Subject.Kind.TOTAL && subject.kind() != Subject.Kind.EXTERNAL)
                            .map(Typed::name)
                            .orElse("all the rest")
                    + ".";
        }
        return "The parts are connected otherwise: " + Words.describe(state.circuit()) + ".";
    }

    private static String place(String name) {
        if (name.equals("+")) return "the positive terminal";
        return name.equals("-") || name.equals("−") ? "the negative terminal" : name;
    }

    private static Amount value(Part part) {
        return part.setting() instanceof Setting.Amperes fuse
                ? Amount.of(fuse.amperes(), Quantity.CURRENT)
                : Amount.of(part.resistance(), Quantity.RESISTANCE);
    }

    private boolean isLamp(String label) {
        return question.state(0)
                .circuit()
                .part(label)
                .map(part -> part.kind() == PartKind.LAMP)
                .orElse(false);
    }

    /** The task, with what was done before it where its state is not the circuit as drawn. */
    public String prompt(Task task) {
        if (question.states().isEmpty()) return asked(task);
        String before = act(question.state(task.state()));
        return before.isEmpty() ? asked(task) : before + " " + asked(task);
    }

    /** The task alone, where it is told already what was done before it. */
    public String asked(Task task) {
        return task.match(new Task.Cases<>(
                this::amounts,
                this::ways,
                this::ranking,
                this::goingOut,
                joining -> "Are " + joining.one() + " and " + joining.other() + " in series, in parallel, or neither?"
                        + (joining.reason() ? " How does one know?" : ""),
                this::comparison,
                safe -> "What is the highest emf at which no part is over its rating, and which part sets it?",
                all -> "Which resistances can " + Listed.of(all.parts()) + " make together, all of them used?",
                limits -> "Calculate the highest " + style.terms().word(limits.quantity()) + " that "
                        + Listed.of(limits.parts()) + " can stand"
                        + (limits.parts().size() > 1 ? ", each by itself." : "."),
                breaker -> Listed.of(breaker.parts()) + " are switched on one after the other. "
                        + (breaker.count()
                                ? "How many of them can run before " + breaker.fuse() + " opens?"
                                : "At which of them does " + breaker.fuse() + " open? None is an answer."),
                this::places,
                reducing -> reducing.letters()
                        ? "Combine the resistances stage by stage until one is left: write what is combined."
                        : "Combine the resistances stage by stage until one is left: write what is combined and what it"
                                + " comes to.",
                nesting -> "Name how the combinations are nested, innermost first.",
                this::redrawing,
                connecting -> "Connect " + Listed.of(connecting.parts()) + ", all of them, so that together they have "
                        + style.numbers().exactly(Amount.of(connecting.ohms(), Quantity.RESISTANCE)) + ".",
                this::colourBands,
                explaining -> "Why does " + phrase(List.of(explaining.cell()))
                        + " change as it does? Pick the reasons that" + " lead to it, and put them into their order.",
                words -> words.term().isBlank() ? words.prompt().strip() : "Define " + words.term() + ".",
                gaps -> "Fill the gaps: " + gaps.text(),
                currents ->
                        "Name the current of the source and of each part, with one name wherever the same current must"
                                + " pass, and write how the currents are related where they part."));
    }

    private String amounts(Amounts amounts) {
        List<Cell> cells = List.copyOf(amounts.marks().keySet());
        return switch (amounts.command()) {
            case CHART -> "Fill in the chart.";
            case CALCULATE -> "Calculate " + phrase(cells) + in(amounts) + ".";
            case WRITE_DOWN -> "Write down " + phrase(cells) + in(amounts) + ".";
        };
    }

    /** The unit that is wanted, and what a cost is worked out with. */
    private String in(Amounts amounts) {
        List<String> units = amounts.units().values().stream().distinct().toList();
        boolean cost = amounts.marks().keySet().stream().anyMatch(cell -> cell.quantity() == Quantity.COST);
        double tariff = question.state(amounts.state()).chart().running().tariff();
        return (units.size() == 1 ? " in " + units.get(0) : "")
                + (cost
                        ? ", at " + style.numbers().print(Amount.of(tariff, Quantity.COST)) + " for a kilowatt hour"
                        : "");
    }

    private String ways(Ways ways) {
        boolean several = ways.cells().size() > 1;
        return (several ? "For each of " : "Does ")
                + phrase(ways.cells())
                + (several
                        ? ", write increases, decreases or stays the same."
                        : " increase, decrease or stay the same?");
    }

    private String ranking(Ranking ranking) {
        boolean lamps = ranking.quantity() == Quantity.POWER
                && ranking.things().stream().allMatch(thing -> isLamp(thing.id()));
        String by = lamps ? "brightness" : style.terms().word(ranking.quantity());
        String why = ranking.reason() ? " Why?" : "";
        if (ranking.first())
            return "Which of " + names(ranking.things()) + (lamps ? " is the brightest" : " has the largest " + by)
                    + "? Name all that are equal." + why;
        return "Rank " + names(ranking.things()) + " by " + by
                + ", the largest first; those that are equal stand with = between them."
                + (ranking.reason() ? " Why does the first stand there?" : "");
    }

    private String goingOut(GoingOut goingOut) {
        String out = goingOut.parts().size() == 1
                ? goingOut.parts().get(0) + " is taken out."
                : Listed.of(goingOut.parts()) + " are taken out, each in turn.";
        return out + " Which other lamps go out? None and all are answers.";
    }

    private String comparison(Comparison comparison) {
        String other = phrase(List.of(comparison.other()));
        String when = comparison.otherState() == comparison.state() ? "" : " in the other state";
        return "Is " + phrase(List.of(comparison.cell())) + " less than, equal to or greater than " + other + when + "?"
                + (comparison.factor() ? " By what factor?" : "")
                + (comparison.reason() ? " Why?" : "");
    }

    private String places(Places places) {
        String meter = places.like().quantity() == Quantity.VOLTAGE
                ? "A voltmeter across which of "
                : "An ammeter at which of ";
        return meter + names(places.among()) + " shows " + phrase(List.of(places.like()))
                + " however large the resistances are? None and all are answers.";
    }

    private String redrawing(Redrawing redrawing) {
        return question.drawn()
                ? "Draw the circuit again, so that series and parallel can be seen."
                : "Draw this circuit: "
                        + Words.describe(question.state(redrawing.state()).circuit()) + ".";
    }

    private String colourBands(ColourBands task) {
        String percent =
                style.numbers().plain(BigDecimal.valueOf(task.percent()).stripTrailingZeros());
        if (!task.bandsAsked())
            return task.part() + " has the bands "
                    + task.bands(question).map(ColourBands::print).orElse("?")
                    + ". What is its resistance, and its tolerance?";
        String ohms = question.state(task.state()).chart().value(Cell.resistance(Subject.part(task.part()))).stream()
                .mapToObj(si -> style.numbers().exactly(Amount.of(si, Quantity.RESISTANCE)))
                .findFirst()
                .orElse("?");
        return "Which bands does a resistor of " + ohms + " ± " + percent + " % have, from the first on?";
    }

    private String phrase(List<Cell> cells) {
        boolean emf = question.state(0).circuit().source().internalResistance() > 0;
        return new CellPhrase(style, emf).of(cells);
    }

    private static String names(List<Subject> things) {
        return Listed.of(things.stream().map(Typed::name).toList());
    }

    /** With a capital letter, as a sentence begins. */
    static String capital(String sentence) {
        return sentence.substring(0, 1).toUpperCase(Locale.ROOT) + sentence.substring(1);
    }
}
