package didaxis.core.wording;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Symbols;
import didaxis.core.marking.Derivation;
import didaxis.core.marking.Finding;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Reading;

/** Says a finding in one sentence to the learner, with the numbers it used. */
public record FindingSentence(AmountFormat format, Symbols symbols) {
    /** In the usual letters. */
    public FindingSentence(AmountFormat format) {
        this(format, Symbols.USUAL);
    }

    public String say(Finding finding) {
        return finding.match(new Finding.Cases<>(
                right -> "Right: " + symbols.text(right.cell()) + " = " + amount(right.cell(), right.expected()) + ".",
                early -> early(early) + sum(early.cell(), early.derivation()) + ".",
                followed -> "Follows correctly from your " + own(followed) + ": "
                        + sum(followed.cell(), followed.derivation()) + " (right would be "
                        + amount(followed.cell(), followed.expected()) + ").",
                slipped -> "You wrote " + slipped.read().shown() + "; right is "
                        + amount(slipped.cell(), slipped.expected())
                        + slips().toLearner(slipped),
                wrong -> "You wrote " + wrong.read().shown() + "; right is " + amount(wrong.cell(), wrong.expected())
                        + ", and nothing else on your sheet leads to your value.",
                blank -> "Nothing was written; " + symbols.text(blank.cell()) + " is "
                        + amount(blank.cell(), blank.expected()) + ".",
                unreadable -> unread(unreadable.typed()) + "; right is "
                        + amount(unreadable.cell(), unreadable.expected()) + "."));
    }

    /** The same numbers and letters for slips. */
    public SlipSentence slips() {
        return new SlipSentence(format, symbols);
    }

    /** What is asked, in letters. */
    String asked(Finding finding) {
        return symbols.text(finding.cell());
    }

    /** What is right there. */
    String right(Finding finding) {
        return amount(finding.cell(), finding.expected());
    }

    private static String early(Finding.RoundedEarly early) {
        boolean ownUsed = !early.derivation().from().isEmpty();
        return ownUsed
                ? "Right with your own rounded values: "
                : "Right within what rounding unwritten values can do: ";
    }

    private String sum(Cell cell, Derivation derivation) {
        return new PrintedSum(cell, derivation.formula(), derivation.inputs(), format, symbols).text();
    }

    /** What could not be read, and as what it should be. */
    static String unread(Reading.Unreadable typed) {
        String quoted = "“" + typed.typed() + "”";
        return typed.unitOf()
                .map(other -> quoted + " is " + other.phrase() + " and cannot be " + typed.expected())
                .orElseGet(() -> quoted + " could not be read as " + typed.expected());
    }

    /** The own values that it follows from. */
    String own(Finding.FollowThrough followed) {
        return Listed.of(followed.derivation().from().entrySet().stream()
                .map(own -> symbols.text(own.getKey()) + " = "
                        + format.exactly(Amount.of(own.getValue(), own.getKey().quantity())))
                .toList());
    }

    private String amount(Cell cell, double si) {
        return format.print(Amount.of(si, cell.quantity()));
    }
}
