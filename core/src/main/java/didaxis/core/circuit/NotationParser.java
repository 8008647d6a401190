package didaxis.core.circuit;

import didaxis.core.circuit.NotationTokens.Token;
import didaxis.core.circuit.NotationTokens.Type;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads one notation text. Open brackets are kept on a stack of our own, so depth cannot overflow. */
final class NotationParser {
    private static final Pattern LABEL = Pattern.compile("(R|L|H|VR|S|A|F|W)([0-9]{0,6})");
    private static final Pattern VOLTMETER = Pattern.compile("V[0-9]{0,6}");
    private static final Pattern EMF_WITH_R = Pattern.compile("(.+?)\\s+r");
    private static final double SMALLEST = 1e-9;
    private static final double LARGEST = 1e12;
    private static final String A_PART = "a part or '('";

    /** A finished factor, and whether there is a part in it. */
    private record Factor(Network network, boolean hasPart, Token start) {}

    /** What has been read since an opening bracket: finished terms, and the factors of the term at hand. */
    private static final class Level {
        final Token opening;
        final String voltmeter;
        final List<Network> terms = new ArrayList<>();
        final List<Factor> factors = new ArrayList<>();
        boolean hasPart;

        Level(Token opening, String voltmeter) {
            this.opening = opening;
            this.voltmeter = voltmeter;
        }
    }

    private final NotationTokens tokens;
    private final Set<String> written = new HashSet<>();
    private final Set<String> names = new HashSet<>();
    private int lastFree;

    NotationParser(String text) {
        tokens = new NotationTokens(text);
        for (Token token : tokens.all()) {
            if (token.type() == Type.RUN && LABEL.matcher(token.text()).matches()) written.add(token.text());
        }
    }

