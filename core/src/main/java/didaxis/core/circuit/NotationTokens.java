package didaxis.core.circuit;

import java.util.ArrayList;
import java.util.List;

/** The notation cut into signs, points, and runs of text between them (labels, values, words). */
final class NotationTokens {
    enum Type {
        RUN,
        POINT,
        SIGN,
        END
    }

    /** A piece of the text and the index where it begins. */
    record Token(Type type, String text, int at) {
        boolean is(String sign) {
            return type == Type.SIGN && text.equals(sign);
        }
    }

    /** Thrown inside the parser, caught at its door. */
    static final class Refusal extends RuntimeException {
        private final transient Notation.Result.Refused refused;

        Refusal(Notation.Result.Refused refused) {
            super(refused.sentence(), null, false, false);
            this.refused = refused;
        }

        Notation.Result.Refused refused() {
            return refused;
        }
    }

    private static final String SIGNS = ":+()[]{},=";

    private final String text;
    private final List<Token> tokens = new ArrayList<>();
    private int next;

    NotationTokens(String text) {
        this.text = text;
        int i = 0;
        while (i < text.length()) {
            char c = text.charAt(i);
            if (isSpace(c)) i++;
            else if (c == '∥') i = add(Type.SIGN, "||", i, i + 1);
            else if (c == '|') i = bars(i);
            else if (SIGNS.indexOf(c) >= 0) i = add(Type.SIGN, String.valueOf(c), i, i + 1);
            else if (isPoint(i)) i = add(Type.POINT, text.substring(i + 1, i + 2), i, i + 2);
            else i = run(i);
        }
        tokens.add(new Token(Type.END, "", text.length()));
    }

    private int bars(int i) {
        if (!text.startsWith("||", i)) throw refuse(i, "'|'", "'||' for parallel");
        return add(Type.SIGN, "||", i, i + 2);
    }

    private boolean isPoint(int i) {
        if (text.charAt(i) != '.' || i + 1 >= text.length()) return false;
        boolean letter = text.charAt(i + 1) >= 'A' && text.charAt(i + 1) <= 'Z';
        return letter && (i + 2 >= text.length() || !Character.isLetterOrDigit(text.charAt(i + 2)));
    }

    private int run(int from) {
        int to = from;
        while (to < text.length() && SIGNS.indexOf(text.charAt(to)) < 0 && "|∥".indexOf(text.charAt(to)) < 0) to++;
        return add(Type.RUN, text.substring(from, to).strip(), from, to);
    }

    private int add(Type type, String piece, int from, int to) {
        tokens.add(new Token(type, piece, from));
        return to;
    }

    private static boolean isSpace(char c) {
        return Character.isWhitespace(c) || Character.isSpaceChar(c);
    }

    List<Token> all() {
        return tokens;
    }

    Token peek() {
        return tokens.get(next);
    }

    Token take() {
        Token token = tokens.get(next);
        if (token.type() != Type.END) next++;
        return token;
    }

    /** Takes the sign if it is the next token. */
    boolean takeIf(String sign) {
        boolean found = peek().is(sign);
        if (found) next++;
        return found;
    }

    void take(String sign, String expected) {
        if (!takeIf(sign)) throw refuse(peek(), expected);
    }

    Refusal refuse(Token token, String expected) {
        String found = token.type() == Type.END ? "the end of the text" : "'" + shortened(token) + "'";
        return refuse(token.at(), found, expected);
    }

    private static String shortened(Token token) {
        String piece = token.type() == Type.POINT ? "." + token.text() : token.text();
        return piece.length() <= 24 ? piece : piece.substring(0, 24) + "…";
    }

    private Refusal refuse(int at, String found, String expected) {
        int line = 1;
        int lineStart = 0;
        for (int i = 0; i < at; i++) {
            if (text.charAt(i) == '\n') {
                line++;
                lineStart = i + 1;
            }
        }
        return new Refusal(new Notation.Result.Refused(line, at - lineStart + 1, found, expected));
    }
}
