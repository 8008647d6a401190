package didaxis.core.line;

import didaxis.core.line.LineTokens.Kind;
import didaxis.core.line.LineTokens.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads one side of an equality from where the cursor stands; see {@link LineReader}. */
final class LineExpressions {
    /** Where people's habits differ. */
    enum Reading {
        PLAIN,
        /** All that follows a stroke stands under it, up to the next equals sign: 12/4 + 2 is a sixth of 12. */
        ALL_UNDER,
        /** What stands side by side under a stroke is not all under it: 1/2R is half of R. */
        LOOSE,
        /** IR1 is a product, not the current of R1. */
        PRODUCTS
    }

    private static final int DEEPEST = 40;
    private static final int LARGEST_POWER = 12;

    private final LineCursor cursor;
    private final LineNames names;
    private final LineNumbers numbers;
    private final Reading reading;
    private int depth;

    LineExpressions(LineCursor cursor, LineNames names, LineNumbers numbers, Reading reading) {
        this.cursor = cursor;
        this.names = names;
        this.numbers = numbers;
        this.reading = reading;
    }

    /** Words behind a statement are no part of it. */
    boolean isRemark() {
        return isRemark(0) || cursor.token().is("(") && isRemark(1);
    }

    private boolean isRemark(int places) {
        String word = cursor.ahead(places).text();
        return cursor.ahead(places).kind() == Kind.WORD
                && names.name(word).isEmpty()
                && names.product(word).isEmpty();
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
        while (reading != Reading.LOOSE && beginsFactor()) product = times(product, factor());
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
        if (cursor.token().is("(") && !isRemark() || cursor.token().is("√")) return true;
        if (cursor.token().kind() != Kind.WORD || isTimes()) return false;
        return names.name(cursor.token().text()).isPresent()
                || !names.product(cursor.token().text()).isEmpty();
    }

    private Term factor() {
        Term base = atom();
        if (cursor.token().kind() == Kind.RAISED)
            return new Term.Power(base, power(raised(cursor.next().text())));
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
        if (first.kind() == Kind.NUMBER) return number();
        if (first.is("√") || first.kind() == Kind.WORD && first.text().matches("(?i)sqrt|root")) {
            cursor.skip();
            return new Term.Root(factor());
        }
        if (first.is("(")) {
            cursor.skip();
            Term inner = side();
            close();
            return withUnit(inner);
        }
        if (first.kind() != Kind.WORD) throw new LineCursor.Stop();
        return named();
    }

    private void close() {
        if (!cursor.token().is(")")) throw new LineCursor.Stop();
        cursor.skip();
    }

    private Term number() {
        int place = cursor.at();
        Token digits = cursor.next();
        if (cursor.token().is("%")) {
            cursor.skip();
            return written(digits.text(), "")
                    .map(one -> (Term) new Term.Quotient(one, percent()))
                    .orElseThrow(LineCursor.Stop::new);
        }
        if (cursor.token().kind() == Kind.WORD && !isTimes()) {
            String unit = cursor.token().text();
            boolean name = unit.matches("\\p{L}[0-9₀-₉_].*")
                    && names.name(unit).filter(one -> one.cell().isPresent()).isPresent();
            Optional<Term.Written> amount = name ? Optional.empty() : written(digits.text(), unit);
            if (amount.isPresent()) {
                cursor.skip();
                return amount.get();
            }
        }
        return written(digits.text(), "").orElseThrow(() -> {
            cursor.to(place);
            return new LineCursor.Stop();
        });
    }

    private static Term percent() {
        return new Term.Written("100", 100, 0, false, Optional.empty());
    }

    private Optional<Term.Written> written(String digits, String unit) {
        return numbers.number(digits, unit);
    }

    /** A unit behind a bracket, where the side ends with it: (4 + 3) Ω. */
    private Term withUnit(Term inner) {
        boolean last = cursor.token().kind() == Kind.WORD
                && (cursor.ahead(1).kind() == Kind.EQUALS || cursor.ahead(1).kind() == Kind.END);
        if (!last
                || names.name(cursor.token().text())
                        .filter(one -> one.cell().isPresent())
                        .isPresent()) return inner;
        Optional<Term.Written> one = written("1", cursor.token().text());
        if (one.isEmpty()) return inner;
        cursor.skip();
        return one.get().si() == 1 ? inner : times(inner, one.get());
    }

    /** A word that is a name, with an index in brackets if that is one; or a product of names. */
    private Term named() {
        String word = cursor.token().text();
        if (reading == Reading.PRODUCTS && names.product(word).size() > 1) {
            cursor.skip();
            return new Term.Product(List.copyOf(names.product(word)));
        }
        Optional<Term.Name> indexed = indexed(word);
        if (indexed.isPresent()) return indexed.get();
        Optional<Term.Name> name = names.name(word);
        List<Term> product = names.product(word);
        if (name.isEmpty() && product.isEmpty()) throw new LineCursor.Stop();
        cursor.skip();
        Optional<Term.Name> apart = word.length() > 1
                        || cursor.token().kind() != Kind.WORD
                        || cursor.token().text().length() < 2
                ? Optional.empty()
                : names.name(word + "_" + cursor.token().text())
                        .filter(one -> one.cell().isPresent());
        if (apart.isPresent() && names.name(cursor.token().text()).isEmpty()) {
            return new Term.Name(
                    word + " " + cursor.next().text(),
                    apart.get().cell(),
                    apart.get().quantity());
        }
        return name.isPresent() ? name.get() : new Term.Product(List.copyOf(product));
    }

    /** "V(R1)", "R(2,3)", "R//": the letter with what stands in brackets close behind it, if that makes a name the circuit knows. */
    private Optional<Term.Name> indexed(String word) {
        if (cursor.ahead(1).is("||") && cursor.ahead(2).kind() == Kind.EQUALS) {
            Optional<Term.Name> beside = names.name(word + "||");
            if (beside.isPresent()) cursor.to(cursor.at() + 2);
            return beside;
        }
        if (!cursor.ahead(1).is("(") || cursor.ahead(1).spaced() || word.length() > 2) return Optional.empty();
        StringBuilder index = new StringBuilder();
        int end = 2;
        while (cursor.ahead(end).kind() != Kind.END
                && !cursor.ahead(end).is(")")
                && !cursor.ahead(end).is("(")) index.append(cursor.ahead(end++).text());
        if (!cursor.ahead(end).is(")") || !index.toString().matches("[\\p{L}0-9, |]+")) return Optional.empty();
        Optional<Term.Name> name =
                names.name(word + "_" + index).filter(one -> one.cell().isPresent());
        if (name.isEmpty()) return Optional.empty();
        cursor.to(cursor.at() + end + 1);
        return name.map(one -> new Term.Name(word + "(" + index + ")", one.cell(), one.quantity()));
    }
}
