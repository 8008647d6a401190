package didaxis.core.notation;

import didaxis.core.quantity.Subscripts;
import java.util.List;
import java.util.regex.Pattern;

/**
 * The notation cut into signs, points, and runs of text between them (labels, values, words); one piece ahead of
 * its reader, so that a long text is never held in pieces.
 */
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

    private static final String SIGN_CHARACTERS = ":+()[]{},=";
    private static final List<String> SIGNS = List.of(SIGN_CHARACTERS.split(""));
    private static final String PARALLEL = "||";
    private static final Pattern SUBSCRIPTED = Pattern.compile("[A-Z]{1,2}[₀-₉]{1,6}");

    private final String text;
    private int at;
    private Token next;

    NotationTokens(String text) {
        this.text = text;
        next = cut();
    }

    private Token cut() {
        while (at < text.length() && isSpace(text.charAt(at))) at++;
        if (at == text.length()) return new Token(Type.END, "", at);
        char c = text.charAt(at);
        if (c == '∥') return piece(Type.SIGN, PARALLEL, 1);
        if (c == '|') return bars();
        int sign = signAt(at);
        if (sign >= 0) return piece(Type.SIGN, SIGNS.get(sign), 1);
        return isPoint(at) ? piece(Type.POINT, text.substring(at + 1, at + 2), 2) : run();
    }

    private Token bars() {
        if (!text.startsWith(PARALLEL, at)) throw refuse(at, "'|'", "'||' for parallel");
        return piece(Type.SIGN, PARALLEL, 2);
    }

    private boolean isPoint(int i) {
        if (text.charAt(i) != '.' || i + 1 >= text.length()) return false;
        boolean letter = text.charAt(i + 1) >= 'A' && text.charAt(i + 1) <= 'Z';
        return letter && (i + 2 >= text.length() || !Character.isLetterOrDigit(text.charAt(i + 2)));
    }

    private Token run() {
        int to = at;
        while (to < text.length() && signAt(to) < 0 && "|∥".indexOf(text.charAt(to)) < 0) to++;
        String run = text.substring(at, to).strip();
        // A label may be copied from where it is set.
        return piece(Type.RUN, SUBSCRIPTED.matcher(run).matches() ? Subscripts.typed(run) : run, to - at);
    }

    private Token piece(Type type, String piece, int length) {
        Token token = new Token(type, piece, at);
        at += length;
        return token;
    }

    /** Which of the signs stands there; −1 for none. A comma between digits belongs to their number. */
    private int signAt(int i) {
        boolean inNumber = text.charAt(i) == ',' && isDigit(i - 1) && isDigit(i + 1);
        return inNumber ? -1 : SIGN_CHARACTERS.indexOf(text.charAt(i));
    }

    private boolean isDigit(int i) {
        return i >= 0 && i < text.length() && Character.isDigit(text.charAt(i));
    }

    private static boolean isSpace(char c) {
        return Character.isWhitespace(c) || Character.isSpaceChar(c);
    }

    Token peek() {
        return next;
    }

    Token take() {
        Token token = next;
        if (token.type() != Type.END) next = cut();
        return token;
    }

    /** Takes the sign if it is the next token. */
    boolean takeIf(String sign) {
        boolean found = next.is(sign);
        if (found) take();
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