    Circuit circuit() {
        Source source = source();
        tokens.take(":", "':' between the source and the network");
        return Circuit.of(source, network());
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
        double volts = amount(emf, internal ? withR.group(1) : emf.text(), Quantity.VOLTAGE);
        double ohms = 0;
        if (internal) {
            tokens.take("=", "'='");
            Token value = tokens.take();
            ohms = value.text().matches("0+(\\.0*)?") ? 0 : amount(value, value.text(), Quantity.RESISTANCE);
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
            open.peek().factors.add(factor(token));
            if (!closeUntilNextFactor(open)) continue;
            Level top = open.pop();
            Network whole = whole(top);
            if (!top.hasPart) throw tokens.refuse(top.opening, A_PART);
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
                open.peek().factors.add(new Factor(factor, level.hasPart, level.opening));
            } else if (open.size() == 1 && token.type() == Type.END) {
                return true;
            } else {
                throw tokens.refuse(token, open.size() > 1 ? "'+', '||' or '" + closing + "'" : "'+' or '||'");
            }
        }
    }

    private Network whole(Level level) {
        endTerm(level);
        return Series.of(level.terms);
    }

    private void endTerm(Level level) {
        if (level.factors.size() > 1) {
            for (Factor factor : level.factors) {
                if (!factor.hasPart()) throw tokens.refuse(factor.start(), "a part in this branch, or a wire link W");
            }
        }
        level.hasPart |= level.factors.stream().anyMatch(Factor::hasPart);
        level.terms.add(Parallel.of(level.factors.stream().map(Factor::network).toList()));
        level.factors.clear();
    }

    private Factor factor(Token token) {
        if (token.type() == Type.POINT) {
            if (!names.add("." + token.text()))
                throw tokens.refuse(token, "another letter: point ." + token.text() + " is named already");
            return new Factor(new Point(token.text().charAt(0)), false, token);
        }
        if (token.type() != Type.RUN) throw tokens.refuse(token, A_PART);
        Matcher label = LABEL.matcher(token.text());
        Part part = label.matches() ? labelled(token, label.group(1)) : bare(token);
        return new Factor(part, true, token);
    }

    private Part bare(Token token) {
        if (tokens.peek().is("=")) {
            throw tokens.refuse(token, "a label: R, L, H, VR, S, A, F or W and a number");
        }
        double ohms = amount(token, token.text(), Quantity.RESISTANCE);
        do lastFree++;
        while (written.contains("R" + lastFree));
        String label = "R" + lastFree;
        return new Part(label, PartKind.RESISTOR, new Setting.Ohms(ohms), rating());
    }

    private Part labelled(Token token, String letters) {
        PartKind kind = PartKind.ofLetters(letters).orElseThrow();
        String label = name(token);
        Optional<Token> value = tokens.takeIf("=") ? Optional.of(tokens.take()) : Optional.empty();
        Optional<Setting> fault =
                kind.takes() == PartKind.Takes.POSITION ? Optional.empty() : value.flatMap(this::fault);
        if (fault.isPresent()) return new Part(label, kind, fault.get(), rating());
        Setting setting = switch (kind.takes()) {
            case OHMS ->
                new Setting.Ohms(amount(
                        value.orElseThrow(() -> missing(label, "a resistance, such as " + label + "=4.7k")),
                        Quantity.RESISTANCE));
            case AMPERES ->
                new Setting.Amperes(amount(
                        value.orElseThrow(
                                () -> missing(label, "the current at which it opens, such as " + label + "=5 A")),
                        Quantity.CURRENT));
            case POSITION -> value.map(this::position).orElse(Setting.Position.CLOSED);
            case NOTHING -> {
                if (value.isPresent())
                    throw tokens.refuse(value.get(), "no value: " + label + " is an ideal " + kind.word());
                yield new Setting.None();
            }
        };
        return new Part(label, kind, setting, rating());
    }

    private NotationTokens.Refusal missing(String label, String expected) {
        return tokens.refuse(tokens.peek(), "'=' after " + label + " and " + expected);
    }

    private Optional<Setting> fault(Token token) {
        if (token.text().equals("out")) return Optional.of(Setting.Fault.OUT);
        return token.text().equals("short") ? Optional.of(Setting.Fault.SHORT) : Optional.empty();
    }

    private Setting.Position position(Token token) {
        return switch (token.text()) {
            case "open" -> Setting.Position.OPEN;
            case "closed" -> Setting.Position.CLOSED;
            default -> throw tokens.refuse(token, "'open' or 'closed'");
        };
    }

    private Rating rating() {
        if (!tokens.takeIf("{")) return Rating.NONE;
        List<Amount> limits = new ArrayList<>();
        do {
            Token token = tokens.take();
            Quantity quantity = limited(token);
            if (limits.stream().anyMatch(limit -> limit.quantity() == quantity)) {
                throw tokens.refuse(token, "one " + quantity.word() + " in a rating");
            }
            limits.add(Amount.of(amount(token, quantity), quantity));
        } while (tokens.takeIf(","));
        tokens.take("}", "',' or '}' in the rating");
        return new Rating(limits);
    }

    private Quantity limited(Token token) {
        return switch (token.text().isEmpty()
                ? ' '
                : token.text().charAt(token.text().length() - 1)) {
            case 'V' -> Quantity.VOLTAGE;
            case 'A' -> Quantity.CURRENT;
            case 'W' -> Quantity.POWER;
            default -> throw tokens.refuse(token, "a rating with its unit, such as 6 V, 0.5 A or 3 W");
        };
    }

    private String name(Token token) {
        if (!names.add(token.text())) throw tokens.refuse(token, "another name: " + token.text() + " is used already");
        return token.text();
    }

    private double amount(Token token, Quantity quantity) {
        return amount(token, token.text(), quantity);
    }

    private double amount(Token token, String text, Quantity quantity) {
        String expected = quantity.phrase() + " above 0";
        if (token.type() != Type.RUN) throw tokens.refuse(token, expected + ", such as " + sample(quantity));
        double si = AmountFormat.STANDARD
                .read(text, quantity)
                .match(read -> read.amount().si(), blank -> Double.NaN, unreadable -> {
                    boolean value = !text.isEmpty() && (Character.isDigit(text.charAt(0)) || text.charAt(0) == '.');
                    throw tokens.refuse(
                            token,
                            value || quantity != Quantity.RESISTANCE
                                    ? unreadable.expected()
                                    : A_PART + " such as R1=5");
                });
        if (!(si >= SMALLEST && si <= LARGEST)) throw tokens.refuse(token, expected + ", such as " + sample(quantity));
        return si;
    }

    private static String sample(Quantity quantity) {
        return quantity == Quantity.RESISTANCE ? "4.7k" : "5 " + quantity.unit();
    }
}
