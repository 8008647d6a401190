package didaxis.core.wording;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Symbols;
import didaxis.core.question.ChartQuestion;
import didaxis.core.question.Flaw;

/** What keeps a question from being handed out, in a sentence. */
public record FlawSentence(Symbols symbols) {
    public String say(Flaw flaw) {
        return flaw.match(new Flaw.Cases<>(
                nothing -> "Nothing is asked yet: turn a cell of the chart to asked.",
                without -> name(without.cell()) + " has no value in this circuit.",
                lacking -> "Not enough is given to find "
                        + Listed.of(lacking.unreached().stream().map(this::name).toList()) + ".",
                marks -> name(marks.cell()) + " earns " + marks.marks() + " marks; 1 to "
                        + ChartQuestion.MOST_MARKS_A_CELL + " are possible."));
    }

    private String name(Cell cell) {
        return symbols.text(cell);
    }
}
