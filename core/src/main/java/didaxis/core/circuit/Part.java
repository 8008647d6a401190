package didaxis.core.circuit;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** One part: its label ("R1"), or the name it has instead ("X"), kind, setting and rating. */
public record Part(String label, PartKind kind, Setting setting, Rating rating) implements Network {
    private static final Pattern LABEL = Pattern.compile("([A-Z]{1,2})[0-9]+");
    private static final Pattern NAME = Pattern.compile("\\p{L}[\\p{L}\\p{N}]*");

    public Part {
        Matcher numbered = LABEL.matcher(label);
        boolean ofOther = numbered.matches()
                && PartKind.ofLetters(numbered.group(1))
                        .filter(other -> other != kind)
                        .isPresent();
        if (kind != PartKind.EQUIVALENT && (ofOther || !NAME.matcher(label).matches())) {
            throw new IllegalArgumentException("label of a " + kind.word() + " (" + label + ") must be "
                    + kind.letters() + " and digits, or a word");
        }
        boolean fits = switch (kind.takes()) {
            case OHMS -> setting instanceof Setting.Ohms;
            case POSITION -> setting instanceof Setting.Position;
            // A fuse of which no rating is told never opens.
            case AMPERES -> setting instanceof Setting.Amperes || setting instanceof Setting.None;
            case NOTHING -> setting instanceof Setting.None;
        };
        boolean nothing = setting instanceof Setting.Ohms ohms && ohms.ohms() == 0;
        if (nothing && !kind.mayBeZero())
            throw new IllegalArgumentException("resistance of " + label + " in Ω (0) must be > 0");
        boolean faulty = setting instanceof Setting.Fault && kind.takes() != PartKind.Takes.POSITION;
        if (!fits && !faulty)
            throw new IllegalArgumentException("setting of " + label + " (" + setting + ") must suit a " + kind.word());
    }

    /** A resistor without a rating. */
    public static Part resistor(String label, double ohms) {
        return new Part(label, PartKind.RESISTOR, new Setting.Ohms(ohms), Rating.NONE);
    }

    /** A folded group as one resistance, named as its row in the chart. */
    public static Part equivalent(String group, double ohms) {
        return new Part(group, PartKind.EQUIVALENT, new Setting.Ohms(ohms), Rating.NONE);
    }

    /** A part of a kind as it is first put into a circuit, with a usual setting. */
    public static Part usual(PartKind kind, String label) {
        Setting setting = switch (kind.takes()) {
            case OHMS -> new Setting.Ohms(10);
            case POSITION -> Setting.Position.CLOSED;
            case AMPERES -> new Setting.Amperes(5);
            case NOTHING -> new Setting.None();
        };
        return new Part(label, kind, setting, Rating.NONE);
    }

    /** The same part by another name. */
    public Part called(String name) {
        return new Part(name, kind, setting, rating);
    }

    /** The same part set otherwise. */
    public Part with(Setting other) {
        return new Part(label, kind, other, rating);
    }

    /** Its resistance in ohms; 0 for what is an ideal wire, infinite for an open switch or a gap. */
    public double resistance() {
        if (setting instanceof Setting.Ohms ohms) return ohms.ohms();
        return setting == Setting.Position.OPEN || setting == Setting.Fault.OUT ? Double.POSITIVE_INFINITY : 0;
    }
}
