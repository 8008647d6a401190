package didaxis.server.circuit;

import didaxis.core.quantity.Precision;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.HouseStyle.CurrentArrow;
import didaxis.core.style.HouseStyle.FoldingOrder;
import didaxis.core.style.HouseStyle.ParallelForm;
import didaxis.core.style.HouseStyle.ResistorSymbol;
import didaxis.server.config.Problem;
import java.util.ArrayList;
import java.util.List;

/**
 * A house style to choose, in JSON.
 *
 * @param summary what tells it from the others, in one line
 * @param traits what it is, a phrase each
 */
public record StyleView(String name, String summary, List<String> traits) {
    static StyleView of(HouseStyle style) {
        List<String> traits = new ArrayList<>();
        Precision precision = style.numbers().precision();
        String digits = precision.kind() == Precision.Kind.FIGURES ? " significant figures" : " decimals";
        traits.add(precision.digits() + digits);
        traits.add(style.numbers().decimalSign() == ',' ? "decimal comma" : "decimal point");
        traits.add(style.carryRounded() ? "rounded values carried on" : "full precision carried on");
        traits.add(
                style.terms().letter(Quantity.VOLTAGE) + " for " + style.terms().word(Quantity.VOLTAGE));
        traits.add(style.terms().whole() + " resistance");
        traits.add(style.resistor() == ResistorSymbol.ZIGZAG ? "zigzag resistors" : "rectangular resistors");
        traits.add(style.arrow() == CurrentArrow.ELECTRON_FLOW ? "electron flow" : "conventional current");
        traits.add(style.parallelForm() == ParallelForm.PRODUCT_OVER_SUM ? "product over sum" : "sum of reciprocals");
        traits.add(
                style.foldingOrder() == FoldingOrder.SERIES_FIRST ? "series folded first" : "innermost folded first");
        traits.add(style.groupPowers() ? "groups have a power" : "groups have no power");
        return new StyleView(style.name(), summary(style), traits);
    }

    /** "V · 3 figures · decimal point · rectangles · full values carried". */
    private static String summary(HouseStyle style) {
        Precision precision = style.numbers().precision();
        return String.join(
                " · ",
                style.terms().letter(Quantity.VOLTAGE),
                precision.digits() + (precision.kind() == Precision.Kind.FIGURES ? " figures" : " decimals"),
                style.numbers().decimalSign() == ',' ? "decimal comma" : "decimal point",
                style.resistor() == ResistorSymbol.ZIGZAG ? "zigzags" : "rectangles",
                style.carryRounded() ? "rounded values carried" : "full values carried");
    }

    /**
     * The style of this name; the first preset where none is named.
     *
     * @throws Problem if there is none of this name
     */
    public static HouseStyle named(String name) {
        if (name == null || name.isEmpty()) return HouseStyle.PRESETS.get(0);
        return HouseStyle.named(name).orElseThrow(() -> {
            String known = String.join(
                    ", ", HouseStyle.PRESETS.stream().map(HouseStyle::name).toList());
            return Problem.badRequest("There is no style “" + name + "”; known are " + known + ".");
        });
    }
}
