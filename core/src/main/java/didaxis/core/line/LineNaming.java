package didaxis.core.line;

import didaxis.core.line.LineExpressions.Reading;
import didaxis.core.line.LineTokens.Kind;
import didaxis.core.line.LineTokens.Token;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the name of a cell where the cursor stands, in whatever way people write it. */
final class LineNaming {
    private static final Pattern SQUARE = Pattern.compile("([IiVUE])2([Rr]?)");

    private static final Set<String> OWN = Set.of("x", "y", "z", "X", "Y");

    private static final int LONGEST_PHRASE = 4;

    private final LineCursor cursor;
    private final LineNames names;
    private final Reading reading;

    LineNaming(LineCursor cursor, LineNames names, Reading reading) {
        this.cursor = cursor;
        this.names = names;
        this.reading = reading;
    }

    /** A word that is a name, with an index in brackets if that is one; or a product of names. */
    Term here() {
        Optional<Term.Name> phrase = phrase();
        if (phrase.isPresent()) return phrase.get();
        String word = cursor.token().text();
        if (reading == Reading.PRODUCTS && names.product(word).size() > 1) {
            cursor.skip();
            return new Term.Product(List.copyOf(names.product(word)));
        }
        if (reading == Reading.SQUARES) {
            Optional<Term> squared = squared(word);
            if (squared.isPresent()) return squared.get();
        }
        Optional<Term.Name> spelt = spelt();
        if (spelt.isPresent()) {
            cursor.skip();
            return spelt.get();
        }
        Optional<Term.Name> indexed = indexed(word);
        if (indexed.isPresent()) return indexed.get();
        Optional<Term.Name> name = names.name(word);
        List<Term> product = names.product(word);
        if (name.isEmpty() && product.isEmpty()) return own(word);
        cursor.skip();
        // "R branch = 10" names something of its own; in "I total" the word is an index that the circuit knows.
        boolean stated = cursor.ahead(1).kind() == Kind.EQUALS;
        Optional<Term.Name> apart = word.length() > 1
                        || cursor.token().kind() != Kind.WORD
                        || cursor.token().text().length() < 2
                ? Optional.empty()
                : names.name(word + "_" + cursor.token().text())
                        .filter(one -> stated || one.cell().isPresent());
        if (apart.isPresent() && names.name(cursor.token().text()).isEmpty()) {
            return new Term.Name(
                    word + " " + cursor.next().text(),
                    apart.get().cell(),
                    apart.get().quantity());
        }
        if (name.isPresent()) return name.get();
        // "it" is a word of a sentence, unless it stands where a name must.
        return product.size() == 1 ? product.get(0) : new Term.Product(List.copyOf(product));
    }

    /** A letter of one's own for what is looked for: 1/x = 1/3 + 1/6. */
    private Term.Name own(String word) {
        if (!OWN.contains(word) || cursor.ahead(1).kind() != Kind.EQUALS) throw new LineCursor.Stop();
        cursor.skip();
        return new Term.Name(word, Optional.empty(), Optional.empty());
    }

    /** A name of a few words within an expression: emf − lost volts. */
    private Optional<Term.Name> phrase() {
        StringBuilder words = new StringBuilder(cursor.token().text());
        for (int more = 1; more < LONGEST_PHRASE && cursor.ahead(more).kind() == Kind.WORD; more++) {
            words.append(' ').append(cursor.ahead(more).text());
            Optional<Term.Name> name = names.phrase(words.toString());
            if (name.isEmpty() || cursor.ahead(more + 1).kind() == Kind.WORD) continue;
            cursor.to(cursor.at() + more + 1);
            return name;
        }
        return Optional.empty();
    }

    /** A letter that is written as a word, "voltage" in voltage/resistance; empty where it is a word of a sentence. */
    private Optional<Term.Name> spelt() {
        Token after = cursor.ahead(1);
        boolean goesOn = after.kind() == Kind.EQUALS
                || after.kind() == Kind.END
                || after.kind() == Kind.NEXT
                || after.kind() == Kind.RAISED
                || after.kind() == Kind.SIGN && !after.is("(")
                || after.text().equalsIgnoreCase("x");
        return goesOn ? names.spelt(cursor.token().text()) : Optional.empty();
    }

    /** I2R as I²R, and V2 before a stroke as V²; empty for any other word. */
    private Optional<Term> squared(String word) {
        Matcher square = SQUARE.matcher(word);
        if (!square.matches() || square.group(2).isEmpty() && !cursor.ahead(1).is("/")) return Optional.empty();
        Optional<Term> base = names.name(square.group(1)).map(letter -> new Term.Power(letter, 2));
        Optional<Term> whole = square.group(2).isEmpty()
                ? base
                : base.flatMap(
                        power -> names.name(square.group(2)).map(other -> new Term.Product(List.of(power, other))));
        whole.ifPresent(one -> cursor.skip());
        return whole;
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
