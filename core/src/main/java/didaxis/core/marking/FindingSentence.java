package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.working.FormulaText;
import didaxis.core.working.Symbols;
import java.util.stream.Collectors;

/** Says a finding in one sentence to the learner, with the numbers it used. */
public record FindingSentence(AmountFormat format) {
    public String say(Finding finding) {
        return finding.match(new Finding.Cases<>(
                right -> "Right: " + symbol(right.cell()) + " = " + amount(right.cell(), right.expected()) + ".",
                early -> "Right with your own rounded values: " + calculation(early.cell(), early.derivation()) + ".",
                followed -> "Follows correctly from your " + own(followed) + ": "
                        + calculation(followed.cell(), followed.derivation()) + " (right would be "
                        + amount(followed.cell(), followed.expected()) + ").",
                wrong -> "You wrote " + wrong.read().shown() + "; right is " + amount(wrong.cell(), wrong.expected())
                        + ", and nothing else on your sheet leads to your value.",
                blank -> "Nothing was written; " + symbol(blank.cell()) + " is "
                        + amount(blank.cell(), blank.expected()) + ".",
                unreadable -> "“" + unreadable.typed().typed() + "” could not be read as "
                        + unreadable.typed().expected() + "; right is "
                        + amount(unreadable.cell(), unreadable.expected()) + "."));
    }

    private String calculation(Cell cell, Derivation derivation) {
        String numbers = FormulaText.print(
                derivation.formula(), input -> format.number(derivation.inputs().get(input)));
        String result = amount(cell, derivation.value());
        boolean copied = derivation.inputs().size() == 1;
        return symbol(cell) + " = " + (copied ? "" : numbers + " = ") + result;
    }

    private String own(Finding.FollowThrough followed) {
        return followed.derivation().from().entrySet().stream()
                .map(own -> symbol(own.getKey()) + " = " + amount(own.getKey(), own.getValue()))
                .collect(Collectors.joining(" and "));
    }

    private static String symbol(Cell cell) {
        return Symbols.USUAL.text(cell);
    }

    private String amount(Cell cell, double si) {
        return format.print(Amount.of(si, cell.quantity()));
    }
}
