package didaxis.core.wording;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Symbols;
import didaxis.core.line.Line;
import didaxis.core.line.LineText;
import didaxis.core.line.Remark;
import didaxis.core.line.Term;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import java.math.BigDecimal;
import java.math.MathContext;

/** What there is to say of a line of working, in a sentence each. */
public record WorkingSentence(HouseStyle style) {
    private static final MathContext SHOWN = new MathContext(4);

    public String say(Remark remark) {
        return remark.match(new Remark.Cases<>(
                this::step,
                wrong -> name(wrong.cell()) + " is " + amount(wrong.cell().quantity(), wrong.truth())
                        + " in this circuit, not " + amount(wrong.cell().quantity(), wrong.stated()) + ".",
                side -> LineText.print(side.side()) + " is " + number(side.truth()) + " in this circuit, not "
                        + number(side.stated()) + ".",
                early -> "Rounded early: " + name(early.cell()) + " is "
                        + amount(early.cell().quantity(), early.truth()) + " when nothing is rounded on the way.",
                this::conflict,
                unit -> unit.name() + " is " + unit.wanted().phrase() + " and has "
                        + unit.wanted().unit() + " as its unit, not "
                        + unit.found().unit() + ".",
                WorkingSentence::law,
                nowhere -> "There is no " + style.terms().word(nowhere.quantity()) + " of "
                        + amount(nowhere.quantity(), nowhere.stated()) + " in this circuit.",
                unjudged -> "What " + unjudged.name()
                        + " is here is not known, so this could not be held against the circuit."));
    }

    /** Of the place where reading stopped. */
    public static String say(Line.Unread unread) {
        if (unread.equals(Line.Unread.BEYOND))
            return "Not read: there are more lines on this sheet than are marked by themselves, so this one is for the teacher.";
        return unread.found().isEmpty()
                ? "Something is missing at the end."
                : "From “" + unread.found() + "” on this could not be read.";
    }

    private String step(Remark.FalseStep step) {
        String equality = equality(step.from(), step.to());
        String left = LineText.print(step.from());
        if (step.byPrefix())
            return equality + " is out by thousands: a prefix was lost. The left side is " + number(step.left()) + ".";
        return equality + " does not hold: " + left + " is " + number(step.left()) + ".";
    }

    private String conflict(Remark.Conflict conflict) {
        String there = conflict.name() + " is " + number(conflict.earlier()) + " on line " + (conflict.line() + 1)
                + " and " + number(conflict.stated()) + " here";
        return there + (conflict.exchanged() ? ": the same digits in another order." : ".");
    }

    private static String law(Remark.NoLaw law) {
        String equality = equality(law.from(), law.to());
        return law.here()
                ? equality + " holds for these values only; it is no law of this circuit."
                : equality + " is no law of this circuit.";
    }

    private static String equality(Term from, Term to) {
        return LineText.print(from) + " = " + LineText.print(to);
    }

    private String name(Cell cell) {
        return new Symbols(style.terms()).text(cell);
    }

    private String amount(Quantity quantity, double value) {
        return style.numbers().print(Amount.of(value, quantity));
    }

    private String number(double value) {
        if (!Double.isFinite(value)) return "no number";
        String plain =
                BigDecimal.valueOf(value).round(SHOWN).stripTrailingZeros().toPlainString();
        return plain.replace('-', '−').replace('.', style.numbers().decimalSign());
    }
}
