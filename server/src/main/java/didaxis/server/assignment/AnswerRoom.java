package didaxis.server.assignment;

import didaxis.server.assignment.QuestionSheet.TaskSheet;
import didaxis.server.print.Html;
import didaxis.server.question.FormWord;
import java.util.Map;
import java.util.function.UnaryOperator;

/** Room to answer a task on paper: more where more is to be written. */
record AnswerRoom(Html html) {
    private static final Map<FormWord, String> PICKED = Map.of(
            FormWord.WAY, "increases  /  decreases  /  stays the same",
            FormWord.JOINT, "in series  /  in parallel  /  neither",
            FormWord.RELATION, "less  /  equal  /  greater");

    /**
     * The room for all its boxes.
     *
     * @param apart whether it stands on a sheet of its own, away from what is asked
     */
    void of(TaskSheet task, boolean apart) {
        html.raw("<div class=\"answer\">");
        if (task.chart() != null) chart(task.chart());
        else for (BoxView box : task.boxes()) box(box, task.boxes().size() > 1, apart);
        html.raw("</div>");
    }

    private void box(BoxView box, boolean named, boolean apart) {
        if (box.form() == FormWord.GAP) {
            // The gaps themselves are the room, where the text is.
            if (apart) line();
            return;
        }
        String picked = PICKED.get(box.form());
        if (picked != null) {
            html.element("p", "choice", (named ? box.name() + ":  " : "") + picked);
            return;
        }
        if (named) html.element("p", "named", box.name() + ":");
        if (!apart) choices(box);
        for (int k = 0; k < lines(box); k++) line();
    }

    /** Sentences to choose from, by their letters. */
    void choices(BoxView box) {
        boolean lettered = box.form() == FormWord.WHY || box.form() == FormWord.CHAIN;
        for (int k = 0; lettered && k < box.things().size(); k++)
            html.element("p", "choice", (char) ('a' + k) + ")  " + box.things().get(k));
    }

    private void line() {
        html.raw("<div class=\"line\"></div>");
    }

    private static int lines(BoxView box) {
        return switch (box.form()) {
            case AMOUNT, VALUE -> box.marks() > 1 ? box.marks() + 1 : 1;
            case WORDS -> 2 * box.marks();
            case FOLDS, NETWORK, VALUES -> 2 + box.marks();
            default -> 1;
        };
    }

    private void chart(ChartSheet chart) {
        filled(chart, box -> "");
    }

    /**
     * A chart with what is told in it.
     *
     * @param texts what stands in a box, by its id
     */
    void filled(ChartSheet chart, UnaryOperator<String> texts) {
        html.raw("<table class=\"chart\"><tr><th class=\"row\"></th>");
        for (ChartSheet.AskedColumn column : chart.columns()) html.element("th", "", column.word());
        html.raw("</tr>");
        for (ChartSheet.AskedRow row : chart.rows()) {
            html.raw("<tr>")
                    .element(
                            "th",
                            "row",
                            row.id().equals("total")
                                    ? chart.wholeWord()
                                    : row.id().replaceFirst("^\\.", ""));
            for (ChartSheet.AskedSlot slot : row.slots()) {
                // What is neither told nor asked is no place to write in.
                boolean none = slot.box().isEmpty() && slot.told().isEmpty();
                html.element("td", none ? "none" : "", slot.box().isEmpty() ? slot.told() : texts.apply(slot.box()));
            }
            html.raw("</tr>");
        }
        html.raw("</table>");
    }
}
