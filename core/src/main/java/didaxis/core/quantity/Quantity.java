package didaxis.core.quantity;

import java.util.Locale;

/** What a number is an amount of. Symbols and units after ISO 80000-3 and ISO 80000-6. */
public enum Quantity {
    RESISTANCE("R", "Ω", "a resistance", "ohm", "ohms", "R"),
    VOLTAGE("V", "V", "a voltage", "volt", "volts"),
    CURRENT("I", "A", "a current", "amp", "amps", "ampere", "amperes"),
    POWER("P", "W", "a power", "watt", "watts"),
    POTENTIAL("φ", "V", "a potential", "volt", "volts"),
    CHARGE("Q", "C", "a charge", "coulomb", "coulombs"),
    TIME("t", "s", "a time", "second", "seconds", "sec", "secs"),
    ENERGY("W", "J", "an energy", "joule", "joules"),
    /** Money, in whatever currency the tariff is told. */
    COST("c", "", "a cost");

    private final String symbol;
    private final String unit;
    private final String phrase;
    private final String[] unitWords;

    Quantity(String symbol, String unit, String phrase, String... unitWords) {
        this.symbol = symbol;
        this.unit = unit;
        this.phrase = phrase;
        this.unitWords = unitWords;
    }

    /** The letter it has in a formula: R, V, I, P, φ. */
    public String symbol() {
        return symbol;
    }

    /** The symbol of its SI unit: Ω, V, A, W. */
    public String unit() {
        return unit;
    }

    /** Its name with an article, as used in a sentence: "a current". */
    public String phrase() {
        return phrase;
    }

    /** Its name in lower case: "current". */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    String[] unitWords() {
        return unitWords.clone();
    }
}
