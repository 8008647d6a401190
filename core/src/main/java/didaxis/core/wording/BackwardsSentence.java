package didaxis.core.wording;

import didaxis.core.backwards.Given;
import didaxis.core.backwards.Outcome;
import didaxis.core.circuit.Cell;
import didaxis.core.formula.Symbols;
import didaxis.core.quantity.Amount;
import didaxis.core.style.HouseStyle;
import java.util.List;

/** What comes of working backwards, in words. */
public record BackwardsSentence(HouseStyle style) {
    private static final int MOST_NAMED = 6;

    public String say(Outcome outcome) {
        return outcome.match(
                solved -> "Everything follows.",
                this::missing,
                this::contradictory,
                several -> "More than one solution: " + several.circuits().size() + " circuits fit.",
                undecided ->
                        "No single law goes on from here, and neither a solution nor a proof that there is none was"
                                + " found.");
    }

    private String missing(Outcome.NotEnough missing) {
        if (missing.wouldDo().isEmpty()) return "Not enough is given: circuits with different values fit.";
        List<String> named =
                missing.wouldDo().stream().limit(MOST_NAMED).map(this::cell).toList();
        if (!missing.alone()) return "Not enough is given. Together these would do: " + Listed.of(named) + ".";
        boolean more = missing.wouldDo().size() > MOST_NAMED;
        return "Not enough is given. One of these would do: " + String.join(", ", named) + (more ? ", …" : "") + ".";
    }

    private String contradictory(Outcome.Contradictory contradictory) {
        List<Given> disagreeing = contradictory.disagreeing();
        List<String> names = disagreeing.stream()
                .map(given -> cell(given.cell()) + " = " + amount(given.cell(), given.value()))
                .toList();
        Given last = disagreeing.get(names.size() - 1);
        String instead = contradictory
                .instead()
                .map(value ->
                        " From the others, " + cell(last.cell()) + " would be " + amount(last.cell(), value) + ".")
                .orElse("");
        return "Contradictory: " + Listed.of(names) + (names.size() == 1 ? " cannot be." : " disagree.") + instead;
    }

    private String cell(Cell cell) {
        return new Symbols(style.terms()).text(cell);
    }

    private String amount(Cell cell, double value) {
        return style.numbers().print(Amount.of(value, cell.quantity()));
    }
}
