package didaxis.core.line;

import didaxis.core.line.Line.Chain;
import didaxis.core.line.Line.Unread;
import didaxis.core.line.LineTokens.Kind;
import didaxis.core.line.LineTokens.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Reads the tokens of one line in one of its readings; see {@link LineReader}. */
final class LineParser {
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

    private static final Set<String> IS = Set.of("is", "are", "equals", "gives");
    private static final Set<String> NEXT = Set.of("so", "therefore", "hence", "thus", "then", "and", "where");
    private static final int DEEPEST = 40;
    private static final int LARGEST_POWER = 12;

    private final List<Token> tokens;
    private final LineNames names;
    private final LineNumbers numbers;
    private final Reading reading;
    private int at;
    private int depth;

    LineParser(List<Token> tokens, LineNames names, LineNumbers numbers, Reading reading) {
        this.tokens = tokens;
        this.names = names;
        this.numbers = numbers;
        this.reading = reading;
    }

    /** Thrown where the line goes on in no way that is known; caught in {@link #line}. */
    private static final class Stop extends RuntimeException {
        private static final long serialVersionUID = 1;

        private Stop() {
            super(null, null, false, false);
        }
    }

    /** Adds the chains of the line; where it stopped, if it did. */
    Optional<Unread> line(List<Chain> chains) {
        label();
        while (token().kind() != Kind.END) {
            if (token().kind() == Kind.NEXT || isWord(NEXT)) {
                at++;
                continue;
            }
            List<Term> sides = new ArrayList<>();
            int begun = at;
            boolean stopped = chain(sides);
            boolean words = stopped && wordsAlone(begun);
            if (!sides.isEmpty() && !words) chains.add(new Chain(sides));
            if (stopped && !words) {
                Token unread = token();
                return Optional.of(new Unread(unread.at(), unread.text()));
            }
            skipRemark();
            if (token().kind() == Kind.EQUALS) return Optional.of(new Unread(token().at(), token().text()));
        }
        return Optional.empty();
    }

    /** Reads as many sides as there are; whether it stopped within one. */
    private boolean chain(List<Term> sides) {
        try {
            if (token().kind() == Kind.EQUALS) at++;
            else words().ifPresent(sides::add);
            if (!sides.isEmpty() && !equals()) return false;
            sides.add(side());
            while (equals()) sides.add(side());
            return !(atEnd() || isRemark() || token().kind() == Kind.OTHER && ahead(1).kind() == Kind.END);
        } catch (Stop stop) {
            return true;
        }
    }

    /** "a)", "(2)", "3." and "Step 2:" before what is meant. */
    private void label() {
        int from = at;
        boolean bracket = token().is("(");
        if (bracket) at++;
        boolean word = token().kind() == Kind.WORD
                && token().text().toLowerCase(Locale.ROOT).matches("step|line|part|q");
        if (word) at++;
        boolean name = token().text().matches("[0-9]{1,2}|[a-hA-H]|[ivx]{1,4}|[0-9]{1,2}[a-h]");
        if (name) at++;
        boolean closed = bracket
                ? token().is(")")
                : token().is(")") || token().is(".") || token().text().equals(":");
        if (name
                && closed
                && !ahead(1).kind().equals(Kind.EQUALS)
                && !ahead(1).kind().equals(Kind.END)
                && ahead(1).kind() != Kind.SIGN) at++;
        else at = from;
    }

    private boolean equals() {
        if (token().kind() != Kind.EQUALS && !isWord(IS)) return false;
        at++;
        // "= = 3" and "=: 3" are equals signs still.
        while (token().kind() == Kind.EQUALS) at++;
        return true;
    }

    private boolean atEnd() {
        return token().kind() == Kind.END || token().kind() == Kind.NEXT || isWord(NEXT) || token().is(".");
    }

