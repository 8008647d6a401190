package didaxis.core.line;

import didaxis.core.formula.Span;
import didaxis.core.line.LineTokens.Kind;
import didaxis.core.line.LineTokens.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Reads one side of an equality from where the cursor stands; see {@link LineReader}. */
final class LineExpressions {
    /** Where people's habits differ. */
    enum Reading {
        /** A name before an equals sign begins another statement, and numbers behind letters another side: 1/R = 1/3 R = 3. */
        APART,
        PLAIN,
        /** All that follows a stroke stands under it, up to the next equals sign: 12/4 + 2 is a sixth of 12. */
        ALL_UNDER,
        /** What stands side by side under a stroke is not all under it: 1/2R is half of R. */
        LOOSE,
        /** IR1 is a product, not the current of R1. */
        PRODUCTS,
        /** I2R, V2/R and (0.8)2R are typed for I²R, V²/R and (0.8)²R. */
        SQUARES
    }

    private static final int DEEPEST = 40;
    private static final double CLOSE = 0.01;
    /** What is worked in kilohms comes out in milliamperes. */
    private static final List<Double> SCALES = List.of(1.0, 1e3, 1e-3, 1e6, 1e-6);

    private static final int LARGEST_POWER = 12;
    private static final Pattern ROOT = Pattern.compile("(?i)sqrt|root");

    private final LineCursor cursor;
    private final LineNames names;
    private final LineAmounts amounts;
    private final Reading reading;
    private final LineRemarks remarks;
    private final LineNaming naming;
    private int depth;

    LineExpressions(LineCursor cursor, LineNames names, LineNumbers numbers, Reading reading) {
        this.cursor = cursor;
        this.names = names;
        this.amounts = new LineAmounts(cursor, names, numbers, () -> isTimes() || beginsAnother());
        this.reading = reading;
        this.remarks = new LineRemarks(cursor, names);
        this.naming = new LineNaming(cursor, names, reading);
    }

    /** Whether how an amount was worked stands behind it: 0.67 A (4 ÷ 6). */
    boolean isWorked(Term amount) {
        if (!(amount instanceof Term.Written written)
                || written.quantity().isEmpty()
                || !cursor.token().is("(")) return false;
        int from = cursor.at();
        try {
            Term inner = atom();
            boolean last = cursor.token().kind() == Kind.END || cursor.token().kind() == Kind.NEXT;
            double value = inner.span(name -> Span.exactly(Double.NaN)).mid();
            return last
                    && SCALES.stream()
                            .anyMatch(scale -> Math.abs(value * scale - written.si())
                                    <= Math.max(written.half(), CLOSE * Math.abs(value * scale)));
        } catch (LineCursor.Stop notWorked) {
            return false;
        } finally {
            cursor.to(from);
        }
    }

    /** Whether another statement begins here without any sign between. */
    boolean beginsAnother() {
        return reading == Reading.APART
                && cursor.token().kind() == Kind.WORD
                && cursor.token().spaced()
                && cursor.ahead(1).kind() == Kind.EQUALS
                && names.name(cursor.token().text()).isPresent();
    }

    /** Whether numbers follow letters without a sign between: R = R1 + R2 3 + 4. */
    boolean goesOn() {
        return reading == Reading.APART
                && cursor.token().kind() == Kind.NUMBER
                && cursor.token().spaced()
                && cursor.at() > 0
                && cursor.ahead(-1).kind() == Kind.WORD;
    }

    Term side() {
        if (++depth > DEEPEST) throw new LineCursor.Stop();
        List<Term> terms = new ArrayList<>();
        boolean sign = cursor.token().is("-") || cursor.token().is("+");
        terms.add(signed(sign && cursor.next().is("-"), product()));
        while (cursor.token().is("+") || cursor.token().is("-"))
            terms.add(signed(cursor.next().is("-"), product()));
        depth--;
        return terms.size() == 1 ? terms.get(0) : new Term.Sum(List.copyOf(terms));
    }

    private static Term signed(boolean negative, Term term) {
        return negative ? new Term.Negative(term) : term;
    }

    private Term product() {
        Term product = tight();
        while (true) {
            if (cursor.token().is("/")
                    || cursor.token().is(":")
                            && (cursor.ahead(1).kind() == Kind.NUMBER
                                    || cursor.ahead(1).kind() == Kind.WORD)) {
                cursor.skip();
                product = new Term.Quotient(product, reading == Reading.ALL_UNDER ? side() : under());
            } else if (cursor.token().is("*") || isTimes()) {
                cursor.skip();
                product = times(product, negatable());
            } else if (cursor.token().is("||") && cursor.ahead(1).kind() != Kind.EQUALS) {
                cursor.skip();
                List<Term> beside =
                        new ArrayList<>(product instanceof Term.Beside already ? already.terms() : List.of(product));
                beside.add(tight());
                product = new Term.Beside(List.copyOf(beside));
            } else if (reading == Reading.LOOSE && beginsFactor()) {
                product = times(product, factor());
            } else return product;
        }
    }

