package didaxis.core.wording;

import didaxis.core.answer.Verdict;
import didaxis.core.marking.BoxFinding;
import didaxis.core.marking.Finding;

/**
 * Says what marking found in a box, in one sentence to a learner who may try again: what went wrong, not what is right, nor any
 * number but those that were written.
 */
public record HintSentence(FindingSentence amounts) {
    public String say(BoxFinding finding) {
        return finding.match(
                amount -> amount(amount.finding()) + (amount.unitLost() ? BoxSentence.UNIT : ""),
                lines -> lines(lines) + (lines.unitLost() ? BoxSentence.UNIT : ""),
                words -> words(words.verdict())
                        + words.slip().map(BoxSentence::slip).orElse(""));
    }

    private String amount(Finding finding) {
        return finding.match(new Finding.Cases<>(
                right -> "Right.",
                early -> "Right.",
                followed -> "Follows correctly from your " + amounts.own(followed) + ".",
                slipped -> "You wrote " + slipped.read().shown() + SlipSentence.toTryAgain(slipped),
                wrong -> "You wrote " + wrong.read().shown() + "; nothing else on your sheet leads to it.",
                blank -> "Nothing was written.",
                unreadable -> FindingSentence.unread(unreadable.typed()) + "."));
    }

    private String lines(BoxFinding.OfLines lines) {
        if (lines.given().isPresent()) return "Your teacher has read this.";
        if (lines.open()) return "Your teacher reads what could not be read.";
        if (lines.answer() instanceof Finding.Blank)
            return "No line says what " + amounts.asked(lines.answer()) + " is.";
        if (lines.answered() && !lines.answer().earns()) return "Follows from the numbers you put in.";
        return amount(lines.answer());
    }

    private static String words(Verdict verdict) {
        return switch (verdict.code()) {
            case RIGHT -> "Right.";
            case FOLLOW_THROUGH -> "Follows from your own earlier values.";
            case PARTLY -> "Partly right.";
            case UNDECIDED -> "Your teacher reads this.";
            case WRONG -> "Not right.";
            case BLANK -> "Nothing was written.";
            case UNREADABLE -> "This could not be read.";
        };
    }
}