    /** A name of a few words, or words that only lead to what follows. */
    private Optional<Term> words() {
        int from = at;
        List<String> words = new ArrayList<>();
        while (token().kind() == Kind.WORD) {
            String one = token().text();
            words.add(one);
            at++;
            Optional<Term.Name> phrase = names.phrase(String.join(" ", words));
            if (phrase.isPresent() && (token().kind() == Kind.EQUALS || isWord(IS))) return phrase.map(name -> name);
        }
        if (words.isEmpty()
                || names.name(words.get(0)).isPresent()
                || !names.product(words.get(0)).isEmpty()) {
            at = from;
            return Optional.empty();
        }
        // "Current through R1 = 2 A" names something of its own; "Ohm's law: I = 2 A" leads to what is meant.
        int last = words.size() - 1;
        boolean named = names.name(words.get(last)).isPresent();
        if (token().text().equals(":") && ahead(1).kind() == Kind.WORD) {
            at++;
            return Optional.empty();
        }
        if (token().kind() == Kind.EQUALS && !named)
            return Optional.of(new Term.Name(String.join(" ", words), Optional.empty(), Optional.empty()));
        at = named ? at - 1 : from;
        if (!named && token().kind() == Kind.WORD) throw new Stop();
        return Optional.empty();
    }

    /** Whether what was begun there is words and no statement: "because they are in series". */
    private boolean wordsAlone(int begun) {
        boolean word = false;
        for (int k = begun; k < tokens.size() - 1; k++) {
            Kind kind = tokens.get(k).kind();
            if (kind == Kind.NEXT) break;
            if (kind == Kind.EQUALS || kind == Kind.OTHER || kind == Kind.NUMBER) return false;
            word |= kind == Kind.WORD;
        }
        return word;
    }

    /** Words behind a statement are no part of it. */
    private boolean isRemark() {
        return isRemark(0) || token().is("(") && isRemark(1);
    }

    private boolean isRemark(int places) {
        String word = ahead(places).text();
        return ahead(places).kind() == Kind.WORD
                && names.name(word).isEmpty()
                && names.product(word).isEmpty();
    }

    private void skipRemark() {
        while (token().kind() != Kind.END
                && token().kind() != Kind.NEXT
                && token().kind() != Kind.EQUALS
                && !isWord(NEXT)) at++;
    }

    private Term side() {
        if (++depth > DEEPEST) throw new Stop();
        List<Term> terms = new ArrayList<>();
        boolean negative = false;
        if (token().is("-") || token().is("+")) negative = next().is("-");
        terms.add(signed(product(), negative));
        while (token().is("+") || token().is("-")) terms.add(signed(next().is("-"), product()));
        depth--;
        return terms.size() == 1 ? terms.get(0) : new Term.Sum(List.copyOf(terms));
    }

    private static Term signed(boolean negative, Term term) {
        return negative ? new Term.Negative(term) : term;
    }

    private static Term signed(Term term, boolean negative) {
        return signed(negative, term);
    }

