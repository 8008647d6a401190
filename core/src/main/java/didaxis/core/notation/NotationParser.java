package didaxis.core.notation;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.notation.NotationTokens.Token;
import didaxis.core.notation.NotationTokens.Type;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads how the parts of one notation text are joined. Open brackets are kept on a stack of our own, so depth cannot overflow. */
final class NotationParser {
    private static final Pattern VOLTMETER = Pattern.compile("V[0-9]{0,6}");
    private static final Pattern EMF_WITH_R = Pattern.compile("(.+?)\\s+r");
    /** Characters from one part to the next, at least about: room for their names is made at once. */
    private static final int SHORTEST_PART = 6;

    /** What has been read since an opening bracket: finished terms, and the factors of the term at hand. */
    private static final class Level {
        final Token opening;
        final String voltmeter;
        final List<Network> terms = new ArrayList<>(2);
        final List<Network> factors = new ArrayList<>(2);
        final List<String> beside = new ArrayList<>(0);
        Optional<Token> factorWithoutPart = Optional.empty();
        boolean hasPart;

        Level(Token opening, String voltmeter) {
            this.opening = opening;
            this.voltmeter = voltmeter;
        }

        void add(Network factor, boolean withPart, Token start) {
            factors.add(factor);
            hasPart |= withPart;
            if (!withPart) factorWithoutPart = factorWithoutPart.or(() -> Optional.of(start));
        }
    }

    private final String text;
    private final NotationTokens tokens;
    private final NotationValues values;
    private final Set<String> names;
    private Optional<Set<String>> resistors = Optional.empty();
    private int lastFree;

    private final List<String> alone = new ArrayList<>(0);

    NotationParser(String text, char decimalSign) {
        this.text = text;
        tokens = new NotationTokens(text);
        values = new NotationValues(tokens, decimalSign);
        names = new HashSet<>(text.length() / SHORTEST_PART);
    }

    Circuit circuit() {
        Source source = source();
        tokens.take(":", NotationValues.THE_NETWORK);
        return Circuit.checked(source, network());
    }

    /**
     * The meters and switches that stand before or behind a '||' in a row, without brackets: they are in one branch with
     * nothing else. In the order of the text.
     */
    List<String> alone() {
        return List.copyOf(alone);
    }

    private Source source() {
        List<String> voltmeters = new ArrayList<>();
        while (tokens.peek().type() == Type.RUN
                && VOLTMETER.matcher(tokens.peek().text()).matches()) {
            voltmeters.add(name(tokens.take()));
            tokens.take("[", "'[' and the source this voltmeter stands across");
        }
        Token emf = tokens.take();
        if (emf.type() != Type.RUN) throw tokens.refuse(emf, "the emf, such as 16 V");
        Matcher withR = EMF_WITH_R.matcher(emf.text());
        boolean internal = tokens.peek().is("=") && withR.matches();
        String typed = internal ? withR.group(1) : emf.text();
        double volts = values.emf(emf, typed);
        double ohms = 0;
        if (internal) {
            tokens.take("=", "'='");
            Token value = tokens.take();
            ohms = values.ohms(value, true, NotationValues.THE_NETWORK);
        }
        for (int i = 0; i < voltmeters.size(); i++) tokens.take("]", "']' after the source");
        return new Source(volts, ohms, voltmeters);
    }

    private Network network() {
        Deque<Level> open = new ArrayDeque<>();
        open.push(new Level(tokens.peek(), ""));
        while (true) {
            Token token = tokens.take();
            if (token.is("(")) {
                open.push(new Level(token, ""));
                continue;
            }
            if (token.type() == Type.RUN && VOLTMETER.matcher(token.text()).matches()) {
                String meter = name(token);
                tokens.take("[", "'[' and the stretch that voltmeter " + meter + " stands across");
                open.push(new Level(token, meter));
                continue;
            }
            factor(open.peek(), token);
            if (!closeUntilNextFactor(open)) continue;
            Level top = open.pop();
            Network whole = whole(top);
            if (!top.hasPart) throw tokens.refuse(top.opening, NotationValues.A_PART);
            return whole;
        }
    }

