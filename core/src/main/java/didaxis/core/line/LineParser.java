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
    private static final Set<Kind> STATING = Set.of(Kind.EQUALS, Kind.OTHER);
    private static final Set<String> IS = Set.of("is", "are", "equals", "gives");
    private static final Set<String> NEXT =
            Set.of("so", "therefore", "hence", "thus", "then", "and", "where", "because", "since", "using", "with");
    private static final int FEW_WORDS = 2;
    private static final Set<String> LET = Set.of("let", "say", "call");

    private final LineCursor cursor;
    private final LineNames names;
    private final LineExpressions expressions;
    private final LineRemarks remarks;

    LineParser(List<Token> tokens, LineNames names, LineNumbers numbers, LineExpressions.Reading reading) {
        this.cursor = new LineCursor(tokens);
        this.names = names;
        this.expressions = new LineExpressions(cursor, names, numbers, reading);
        this.remarks = new LineRemarks(cursor, names);
    }

    /** Adds the chains of the line; where it stopped, if it did. */
    Optional<Unread> line(List<Chain> chains) {
        new LineLabels(cursor, names).skip();
        while (cursor.token().kind() != Kind.END) {
            if (cursor.token().kind() == Kind.NEXT || cursor.isWord(NEXT)) {
                cursor.skip();
                continue;
            }
            List<Term> sides = new ArrayList<>();
            int begun = cursor.at();
            boolean stopped = chain(sides);
            boolean words = stopped && (wordsAlone(begun) || saysWhatFor(begun));
            if (!sides.isEmpty() && !words) chains.add(new Chain(resultLast(sides)));
            if (stopped && !words) {
                Token unread = cursor.token();
                return Optional.of(new Unread(unread.at(), unread.text()));
            }
            if (expressions.beginsAnother()) continue;
            skipRemark();
            if (leadsTo(sides)) {
                chains.remove(chains.size() - 1);
                cursor.skip();
                continue;
            }
            if (cursor.token().kind() == Kind.EQUALS)
                return Optional.of(
                        new Unread(cursor.token().at(), cursor.token().text()));
        }
        return Optional.empty();
    }

    /** 8 V = 0.5 A × 16 Ω tells the same as 0.5 A × 16 Ω = 8 V. */
    private static List<Term> resultLast(List<Term> sides) {
        boolean first = sides.size() == 2
                && sides.get(0) instanceof Term.Written written
                && written.quantity().isPresent()
                && !(sides.get(1) instanceof Term.Written)
                && sides.get(1).names().findAny().isEmpty();
        return first ? List.of(sides.get(1), sides.get(0)) : sides;
    }

    /** "R4 and R5 in parallel: …": names alone before a colon say what follows. */
    private boolean leadsTo(List<Term> sides) {
        return cursor.token().text().equals(":")
                && cursor.token().kind() == Kind.EQUALS
                && sides.size() == 1
                && sides.get(0) instanceof Term.Name;
    }

    /** Reads as many sides as there are; whether it stopped within one. */
    private boolean chain(List<Term> sides) {
        try {
            if (cursor.token().kind() == Kind.EQUALS) cursor.skip();
            else words().ifPresent(sides::add);
            if (!sides.isEmpty() && !equals()) return false;
            if (asks()) return false;
            sides.add(expressions.side());
            while (true) {
                int last = sides.size() - 1;
                // How an amount was worked comes before it, wherever it is written.
                if (expressions.isWorked(sides.get(last))) sides.add(last, expressions.side());
                if (!equals()) break;
                if (asks()) return false;
                sides.add(expressions.side());
            }
            return !(atEnd()
                    || remarks.isRemark()
                    || expressions.beginsAnother()
                    || cursor.token().kind() == Kind.OTHER && saysNoMore());
        } catch (LineCursor.Stop stop) {
            return true;
        }
    }

    /** "I = ?" says what is to be found. */
    private boolean asks() {
        if (!cursor.token().text().equals("?")) return false;
        cursor.skip();
        return true;
    }

    /** Whether no number and no equality follows: "✓", "<- answer". */
    private boolean saysNoMore() {
        return cursor.from(cursor.at()).stream()
                .noneMatch(token -> token.kind() == Kind.EQUALS || token.kind() == Kind.NUMBER);
    }

    private boolean equals() {
        // Between letters and what is put in for them the sign is often left out.
        if (expressions.goesOn()) return true;
        passRemark();
        if (cursor.token().kind() != Kind.EQUALS && !cursor.isWord(IS)) return false;
        cursor.skip();
        // "= = 3" and "=: 3" are equals signs still.
        while (cursor.token().kind() == Kind.EQUALS) cursor.skip();
        return true;
    }

    /** "6 + 4 (in series) = 10": what is said in the middle. */
    private void passRemark() {
        if (!cursor.token().is("(") || !remarks.isRemark()) return;
        int from = cursor.at();
        skipBracket();
        if (cursor.token().kind() != Kind.EQUALS) cursor.to(from);
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
        if (words.size() > FEW_WORDS
                && cursor.token().kind() == Kind.EQUALS
                && words.stream().skip(1).noneMatch(one -> names.name(one).isPresent())) {
            Optional<Term.Name> letter = names.name(words.get(0));
            // "V in parallel = 15 V" names something of its own.
            if (letter.isPresent())
                return Optional.of(new Term.Name(
                        String.join(" ", words), Optional.empty(), letter.get().quantity()));
        }
        boolean letter = words.size() == 1
                && names.spelt(words.get(0)).isPresent()
                && cursor.token().kind() == Kind.SIGN;
        if (words.isEmpty()
                || letter
                || names.name(words.get(0)).isPresent()
                || !names.product(words.get(0)).isEmpty()) {
            cursor.to(from);
            return Optional.empty();
        }
        // "lcm 30: …" leads to what is meant.
        if (cursor.token().kind() == Kind.NUMBER && cursor.ahead(1).text().equals(":")) {
            cursor.to(cursor.at() + 2);
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

    /** Whether what was begun there is words and no statement: "as they are in series", "each branch has 15 V". */
    private boolean wordsAlone(int begun) {
        int words = 0;
        for (Token token : cursor.from(begun)) {
            boolean next =
                    token.kind() == Kind.WORD && NEXT.contains(token.text().toLowerCase(Locale.ROOT));
            if (token.kind() == Kind.NEXT || next && words > 0) break;
            if (STATING.contains(token.kind()) || token.kind() == Kind.NUMBER && words < FEW_WORDS) return false;
            if (token.kind() == Kind.WORD) words++;
        }
        return words > 0;
    }

    /** "Let x = the resistance of both" says in words what a letter is for. */
    private boolean saysWhatFor(int begun) {
        List<Token> said = cursor.from(begun);
        return !said.isEmpty()
                && LET.contains(said.get(0).text().toLowerCase(Locale.ROOT))
                && said.stream().allMatch(token -> token.kind() == Kind.WORD || token.kind() == Kind.EQUALS);
    }

    private void skipRemark() {
        while (cursor.token().kind() != Kind.END
                && cursor.token().kind() != Kind.NEXT
                && cursor.token().kind() != Kind.EQUALS
                && !cursor.isWord(NEXT)) {
            if (cursor.token().is("(")) skipBracket();
            else cursor.skip();
        }
    }

    /** What stands in brackets behind a statement is said of it. */
    private void skipBracket() {
        while (cursor.token().kind() != Kind.END && !cursor.token().is(")")) cursor.skip();
        cursor.skip();
    }
}
