package didaxis.server.assignment;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Source;
import didaxis.core.line.Line;
import didaxis.core.line.LineReader;
import didaxis.core.marking.WorkedAnswer;
import didaxis.core.notation.Wiring;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxReading;
import didaxis.server.assignment.ReadingView.ReadLineView;
import didaxis.server.circuit.PlanView;
import didaxis.server.circuit.SceneView;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** Reads back what stands in the boxes of one paper; what it takes to read lines of a circuit is made once. Not for several threads. */
final class BoxReadings {
    private static final SceneView.Room BOARD = new SceneView.Room(420, 220);

    private final Paper paper;
    private final Map<State, LineReader> readers = new IdentityHashMap<>();

    BoxReadings(Paper paper) {
        this.paper = paper;
    }

    /** Whether a text in a box is a working in lines. */
    boolean isWorked(Box box, String text) {
        return box.form() instanceof Box.Form.Amount amount
                && WorkedAnswer.isWorked(text, amount, paper.style().marking().format());
    }

    /** What a text in a box is read as. */
    ReadingView of(Paper.Place place, String text) {
        return of(place.id(), place.task(), place.box(), paper.question(place), text);
    }

    /** What a text in a box is read as, of a question that stands on the paper or may stand there. */
    ReadingView of(String id, Task task, Box box, Question question, String text) {
        if (isWorked(box, text))
            return new ReadingView(id, "", "", null, lines((Box.Form.Amount) box.form(), question, text));
        BoxReading reading = plain(task, box, question, text);
        SceneView scene =
                box.form() instanceof Box.Form.Wired && !text.isBlank() ? connected(task, question, text) : null;
        return new ReadingView(id, said(box, reading), reading.expected(), scene, List.of());
    }

    /** What a text is read as that is no working. */
    BoxReading plain(Task task, Box box, Question question, String text) {
        return BoxReading.of(
                box.form(), task.things(question), text, paper.style().marking());
    }

    /** The same as it is shown back. */
    String said(Box box, BoxReading reading) {
        return new BoxChoices(paper.style().house()).said(box, reading.shown());
    }

    private List<ReadLineView> lines(Box.Form.Amount amount, Question question, String text) {
        LineReader reader = readers.computeIfAbsent(question.state(amount.state()), this::reader)
                .asked(amount.cell().subject());
        List<String> typed = text.lines().toList();
        return Stream.concat(
                        typed.stream().limit(WorkedAnswer.MOST_LINES).map(reader::likeliest),
                        typed.stream().skip(WorkedAnswer.MOST_LINES).map(Line::beyond))
                .map(ReadLineView::of)
                .toList();
    }

    private LineReader reader(State state) {
        Chart chart = state.chart();
        return new LineReader(
                chart.circuit(),
                paper.style().house().terms(),
                paper.style().marking().format(),
                !chart.running().seconds().isEmpty());
    }

    /** What a learner has connected, with the values that are told of its parts; null where it cannot be read. */
    private SceneView connected(Task task, Question question, String text) {
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
