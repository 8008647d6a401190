package didaxis.core.style;

import didaxis.core.quantity.Quantity;

/**
 * The letters and words of a style: the only place that holds them.
 *
 * @param voltageLetter what stands for a voltage in a formula: V, or E
 * @param voltage its word: "voltage", "potential difference"
 * @param whole what the resistance of the whole is called: "total", "equivalent", "effective"
 * @param totalIndex the index that stands for the whole in a formula
 */
public record Terms(String voltageLetter, String voltage, String whole, String totalIndex) {
    public static final Terms VOLTAGE = new Terms("V", "voltage", "total", "t");
    public static final Terms POTENTIAL_DIFFERENCE = new Terms("V", "potential difference", "effective", "eff");
    public static final Terms LETTER_E = new Terms("E", "voltage", "total", "t");
    public static final Terms EQUIVALENT = new Terms("V", "voltage", "equivalent", "eq");

    /** The letter of a quantity in a formula and over its column. */
    public String letter(Quantity quantity) {
        return quantity == Quantity.VOLTAGE ? voltageLetter : quantity.symbol();
    }

    /** The word of a quantity in a sentence. */
    public String word(Quantity quantity) {
        return quantity == Quantity.VOLTAGE ? voltage : quantity.word();
    }
}
