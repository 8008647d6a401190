package didaxis.core.slip;

import didaxis.core.law.Structure;
import didaxis.core.quantity.Reading;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * The catalogue of slips, the simplest first: where several give a number, the first is named. To add one, write down where
 * it can happen and its wrong formula, and one line here; the compiler asks for its sentences. Those without a formula are
 * seen by what stands elsewhere on the sheet. Common practice, what teachers see year after year.
 */
public enum Slip {
    UNIT_OF_ANOTHER_QUANTITY,
    SIGN(factors(-1)),
    PREFIX(factors(1e3, 1e-3, 1e6, 1e-6)),
    DECIMAL_PLACE(factors(10, 0.1)),
    CUT_OFF,
    RECIPROCAL_NOT_TURNED_OVER(Sort.IDEA, CombinedWrongly::reciprocalLeft),
    PARALLEL_ADDED_AS_SERIES(Sort.IDEA, CombinedWrongly::addedInParallel),
    SERIES_COMBINED_AS_PARALLEL(Sort.IDEA, CombinedWrongly::parallelInSeries),
    PRODUCT_OVER_SUM_OF_THREE(Sort.IDEA, CombinedWrongly::productOverSumOfThree),
    SUM_OVER_PRODUCT(Sort.IDEA, CombinedWrongly::sumOverProduct),
    INTERNAL_RESISTANCE_LEFT_OUT(Sort.IDEA, SourceTakenWrongly::internalLeftOut),
    EMF_TAKEN_FOR_TERMINAL_VOLTAGE(Sort.IDEA, SourceTakenWrongly::emfForTerminal),
    LOST_VOLTS_ADDED(Sort.FORMULA, SourceTakenWrongly::lostVoltsAdded),
    WHOLE_SUPPLY_FOR_ONE_PART(Sort.IDEA, SharedWrongly::wholeVoltage),
    VOLTAGE_SHARED_EQUALLY(Sort.IDEA, SharedWrongly::equalVoltages),
    SUPPLY_CURRENT_IN_EVERY_BRANCH(Sort.IDEA, SharedWrongly::wholeCurrent),
    CURRENT_SHARED_EQUALLY(Sort.IDEA, SharedWrongly::equalCurrents),
    LARGER_BRANCH_LARGER_CURRENT(Sort.IDEA, SharedWrongly::moreForTheLarger),
    SMALLER_PART_LARGER_VOLTAGE(Sort.FORMULA, SharedWrongly::moreForTheSmaller),
    EXCHANGED,
    OHMS_LAW_UPSIDE_DOWN(Sort.IDEA, LawUpsideDown::ohm),
    POWER_WITHOUT_SQUARE(Sort.IDEA, LawUpsideDown::withoutSquare),
    POWER_WITH_WRONG_SQUARE(Sort.FORMULA, LawUpsideDown::wrongSquare),
    BRANCH_CURRENT_WITH_TOTAL_VOLTAGE(Sort.FORMULA, SharedWrongly::mixed),
    MINUTES_FOR_SECONDS(Sort.FORMULA, LawUpsideDown::minutesForSeconds),
    OPEN_SWITCH_TAKEN_FOR_CLOSED(Sort.FORMULA, OtherCircuit::openCounted),
    BYPASS_IGNORED(Sort.FORMULA, OtherCircuit::bypassIgnored),
    GROUP_GIVEN_FOR_PART(Sort.PLACE, OtherRow::groupForPart),
    NEIGHBOURS_ROW(Sort.PLACE, OtherRow::neighbour),
    ANOTHER_QUANTITY(Sort.PLACE, OtherRow::otherQuantity),
    ANSWER_TO_ANOTHER_QUESTION,
    DIGITS_SWAPPED(Digits::swapped),
    DIGIT_LEFT_OUT(Digits::leftOut),
    MEMBER_LEFT_OUT(Sort.IDEA, CombinedWrongly::memberLeftOut),
    CHANGED_ON_THE_WAY,
    ROUNDED_TOO_EARLY,
    SIZE_BEFORE_PLACE,
    CHAIN_TURNED_ROUND,
    THROUGH_AND_ACROSS,
    PARALLEL_ABOVE_SMALLEST_BRANCH,
    CURRENT_USED_UP,
    TWO_NUMBERS_FOR_ONE;

    /** What lies behind a slip. */
    public enum Sort {
        /** How a circuit is thought of: errors are likely to start so, and it is carried on into all that rests on it. */
        IDEA,
        /** Which formula was taken, or which circuit was seen. */
        FORMULA,
        /** Which number was taken. */
        PLACE,
        /** How a number was written. */
        PEN,
        /** Seen by what stands elsewhere on the sheet. */
        SHEET
    }

    /** Whether a number as it is read is another, but for this slip. */
    private interface Likeness {
        boolean is(Reading.Read read, double value);
    }

    private final Sort sort;
    private final Function<Places, Stream<Twin>> twins;
    private final Likeness likeness;
    private final List<Double> factors;

    Slip() {
        this(Sort.SHEET, places -> Stream.empty(), (read, value) -> false, List.of());
    }

    Slip(Sort sort, Function<Places, Stream<Twin>> twins) {
        this(sort, twins, (read, value) -> false, List.of());
    }

    Slip(Likeness likeness) {
        this(Sort.PEN, places -> Stream.empty(), likeness, List.of());
    }

    Slip(List<Double> factors) {
        this(Sort.PEN, places -> Stream.empty(), (read, value) -> false, factors);
    }

    Slip(Sort sort, Function<Places, Stream<Twin>> twins, Likeness likeness, List<Double> factors) {
        this.sort = sort;
        this.twins = twins;
        this.likeness = likeness;
        this.factors = factors;
    }

    private static List<Double> factors(double... factors) {
        return Arrays.stream(factors).boxed().toList();
    }

    public Sort sort() {
        return sort;
    }

    /** What a value is multiplied by where this is made of it; none where it is no matter of that. */
    public List<Double> factors() {
        return factors;
    }

    /** Whether a number as it is read is this value, but for its digits. */
    public boolean made(Reading.Read read, double value) {
        return Double.isFinite(value) && value != 0 && likeness.is(read, value);
    }

    /** Every wrong twin that a circuit has, the simplest slips first. */
    public static Stream<Twin> twins(Structure structure) {
        return Arrays.stream(values()).flatMap(slip -> slip.twins.apply(new Places(slip, structure)));
    }
}
