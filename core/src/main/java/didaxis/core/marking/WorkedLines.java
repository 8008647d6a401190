package didaxis.core.marking;

import didaxis.core.chart.Chart;
import didaxis.core.line.CheckedCircuit;
import didaxis.core.line.LineReader;
import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.style.MarkingStyle;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The amounts of a question that are answered in lines, with as many lines of each as are read. Not for several threads. */
public final class WorkedLines {
    /** To look for the routes to one amount is as much work as so many lines. */
    private static final int LINES_A_BOX = 8;

    private final Question question;
    private final MarkingStyle style;
    private final LineWork work;
    private final Map<Integer, CheckedCircuit> circuits = new HashMap<>();

    public WorkedLines(Question question, MarkingStyle style, LineWork work) {
        this.question = question;
        this.style = style;
        this.work = work;
    }

    /** What is the same for all lines of one state. */
    CheckedCircuit circuit(int place) {
        return circuits.computeIfAbsent(place, first -> {
            State state = question.state(place);
            Chart chart = state.chart();
            boolean running = !chart.running().seconds().isEmpty();
            return new CheckedCircuit(
                    chart,
                    new LineReader(chart.circuit(), state.relations().style().terms(), style.format(), running));
        });
    }

    /** The boxes of one sheet that are answered in lines, and how many of these are read. */
    Map<Box, Integer> most(Map<String, String> answers) {
        Map<Box, Integer> most = new LinkedHashMap<>();
        int left = work.most();
        for (Box box : question.boxes()) {
            String text = answers.getOrDefault(box.id(), "");
            if (!(box.form() instanceof Box.Form.Amount amount) || !WorkedAnswer.isWorked(text, amount, style.format()))
                continue;
            int cells = circuit(amount.state()).cells();
            int lines = Math.min(WorkedAnswer.MOST_LINES, Math.max(0, left / cells - LINES_A_BOX));
            most.put(box, lines);
            left -= cells
                    * (LINES_A_BOX + Math.min(lines, WorkedAnswer.typed(text).size()));
        }
        return most;
    }

    /** Those of one sheet. */
    public Sheet of(Map<String, String> answers) {
        return new Sheet(answers);
    }

    /** The lines of one sheet, those of each box read when they are asked for. */
    public final class Sheet {
        private final Map<String, String> answers;
        private final Map<Box, Integer> most;

        private Sheet(Map<String, String> answers) {
            this.answers = answers;
            this.most = most(answers);
        }

        /** The lines of a box without any judgement; none where it is not answered in lines. */
        public List<Checked> of(Box box) {
            if (!most.containsKey(box)) return List.of();
            Box.Form.Amount amount = (Box.Form.Amount) box.form();
            CheckedCircuit circuit = circuit(amount.state()).asked(amount.cell().subject());
            return WorkedAnswer.lines(answers.get(box.id()), most.get(box), circuit);
        }
    }
}
