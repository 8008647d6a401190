package didaxis.core.wording;

import didaxis.core.answer.Verdict;
import didaxis.core.marking.BoxFinding;
import didaxis.core.marking.Finding;
import didaxis.core.slip.Slip;

/** Says what marking found in a box, in one sentence to the learner. */
public record BoxSentence(FindingSentence amounts, BoxChoices choices, WorkingSentence lines) {
    static final String UNIT = " The mark of the unit is lost: write it with its symbol.";

    public String say(BoxFinding finding) {
        return finding.match(
                amount -> amounts.say(amount.finding()) + (amount.unitLost() ? UNIT : ""),
                lines -> lines(lines) + (lines.unitLost() ? UNIT : ""),
                words -> words(
                                words.verdict(),
                                choices.said(words.box(), words.verdict().model()))
                        + words.slip().map(BoxSentence::slip).orElse(""));
    }

    private String lines(BoxFinding.OfLines lines) {
        if (lines.given().isPresent())
            return "Your teacher has read this; right is " + amounts.right(lines.answer()) + ".";
        if (lines.open())
            return "Your teacher reads what could not be read; right is " + amounts.right(lines.answer()) + ".";
        if (lines.answer() instanceof Finding.Blank)
            return "No line says what " + amounts.asked(lines.answer()) + " is; right is "
                    + amounts.right(lines.answer()) + ".";
        if (lines.answered() && !lines.answer().earns())
            return "Follows from the numbers you put in; right is " + amounts.right(lines.answer()) + ".";
        return amounts.say(lines.answer());
    }

    static String slip(Slip slip) {
        String told = SlipSentence.inWords(slip);
        return " " + Character.toUpperCase(told.charAt(0)) + told.substring(1) + ".";
    }

    private static String words(Verdict verdict, String model) {
        String right = "right is: " + model + ".";
        return switch (verdict.code()) {
            case RIGHT -> "Right: " + model + ".";
            case FOLLOW_THROUGH -> "Follows from your own earlier values; " + right;
            case PARTLY -> "Partly right; " + right;
            case UNDECIDED -> "Your teacher reads this; one way to say it: " + model + ".";
            case WRONG -> "Not right; " + right;
            case BLANK -> "Nothing was written; " + right;
            case UNREADABLE -> "This could not be read; " + right;
        };
    }
}
