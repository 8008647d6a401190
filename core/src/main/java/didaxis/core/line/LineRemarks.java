package didaxis.core.line;

import didaxis.core.line.LineTokens.Kind;
import java.util.regex.Pattern;

/** What stands behind a statement and is no part of it, from where the cursor stands. */
final class LineRemarks {
    private static final Pattern FIGURES = Pattern.compile("(?i)sf|sig|sigfigs?|dp|decimal|figures?|significant");

    private final LineCursor cursor;
    private final LineNames names;

    LineRemarks(LineCursor cursor, LineNames names) {
        this.cursor = cursor;
        this.names = names;
    }

    /** Words behind a statement are no part of it. */
    boolean isRemark() {
        return isRemark(0) || cursor.token().is("(") && (isRemark(1) || isAside()) || isFigures();
    }

    /** "(I = V/R)" behind a statement is none of its factors. */
    boolean isAside() {
        for (int place = 1; !cursor.ahead(place).is(")"); place++) {
            if (cursor.ahead(place).kind() == Kind.EQUALS) return true;
            if (cursor.ahead(place).kind() == Kind.END) return false;
        }
        return false;
    }

    /** "(3 sf)" behind an amount. */
    private boolean isFigures() {
        return cursor.token().is("(")
                && cursor.ahead(1).kind() == Kind.NUMBER
                && (FIGURES.matcher(cursor.ahead(2).text()).matches()
                        || cursor.ahead(2).text().matches("[sd]")
                                && cursor.ahead(3).is("."));
    }

    private boolean isRemark(int places) {
        String word = cursor.ahead(places).text();
        return cursor.ahead(places).kind() == Kind.WORD
                && names.name(word).isEmpty()
                && names.product(word).isEmpty();
    }
}
