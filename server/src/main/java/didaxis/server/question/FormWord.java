package didaxis.server.question;

import didaxis.core.question.Box;

/** What a box takes, as JSON names it. */
public final class FormWord {
    private FormWord() {}

    public static String of(Box.Form form) {
        return form.match(new Box.Form.Cases<>(
                amount -> "amount",
                way -> "way",
                order -> "order",
                things -> "things",
                joint -> "joint",
                relation -> "relation",
                factor -> "factor",
                value -> "value",
                values -> "values",
                folds -> "folds",
                nested -> "nesting",
                wired -> "network",
                bands -> "bands",
                percent -> "percent",
                chain -> "chain",
                why -> "why",
                count -> "count"));
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
                count -> ""));
    }
}
