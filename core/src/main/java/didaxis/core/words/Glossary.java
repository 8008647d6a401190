package didaxis.core.words;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Terms of the field with a definition and the key phrases it is known by; common wording of the trade, in our own sentences. */
public enum Glossary {
    EMF(
            "emf",
            "The emf of a source is the energy that it gives to each unit of charge.",
            KeyPhrase.of(
                    "energy per charge",
                    "voltage across the terminals in an open circuit",
                    "voltage across the terminals without current"),
            KeyPhrase.of("source", "battery", "cell", "generator", "supply")),
    POTENTIAL_DIFFERENCE(
            "potential difference",
            "The potential difference between two points is the energy that each unit of charge gives up between them.",
            KeyPhrase.of("energy per charge"),
            KeyPhrase.of(
                    "between two points",
                    "from one point to another",
                    "between the ends",
                    "across a component",
                    "across a part",
                    "across the ends")),
    CURRENT(
            "current",
            "Current is the charge that passes a place per unit of time.",
            KeyPhrase.of("charge"),
            new KeyPhrase(
                    List.of("per unit of time", "rate", "by the time taken", "how fast", "how quickly"),
                    List.of("time per charge"))),
    RESISTANCE(
            "resistance",
            "Resistance is the ratio of the voltage across a part to the current through it.",
            KeyPhrase.of("voltage per current"),
            KeyPhrase.of("across", "between the ends", "between the terminals")),
    POWER(
            "power",
            "Power is the energy that is transferred per unit of time.",
            KeyPhrase.of("energy"),
            new KeyPhrase(
                    List.of("per unit of time", "rate", "by the time taken", "how fast", "how quickly"),
                    List.of("time per energy"))),
    CHARGE(
            "charge",
            "Charge is what passes with a current: the current times the time for which it flows.",
            KeyPhrase.of(
                    "current times time", "time times current", "product of current and time", "current for a time"),
            KeyPhrase.of("passes", "flows", "carried", "moves", "amount of electricity", "quantity of electricity")),
    INTERNAL_RESISTANCE(
            "internal resistance",
            "Internal resistance is the resistance of the source itself, at which a part of its voltage is lost when a"
                    + " current flows.",
            KeyPhrase.of(
                    "resistance inside the source",
                    "resistance within the source",
                    "resistance of the source",
                    "resistance inside the battery",
                    "resistance within the battery",
                    "resistance of the battery",
                    "resistance inside the cell",
                    "resistance within the cell",
                    "resistance of the cell"),
            KeyPhrase.of(
                    "lost volts",
                    "volts are lost",
                    "energy is lost",
                    "the voltage falls",
                    "opposes the current",
                    "heat")),
    OHMS_LAW(
            "Ohm's law",
            "The current through a part is directly proportional to the voltage across it, as long as its temperature is"
                    + " the same.",
            new KeyPhrase(
                    List.of(
                            "current proportional to voltage",
                            "voltage proportional to current",
                            "voltage and current proportional",
                            "current and voltage proportional"),
                    List.of("inversely proportional")),
            KeyPhrase.of(
                    "constant temperature", "temperature is constant", "fixed temperature", "temperature is fixed")),
    KILOWATT_HOUR(
            "kilowatt hour",
            "A kilowatt hour is the energy that one kilowatt takes in one hour.",
            KeyPhrase.of("energy"),
            new KeyPhrase(
                    List.of("kilowatt for one hour", "kilowatt times one hour", "3600 kilojoules", "megajoules"),
                    List.of("kilowatt per hour")));

    private final String term;
    private final String definition;
    private final List<KeyPhrase> phrases;

    Glossary(String term, String definition, KeyPhrase... phrases) {
        this.term = term;
        this.definition = definition;
        this.phrases = List.of(phrases);
    }

    public String term() {
        return term;
    }

    /** A model definition. */
    public String definition() {
        return definition;
    }

    /** What it earns a mark each for. */
    public List<KeyPhrase> phrases() {
        return phrases;
    }

    /** The entry of a term, however it is written; empty where there is none. */
    public static Optional<Glossary> of(String term) {
        String plain = Reader.normalised(term);
        return Arrays.stream(values())
                .filter(one -> Reader.normalised(one.term).equals(plain)
                        || one.term.toLowerCase(Locale.ROOT).equals(term.strip().toLowerCase(Locale.ROOT)))
                .findFirst();
    }
}
