package didaxis.core.wording;

import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import java.util.List;

/** The formulas that learners are given, in the letters of a style, as HTML; a quotient as in {@code FormulaHtml}. */
public record DataSheet(HouseStyle style) {
    /** What a formula is of, and the formula. */
    public record Line(String of, String html) {}

    /** In the order in which they are taught. */
    public List<Line> lines() {
        String v = letter(Quantity.VOLTAGE);
        String i = letter(Quantity.CURRENT);
        String r = letter(Quantity.RESISTANCE);
        String p = letter(Quantity.POWER);
        String t = letter(Quantity.TIME);
        String whole = r + "<sub>" + style.terms().totalIndex() + "</sub>";
        return List.of(
                new Line("Ohm’s law", v + " = " + i + " × " + r),
                new Line("Resistances in series", whole + " = " + summed(r)),
                new Line("Resistances in parallel", parallel(whole, r)),
                new Line(capital(style.terms().word(Quantity.VOLTAGE)) + "s in series", v + " = " + summed(v)),
                new Line("Currents at a junction", i + " = " + summed(i)),
                new Line("A source with internal resistance", "<i>E</i> = " + i + " × (" + r + " + <i>r</i>)"),
                new Line(
                        "Power",
                        p + " = " + v + " × " + i + " = " + i + "<sup>2</sup> × " + r + " = "
                                + over(v + "<sup>2</sup>", r)),
                new Line("Charge", letter(Quantity.CHARGE) + " = " + i + " × " + t),
                new Line("Energy", letter(Quantity.ENERGY) + " = " + p + " × " + t));
    }

    private String letter(Quantity quantity) {
        return "<i>" + style.terms().letter(quantity) + "</i>";
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }

    private static String summed(String letter) {
        return letter + "<sub>1</sub> + " + letter + "<sub>2</sub> + …";
    }

    private String parallel(String whole, String r) {
        String one = r + "<sub>1</sub>";
        String two = r + "<sub>2</sub>";
        String reciprocals = over("1", whole) + " = " + over("1", one) + " + " + over("1", two) + " + …";
        return style.parallelForm() == HouseStyle.ParallelForm.RECIPROCAL_SUM
                ? reciprocals
                : whole + " = " + over(one + " × " + two, one + " + " + two) + " (two), " + reciprocals;
    }

    private static String over(String above, String below) {
        return "<span class=\"fraction\"><span class=\"over\">" + above + "</span><span class=\"under\">" + below
                + "</span></span>";
    }
}
