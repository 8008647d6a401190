package didaxis.core.notation;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Rating;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The text form of a circuit, and its exchange form.
 *
 * <pre>
 * circuit := source ':' network
 * source  := EMF ['r=' OHMS]  |  VOLTMETER '[' source ']'
 * network := term {'+' term}                 series
 * term    := factor {'||' factor}            parallel; binds tighter than '+'; '∥' means '||'
 * factor  := part | '(' network ')' | VOLTMETER '[' network ']' | point
 * part    := LABEL '=' VALUE ['{' rating '}'] | LABEL | VALUE
 * point   := '.' and a capital letter
 * </pre>
 *
 * For VALUE any part but a switch may have {@code out} (taken out, or blown: a gap) or {@code short} (a wire).
 *
 * Read: {@code 16 V : R1=5 + (R2=12 || R3=4)}, {@code 9 V r=0.5 : A1 + S1=open + V1[L1=6{6 V, 3 W}] + .B + R1=4k7}.
 * Refused: {@code 16 V : R1=5 +} (a part is missing), {@code 16 V : R1=5 + R1=4} (a name stands twice),
 * {@code 16 V : R1} (a resistance is missing). A bare value is a resistor that takes the next free label; R₁ is R1.
 * Printing is canonical: parse(print(x)) equals x.
 */
public final class Notation {
    private Notation() {}

    /** What a text was parsed to. */
    public sealed interface Result {
        /**
         * The circuit.
         *
         * @param alone meters and switches that stand beside a '||' in a row without brackets, and so in one branch with
         *     nothing else
         */
        record Parsed(Circuit circuit, List<String> alone) implements Result {
            @Override
            public <T> T match(Function<Parsed, T> parsed, Function<Refused, T> refused) {
                return parsed.apply(this);
            }
        }

        /** Where it could not be read: line and column from 1, what stands there, what would be right. */
        record Refused(int line, int column, String found, String expected) implements Result {
            /** The place and the remedy in one sentence. */
            public String sentence() {
                return "expected " + expected + " at line " + line + ", column " + column + "; found " + found;
            }

            @Override
            public <T> T match(Function<Parsed, T> parsed, Function<Refused, T> refused) {
                return refused.apply(this);
            }
        }

        /** One function a case. */
        <T> T match(Function<Parsed, T> parsed, Function<Refused, T> refused);
    }

    /** Reads a circuit with a point as decimal sign; never throws for what was typed. */
    public static Result parse(String text) {
        return parse(text, '.');
    }

    /** Reads a circuit; a point is always a decimal sign, and 4,7 is 4.7; 1,250 is 1.25 where the comma is one too. */
    public static Result parse(String text, char decimalSign) {
        try {
            NotationParser parser = new NotationParser(text, decimalSign);
            return new Result.Parsed(parser.circuit(), parser.alone());
        } catch (NotationTokens.Refusal refusal) {
            return refusal.refused();
        }
    }

    /**
     * Reads a circuit of our own making.
     *
     * @throws IllegalArgumentException if the text cannot be read
     */
    public static Circuit circuit(String text) {
        return parse(text).match(Result.Parsed::circuit, refused -> {
            throw new IllegalArgumentException(refused.sentence());
        });
    }

    /** The canonical text; brackets every mix of '+' and '||'. */
    public static String print(Circuit circuit) {
        StringBuilder text = new StringBuilder();
        Source source = circuit.source();
        source.voltmeters().forEach(meter -> text.append(meter).append('['));
        text.append(setting(source));
        text.append("]".repeat(source.voltmeters().size())).append(" : ");
        Deque<Object> waiting = new ArrayDeque<>();
        waiting.push(circuit.network());
        boolean bracketed = true;
        while (!waiting.isEmpty()) {
            Object next = waiting.pop();
            if (next instanceof Series series) push(waiting, series.members(), " + ", bracketed);
            else if (next instanceof Parallel parallel) push(waiting, parallel.members(), " || ", bracketed);
            else if (next instanceof Metered metered) {
                waiting.push("]");
                waiting.push(metered.stretch());
                waiting.push(metered.voltmeter() + "[");
            } else text.append(leaf(next));
            // A mix directly inside brackets of a voltmeter, or at the very start, needs none of its own.
            bracketed = next instanceof String s && s.endsWith("[");
        }
        return text.toString();
    }

    /** What a source is set to: "9 V r=0.5". */
    public static String setting(Source source) {
        String emf = AmountFormat.exactly(source.emf()) + " V";
        return source.internalResistance() > 0 ? emf + " r=" + AmountFormat.exactly(source.internalResistance()) : emf;
    }

    /** What a part is set to and rated for, as it stands behind its '=': "4.7k", "open", "6{6 V, 3 W}"; empty where there is nothing. */
    public static String setting(Part part) {
        String setting = setting(part.setting());
        return (setting.isEmpty() ? "" : setting.substring(1)) + rating(part.rating());
    }

    private static void push(Deque<Object> waiting, List<Network> members, String between, boolean bracketed) {
        if (!bracketed) waiting.push(")");
        for (int i = members.size() - 1; i >= 0; i--) {
            waiting.push(members.get(i));
            if (i > 0) waiting.push(between);
        }
        if (!bracketed) waiting.push("(");
    }

    private static String leaf(Object leaf) {
        if (leaf instanceof Part part) return part.label() + setting(part.setting()) + rating(part.rating());
        return leaf instanceof Point point ? "." + point.name() : leaf.toString();
    }

    private static String setting(Setting setting) {
        if (setting instanceof Setting.Ohms ohms) return "=" + AmountFormat.exactly(ohms.ohms());
        if (setting instanceof Setting.Amperes fuse) return "=" + AmountFormat.exactly(fuse.amperes()) + " A";
        if (setting instanceof Setting.None) return "";
        if (setting instanceof Setting.Fault) return setting == Setting.Fault.OUT ? "=out" : "=short";
        return setting == Setting.Position.OPEN ? "=open" : "=closed";
    }

    private static String rating(Rating rating) {
        if (rating.limits().isEmpty()) return "";
        return rating.limits().stream().map(Notation::limit).collect(Collectors.joining(", ", "{", "}"));
    }

    private static String limit(Amount limit) {
        String number = AmountFormat.exactly(limit.si());
        boolean prefixed = Character.isLetter(number.charAt(number.length() - 1));
        String digits = prefixed ? number.substring(0, number.length() - 1) : number;
        String prefix = prefixed ? number.substring(number.length() - 1) : "";
        return digits + " " + prefix + limit.quantity().unit();
    }
}
