package didaxis.server.assignment;

import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.marking.LineWork;
import didaxis.core.marking.WorkedLines;
import didaxis.core.question.Question;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What was typed on one sheet, and its lines, as many of each box as its marker reads, where they are wanted. */
final class SheetLines {
    private final Paper paper;
    private final Map<String, String> typed;
    private final boolean read;
    private final Map<Integer, WorkedLines.Sheet> questions = new HashMap<>();

    private SheetLines(Paper paper, List<Answer> answers, boolean read) {
        this.paper = paper;
        this.typed = Judging.typed(answers);
        this.read = read;
    }

    /** With its lines, each box's read when they are asked for. */
    static SheetLines read(Paper paper, List<Answer> answers) {
        return new SheetLines(paper, answers, true);
    }

    /** Without them: for what is said of answers and points, since to read lines takes long. */
    static SheetLines unread(Paper paper, List<Answer> answers) {
        return new SheetLines(paper, answers, false);
    }

    /** What was typed into a box. */
    String text(Paper.Place place) {
        return typed.getOrDefault(place.id(), "");
    }

    /** Those of a box; none where it is not answered in lines, or they are not wanted. */
    List<Checked> of(Paper.Place place) {
        if (!read) return List.of();
        return questions.computeIfAbsent(place.question(), this::question).of(place.box());
    }

    private WorkedLines.Sheet question(int place) {
        Question question = paper.questions().get(place);
        LineWork work = LineWork.of(paper.questions(), place);
        return new WorkedLines(question, paper.style().marking(), work).of(paper.own(place, typed));
    }
}
