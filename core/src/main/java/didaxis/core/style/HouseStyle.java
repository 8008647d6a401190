package didaxis.core.style;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import java.util.List;
import java.util.Optional;

/**
 * A school's conventions. The same circuit in another style has the same values; only how it is drawn,
 * worked, worded and printed differs.
 *
 * @param name what the style is called
 * @param numbers figures or decimals, and the decimal sign
 * @param carryRounded whether each result is rounded before it is put into the next step
 * @param columns the chart's columns in their order: resistance, voltage, current and power, once each
 * @param groupPowers whether a group, which is no real part, has a power of its own in the chart
 */
public record HouseStyle(
        String name,
        AmountFormat numbers,
        boolean carryRounded,
        List<Quantity> columns,
        Terms terms,
        ResistorSymbol resistor,
        CurrentArrow arrow,
        ParallelForm parallelForm,
        FoldingOrder foldingOrder,
        boolean groupPowers) {

    /** How a resistor is drawn: the rectangle of IEC 60617, or the zigzag of IEEE 315. */
    public enum ResistorSymbol {
        RECTANGLE,
        ZIGZAG
    }

    /** Which way the arrows of a current point: from plus to minus, or as the electrons drift. */
    public enum CurrentArrow {
        CONVENTIONAL,
        ELECTRON_FLOW
    }

    /** How two in parallel are worked out: by the sum of the reciprocals, or by product over sum. */
    public enum ParallelForm {
        RECIPROCAL_SUM,
        PRODUCT_OVER_SUM
    }

    /** What is folded first: all that is in series, then all in parallel, again and again; or the innermost. */
    public enum FoldingOrder {
        SERIES_FIRST,
        INNERMOST_FIRST
    }

    private static final List<Quantity> USUAL_COLUMNS =
            List.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER);

    /** Three figures, full precision carried, rectangles, series first. */
    public static final HouseStyle RIDGE = new HouseStyle(
            "ridge",
            AmountFormat.STANDARD,
            false,
            USUAL_COLUMNS,
            Terms.VOLTAGE,
            ResistorSymbol.RECTANGLE,
            CurrentArrow.CONVENTIONAL,
            ParallelForm.RECIPROCAL_SUM,
            FoldingOrder.SERIES_FIRST,
            true);

    /** Decimal comma, potential difference and effective resistance, groups without power, innermost first. */
    public static final HouseStyle VALLEY = new HouseStyle(
            "valley",
            new AmountFormat(',', Precision.figures(3)),
            false,
            List.of(Quantity.RESISTANCE, Quantity.CURRENT, Quantity.VOLTAGE, Quantity.POWER),
            Terms.POTENTIAL_DIFFERENCE,
            ResistorSymbol.RECTANGLE,
            CurrentArrow.CONVENTIONAL,
            ParallelForm.RECIPROCAL_SUM,
            FoldingOrder.INNERMOST_FIRST,
            false);

    /** Two decimals carried rounded, E for every voltage, zigzags, electron flow, product over sum. */
    public static final HouseStyle FORGE = new HouseStyle(
            "forge",
            new AmountFormat('.', Precision.decimals(2)),
            true,
            List.of(Quantity.VOLTAGE, Quantity.CURRENT, Quantity.RESISTANCE, Quantity.POWER),
            Terms.LETTER_E,
            ResistorSymbol.ZIGZAG,
            CurrentArrow.ELECTRON_FLOW,
            ParallelForm.PRODUCT_OVER_SUM,
            FoldingOrder.SERIES_FIRST,
            true);

    /** Four figures, equivalent resistance, zigzags, product over sum, innermost first. */
    public static final HouseStyle SPRING = new HouseStyle(
            "spring",
            new AmountFormat('.', Precision.figures(4)),
            false,
            List.of(Quantity.VOLTAGE, Quantity.CURRENT, Quantity.RESISTANCE, Quantity.POWER),
            Terms.EQUIVALENT,
            ResistorSymbol.ZIGZAG,
            CurrentArrow.CONVENTIONAL,
            ParallelForm.PRODUCT_OVER_SUM,
            FoldingOrder.INNERMOST_FIRST,
            true);

    /** The styles to choose from; the first is meant where none is named. */
    public static final List<HouseStyle> PRESETS = List.of(RIDGE, VALLEY, FORGE, SPRING);

    public HouseStyle {
        columns = List.copyOf(columns);
        if (columns.size() != USUAL_COLUMNS.size() || !columns.containsAll(USUAL_COLUMNS)) {
            throw new IllegalArgumentException(
                    "columns (" + columns + ") must be resistance, voltage, current and power, once each");
        }
    }

    /** The same with two in parallel worked out in another form. */
    public HouseStyle with(ParallelForm other) {
        return new HouseStyle(
                name, numbers, carryRounded, columns, terms, resistor, arrow, other, foldingOrder, groupPowers);
    }

    /** What a typed text means as an amount of this quantity, under this style's decimal sign and words. */
    public Reading read(String typed, Quantity quantity) {
        return numbers.read(typed, quantity, terms.word(quantity));
    }

    /** The preset of this name. */
    public static Optional<HouseStyle> named(String name) {
        return PRESETS.stream().filter(style -> style.name.equals(name)).findFirst();
    }
}
