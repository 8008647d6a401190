package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.drawing.Scene;
import didaxis.core.drawing.Svg;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.wording.DataSheet;
import didaxis.core.wording.Words;
import didaxis.server.assignment.QuestionSheet.StateSheet;
import didaxis.server.assignment.QuestionSheet.TaskSheet;
import didaxis.server.circuit.ExtraLowVoltage;
import didaxis.server.circuit.SceneView;
import didaxis.server.print.Html;
import didaxis.server.print.Pdf;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A paper to be written on, as HTML for the printer: what a learner's sheet shows, and room to answer by marks. It is made
 * from the learner's sheet, so that nothing stands on it that the sheet withholds.
 */
final class PaperPage {
    private static final SceneView.Room FIGURE = new SceneView.Room(460, 250);
    /** In pixels: between the margins, and two thirds of a page. */
    private static final double WIDEST = 656;

    private static final double HIGHEST = 600;
    /** Drawings that are larger than their room have larger texts, which at this scale are about as large as the page's. */
    private static final double LEGIBLE = 0.65;

    private static final Pattern GAP = Pattern.compile("___");
    private static final String LETTER = "@page { size: 8.5in 11in; }";

    private final Paper paper;
    private final PaperLayout layout;
    private final Html html = new Html();
    private final AnswerRoom room = new AnswerRoom(html);

    private PaperPage(Paper paper, PaperLayout layout) {
        this.paper = paper;
        this.layout = layout;
    }

    /** The whole document. */
    static String of(Copy copy, Paper paper, PaperLayout layout) {
        PaperPage page = new PaperPage(paper, layout);
        List<QuestionSheet> sheets = sheets(paper);
        head(page.html, copy, sheets, layout);
        if (layout.instructions() != null && !layout.instructions().isBlank())
            page.html.element("p", "instructions", layout.instructions().strip());
        caution(page.html, paper);
        for (int k = 0; k < sheets.size(); k++) {
            section(page.html, layout, k);
            page.question(k, sheets.get(k), sheets.size() > 1);
        }
        if (layout.withDataSheet()) page.dataSheet();
        return document(copy.lettered(), "paper", page.html, layout);
    }

    /** Title and variant, name and class, marks and time. */
    static void head(Html html, Copy copy, List<QuestionSheet> sheets, PaperLayout layout) {
        int total = sheets.stream().mapToInt(PaperPage::marks).sum();
        String time = layout.minutes() == null ? "" : "  ·  " + layout.minutes() + " minutes";
        html.raw("<table class=\"head\"><tr><td colspan=\"2\">")
                .element("h1", "", copy.title())
                .raw("</td><td class=\"variant\">")
                .text(copy.variant())
                .raw("</td></tr><tr><td class=\"blank\">Name: ")
                .text(copy.learner())
                .raw("</td><td>")
                .text(copy.classroom().isEmpty() ? "" : "Class: " + copy.classroom())
                .raw("</td><td class=\"total\">")
                .text(total + (total == 1 ? " mark" : " marks") + time)
                .raw("</td></tr></table>");
    }

    private static void section(Html html, PaperLayout layout, int place) {
        layout.section(place).ifPresent(section -> {
            html.element("h2", "section", section.title().strip());
            if (section.text() != null && !section.text().isBlank())
                html.element("p", "", section.text().strip());
        });
    }

    private void dataSheet() {
        html.raw("<div class=\"data\">").element("h2", "", "Formulas").raw("<table>");
        for (DataSheet.Line line : new DataSheet(paper.style().house()).lines())
            html.raw("<tr>").element("td", "of", line.of()).raw("<td>" + line.html() + "</td></tr>");
        html.raw("</table></div>");
    }

    static List<QuestionSheet> sheets(Paper paper) {
        return IntStream.range(0, paper.questions().size())
                .mapToObj(place -> QuestionSheet.of(paper, place, List.of(), SceneView.Room.DESK, false))
                .toList();
    }

