package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.line.Substitution;
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
    private final Question question;
    private final MarkingStyle style;
    private final Map<Box, LineMarker> markers = new HashMap<>();
    private final Map<Integer, Substitution> substitutions = new HashMap<>();
    private final WorkedLines lines;
    private Map<Box, Workings.Working> workings;

    LineMarkers(Question question, MarkingStyle style, LineWork work) {
        this.question = question;
        this.style = style;
        lines = new WorkedLines(question, style, work);
    }

    /** The amounts that are answered in lines; their texts are replaced by the amounts that are the answers. */
    Map<Box, WorkedAnswer> read(Map<String, String> answers, WrittenNumbers numbers) {
        Map<Box, WorkedAnswer> worked = new LinkedHashMap<>();
        lines.most(answers).forEach((box, most) -> {
            Map<Cell, List<Double>> elsewhere = numbers.elsewhere(box, answers, other -> true);
            WorkedAnswer read = of(box).read(answers.get(box.id()), most, elsewhere);
            if (read.statements().isEmpty() && !read.isOpen()) return;
            worked.put(box, read);
            answers.put(box.id(), read.typed(((Box.Form.Amount) box.form()).cell()));
        });
        return worked;
    }

    /** The one that judges the lines of a box. */
    LineMarker of(Box box) {
        if (workings == null) workings = Workings.of(question);
        int state = ((Box.Form.Amount) box.form()).state();
        return markers.computeIfAbsent(
                box,
                one -> new LineMarker(
                        question, one, workings.get(one), lines.circuit(state), substitution(state), style));
    }

    private Substitution substitution(int state) {
        return substitutions.computeIfAbsent(
                state, place -> new Substitution(question.state(place).chart()));
    }
}
