package didaxis.core.notation;

import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Rating;
import didaxis.core.circuit.Setting;
import didaxis.core.notation.NotationTokens.Token;
import didaxis.core.notation.NotationTokens.Type;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads what stands behind a part's label: its value, open or closed, a fault, and its rating. */
final class NotationValues {
    static final String A_PART = "a part or '('";
    static final String ANOTHER_PART = "'+' or '||'";
    static final String THE_NETWORK = "':' between the source and the network";
    private static final double SMALLEST = 1e-9;
    private static final double LARGEST = 1e12;
    private final NotationTokens tokens;
    private final char decimalSign;

    NotationValues(NotationTokens tokens, char decimalSign) {
        this.tokens = tokens;
        this.decimalSign = decimalSign;
    }

    /** A point is always the decimal sign of a value, so that what is printed is read; a comma is where the style has it. */
    private Reading read(String text, Quantity quantity) {
        return AmountFormat.STANDARD.read(decimalSign == ',' ? text.replace(',', '.') : text, quantity);
    }

    /** What the part is set to, which depends on its kind. */
    Setting setting(String label, PartKind kind) {
        Optional<Token> value = tokens.takeIf("=") ? Optional.of(tokens.take()) : Optional.empty();
        Optional<Setting> fault =
                kind.takes() == PartKind.Takes.POSITION ? Optional.empty() : value.flatMap(this::fault);
        if (fault.isPresent()) return fault.get();
        return switch (kind.takes()) {
            case OHMS ->
                new Setting.Ohms(ohms(
                        value.orElseThrow(() -> missing(label, "a resistance, such as " + label + "=4.7k")),
                        kind.mayBeZero(),
                        ANOTHER_PART));
            case AMPERES ->
                value.<Setting>map(rated -> new Setting.Amperes(amount(rated, rated.text(), Quantity.CURRENT, false)))
                        .orElse(new Setting.None());
            case POSITION -> value.map(this::position).orElse(Setting.Position.CLOSED);
            case NOTHING -> {
                if (value.isPresent())
                    throw tokens.refuse(value.get(), "no value: " + label + " is an ideal " + kind.word());
                yield new Setting.None();
            }
        };
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

    /** The rating in braces; none if there are no braces. */
    Rating rating() {
        if (!tokens.takeIf("{")) return Rating.NONE;
        List<Amount> limits = new ArrayList<>();
        do {
            Token token = tokens.take();
            Quantity quantity = limited(token);
            if (limits.stream().anyMatch(limit -> limit.quantity() == quantity)) {
                throw tokens.refuse(token, "one " + quantity.word() + " in a rating");
            }
            limits.add(Amount.of(amount(token, token.text(), quantity, false), quantity));
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

    /** The resistance of a part that has no label. */
    double bareOhms(Token token) {
        boolean value =
                Character.isDigit(token.text().charAt(0)) || token.text().charAt(0) == '.';
        if (!value) throw tokens.refuse(token, A_PART + " such as R1=5");
        return ohms(token, true, ANOTHER_PART);
    }

    /**
     * The resistance that a token is; 0 where there may be none.
     *
     * @param then what may follow it
     */
    double ohms(Token token, boolean mayBeZero, String then) {
        refuseBehind(token, token.text(), Quantity.RESISTANCE, then);
        return amount(token, token.text(), Quantity.RESISTANCE, mayBeZero);
    }

    /** The emf that the beginning of a token is. */
    double emf(Token token, String text) {
        refuseBehind(token, text, Quantity.VOLTAGE, THE_NETWORK);
        return amount(token, text, Quantity.VOLTAGE, false);
    }

    /** Refuses what stands behind an amount and is no unit but something else, such as the next part. */
    private void refuseBehind(Token token, String text, Quantity quantity, String then) {
        if (text.indexOf(' ') < 0) return;
        for (int end = text.length();
                end > 0;
                end = text.lastIndexOf(' ', Math.min(end, AmountFormat.LONGEST + 1) - 1)) {
            if (!isAmount(text.substring(0, end), quantity)) continue;
            String rest = text.substring(end).strip();
            boolean another = rest.chars().anyMatch(Character::isDigit)
                    || List.of("=", "(", ":").contains(tokens.peek().text());
            if (!rest.isEmpty() && another)
                throw tokens.refuse(new Token(Type.RUN, rest, token.at() + text.indexOf(rest, end)), then);
            return;
        }
    }

    private boolean isAmount(String text, Quantity quantity) {
        return read(text, quantity).match(read -> true, blank -> false, unreadable -> false);
    }

    /** The amount that the beginning of a token is, in SI. */
    private double amount(Token token, String text, Quantity quantity, boolean mayBeZero) {
        double si = token.type() != Type.RUN
                ? Double.NaN
                : read(text, quantity).match(read -> read.amount().si(), blank -> Double.NaN, unreadable -> {
                    throw tokens.refuse(token, unreadable.expected());
                });
        if (si == 0 && mayBeZero) return 0;
        if (si >= SMALLEST && si <= LARGEST) return si;
        throw tokens.refuse(
                token, quantity.phrase() + range(si, quantity, mayBeZero) + ", such as " + sample(quantity));
    }

    private static String range(double si, Quantity quantity, boolean mayBeZero) {
        if (si > LARGEST) return " of at most 1e12 " + quantity.unit();
        if (si > 0) return " of at least 1e-9 " + quantity.unit();
        return mayBeZero ? " of 0 or more" : " above 0";
    }

    private static String sample(Quantity quantity) {
        return quantity == Quantity.RESISTANCE ? "4.7k" : "5 " + quantity.unit();
    }
}