    /** Pages with this body, in the printer's own style. */
    static String document(String title, String type, Html body, PaperLayout layout) {
        return "<!DOCTYPE html><html lang=\"en\"><head><title>" + Html.escaped(title)
                + "</title><meta name=\"description\" content=\"" + Html.escaped(title) + "\"/><style>"
                + Pdf.css() + (layout.letter() ? LETTER : "") + "</style></head><body><div class=\"copy " + type + "\">"
                + body + "</div></body></html>";
    }

    /** Of circuits that nobody should build. */
    static void caution(Html html, Paper paper) {
        boolean exceeded = paper.questions().stream()
                .flatMap(question -> question.states().stream())
                .anyMatch(state -> ExtraLowVoltage.isExceededBy(state.circuit()));
        if (exceeded) html.element("p", "caution", ExtraLowVoltage.CAUTION);
    }

    static int marks(QuestionSheet sheet) {
        return sheet.tasks().stream().mapToInt(TaskSheet::marks).sum();
    }

    static void questionHead(Html html, int place, QuestionSheet sheet) {
        html.element("h2", "", "Question " + (place + 1) + "  [" + marks(sheet) + "]");
    }

    private void question(int place, QuestionSheet sheet, boolean many) {
        if (many) questionHead(html, place, sheet);
        if (!sheet.stem().isEmpty()) html.element("p", "stem", sheet.stem());
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
            Scene scene = SceneView.scene(
                    state.circuit(),
                    shown::contains,
                    paper.looks().get(place).plan(),
                    FIGURE,
                    paper.style().house());
            html.raw("<div class=\"figure\">")
                    .raw(figure(scene, Words.describe(state.circuit())))
                    .raw("</div>");
        }
        given("given", told.given().stream().filter(one -> !isOnTheDrawing(one)).toList());
        // Where there is no drawing, as in plain text, what stands on it must be said.
        given("told", told.given().stream().filter(PaperPage::isOnTheDrawing).toList());
    }

    private void given(String type, List<QuestionSheet.GivenView> cells) {
        String said = cells.stream()
                .map(one -> one.cell().quantity() + " of "
                        + one.cell().subject().replaceFirst("^\\.", "") + ": " + one.shown())
                .collect(Collectors.joining("; "));
        if (!said.isEmpty()) html.element("p", type, "Given: " + said + ".");
    }

    /** Resistances and the emf stand on the drawing already. */
    private static boolean isOnTheDrawing(QuestionSheet.GivenView one) {
        boolean emf =
                one.cell().subject().equals("total") && one.cell().quantity().equals("voltage");
        return emf || one.cell().quantity().equals("resistance");
    }

    /** A drawing in the page's own typeface, in its room where it can be read there, and no larger than a page. */
    private static String figure(Scene scene, String words) {
        double room = Math.min(FIGURE.width() / scene.width(), FIGURE.height() / scene.height());
        double page = Math.min(WIDEST / scene.width(), HIGHEST / scene.height());
        double scale = Math.min(1, Math.min(page, Math.max(room, LEGIBLE)));
        return Svg.print(scene, words)
                .replaceFirst(
                        "width=\"[0-9.]+\" height=\"[0-9.]+\"",
                        String.format(
                                Locale.ROOT,
                                "style=\"width:%.1fpx;height:%.1fpx\" alt=\"%s\"",
                                scale * scene.width(),
                                scale * scene.height(),
                                Matcher.quoteReplacement(Html.escaped(words))))
                .replaceFirst("font-family=\"[^\"]*\"", "font-family=\"" + Pdf.FONT + "\"");
    }

    private void task(TaskSheet task) {
        html.raw("<div class=\"task\">");
        prompt(html, task.number(), GAP.matcher(task.prompt()).replaceAll("______________"), task.marks());
        if (layout.roomOnPaper()) room.of(task, false);
        else for (BoxView box : task.boxes()) room.choices(box);
        html.raw("</div>");
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
}
