package didaxis.server.question;

import com.fasterxml.jackson.annotation.JsonValue;
import didaxis.core.question.Box;
import java.util.Locale;

/** What a box takes, as JSON names it. */
public enum FormWord {
    AMOUNT,
    WAY,
    ORDER,
    THINGS,
    JOINT,
    RELATION,
    FACTOR,
    VALUE,
    VALUES,
    FOLDS,
    NESTING,
    NETWORK,
    BANDS,
    PERCENT,
    CHAIN,
    WHY,
    COUNT,
    WORDS,
    GAP,
    CURRENTS;

    @JsonValue
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static FormWord of(Box.Form form) {
        return form.match(new Box.Form.Cases<>(
                amount -> AMOUNT,
                way -> WAY,
                order -> ORDER,
                things -> THINGS,
                joint -> JOINT,
                relation -> RELATION,
                factor -> FACTOR,
                value -> VALUE,
                values -> VALUES,
                folds -> FOLDS,
                nested -> NESTING,
                wired -> NETWORK,
                bands -> BANDS,
                percent -> PERCENT,
                chain -> CHAIN,
                why -> WHY,
                count -> COUNT,
                words -> WORDS,
                gap -> GAP,
                currents -> CURRENTS));
    }

    /** The unit of an amount; empty for any other form. */
    public static String unit(Box.Form form) {
        return form.match(new Box.Form.Cases<>(
                amount -> amount.unit().isEmpty() ? amount.cell().quantity().unit() : amount.unit(),
                way -> "",
                order -> "",
                things -> "",
                joint -> "",
                relation -> "",
                factor -> "",
                value -> value.quantity().unit(),
                values -> values.quantity().unit(),
                folds -> folds.letters() ? "" : "Ω",
                nested -> "",
                wired -> "",
                bands -> "",
                percent -> "%",
                chain -> "",
                why -> "",
                count -> "",
                words -> "",
                gap -> "",
                currents -> ""));
    }
}
