package didaxis.core.circuit;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The kinds of part: the letters of their labels, their name, and what a value of one says. Whatever reads, composes or
 * lists parts goes by this list; a new kind also needs a symbol, which the compiler asks for.
 */
public enum PartKind {
    RESISTOR("R", "resistor", Takes.OHMS),
    LAMP("L", "lamp", Takes.OHMS),
    HEATER("H", "heater", Takes.OHMS),
    VARIABLE_RESISTOR("VR", "variable resistor", Takes.OHMS),
    SWITCH("S", "switch", Takes.POSITION),
    AMMETER("A", "ammeter", Takes.NOTHING),
    FUSE("F", "fuse", Takes.AMPERES),
    LINK("W", "wire link", Takes.NOTHING),
    /** A folded group seen as one resistance; it stands in redraws only and has no letters to be typed with. */
    EQUIVALENT("", "equivalent resistance", Takes.OHMS);

    /** What stands behind '=' for a kind. */
    public enum Takes {
        OHMS,
        POSITION,
        AMPERES,
        NOTHING
    }

    /** The kinds a circuit is typed and composed of. */
    public static final List<PartKind> TYPED = List.of(values()).subList(0, values().length - 1);

    /** A label of any kind, its letters the first group and its number the second. */
    public static final Pattern LABEL = Pattern.compile(TYPED.stream()
            .map(PartKind::letters)
            .sorted(Comparator.comparingInt(String::length).reversed())
            .collect(Collectors.joining("|", "(", ")([0-9]{0,6})")));

    private final String letters;
    private final String word;
    private final Takes takes;

    PartKind(String letters, String word, Takes takes) {
        this.letters = letters;
        this.word = word;
        this.takes = takes;
    }

    /** The letters of all kinds, as a sentence lists them: "R, L, H, VR, S, A, F or W". */
    public static String allLetters() {
        String all = TYPED.stream().map(PartKind::letters).collect(Collectors.joining(", "));
        int last = all.lastIndexOf(", ");
        return all.substring(0, last) + " or " + all.substring(last + 2);
    }

    /** The letters its labels begin with. */
    public String letters() {
        return letters;
    }

    /** Its name in a sentence. */
    public String word() {
        return word;
    }

    /** Whether it has a resistance of its own, as a resistor, lamp or heater has. */
    public boolean resistive() {
        return takes == Takes.OHMS;
    }

    /** Whether it may have no resistance at all: a placeholder, or a slider at its end. */
    public boolean mayBeZero() {
        return this == RESISTOR || this == VARIABLE_RESISTOR || this == EQUIVALENT;
    }

    public Takes takes() {
        return takes;
    }

    public static Optional<PartKind> ofLetters(String letters) {
        for (PartKind kind : TYPED) {
            if (kind.letters.equals(letters)) return Optional.of(kind);
        }
        return Optional.empty();
    }
}