    /** After a factor: reads signs until another factor must follow (false) or the text ends (true). */
    private boolean closeUntilNextFactor(Deque<Level> open) {
        while (true) {
            Token token = tokens.take();
            Level level = open.peek();
            String closing = level.voltmeter.isEmpty() ? ")" : "]";
            if (token.is("||")) return false;
            if (token.is("+")) {
                endTerm(level);
                return false;
            }
            if (open.size() > 1 && token.is(closing)) {
                open.pop();
                Network network = whole(level);
                boolean metered = !level.voltmeter.isEmpty();
                if (metered && !level.hasPart)
                    throw tokens.refuse(level.opening, "a part inside the voltmeter's brackets");
                Network factor = metered ? new Metered(level.voltmeter, network) : network;
                open.peek().add(factor, level.hasPart, level.opening);
            } else if (open.size() == 1 && token.type() == Type.END) {
                return true;
            } else {
                throw tokens.refuse(
                        token, open.size() > 1 ? "'+', '||' or '" + closing + "'" : NotationValues.ANOTHER_PART);
            }
        }
    }

    private Network whole(Level level) {
        endTerm(level);
        if (level.terms.size() > 1) alone.addAll(level.beside);
        return Series.of(level.terms);
    }

    private void endTerm(Level level) {
        if (level.factors.size() > 1 && level.factorWithoutPart.isPresent())
            throw tokens.refuse(level.factorWithoutPart.get(), "a part in this branch, or a wire link W");
        if (level.factors.size() > 1) {
            for (Network factor : level.factors) meterOrSwitch(factor).ifPresent(level.beside::add);
        }
        level.terms.add(Parallel.of(level.factors));
        level.factors.clear();
        level.factorWithoutPart = Optional.empty();
    }

    private static Optional<String> meterOrSwitch(Network factor) {
        if (factor instanceof Metered metered) return Optional.of(metered.voltmeter());
        boolean one =
                factor instanceof Part part && (part.kind() == PartKind.AMMETER || part.kind() == PartKind.SWITCH);
        return one ? Optional.of(((Part) factor).label()) : Optional.empty();
    }

    private void factor(Level level, Token token) {
        if (token.type() == Type.POINT) {
            if (!names.add("." + token.text()))
                throw tokens.refuse(token, "another letter: point ." + token.text() + " is named already");
            level.add(new Point(token.text().charAt(0)), false, token);
            return;
        }
        if (token.type() != Type.RUN) throw tokens.refuse(token, NotationValues.A_PART);
        Matcher label = PartKind.LABEL.matcher(token.text());
        level.add(label.matches() ? labelled(token, label.group(1)) : bare(token), true, token);
    }

    private Part bare(Token token) {
        if (tokens.peek().is("=")) {
            throw tokens.refuse(token, "a label: " + PartKind.allLetters() + " and a number");
        }
        double ohms = values.bareOhms(token);
        Set<String> taken = resistors.orElseGet(this::writtenResistors);
        resistors = Optional.of(taken);
        do lastFree++;
        while (taken.contains("R" + lastFree));
        String label = "R" + lastFree;
        return new Part(label, PartKind.RESISTOR, new Setting.Ohms(ohms), values.rating());
    }

    /** The resistors' labels of the whole text, also those that come after the value at hand. */
    private Set<String> writtenResistors() {
        Set<String> labels = new HashSet<>();
        NotationTokens all = new NotationTokens(text);
        while (all.peek().type() != Type.END) {
            Token token = all.take();
            if (token.type() == Type.RUN && token.text().startsWith("R")) labels.add(token.text());
        }
        return labels;
    }

    private Part labelled(Token token, String letters) {
        PartKind kind = PartKind.ofLetters(letters).orElseThrow();
        String label = name(token);
        Setting setting = values.setting(label, kind);
        return new Part(label, kind, setting, values.rating());
    }

    private String name(Token token) {
        if (!names.add(token.text())) throw tokens.refuse(token, "another name: " + token.text() + " is used already");
        return token.text();
    }
}
