package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Source;
import didaxis.core.formula.Symbols;
import didaxis.core.notation.Wiring;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxName;
import didaxis.core.wording.BoxReading;
import didaxis.core.wording.TaskSentence;
import didaxis.core.wording.WordList;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.PlanView;
import didaxis.server.circuit.SceneView;
import didaxis.server.question.FormWord;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A learner's sheet in JSON: of each question its drawings with what is told, and the boxes to fill. It is made from the
 * told cells alone; no other value of the circuit goes into it.
 */
record SheetView(
        long id,
        String title,
        String classroom,
        Instant dueAt,

        @Schema(allowableValues = {"not-begun", "working", "sent"})
        String state,

        boolean released,
        int revision,

        @Schema(
                types = {"string", "null"},
                format = "date-time")
        Instant keptAt,

        @Schema(
                types = {"string", "null"},
                format = "date-time")
        Instant sentAt,

        boolean collected,
        int marks,
        List<QuestionSheet> questions) {
    /** One question: its stem, the circuit in its states, and what is asked. */
    record QuestionSheet(String stem, List<StateSheet> states, List<TaskSheet> tasks) {}

    /**
     * The circuit in a state: what was done to come to it (empty as drawn), its drawing, and what is given then.
     *
     * @param wordList the drawing in words; empty where it is not shown
     * @param scene null where the drawing is not shown
     */
    record StateSheet(
            String act,
            List<WordList.Line> wordList,

            @Schema(
                    types = {"object", "null"},
                    implementation = SceneView.class)
            SceneView scene,

            List<GivenView> given) {}

    /** A given cell and its value. */
    record GivenView(CellView cell, String symbol, String shown) {}

    /**
     * A task: its number on the sheet, the place of its state, and what a learner reads.
     *
     * @param chart where its boxes stand in a chart; null where they do not
     */
    record TaskSheet(
            String number,
            int state,
            String prompt,
            int marks,
            List<BoxView> boxes,

            @Schema(
                    types = {"object", "null"},
                    implementation = ChartSheet.class)
            ChartSheet chart) {}

    /**
     * A box to fill, what stands in it, and what that was read as.
     *
     * @param quantity by which boxes stand together; empty where there is none
     * @param symbol of its cell, as MathML; empty where it has none
     * @param things what may be named in it
     */
    record BoxView(
            String id,

            @Schema(
                    allowableValues = {
                        "amount",
                        "way",
                        "order",
                        "things",
                        "joint",
                        "relation",
                        "factor",
                        "value",
                        "values",
                        "folds",
                        "nesting",
                        "network",
                        "bands",
                        "percent",
                        "chain",
                        "why",
                        "count"
                    })
            String form,

            @Schema(allowableValues = {"", "resistance", "voltage", "current", "power", "potential"})
            String quantity,

            String symbol,
            String name,
            String unit,
            int marks,
            List<String> things,
            String text,
            ReadingView reading) {}

    /**
     * What a text was read as: shown back, or else what would be expected; both empty for an empty box.
     *
     * @param scene what was connected, drawn; null in every other form
     */
    record ReadingView(
            String box,
            String shown,
            String expected,

            @Schema(
                    types = {"object", "null"},
                    implementation = SceneView.class)
            SceneView scene) {}

    private static final SceneView.Room BOARD = new SceneView.Room(420, 220);
    private static final List<Quantity> ORDER =
            List.of(Quantity.RESISTANCE, Quantity.CURRENT, Quantity.VOLTAGE, Quantity.POWER, Quantity.POTENTIAL);

    static SheetView of(Assignments.Assignment assignment, Paper paper, LearnerState state, SceneView.Room room) {
        List<QuestionSheet> questions = IntStream.range(0, paper.questions().size())
                .mapToObj(place -> question(paper, place, state.answers(), room))
                .toList();
        return new SheetView(
                assignment.id(),
                assignment.title(),
                assignment.classroom(),
                assignment.dueAt(),
                state.word(),
                assignment.released(),
                state.revision(),
                state.keptAt(),
                state.sentAt(),
                state.collected(),
                assignment.total(),
                questions);
    }

    /** One of the questions with what stands in its boxes. */
    static QuestionSheet question(Paper paper, int place, List<Answer> answers, SceneView.Room room) {
        Map<String, String> texts =
                answers.stream().collect(Collectors.toMap(Answer::box, Answer::text, (first, second) -> second));
        Question question = paper.questions().get(place);
        HouseStyle style = paper.style().house();
        TaskSentence sentences = new TaskSentence(style, question);
        List<StateSheet> states = new ArrayList<>();
        for (int k = 0; k < question.states().size(); k++) {
            State state = question.state(k);
            Set<Cell> shown = question.shown(k);
            states.add(new StateSheet(
                    sentences.act(state),
                    question.drawn() ? WordList.of(state.circuit()) : List.of(),
                    question.drawn()
                            ? SceneView.of(
                                    state.circuit(),
                                    shown::contains,
                                    paper.looks().get(place).plan(),
                                    room,
                                    style)
                            : null,
                    given(state, style)));
        }
        List<TaskSheet> tasks = new ArrayList<>();
        for (Task task : question.tasks()) {
            List<BoxView> boxes = task.boxes().stream()
                    .sorted(onSheet(question.state(task.state())))
                    .map(box -> box(Paper.id(place, box), task, box, paper, question, texts))
                    .toList();
            tasks.add(new TaskSheet(
                    paper.number(place, tasks.size()),
                    task.state(),
                    sentences.asked(task),
                    task.boxes().stream().mapToInt(Box::marks).sum(),
                    boxes,
                    ChartSheet.of(task, question, style, box -> Paper.id(place, box))
                            .orElse(null)));
        }
        return new QuestionSheet(sentences.stem(), states, tasks);
    }

    private static List<GivenView> given(State state, HouseStyle style) {
        return state.given().stream()
                .sorted(inChart(state))
                .flatMap(cell -> state.chart().value(cell).stream()
                        .mapToObj(value -> new GivenView(
                                CellView.of(cell),
                                new Symbols(style.terms()).mathMl(cell),
                                style.numbers().exactly(cell.told(value, style.numbers())))))
                .toList();
    }

    /** Boxes by quantity, in each as the chart has its rows; those of no cell stay where they are. */
    private static Comparator<Box> onSheet(State state) {
        Comparator<Cell> cells = inChart(state);
        return (one, other) -> {
            Optional<Cell> first = cell(one);
            Optional<Cell> second = cell(other);
            return first.isPresent() && second.isPresent() ? cells.compare(first.get(), second.get()) : 0;
        };
    }

    private static Comparator<Cell> inChart(State state) {
        List<String> rows =
                state.chart().rows().stream().map(subject -> subject.id()).toList();
        Function<Cell, Integer> row = cell ->
                rows.contains(cell.subject().id()) ? rows.indexOf(cell.subject().id()) : rows.size();
        return Comparator.comparing((Cell cell) -> ORDER.indexOf(cell.quantity()))
                .thenComparing(row)
                .thenComparing(cell -> cell.subject().id());
    }

    /** The cell a box is about, if it is about one. */
    static Optional<Cell> cell(Box box) {
        if (box.form() instanceof Box.Form.Amount amount) return Optional.of(amount.cell());
        if (box.form() instanceof Box.Form.Way way) return Optional.of(way.cell());
        return Optional.empty();
    }

    private static BoxView box(
            String id, Task task, Box box, Paper paper, Question question, Map<String, String> texts) {
        HouseStyle style = paper.style().house();
        String text = texts.getOrDefault(id, "");
        return new BoxView(
                id,
                FormWord.of(box.form()),
                cell(box).map(cell -> cell.quantity().word()).orElse(""),
                cell(box).map(new Symbols(style.terms())::mathMl).orElse(""),
                new BoxName(style).say(task, box),
                FormWord.unit(box.form()),
                box.marks(),
                new BoxChoices(style).of(task, box, question),
                text,
                read(id, task, box, paper, question, text));
    }

    /** What a text in a box is read as. */
    static ReadingView read(Paper paper, Paper.Place place, String text) {
        return read(place.id(), place.task(), place.box(), paper, paper.question(place), text);
    }

    private static ReadingView read(String id, Task task, Box box, Paper paper, Question question, String text) {
        BoxReading reading = BoxReading.of(
                box.form(), task.things(question), text, paper.style().marking());
        String shown = new BoxChoices(paper.style().house()).said(box, reading.shown());
        SceneView scene =
                box.form() instanceof Box.Form.Wired && !text.isBlank() ? connected(task, paper, question, text) : null;
        return new ReadingView(id, shown, reading.expected(), scene);
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
