package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.drawing.Svg;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.wording.Words;
import didaxis.server.assignment.QuestionSheet.StateSheet;
import didaxis.server.assignment.QuestionSheet.TaskSheet;
import didaxis.server.circuit.ExtraLowVoltage;
import didaxis.server.circuit.SceneView;
import didaxis.server.print.Html;
import didaxis.server.print.Pdf;
import didaxis.server.question.FormWord;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A paper to be written on, as HTML for the printer: what a learner's sheet shows, and room to answer by marks. It is made
 * from the learner's sheet, so that nothing stands on it that the sheet withholds.
 */
final class PaperPage {
    private static final SceneView.Room FIGURE = new SceneView.Room(460, 250);
    private static final Pattern GAP = Pattern.compile("___");
    private static final Map<FormWord, String> PICKED = Map.of(
            FormWord.WAY, "increases  /  decreases  /  stays the same",
            FormWord.JOINT, "in series  /  in parallel  /  neither",
            FormWord.RELATION, "less  /  equal  /  greater");

    private final Paper paper;
    private final Html html = new Html();

    private PaperPage(Paper paper) {
        this.paper = paper;
    }

    /** The whole document. */
    static String of(String title, String classroom, Paper paper) {
        PaperPage page = new PaperPage(paper);
        List<QuestionSheet> sheets = sheets(paper);
        int total = sheets.stream().mapToInt(PaperPage::marks).sum();
        page.html
                .element("h1", "", title)
                .raw("<table class=\"head\"><tr><td class=\"blank\">Name:</td><td>Class: ")
                .text(classroom)
                .raw("</td><td style=\"text-align:right\">")
                .text(total + " marks")
                .raw("</td></tr></table>");
        caution(page.html, paper);
        for (int k = 0; k < sheets.size(); k++) page.question(k, sheets.get(k), sheets.size() > 1);
        return document(title, "paper", page.html);
    }

    private static List<QuestionSheet> sheets(Paper paper) {
        return IntStream.range(0, paper.questions().size())
                .mapToObj(place -> QuestionSheet.of(paper, place, List.of(), SceneView.Room.DESK, false))
                .toList();
    }

    /** A page with this body, in the printer's own style. */
    static String document(String title, String type, Html body) {
        return "<!DOCTYPE html><html lang=\"en\"><head><title>" + Html.escaped(title)
                + "</title><meta name=\"description\" content=\"" + Html.escaped(title) + "\"/><style>"
                + Pdf.css() + "</style></head><body class=\"" + type + "\">" + body + "</body></html>";
    }

    /** Of circuits that nobody should build. */
    static void caution(Html html, Paper paper) {
        boolean exceeded = paper.questions().stream()
                .flatMap(question -> question.states().stream())
                .anyMatch(state -> ExtraLowVoltage.isExceededBy(state.circuit()));
        if (exceeded) html.element("p", "caution", ExtraLowVoltage.CAUTION);
    }

    private static int marks(QuestionSheet sheet) {
        return sheet.tasks().stream().mapToInt(TaskSheet::marks).sum();
    }

    private void question(int place, QuestionSheet sheet, boolean many) {
        if (many) html.element("h2", "", "Question " + (place + 1) + "  [" + marks(sheet) + "]");
        if (!sheet.stem().isEmpty()) html.element("p", "", sheet.stem());
        int drawn = -1;
        for (TaskSheet task : sheet.tasks()) {
            for (int k = drawn + 1; !sheet.states().isEmpty() && k <= task.state(); k++)
                state(place, k, sheet.states().get(k));
            drawn = Math.max(drawn, sheet.states().isEmpty() ? -1 : task.state());
            task(task);
        }
    }

    private void state(int place, int number, StateSheet told) {
        Question question = paper.questions().get(place);
        State state = question.state(number);
        if (!told.act().isEmpty()) html.element("p", "act", told.act());
        if (told.scene() != null) {
            Set<Cell> shown = question.shown(number);
            String svg = Svg.print(
                    SceneView.scene(
                            state.circuit(),
                            shown::contains,
                            paper.looks().get(place).plan(),
                            FIGURE,
                            paper.style().house()),
                    Words.describe(state.circuit()));
            html.raw("<div class=\"figure\">").raw(inPrint(svg)).raw("</div>");
        }
        List<String> given = told.given().stream()
                .filter(one -> !isOnTheDrawing(one))
                .map(one -> one.cell().quantity() + " of "
                        + one.cell().subject().replaceFirst("^\\.", "") + ": " + one.shown())
                .toList();
        if (!given.isEmpty()) html.element("p", "given", "Given: " + String.join("; ", given) + ".");
    }

    /** Resistances and the emf stand on the drawing already. */
    private static boolean isOnTheDrawing(QuestionSheet.GivenView one) {
        boolean emf =
                one.cell().subject().equals("total") && one.cell().quantity().equals("voltage");
        return emf || one.cell().quantity().equals("resistance");
    }

    /** In the page's own typeface. */
    static String inPrint(String svg) {
        return svg.replaceFirst("^<\\?xml[^>]*>\\s*", "")
                .replaceFirst("width=\"([0-9.]+)\" height=\"([0-9.]+)\"", "style=\"width:$1px;height:$2px\"")
                .replaceFirst("font-family=\"[^\"]*\"", "font-family=\"" + Pdf.FONT + "\"");
    }

    private void task(TaskSheet task) {
        html.raw("<div class=\"task\">");
        prompt(html, task.number(), GAP.matcher(task.prompt()).replaceAll("______________"), task.marks());
        html.raw("<div class=\"answer\">");
        if (task.chart() != null) chart(task.chart());
        else for (BoxView box : task.boxes()) room(box, task.boxes().size() > 1);
        html.raw("</div></div>");
    }

    /** A task's number, what is asked, and its marks at the right. */
    static void prompt(Html html, String number, String prompt, int marks) {
        html.raw("<table class=\"prompt\"><tr><td class=\"number\">")
                .text(number)
                .raw("</td><td>")
                .text(prompt)
                .raw("</td><td class=\"marks\">")
                .text("(" + marks + ")")
                .raw("</td></tr></table>");
    }

    /** Room for an answer: more where more is to be written. */
    private void room(BoxView box, boolean named) {
        if (box.form() == FormWord.GAP) return;
        String picked = PICKED.get(box.form());
        if (picked != null) {
            html.element("p", "choice", (named ? box.name() + ":  " : "") + picked);
            return;
        }
        if (named) html.element("p", "named", box.name() + ":");
        boolean lettered = box.form() == FormWord.WHY || box.form() == FormWord.CHAIN;
        for (int k = 0; lettered && k < box.things().size(); k++)
            html.element("p", "choice", (char) ('a' + k) + ")  " + box.things().get(k));
        for (int k = 0; k < lines(box); k++) html.raw("<div class=\"line\"></div>");
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
            html.raw(row.slots().stream()
                    .map(slot -> "<td>" + (slot.box().isEmpty() ? Html.escaped(slot.told()) : "") + "</td>")
                    .collect(Collectors.joining()));
            html.raw("</tr>");
        }
        html.raw("</table>");
    }
}
