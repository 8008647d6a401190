package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.correction.Accepted;
import didaxis.core.correction.Amendment;
import didaxis.core.correction.Amendment.Fate;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaHtml;
import didaxis.core.formula.Symbols;
import didaxis.core.memo.Memo;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.question.Box;
import didaxis.core.question.InWords;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.AcceptedRange;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxName;
import didaxis.core.wording.TaskSentence;
import didaxis.core.working.Step;
import didaxis.server.print.Html;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The memo of a paper as HTML for the printer: each line of the model answers with its ticks at the right. */
final class MemoPage {
    /** Of other routes so many are printed, the shortest. */
    private static final int MOST_ROUTES = 3;

    private final Paper paper;
    private final HouseStyle style;
    private final Html html = new Html();

    private MemoPage(Paper paper) {
        this.paper = paper;
        this.style = paper.style().house();
    }

    /** The whole document. */
    static String of(Copy copy, Paper paper, PaperLayout layout) {
        MemoPage page = new MemoPage(paper);
        String memo = "Memo: " + copy.lettered();
        page.html.element("h1", "", memo);
        PaperPage.caution(page.html, paper);
        for (int k = 0; k < paper.questions().size(); k++) page.question(k);
        return PaperPage.document(memo, "memo", page.html, layout);
    }

    private void question(int place) {
        Question question = paper.questions().get(place);
        TaskSentence sentences = new TaskSentence(style, question);
        Memo memo = Memo.of(question, paper.style().marking());
        int total = question.boxes().stream().mapToInt(box -> marks(place, box)).sum();
        if (paper.questions().size() > 1) html.element("h2", "", "Question " + (place + 1) + "  [" + total + "]");
        for (int k = 0; k < question.tasks().size(); k++) {
            Task task = question.tasks().get(k);
            html.raw("<div class=\"task\">");
            int marks = task.boxes().stream().mapToInt(box -> marks(place, box)).sum();
            PaperPage.prompt(html, paper.number(place, k), sentences.prompt(task), marks);
            html.raw("<div class=\"answer\">");
            ChartSheet.of(task, question, style, Box::id)
                    .ifPresent(chart -> new AnswerRoom(html).filled(chart, id -> model(id, task, question)));
            memo.entries().stream().filter(entry -> entry.task().equals(task)).forEach(entry -> {
                entry(entry, question);
                amended(entry.box(), Paper.id(place, entry.box()));
            });
            html.raw("</div></div>");
        }
    }

    private String model(String id, Task task, Question question) {
        Box asked = task.boxes().stream()
                .filter(box -> box.id().equals(id))
                .findFirst()
                .orElseThrow();
        return question.model(asked, paper.style().marking());
    }

    private void entry(Memo.Entry entry, Question question) {
        boolean several = entry.task().boxes().size() > 1;
        boolean amount = entry.box().form() instanceof Box.Form.Amount;
        if (several && !amount) html.element("p", "note", new BoxName(style).say(entry.task(), entry.box()) + ":");
        html.raw("<table class=\"working\">");
        for (Memo.Line line : entry.lines())
            html.raw("<tr><td>")
                    .raw(line(line, entry))
                    .raw("</td><td class=\"ticks\">")
                    .text("✓ ".repeat(line.points().size()).strip())
                    .raw("</td></tr>");
        html.raw("</table>");
        if (amount) accepted((Box.Form.Amount) entry.box().form(), question);
        if (entry.task() instanceof InWords words)
            words.phrases().stream()
                    .filter(phrase -> !phrase.not().isEmpty())
                    .forEach(phrase ->
                            html.element("p", "note", "Not accepted: " + String.join(" / ", phrase.not()) + "."));
        for (List<Step> route : entry.routes().stream().limit(MOST_ROUTES).toList()) {
            html.element("p", "or", "or");
            for (Step step : route)
                html.raw("<p class=\"note\">")
                        .raw(step(step, cell -> truth(cell, entry, question)))
                        .raw("</p>");
        }
    }

    private int marks(int question, Box box) {
        return paper.memo().amendment(Paper.id(question, box)).marks(box);
    }

    /** What was put right after it was handed out. */
    private void amended(Box box, String id) {
        Amendment amendment = paper.memo().amendment(id);
        for (Accepted one : amendment.accepted())
            html.element("p", "note", "Accept also " + one.text() + " (" + one.points() + " of " + box.marks() + ").");
        if (amendment.fate() == Fate.GIVEN_TO_ALL) html.element("p", "note", "Everybody has the marks.");
        if (amendment.fate() == Fate.LEFT_OUT) html.element("p", "note", "Left out: it counts for nobody.");
    }

    private static double truth(Cell cell, Memo.Entry entry, Question question) {
        int state = ((Box.Form.Amount) entry.box().form()).state();
        return question.state(state).chart().value(cell).orElseThrow();
    }

    private void accepted(Box.Form.Amount asked, Question question) {
        new AcceptedRange(paper.style().marking())
                .of(asked, question)
                .ifPresent(range -> html.element("p", "note", "Accept " + range + "."));
    }

    private String line(Memo.Line line, Memo.Entry entry) {
        if (line instanceof Memo.Line.Worked worked)
            return step(worked.step(), worked.working().values()::get);
        return Html.escaped(new BoxChoices(style).said(entry.box(), ((Memo.Line.Written) line).text()));
    }

    /** A step as equal formulas: letters, numbers, the result. */
    private String step(Step step, Function<Cell, Double> values) {
        Symbols symbols = new Symbols(style.terms());
        AmountFormat format = style.numbers();
        List<String> sides = new ArrayList<>(List.of(symbols.html(step.cell())));
        boolean worked = !(step.formula() instanceof Formula.Number);
        if (worked) sides.add(FormulaHtml.print(step.formula(), symbols::html));
        if (worked && !(step.formula() instanceof Formula.Of))
            sides.add(FormulaHtml.print(step.formula(), cell -> format.number(values.apply(cell))));
        sides.add(Html.escaped(format.print(Amount.of(step.value(), step.cell().quantity()))));
        return sides.stream().collect(Collectors.joining(" = "));
    }
}
