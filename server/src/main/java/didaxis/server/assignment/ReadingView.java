package didaxis.server.assignment;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Source;
import didaxis.core.line.Line;
import didaxis.core.line.LineMathMl;
import didaxis.core.line.LineReader;
import didaxis.core.line.LineText;
import didaxis.core.marking.WorkedAnswer;
import didaxis.core.notation.Wiring;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxReading;
import didaxis.core.wording.WorkingSentence;
import didaxis.server.circuit.PlanView;
import didaxis.server.circuit.SceneView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Set;

/**
 * What a text in a box was read as, in JSON: shown back, or else what would be expected; both empty for an empty box.
 *
 * @param scene what was connected, drawn; null in every other form
 * @param lines of a working what each line was read as; empty in every other form
 */
record ReadingView(
        String box,
        String shown,
        String expected,

        @Schema(
                types = {"object", "null"},
                implementation = SceneView.class)
        SceneView scene,

        List<ReadLineView> lines) {
    /**
     * A line of a working.
     *
     * @param read its sides as MathML, those that are said to be equal with the sign before them
     * @param text the same as one line of text
     * @param unread what could not be read, with its place; empty where all could
     */
    record ReadLineView(List<String> read, String text, String unread) {
        static ReadLineView of(Line line) {
            return new ReadLineView(
                    LineMathMl.sides(line),
                    line.chains().isEmpty() ? "" : LineText.print(line),
                    line.unread().map(WorkingSentence::say).orElse(""));
        }
    }

    private static final SceneView.Room BOARD = new SceneView.Room(420, 220);

    /** What a text in a box is read as. */
    static ReadingView of(Paper paper, Paper.Place place, String text) {
        return of(place.id(), place.task(), place.box(), paper, paper.question(place), text);
    }

    static ReadingView of(String id, Task task, Box box, Paper paper, Question question, String text) {
        boolean worked = box.form() instanceof Box.Form.Amount amount
                && WorkedAnswer.isWorked(text, amount, paper.style().marking().format());
        if (worked) return new ReadingView(id, "", "", null, lines(task, box, paper, question, text));
        BoxReading reading = BoxReading.of(
                box.form(), task.things(question), text, paper.style().marking());
        String shown = new BoxChoices(paper.style().house()).said(box, reading.shown());
        SceneView scene =
                box.form() instanceof Box.Form.Wired && !text.isBlank() ? connected(task, paper, question, text) : null;
        return new ReadingView(id, shown, reading.expected(), scene, List.of());
    }

    private static List<ReadLineView> lines(Task task, Box box, Paper paper, Question question, String text) {
        Chart chart = question.state(task.state()).chart();
        LineReader reader = new LineReader(
                        chart.circuit(),
                        paper.style().house().terms(),
                        paper.style().marking().format(),
                        !chart.running().seconds().isEmpty())
                .asked(((Box.Form.Amount) box.form()).cell().subject());
        return text.lines().map(reader::likeliest).map(ReadLineView::of).toList();
    }

    /** What a learner has connected, with the values that are told of its parts; null where it cannot be read. */
    private static SceneView connected(Task task, Paper paper, Question question, String text) {
        Circuit circuit = question.state(task.state()).circuit();
        Source silent = circuit.source().with(List.of());
        Set<Cell> shown = question.shown(task.state());
        return Wiring.read(text, silent, circuit.parts())
                .map(own -> SceneView.of(
                        own,
                        shown::contains,
                        PlanView.USUAL,
                        BOARD,
                        paper.style().house()))
                .orElse(null);
    }
}
