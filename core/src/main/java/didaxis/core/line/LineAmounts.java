package didaxis.core.line;

import didaxis.core.line.LineTokens.Kind;
import didaxis.core.line.LineTokens.Token;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.regex.Pattern;

/** Reads an amount where the cursor stands: a number with the unit, the percent sign or the compound unit behind it. */
final class LineAmounts {
    private static final Pattern INDEXED = Pattern.compile("\\p{L}[0-9₀-₉_].*");
    /** Conductances have no letter and no unit of their own here. */
    private static final Pattern CONDUCTANCE = Pattern.compile("S|siemens|mho");

    private static final Term.Written HUNDRED = new Term.Written("100", 100, 0, false, Optional.empty());

    private final LineCursor cursor;
    private final LineNames names;
    private final LineNumbers numbers;
    private final BooleanSupplier noUnit;

    /** @param noUnit whether the word where the cursor stands is something else than a unit */
    LineAmounts(LineCursor cursor, LineNames names, LineNumbers numbers, BooleanSupplier noUnit) {
        this.cursor = cursor;
        this.names = names;
        this.numbers = numbers;
        this.noUnit = noUnit;
    }

    /** @throws LineCursor.Stop if the digits are no number; the cursor stands before them */
    Term number() {
        int place = cursor.at();
        Token digits = cursor.next();
        if (cursor.token().is("%")) {
            cursor.skip();
            return new Term.Quotient(plain(digits, place), HUNDRED);
        }
        if (cursor.token().kind() == Kind.WORD && !noUnit.getAsBoolean()) {
            if (CONDUCTANCE.matcher(cursor.token().text()).matches()) {
                cursor.skip();
                return plain(digits, place);
            }
            Optional<Term.Written> amount = compound(digits).or(() -> amount(digits));
            if (amount.isPresent()) return amount.get();
        }
        return plain(digits, place);
    }

    private Term.Written plain(Token digits, int place) {
        return numbers.number(digits.text(), "").orElseThrow(() -> {
            cursor.to(place);
            return new LineCursor.Stop();
        });
    }

    /** In V/A or J/s. */
    private Optional<Term.Written> compound(Token digits) {
        Token per = cursor.ahead(2);
        boolean compound = cursor.ahead(1).is("/") && per.kind() == Kind.WORD && !per.spaced();
        if (!compound) return Optional.empty();
        Optional<Term.Written> amount = numbers.number(
                        digits.text(), cursor.token().text() + "/" + per.text())
                .filter(one -> one.quantity().isPresent());
        if (amount.isPresent()) cursor.to(cursor.at() + 3);
        return amount;
    }

    private Optional<Term.Written> amount(Token digits) {
        String unit = cursor.token().text();
        boolean name = INDEXED.matcher(unit).matches() && isCell(unit);
        Optional<Term.Written> amount = name ? Optional.empty() : numbers.number(digits.text(), unit);
        if (amount.isPresent()) cursor.skip();
        return amount;
    }

    private boolean isCell(String word) {
        return names.name(word).filter(one -> one.cell().isPresent()).isPresent();
    }

    /** One of a unit that stands alone, where the side ends with it: (4 + 3) Ω; empty where there is none. */
    Optional<Term.Written> unit() {
        boolean last = cursor.token().kind() == Kind.WORD
                && (cursor.ahead(1).kind() == Kind.EQUALS || cursor.ahead(1).kind() == Kind.END);
        if (!last || isCell(cursor.token().text())) return Optional.empty();
        Optional<Term.Written> one = numbers.number("1", cursor.token().text());
        if (one.isPresent()) cursor.skip();
        return one;
    }
}
