package didaxis.core.wording;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import didaxis.core.formula.Symbols;
import didaxis.core.marking.Finding;
import didaxis.core.marking.NamedSlip;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.slip.Slip;
import java.util.EnumSet;
import java.util.Set;

/** Says a slip: its name, what it is for a teacher, and in one kind sentence for the learner what to do instead. */
public record SlipSentence(AmountFormat format, Symbols symbols) {
    /** Those of which it is told how the value is written, not how it was worked. */
    private static final Set<Slip> OF_WRITING = EnumSet.of(
            Slip.UNIT_OF_ANOTHER_QUANTITY,
            Slip.SIGN,
            Slip.PREFIX,
            Slip.DECIMAL_PLACE,
            Slip.CUT_OFF,
            Slip.DIGITS_SWAPPED,
            Slip.DIGIT_LEFT_OUT);

    /** "Parallel added as if in series". */
    public static String name(Slip slip) {
        return switch (slip) {
            case UNIT_OF_ANOTHER_QUANTITY -> "Unit of another quantity";
            case SIGN -> "Sign the other way";
            case PREFIX -> "Prefix lost or added";
            case DECIMAL_PLACE -> "Decimal point a place off";
            case CUT_OFF -> "Cut off instead of rounded";
            case RECIPROCAL_NOT_TURNED_OVER -> "Reciprocal not turned over";
            case PARALLEL_ADDED_AS_SERIES -> "Parallel added as if in series";
            case SERIES_COMBINED_AS_PARALLEL -> "Series combined as if in parallel";
            case PRODUCT_OVER_SUM_OF_THREE -> "Product over sum of more than two";
            case SUM_OVER_PRODUCT -> "Sum over product";
            case INTERNAL_RESISTANCE_LEFT_OUT -> "Internal resistance left out";
            case EMF_TAKEN_FOR_TERMINAL_VOLTAGE -> "Emf taken for the terminal voltage";
            case LOST_VOLTS_ADDED -> "Lost volts added to the emf";
            case WHOLE_SUPPLY_FOR_ONE_PART -> "Whole voltage used for one part";
            case VOLTAGE_SHARED_EQUALLY -> "Voltage shared equally by unequal parts";
            case SUPPLY_CURRENT_IN_EVERY_BRANCH -> "Whole current used in a branch";
            case CURRENT_SHARED_EQUALLY -> "Current shared equally by unequal branches";
            case LARGER_BRANCH_LARGER_CURRENT -> "Larger branch given the larger current";
            case SMALLER_PART_LARGER_VOLTAGE -> "Smaller part given the larger voltage";
            case OHMS_LAW_UPSIDE_DOWN -> "Ohm’s law upside down";
            case POWER_WITHOUT_SQUARE -> "Power without the square";
            case POWER_WITH_WRONG_SQUARE -> "Wrong thing squared in the power";
            case BRANCH_CURRENT_WITH_TOTAL_VOLTAGE -> "One row’s current with another row’s voltage";
            case MINUTES_FOR_SECONDS -> "Time not in seconds";
            case OPEN_SWITCH_TAKEN_FOR_CLOSED -> "Open switch taken for closed";
            case BYPASS_IGNORED -> "Bypass not seen";
            case EXCHANGED -> "Two values exchanged";
            case GROUP_GIVEN_FOR_PART -> "Group’s value given for a part";
            case NEIGHBOURS_ROW -> "Another row’s value";
            case ANOTHER_QUANTITY -> "Another quantity of the same row";
            case ANSWER_TO_ANOTHER_QUESTION -> "Answer to another question";
            case DIGITS_SWAPPED -> "Two digits swapped";
            case DIGIT_LEFT_OUT -> "A digit left out";
            case MEMBER_LEFT_OUT -> "One of several left out";
            case CHANGED_ON_THE_WAY -> "A number changed on the way";
            case ROUNDED_TOO_EARLY -> "Rounded too early";
            case SIZE_BEFORE_PLACE -> "Size of the resistance before its place";
            case CHAIN_TURNED_ROUND -> "Chain turned round";
            case THROUGH_AND_ACROSS -> "Through and across confused";
            case PARALLEL_ABOVE_SMALLEST_BRANCH -> "Parallel result above its smallest branch";
            case CURRENT_USED_UP -> "Current used up along the loop";
            case TWO_NUMBERS_FOR_ONE -> "Two numbers for one value";
        };
    }

    /** What is to be said of a slip in words. */
    static String inWords(Slip slip) {
        return slip == Slip.CURRENT_USED_UP ? "a current is not used up along its way" : told(slip);
    }

