package didaxis.core.line;

import didaxis.core.line.LineTokens.Kind;
import didaxis.core.line.LineTokens.Token;
import java.util.Set;
import java.util.regex.Pattern;

/** What stands before the statements of a line and only says which they are. */
final class LineLabels {
    private static final Set<String> LABELS = Set.of("step", "line", "part", "q");
    private static final Pattern NUMBERED = Pattern.compile("[0-9]{1,2}|[a-hA-H]|[ivx]{1,4}|[0-9]{1,2}[a-h]");

    private final LineCursor cursor;
    private final LineNames names;

    LineLabels(LineCursor cursor, LineNames names) {
        this.cursor = cursor;
        this.names = names;
    }

    /** Goes past what stands where the line begins. */
    void skip() {
        skipLabel();
        skipPair();
    }

    /** "a)", "(2)", "3." and "Step 2:" before what is meant. */
    private void skipLabel() {
        int from = cursor.at();
        boolean bracket = cursor.token().is("(");
        if (bracket) cursor.skip();
        boolean word = cursor.isWord(LABELS);
        if (word) cursor.skip();
        boolean name = NUMBERED.matcher(cursor.token().text()).matches();
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

    /** "R2 and R3: …" says what is worked on. */
    private void skipPair() {
        int from = cursor.at();
        while (isName(0)
                && (cursor.ahead(1).text().matches("and|&|,") || cursor.ahead(1).is("||"))
                && isName(2)) {
            cursor.to(cursor.at() + 2);
            if (!cursor.ahead(1).text().equals(":")) continue;
            cursor.to(cursor.at() + 2);
            return;
        }
        cursor.to(from);
    }

    private boolean isName(int places) {
        Token word = cursor.ahead(places);
        return word.kind() == Kind.WORD && names.name(word.text()).isPresent();
    }
}
