package didaxis.core.wording;

import didaxis.core.change.Act;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Comparison;
import didaxis.core.question.GoingOut;
import didaxis.core.question.Places;
import didaxis.core.question.Question;
import didaxis.core.question.Ranking;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.question.Typed;
import didaxis.core.question.Ways;
import didaxis.core.style.HouseStyle;
import java.util.List;
import java.util.Locale;

/** What a learner reads of a question: what was done to come to a state, and what is asked in it. */
public record TaskSentence(HouseStyle style, Question question) {
    /** "S1 is opened."; nothing for the circuit as drawn. */
    public String act(State state) {
        return state.act().map(this::act).orElse("");
    }

    private String act(Act act) {
        String part = act.part();
        return part
                + act.match(new Act.Cases<>(
                        turned -> turned.to() == Setting.Position.OPEN ? " is opened." : " is closed.",
                        failed -> failed.how() == Setting.Fault.OUT
                                ? (isLamp(part) ? " burns out." : " is taken out and leaves a gap.")
                                : " is shorted: a wire lies across it.",
                        set -> " is set to " + style.numbers().exactly(value(set.to())) + ".",
                        varied -> varied.raised() ? " is raised." : " is lowered."));
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
                joining -> "Are " + joining.one() + " and " + joining.other() + " in series, in parallel, or neither?",
                this::comparison,
                safe -> "What is the highest emf at which no part is over its rating, and which part sets it?",
                all -> "Which resistances can " + Listed.of(all.parts()) + " make together, all of them used?",
                limits -> "Calculate the highest " + style.terms().word(limits.quantity()) + " that "
                        + Listed.of(limits.parts()) + " can stand"
                        + (limits.parts().size() > 1 ? ", each by itself." : "."),
                breaker -> Listed.of(breaker.parts()) + " are switched on one after the other. At which of them does "
                        + breaker.fuse() + " open? None is an answer.",
                this::places));
    }

    private String amounts(Amounts amounts) {
        List<Cell> cells = List.copyOf(amounts.marks().keySet());
        return switch (amounts.command()) {
            case CHART -> "Fill in the chart.";
            case CALCULATE -> "Calculate " + phrase(cells) + ".";
            case WRITE_DOWN -> "Write down " + phrase(cells) + ".";
        };
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
        return "Rank " + names(ranking.things()) + " by "
                + (lamps ? "brightness" : style.terms().word(ranking.quantity()))
                + ", the largest first; those that are equal stand with = between them.";
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
                + (comparison.factor() ? " By what factor?" : "");
    }

    private String places(Places places) {
        String meter = places.like().quantity() == Quantity.VOLTAGE
                ? "A voltmeter across which of "
                : "An ammeter at which of ";
        return meter + names(places.among()) + " shows " + phrase(List.of(places.like()))
                + " however large the resistances are? None and all are answers.";
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
