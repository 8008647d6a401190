package didaxis.server.assignment;

import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.marking.WorkedLines;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The lines of one sheet, as many of each box as its marker reads. */
final class SheetLines {
    private final Paper paper;
    private final Map<String, String> typed;
    private final Map<Integer, WorkedLines.Sheet> questions = new HashMap<>();

    SheetLines(Paper paper, List<Answer> answers) {
        this.paper = paper;
        this.typed = Judging.typed(answers);
    }

    /** What was typed into a box. */
    String text(Paper.Place place) {
        return typed.getOrDefault(place.id(), "");
    }

    /** Those of a box; none where it is not answered in lines. */
    List<Checked> of(Paper.Place place) {
        return questions.computeIfAbsent(place.question(), this::question).of(place.box());
    }

    private WorkedLines.Sheet question(int place) {
        return new WorkedLines(paper.questions().get(place), paper.style().marking()).of(paper.own(place, typed));
    }
}
