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

/** Reads the statements of one line in one of its readings, and leaves out the words around them; see {@link LineReader}. */
final class LineParser {
    private static final Set<Kind> STATING = Set.of(Kind.EQUALS, Kind.OTHER, Kind.NUMBER);
    private static final Set<String> IS = Set.of("is", "are", "equals", "gives");
    private static final Set<String> NEXT = Set.of("so", "therefore", "hence", "thus", "then", "and", "where");

    private final LineCursor cursor;
    private final LineNames names;
    private final LineExpressions expressions;

    LineParser(List<Token> tokens, LineNames names, LineNumbers numbers, LineExpressions.Reading reading) {
        this.cursor = new LineCursor(tokens);
        this.names = names;
        this.expressions = new LineExpressions(cursor, names, numbers, reading);
    }

    /** Adds the chains of the line; where it stopped, if it did. */
    Optional<Unread> line(List<Chain> chains) {
        label();
        while (cursor.token().kind() != Kind.END) {
            if (cursor.token().kind() == Kind.NEXT || cursor.isWord(NEXT)) {
                cursor.skip();
                continue;
            }
            List<Term> sides = new ArrayList<>();
            int begun = cursor.at();
            boolean stopped = chain(sides);
            boolean words = stopped && wordsAlone(begun);
            if (!sides.isEmpty() && !words) chains.add(new Chain(sides));
            if (stopped && !words) {
                Token unread = cursor.token();
                return Optional.of(new Unread(unread.at(), unread.text()));
            }
            skipRemark();
            if (cursor.token().kind() == Kind.EQUALS)
                return Optional.of(
                        new Unread(cursor.token().at(), cursor.token().text()));
        }
        return Optional.empty();
    }

    /** Reads as many sides as there are; whether it stopped within one. */
    private boolean chain(List<Term> sides) {
        try {
            if (cursor.token().kind() == Kind.EQUALS) cursor.skip();
            else words().ifPresent(sides::add);
            if (!sides.isEmpty() && !equals()) return false;
            sides.add(expressions.side());
            while (equals()) sides.add(expressions.side());
            return !(atEnd()
                    || expressions.isRemark()
                    || cursor.token().kind() == Kind.OTHER && cursor.ahead(1).kind() == Kind.END);
        } catch (LineCursor.Stop stop) {
            return true;
        }
    }

    /** "a)", "(2)", "3." and "Step 2:" before what is meant. */
    private void label() {
        int from = cursor.at();
        boolean bracket = cursor.token().is("(");
        if (bracket) cursor.skip();
        boolean word = cursor.token().kind() == Kind.WORD
                && cursor.token().text().toLowerCase(Locale.ROOT).matches("step|line|part|q");
        if (word) cursor.skip();
        boolean name = cursor.token().text().matches("[0-9]{1,2}|[a-hA-H]|[ivx]{1,4}|[0-9]{1,2}[a-h]");
        if (name) cursor.skip();
        boolean closed = bracket
                ? cursor.token().is(")")
                : cursor.token().is(")")
                        || cursor.token().is(".")
                        || cursor.token().text().equals(":");
        if (name
                && closed
                && !cursor.ahead(1).kind().equals(Kind.EQUALS)
                && !cursor.ahead(1).kind().equals(Kind.END)
                && cursor.ahead(1).kind() != Kind.SIGN) cursor.skip();
        else cursor.to(from);
    }

    private boolean equals() {
        if (cursor.token().kind() != Kind.EQUALS && !cursor.isWord(IS)) return false;
        cursor.skip();
        // "= = 3" and "=: 3" are equals signs still.
        while (cursor.token().kind() == Kind.EQUALS) cursor.skip();
        return true;
    }

    private boolean atEnd() {
        return cursor.token().kind() == Kind.END
                || cursor.token().kind() == Kind.NEXT
                || cursor.isWord(NEXT)
                || cursor.token().is(".");
    }

    /** A name of a few words, or words that only lead to what follows. */
    private Optional<Term> words() {
        int from = cursor.at();
        List<String> words = new ArrayList<>();
        while (cursor.token().kind() == Kind.WORD) {
            String one = cursor.token().text();
            words.add(one);
            cursor.skip();
            Optional<Term.Name> phrase = names.phrase(String.join(" ", words));
            if (phrase.isPresent() && (cursor.token().kind() == Kind.EQUALS || cursor.isWord(IS)))
                return phrase.map(name -> name);
        }
        if (words.isEmpty()
                || names.name(words.get(0)).isPresent()
                || !names.product(words.get(0)).isEmpty()) {
            cursor.to(from);
            return Optional.empty();
        }
        // "Current through R1 = 2 A" names something of its own; "Ohm's law: I = 2 A" leads to what is meant.
        int last = words.size() - 1;
        boolean named = names.name(words.get(last)).isPresent();
        if (cursor.token().text().equals(":") && cursor.ahead(1).kind() == Kind.WORD) {
            cursor.skip();
            return Optional.empty();
        }
        if (cursor.token().kind() == Kind.EQUALS && !named)
            return Optional.of(new Term.Name(String.join(" ", words), Optional.empty(), Optional.empty()));
        cursor.to(named ? cursor.at() - 1 : from);
        if (!named && cursor.token().kind() == Kind.WORD) throw new LineCursor.Stop();
        return Optional.empty();
    }

    /** Whether what was begun there is words and no statement: "because they are in series". */
    private boolean wordsAlone(int begun) {
        boolean word = false;
        for (Token token : cursor.from(begun)) {
            boolean next =
                    token.kind() == Kind.WORD && NEXT.contains(token.text().toLowerCase(Locale.ROOT));
            if (token.kind() == Kind.NEXT || next && word) break;
            if (STATING.contains(token.kind())) return false;
            word |= token.kind() == Kind.WORD;
        }
        return word;
    }

    private void skipRemark() {
        while (cursor.token().kind() != Kind.END
                && cursor.token().kind() != Kind.NEXT
                && cursor.token().kind() != Kind.EQUALS
                && !cursor.isWord(NEXT)) cursor.skip();
    }
}
