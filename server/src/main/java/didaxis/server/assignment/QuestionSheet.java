package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Symbols;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.TaskSentence;
import didaxis.core.wording.WordList;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.SceneView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** One question of a learner's sheet, in JSON: its stem, the circuit in its states, and what is asked. */
record QuestionSheet(String stem, List<StateSheet> states, List<TaskSheet> tasks) {
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
     * One of the questions of a sheet with what stands in its boxes.
     *
     * @param over whether nothing more is asked, so that its drawing is shown where it was asked for
     */
    static QuestionSheet of(Paper paper, int place, List<Answer> answers, SceneView.Room room, boolean over) {
        Map<String, String> texts =
                answers.stream().collect(Collectors.toMap(Answer::box, Answer::text, (first, second) -> second));
        Question question = paper.questions().get(place);
        HouseStyle style = paper.style().house();
        TaskSentence sentences = new TaskSentence(style, question);
        boolean drawn = over || question.drawn();
        List<StateSheet> states = new ArrayList<>();
        for (int k = 0; k < question.states().size(); k++) {
            State state = question.state(k);
            Set<Cell> shown = question.shown(k);
            states.add(new StateSheet(
                    sentences.act(state),
                    drawn ? WordList.of(state.circuit()) : List.of(),
                    drawn
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
        BoxReadings readings = new BoxReadings(paper);
        for (Task task : question.tasks()) {
            List<BoxView> boxes = BoxView.onSheet(task, question).stream()
                    .map(box -> BoxView.of(Paper.id(place, box), task, box, paper, question, texts, readings))
                    .toList();
            tasks.add(new TaskSheet(
                    paper.number(place, tasks.size()),
                    task.state(),
                    sentences.asked(task),
                    boxes.stream().mapToInt(BoxView::marks).sum(),
                    boxes,
                    ChartSheet.of(task, question, style, box -> Paper.id(place, box))
                            .orElse(null)));
        }
        return new QuestionSheet(sentences.stem(), states, tasks);
    }

    private static List<GivenView> given(State state, HouseStyle style) {
        return state.given().stream()
                .sorted(BoxView.inChart(state))
                .flatMap(cell -> state.chart().value(cell).stream()
                        .mapToObj(value -> new GivenView(
                                CellView.of(cell),
                                new Symbols(style.terms()).mathMl(cell),
                                style.numbers().exactly(cell.told(value, style.numbers())))))
                .toList();
    }
}
