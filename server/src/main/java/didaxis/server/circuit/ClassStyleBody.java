package didaxis.server.circuit;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.ClassStyle;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.HouseStyle.CurrentArrow;
import didaxis.core.style.HouseStyle.FoldingOrder;
import didaxis.core.style.HouseStyle.ParallelForm;
import didaxis.core.style.HouseStyle.ResistorSymbol;
import didaxis.core.style.MarkingStyle;
import didaxis.core.style.Terms;
import didaxis.core.style.Tolerance;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * A class's own style in JSON: how its circuits are drawn, its numbers written, and its answers marked.
 *
 * @param name what the class calls it
 * @param rounding whether digits counts significant figures, or decimals
 * @param carryRounded whether each result is rounded before it is used
 * @param columns of the chart in their order
 * @param voltageLetter what stands for a voltage in a formula
 * @param voltageWord what it is called
 * @param whole what the resistance of the whole is called
 * @param groupPowers whether groups have a power in the chart
 * @param unitRequired whether a number without a unit loses a mark
 * @param unitWords whether a unit may be a word, such as amps
 * @param followThrough whether what follows from an earlier error earns
 * @param answerAlone whether a right answer earns all without its working; it does where this is left out
 * @param tolerance in per cent
 */
public record ClassStyleBody(
        String name,

        @Schema(allowableValues = {".", ","}) String decimalSign,

        @Schema(allowableValues = {"figures", "decimals"}) String rounding,

        int digits,
        boolean carryRounded,
        List<String> columns,

        @Schema(allowableValues = {"V", "E", "U"}) String voltageLetter,

        @Schema(allowableValues = {"voltage", "potential difference"})
        String voltageWord,

        @Schema(allowableValues = {"total", "equivalent", "effective"})
        String whole,

        @Schema(allowableValues = {"rectangle", "zigzag"}) String resistor,

        @Schema(allowableValues = {"conventional", "electron-flow"})
        String arrow,

        @Schema(allowableValues = {"reciprocal-sum", "product-over-sum"})
        String parallelForm,

        @Schema(allowableValues = {"series-first", "innermost-first"})
        String foldingOrder,

        boolean groupPowers,
        boolean unitRequired,
        boolean unitWords,
        boolean followThrough,
        @Schema(types = {"boolean", "null"}) Boolean answerAlone,
        double tolerance,
        int leastFigures) {
    private static final int LONGEST_NAME = 60;
    private static final Map<String, String> INDEX = Map.of("total", "t", "equivalent", "eq", "effective", "eff");

    /** A style as JSON. */
    public static ClassStyleBody of(ClassStyle style) {
        HouseStyle house = style.house();
        MarkingStyle marking = style.marking();
        Precision precision = house.numbers().precision();
        return new ClassStyleBody(
                house.name(),
                String.valueOf(house.numbers().decimalSign()),
                word(precision.kind()),
                precision.digits(),
                house.carryRounded(),
                house.columns().stream().map(Quantity::word).toList(),
                house.terms().voltageLetter(),
                house.terms().voltage(),
                house.terms().whole(),
                word(house.resistor()),
                word(house.arrow()),
                word(house.parallelForm()),
                word(house.foldingOrder()),
                house.groupPowers(),
                marking.unitRequired(),
                marking.unitWords(),
                marking.followThrough(),
                marking.answerAlone(),
                marking.tolerance().relative() * 100,
                marking.leastFigures());
    }

    /**
     * The style that this means.
     *
     * @throws Problem if a setting is none of those there are
     */
    public ClassStyle style() {
        try {
            if (name == null || name.isBlank() || name.strip().length() > LONGEST_NAME)
                throw new IllegalArgumentException("name must be 1 to " + LONGEST_NAME + " characters");
            if (decimalSign == null || decimalSign.length() != 1)
                throw new IllegalArgumentException("decimal sign (" + decimalSign + ") must be . or ,");
            if (!Set.of("V", "E", "U").contains(voltageLetter == null ? "" : voltageLetter))
                throw new IllegalArgumentException("voltage letter (" + voltageLetter + ") must be V, E or U");
            if (!INDEX.containsKey(whole == null ? "" : whole))
                throw new IllegalArgumentException("whole (" + whole + ") must be one of " + INDEX.keySet());
            if (!Set.of("voltage", "potential difference").contains(voltageWord == null ? "" : voltageWord))
                throw new IllegalArgumentException(
                        "voltage word (" + voltageWord + ") must be voltage or potential difference");
            Precision precision = one(Precision.Kind.class, rounding) == Precision.Kind.FIGURES
                    ? Precision.figures(digits)
                    : Precision.decimals(digits);
            AmountFormat numbers = new AmountFormat(decimalSign.charAt(0), precision);
            HouseStyle house = new HouseStyle(
                    name.strip(),
                    numbers,
                    carryRounded,
                    columns == null
                            ? List.of()
                            : columns.stream()
                                    .map(word -> one(Quantity.class, word))
                                    .toList(),
                    new Terms(voltageLetter, voltageWord, whole, INDEX.get(whole)),
                    one(ResistorSymbol.class, resistor),
                    one(CurrentArrow.class, arrow),
                    one(ParallelForm.class, parallelForm),
                    one(FoldingOrder.class, foldingOrder),
                    groupPowers);
            return new ClassStyle(
                    house,
                    new MarkingStyle(
                            new Tolerance(tolerance / 100),
                            leastFigures,
                            numbers,
                            unitRequired,
                            unitWords,
                            followThrough,
                            !Boolean.FALSE.equals(answerAlone)));
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("This style cannot be used: " + e.getMessage() + ".");
        }
    }

    private static String word(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static <E extends Enum<E>> E one(Class<E> kind, String word) {
        for (E one : kind.getEnumConstants()) if (word(one).equals(word)) return one;
        throw new IllegalArgumentException("“" + word + "” must be a known " + kind.getSimpleName());
    }
}