    /** What was done and what to do instead, after the sum that shows it. */
    private static String told(Slip slip) {
        return switch (slip) {
            case UNIT_OF_ANOTHER_QUANTITY -> "the unit belongs to another quantity";
            case SIGN -> "the size is right, the sign is the other way";
            case PREFIX -> "the digits are right, the prefix of the unit is not";
            case DECIMAL_PLACE -> "the digits are right, the decimal point is a place off";
            case CUT_OFF -> "the digits were cut off; look at the next one and round";
            case RECIPROCAL_NOT_TURNED_OVER -> "is still the reciprocal; turn it over at the end";
            case PARALLEL_ADDED_AS_SERIES ->
                "adds the branches as if they were in series; in parallel the result lies below the smallest branch";
            case SERIES_COMBINED_AS_PARALLEL ->
                "takes them as if they were in parallel; in series resistances simply add";
            case PRODUCT_OVER_SUM_OF_THREE -> "is product over sum of more than two; that holds for two at a time";
            case SUM_OVER_PRODUCT -> "is sum over product; it is the product that is divided by the sum";
            case INTERNAL_RESISTANCE_LEFT_OUT ->
                "leaves the internal resistance out; it is in series with all the rest";
            case EMF_TAKEN_FOR_TERMINAL_VOLTAGE ->
                "uses the emf; across the network stands the terminal voltage, which is less by the lost volts";
            case LOST_VOLTS_ADDED -> "adds the lost volts to the emf; they are taken off it";
            case WHOLE_SUPPLY_FOR_ONE_PART -> "gives it the whole voltage; parts in series share that";
            case VOLTAGE_SHARED_EQUALLY -> "shares the voltage equally; unequal parts share it as their resistances";
            case SUPPLY_CURRENT_IN_EVERY_BRANCH -> "gives the branch the whole current; branches share that";
            case CURRENT_SHARED_EQUALLY -> "shares the current equally; unequal branches do not get the same";
            case LARGER_BRANCH_LARGER_CURRENT ->
                "gives the larger resistance the larger current; it gets the smaller one";
            case SMALLER_PART_LARGER_VOLTAGE ->
                "gives the smaller resistance the larger voltage; it gets the smaller one";
            case OHMS_LAW_UPSIDE_DOWN -> "has the right quantities in the wrong places; V = I·R says where they stand";
            case POWER_WITHOUT_SQUARE -> "lacks the square; P = I²·R and P = V²/R";
            case POWER_WITH_WRONG_SQUARE -> "squares the wrong thing; P = V·I = I²·R = V²/R";
            case BRANCH_CURRENT_WITH_TOTAL_VOLTAGE ->
                "takes the voltage of one row with the current of another; both belong to the same one";
            case MINUTES_FOR_SECONDS -> "has the time in minutes or hours; it belongs there in seconds";
            case OPEN_SWITCH_TAKEN_FOR_CLOSED ->
                "is what it would be with the switch closed; nothing flows in an open branch";
            case BYPASS_IGNORED ->
                "is what it would be without the wire beside it; the current takes the way without resistance";
            case EXCHANGED -> "stands in the other place; the two are exchanged";
            case GROUP_GIVEN_FOR_PART -> "is the value of the whole group; asked is one of its parts";
            case NEIGHBOURS_ROW -> "is the value of another row";
            case ANOTHER_QUANTITY -> "is another quantity of the same row";
            case ANSWER_TO_ANOTHER_QUESTION -> "answers another question of this sheet";
            case DIGITS_SWAPPED -> "two digits stand in the wrong order";
            case DIGIT_LEFT_OUT -> "a digit is missing";
            case MEMBER_LEFT_OUT -> "leaves one out; all of them count";
            case CHANGED_ON_THE_WAY -> "goes on with a number that is not the one you had; copy it once more";
            case ROUNDED_TOO_EARLY -> "goes on with a value that was rounded too far; keep its figures until the end";
            case SIZE_BEFORE_PLACE ->
                "that is how the resistances compare; what counts first is where they stand in the circuit";
            case CHAIN_TURNED_ROUND -> "the links are right, from the end to the beginning; begin with what was done";
            case THROUGH_AND_ACROSS -> "a current is through a part, a voltage across it";
            case PARALLEL_ABOVE_SMALLEST_BRANCH ->
                "is a branch beside others; together they have less resistance than any of them";
            case CURRENT_USED_UP -> "comes before it in the same loop; a current is not used up along its way";
            case TWO_NUMBERS_FOR_ONE -> "is the same value; you have two numbers for it";
        };
    }

    /** Its name, and the sum that gives the answer. */
    public String toTeacher(NamedSlip slip) {
        String worked = worked(slip);
        return worked.isEmpty() ? name(slip.slip()) : name(slip.slip()) + ": " + worked;
    }

    /** The sum that gives the answer; empty where it is the right value, written in another way. */
    public String worked(NamedSlip slip) {
        return isReference(slip) ? "" : sum(slip);
    }

    /** What was done, with its numbers, and what to do instead, as it goes on after the right value. */
    public String toLearner(Finding.Slipped slipped) {
        NamedSlip slip = slipped.simplest();
        if (isReference(slip)) return meant(slip, slipped) + told(slip.slip()) + ".";
        String way = slip.at().equals(slipped.cell()) ? ". " : ". It comes of a step before: ";
        return way + sum(slip) + " " + told(slip.slip()) + ".";
    }

    /** The same without a number, to somebody who may try again, as it goes on after what was written. */
    static String toTryAgain(Finding.Slipped slipped) {
        NamedSlip slip = slipped.simplest();
        if (OF_WRITING.contains(slip.slip())) return ": " + told(slip.slip()) + ".";
        String way = slip.at().equals(slipped.cell()) ? ", which " : ". It comes of a step before, which ";
        return way + told(slip.slip()) + ".";
    }

    /** Whether it is the cell's own value that was written in another way. */
    private static boolean isReference(NamedSlip slip) {
        return slip.formula() instanceof Formula.Of of && of.cell().equals(slip.at());
    }

    private String meant(NamedSlip slip, Finding.Slipped slipped) {
        String truth = amount(slipped.cell(), slipped.expected());
        String meant = amount(slip.at(), slip.value());
        return meant.equals(truth) ? ": " : "; your own values lead to " + meant + ": ";
    }

    private String sum(NamedSlip slip) {
        return new PrintedSum(slip.at(), slip.formula(), slip.inputs(), format, symbols).text();
    }

    private String amount(Cell cell, double si) {
        return format.print(Amount.of(si, cell.quantity()));
    }
}
