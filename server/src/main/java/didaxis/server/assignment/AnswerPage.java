package didaxis.server.assignment;

import didaxis.server.assignment.QuestionSheet.TaskSheet;
import didaxis.server.print.Html;
import java.util.List;

/** The sheet on which a paper is answered, as HTML for the printer: numbers, marks, and room. */
final class AnswerPage {
    private AnswerPage() {}

    /** The whole document. */
    static String of(Copy copy, Paper paper, PaperLayout layout) {
        Html html = new Html();
        List<QuestionSheet> sheets = PaperPage.sheets(paper);
        PaperPage.head(html, copy, sheets, layout);
        AnswerRoom room = new AnswerRoom(html);
        for (int k = 0; k < sheets.size(); k++) {
            if (sheets.size() > 1) PaperPage.questionHead(html, k, sheets.get(k));
            for (TaskSheet task : sheets.get(k).tasks()) {
                html.raw("<div class=\"task\">");
                PaperPage.prompt(html, task.number(), "", task.marks());
                room.of(task, true);
                html.raw("</div>");
            }
        }
        return PaperPage.document("Answers: " + copy.lettered(), "paper", html, layout);
    }
}