    private Term product() {
        Term product = tight();
        while (true) {
            if (token().is("/")
                    || token().is(":") && (ahead(1).kind() == Kind.NUMBER || ahead(1).kind() == Kind.WORD)) {
                at++;
                product = new Term.Quotient(product, reading == Reading.ALL_UNDER ? side() : under());
            } else if (token().is("*") || isTimes()) {
                at++;
                product = times(product, negatable());
            } else if (token().is("||") && ahead(1).kind() != Kind.EQUALS) {
                at++;
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
        if (!token().is("-")) return tight();
        at++;
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
        Token after = ahead(1);
        boolean more = after.kind() == Kind.NUMBER || after.kind() == Kind.WORD || after.is("(") || after.is("√");
        return more && (token().text().equalsIgnoreCase("x") || token().text().equals("of") || token().is("."));
    }

    private boolean beginsFactor() {
        if (token().is("(") && !isRemark() || token().is("√")) return true;
        if (token().kind() != Kind.WORD || isTimes()) return false;
        return names.name(token().text()).isPresent()
                || !names.product(token().text()).isEmpty();
    }

    private Term factor() {
        Term base = atom();
        if (token().kind() == Kind.RAISED) return new Term.Power(base, power(raised(next().text())));
        if (!token().is("^")) return base;
        at++;
        boolean bracket = token().is("(");
        if (bracket) at++;
        boolean negative = token().is("-");
        if (negative) at++;
        if (token().kind() != Kind.NUMBER) throw new Stop();
        Term.Power raised = new Term.Power(base, power((negative ? "-" : "") + next().text()));
        if (bracket) close();
        return raised;
    }

    private static int power(String digits) {
        if (!digits.matches("-?[0-9]{1,2}") || Math.abs(Integer.parseInt(digits)) > LARGEST_POWER) throw new Stop();
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
        Token first = token();
        if (first.kind() == Kind.NUMBER) return number();
        if (first.is("√") || first.kind() == Kind.WORD && first.text().matches("(?i)sqrt|root")) {
            at++;
            return new Term.Root(factor());
        }
        if (first.is("(")) {
            at++;
            Term inner = side();
            close();
            return withUnit(inner);
        }
        if (first.kind() != Kind.WORD) throw new Stop();
        return named();
    }

    private void close() {
        if (!token().is(")")) throw new Stop();
        at++;
    }

    private Term number() {
        Token digits = next();
        if (token().is("%")) {
            at++;
            return written(digits.text(), "")
                    .map(one -> (Term) new Term.Quotient(one, percent()))
                    .orElseThrow(Stop::new);
        }
        if (token().kind() == Kind.WORD && !isTimes()) {
            String unit = token().text();
            boolean name = unit.matches("\\p{L}[0-9₀-₉_].*")
                    && names.name(unit).filter(one -> one.cell().isPresent()).isPresent();
            Optional<Term.Written> amount = name ? Optional.empty() : written(digits.text(), unit);
            if (amount.isPresent()) {
                at++;
                return amount.get();
            }
        }
        return written(digits.text(), "").orElseThrow(() -> {
            at--;
            return new Stop();
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
        boolean last = token().kind() == Kind.WORD && (ahead(1).kind() == Kind.EQUALS || ahead(1).kind() == Kind.END);
        if (!last
                || names.name(token().text())
                        .filter(one -> one.cell().isPresent())
                        .isPresent()) return inner;
        Optional<Term.Written> one = written("1", token().text());
        if (one.isEmpty()) return inner;
        at++;
        return one.get().si() == 1 ? inner : times(inner, one.get());
    }

    /** A word that is a name, with an index in brackets if that is one; or a product of names. */
    private Term named() {
        String word = token().text();
        if (reading == Reading.PRODUCTS && names.product(word).size() > 1) {
            at++;
            return new Term.Product(List.copyOf(names.product(word)));
        }
        Optional<Term.Name> indexed = indexed(word);
        if (indexed.isPresent()) return indexed.get();
        Optional<Term.Name> name = names.name(word);
        List<Term> product = names.product(word);
        if (name.isEmpty() && product.isEmpty()) throw new Stop();
        at++;
        Optional<Term.Name> apart = word.length() > 1
                        || token().kind() != Kind.WORD
                        || token().text().length() < 2
                ? Optional.empty()
                : names.name(word + "_" + token().text())
                        .filter(one -> one.cell().isPresent());
        if (apart.isPresent() && names.name(token().text()).isEmpty()) {
            at++;
            return new Term.Name(
                    word + " " + tokens.get(at - 1).text(),
                    apart.get().cell(),
                    apart.get().quantity());
        }
        return name.isPresent() ? name.get() : new Term.Product(List.copyOf(product));
    }

    /** "V(R1)", "R(2,3)", "R//": the letter with what stands in brackets close behind it, if that makes a name the circuit knows. */
    private Optional<Term.Name> indexed(String word) {
        if (ahead(1).is("||") && ahead(2).kind() == Kind.EQUALS) {
            at += 2;
            return names.name(word + "||").map(name -> new Term.Name(word + "||", name.cell(), name.quantity()));
        }
        if (!ahead(1).is("(") || ahead(1).spaced() || word.length() > 2) return Optional.empty();
        StringBuilder index = new StringBuilder();
        int end = at + 2;
        while (end < tokens.size() - 1
                && !tokens.get(end).is(")")
                && !tokens.get(end).is("(")) index.append(tokens.get(end++).text());
        if (!tokens.get(end).is(")") || !index.toString().matches("[\\p{L}0-9, |]+")) return Optional.empty();
        Optional<Term.Name> name =
                names.name(word + "_" + index).filter(one -> one.cell().isPresent());
        if (name.isEmpty()) return Optional.empty();
        at = end + 1;
        return name.map(one -> new Term.Name(word + "(" + index + ")", one.cell(), one.quantity()));
    }

    private boolean isWord(Set<String> words) {
        return token().kind() == Kind.WORD && words.contains(token().text().toLowerCase(Locale.ROOT));
    }

    private Token token() {
        return ahead(0);
    }

    private Token ahead(int places) {
        return tokens.get(Math.min(at + places, tokens.size() - 1));
    }

    private Token next() {
        Token token = token();
        at++;
        return token;
    }
}
