package didaxis.core.line;

import didaxis.core.line.LineTokens.Kind;
import didaxis.core.line.LineTokens.Token;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** A place among the tokens of a line; behind the last one is the end, however far. */
final class LineCursor {
    private final List<Token> tokens;
    private int at;

    LineCursor(List<Token> tokens) {
        this.tokens = tokens;
    }

    /** Thrown where a line goes on in no way that is known; the cursor stands there. */
    static final class Stop extends RuntimeException {
        private static final long serialVersionUID = 1;

        Stop() {
            super(null, null, false, false);
        }
    }

    int at() {
        return at;
    }

    void to(int place) {
        at = place;
    }

    Token token() {
        return ahead(0);
    }

    Token ahead(int places) {
        return tokens.get(Math.min(at + places, tokens.size() - 1));
    }

    Token next() {
        Token token = token();
        at++;
        return token;
    }

    void skip() {
        at++;
    }

    boolean isWord(Set<String> words) {
        return token().kind() == Kind.WORD && words.contains(token().text().toLowerCase(Locale.ROOT));
    }

    /** What stands from a place on, without the end. */
    List<Token> from(int place) {
        return tokens.subList(Math.min(place, tokens.size() - 1), tokens.size() - 1);
    }
}