    private Term negatable() {
        if (!cursor.token().is("-")) return tight();
        cursor.skip();
        return new Term.Negative(tight());
    }

    private Term under() {
        return reading == Reading.LOOSE ? factor() : negatable();
    }

    /** Factors that stand side by side without a sign. */
    private Term tight() {
        Term product = factor();
        while (reading != Reading.LOOSE && beginsFactor() && !isWorked(product)) product = times(product, factor());
        return product;
    }

    private static Term times(Term one, Term other) {
        List<Term> factors = new ArrayList<>(one instanceof Term.Product product ? product.factors() : List.of(one));
        factors.add(other);
        return new Term.Product(List.copyOf(factors));
    }

    /** An x between two factors, and a dot between letters or set apart by spaces. */
    private boolean isTimes() {
        Token after = cursor.ahead(1);
        boolean more = after.kind() == Kind.NUMBER || after.kind() == Kind.WORD || after.is("(") || after.is("√");
        return more
                && (cursor.token().text().equalsIgnoreCase("x")
                        || cursor.token().text().equals("of")
                        || cursor.token().is("."));
    }

    private boolean beginsFactor() {
        if (cursor.token().is("(") && !remarks.isRemark() && !remarks.isAside()
                || cursor.token().is("√")
                || cursor.token().is(LineTokens.FRACTION)) return true;
        if (cursor.token().kind() != Kind.WORD || isTimes() || beginsAnother()) return false;
        return names.name(cursor.token().text()).isPresent()
                || !names.product(cursor.token().text()).isEmpty();
    }

    private Term factor() {
        Term base = atom();
        if (cursor.token().kind() == Kind.RAISED)
            return new Term.Power(base, power(raised(cursor.next().text())));
        if (isFallen()) return new Term.Power(base, power(cursor.next().text()));
        if (!cursor.token().is("^")) return base;
        cursor.skip();
        boolean bracket = cursor.token().is("(");
        if (bracket) cursor.skip();
        boolean negative = cursor.token().is("-");
        if (negative) cursor.skip();
        if (cursor.token().kind() != Kind.NUMBER) throw new LineCursor.Stop();
        Term.Power raised =
                new Term.Power(base, power((negative ? "-" : "") + cursor.next().text()));
        if (bracket) close();
        return raised;
    }

    /** (0.8)2 for (0.8)²: the raised digit did not stay raised. */
    private boolean isFallen() {
        Token digit = cursor.token();
        return reading == Reading.SQUARES
                && digit.kind() == Kind.NUMBER
                && digit.text().equals("2")
                && !digit.spaced()
                && cursor.at() > 0
                && cursor.ahead(-1).is(")");
    }

    private static int power(String digits) {
        if (!digits.matches("-?[0-9]{1,2}") || Math.abs(Integer.parseInt(digits)) > LARGEST_POWER)
            throw new LineCursor.Stop();
        return Integer.parseInt(digits);
    }

    private static String raised(String text) {
        StringBuilder digits = new StringBuilder();
        for (char c : text.toCharArray()) {
            int digit = "⁰¹²³⁴⁵⁶⁷⁸⁹".indexOf(c);
            if (c != '⁺') digits.append(digit < 0 ? "-" : String.valueOf(digit));
        }
        return digits.toString();
    }

    private Term atom() {
        Token first = cursor.token();
        if (first.kind() == Kind.NUMBER) return amounts.number();
        if (first.is("√")
                || first.kind() == Kind.WORD && ROOT.matcher(first.text()).matches()) {
            cursor.skip();
            return new Term.Root(factor());
        }
        if (first.is("(")) {
            cursor.skip();
            Term inner = side();
            close();
            return withUnit(inner);
        }
        if (first.is(LineTokens.FRACTION)) {
            cursor.skip();
            Term over = atom();
            return new Term.Quotient(over, atom());
        }
        if (first.kind() != Kind.WORD) throw new LineCursor.Stop();
        return naming.here();
    }

    private void close() {
        if (!cursor.token().is(")")) throw new LineCursor.Stop();
        cursor.skip();
    }

    private Term withUnit(Term inner) {
        return amounts.unit()
                .filter(one -> one.si() != 1)
                .map(one -> times(inner, one))
                .orElse(inner);
    }
}
