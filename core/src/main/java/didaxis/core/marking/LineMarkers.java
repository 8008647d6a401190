package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.Workings;
import didaxis.core.style.MarkingStyle;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads the amounts of a question that are answered in lines, and has of each the one that judges these. */
final class LineMarkers {
    /**
     * So much work goes into the lines of one sheet, each counted by the cells of its circuit: about a second of one core.
     * Lines beyond it are for the teacher.
     */
    private static final int MOST_WORK = 70_000;
    /** To look for the routes to one amount is as much work as so many lines. */
    private static final int LINES_A_BOX = 8;

    private final Question question;
    private final MarkingStyle style;
    private final Map<Box, LineMarker> markers = new HashMap<>();
    private final Map<Integer, LineMarker.Shared> states = new HashMap<>();
    private Map<Box, Workings.Working> workings;

    LineMarkers(Question question, MarkingStyle style) {
        this.question = question;
        this.style = style;
    }

    /** The amounts that are answered in lines; their texts are replaced by the amounts that are the answers. */
    Map<Box, WorkedAnswer> read(Map<String, String> answers, WrittenNumbers numbers) {
        Map<Box, WorkedAnswer> worked = new LinkedHashMap<>();
        int left = MOST_WORK;
        for (Box box : question.boxes()) {
            if (!(box.form() instanceof Box.Form.Amount amount) || !isWorked(box, answers)) continue;
            int cells = state(amount.state()).substitution().cells().size();
            int lines = Math.max(0, left / cells - LINES_A_BOX);
            Map<Cell, List<Double>> elsewhere = numbers.elsewhere(box, answers, other -> true);
            WorkedAnswer read = of(box).read(answers.get(box.id()), lines, elsewhere);
            left -= cells * (LINES_A_BOX + Math.min(lines, read.lines().size()));
            if (read.statements().isEmpty() && !read.isOpen()) continue;
            worked.put(box, read);
            answers.put(box.id(), read.typed(amount.cell()));
        }
        return worked;
    }

    private boolean isWorked(Box box, Map<String, String> answers) {
        return WorkedAnswer.isWorked(answers.getOrDefault(box.id(), ""), (Box.Form.Amount) box.form(), style.format());
    }

    /** The one that judges the lines of a box. */
    LineMarker of(Box box) {
        if (workings == null) workings = Workings.of(question);
        LineMarker.Shared state = state(((Box.Form.Amount) box.form()).state());
        return markers.computeIfAbsent(box, one -> new LineMarker(question, one, workings.get(one), state, style));
    }

    private LineMarker.Shared state(int state) {
        return states.computeIfAbsent(state, place -> LineMarker.Shared.of(question.state(place), style));
    }
}
