package didaxis.core.wording;

import didaxis.core.answer.Typed;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Question;
import didaxis.core.question.TaskFlaw;
import didaxis.core.style.HouseStyle;

/** What keeps a question in states from being handed out, in a sentence. */
public record TaskFlawSentence(HouseStyle style) {
    public String say(TaskFlaw flaw) {
        CellPhrase cells = new CellPhrase(style);
        return TaskSentence.capital(flaw.match(new TaskFlaw.Cases<>(
                nothing -> "nothing is asked yet.",
                without -> cells.of(without.cell()) + " has no value in this state.",
                lacking -> "not enough is given to find " + cells.of(lacking.unreached()) + ".",
                given -> cells.of(given.cell()) + " is given already.",
                twice -> cells.of(twice.cell()) + " is asked twice in this state.",
                marks ->
                        "a box earns " + marks.marks() + " marks; 1 to " + Question.MOST_MARKS_A_BOX + " are possible.",
                number -> "it is not said how far it was raised or lowered, so that there is no number to ask for.",
                change -> "nothing has changed yet: a change is asked for after an act.",
                turns -> cells.of(turns.cell()) + " goes one way at " + ohms(turns.oneOhms()) + " and the other way at "
                        + ohms(turns.otherOhms()) + ": say how far.",
                few -> "there is nothing to choose from.",
                shorts -> "without " + shorts.part() + " the source would be shorted.",
                kept -> kept.part() + " is a switch: open it by a state.",
                rating -> rating.part() + " has no rating.",
                place -> Typed.name(place.thing()) + " is no place for this meter.",
                none -> "these parts cannot be connected to have " + ohms(none.ohms())
                        + "; the nearest they can have is " + ohms(none.nearest()) + ".",
                bands -> "colour bands cannot say what " + bands.part() + " is, with a tolerance of "
                        + AmountFormat.exactly(bands.percent()) + " %.",
                chain -> "there is no chain of reasons that leads to " + cells.of(chain.cell()) + ".",
                reason ->
                        "a reason can be asked for currents, voltages or powers, two or more of one kind in one state.",
                words -> "say what is asked, and what earns a mark.",
                names -> "“" + names.place() + "” in the stem is nothing of this circuit.",
                tells -> "the stem would tell " + cells.of(tells.cell()) + ", which is not given.",
                joins -> "the stem says that " + joins.one() + " and " + joins.other() + " are "
                        + Typed.word(joins.said()) + ", which they are not.")));
    }

    private String ohms(double si) {
        return style.numbers().print(Amount.of(si, Quantity.RESISTANCE));
    }
}
