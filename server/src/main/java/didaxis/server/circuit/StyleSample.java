package didaxis.server.circuit;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Symbols;
import didaxis.core.marking.BoxFinding;
import didaxis.core.marking.QuestionMarker;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.style.ClassStyle;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxSentence;
import didaxis.core.wording.FindingSentence;
import didaxis.core.wording.TaskSentence;
import didaxis.core.wording.WorkingSentence;
import didaxis.core.working.Deduction;
import didaxis.core.working.StyledChart;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One small circuit in a style, in JSON: drawn with its current, worked, asked and marked.
 *
 * @param steps the working, a line each
 * @param prompts as a learner reads them
 */
public record StyleSample(
        SceneView scene,
        List<ColumnView> columns,
        List<RowView> rows,
        String wholeWord,
        List<String> steps,
        List<String> prompts,
        List<MarkedAnswer> answers) {
    /** What a learner might write, and what becomes of it. */
    public record MarkedAnswer(String typed, String sentence, int points, int of) {}

    private static final String CIRCUIT = "13.5 V r=0.5 : R1=4 + (R2=12 || R3=6)";
    private static final Cell CURRENT = Cell.current(Subject.TOTAL);
    private static final Cell VOLTAGE = Cell.voltage(Subject.part("R2"));
    private static final int MARKS = 2;

    /** The sample of a style. */
    public static StyleSample of(ClassStyle style) {
        HouseStyle house = style.house();
        Chart chart = Circuits.chart(Notation.circuit(CIRCUIT));
        PlanView plan = new PlanView(null, null, null, true, true, null);
        AnalysisView analysis =
                AnalysisView.of(StyledChart.of(chart, house), List.of(), plan.in(house), new SceneView.Room(420, 260));
        Map<Cell, Integer> asked = new LinkedHashMap<>();
        asked.put(CURRENT, MARKS);
        asked.put(VOLTAGE, MARKS);
        Amounts task = new Amounts("1.1", 0, Amounts.Command.CALCULATE, asked);
        State drawn =
                State.asDrawn(chart, Deduction.fromResistancesAndEmf(chart).keySet());
        Question question = new Question("", List.of(drawn), List.of(task)).in(house);
        return new StyleSample(
                analysis.scene(),
                analysis.columns(),
                analysis.rows(),
                analysis.wholeWord(),
                // What is only copied from another row shows nothing of a style.
                StepView.of(StyledChart.of(chart, house).working(), house).stream()
                        .filter(step -> !step.substitution().isEmpty())
                        .map(StepView::text)
                        .toList(),
                List.of(new TaskSentence(house, question).prompt(task)),
                answers(question, style));
    }

    /** Right with its unit; right without; with its unit as a word; and a voltage that follows from a wrong current. */
    private static List<MarkedAnswer> answers(Question question, ClassStyle style) {
        Chart chart = question.state(0).chart();
        String symbol =
                style.house().numbers().print(Amount.of(chart.value(CURRENT).orElseThrow(), Quantity.CURRENT));
        String number = symbol.replaceAll("[^0-9.,]", "");
        double wrong = 2;
        double follows = wrong
                * chart.value(VOLTAGE).orElseThrow()
                / chart.value(CURRENT).orElseThrow();
        String carried = style.house().numbers().print(Amount.of(follows, Quantity.VOLTAGE));
        return List.of(
                marked(question, style, symbol, "", 0),
                marked(question, style, number, "", 0),
                marked(question, style, number + " amps", "", 0),
                marked(question, style, "2 A", carried, 1));
    }

    private static MarkedAnswer marked(Question question, ClassStyle style, String current, String voltage, int shown) {
        List<Box> boxes = question.boxes();
        BoxFinding finding = QuestionMarker.of(question, style.marking())
                .mark(Map.of(boxes.get(0).id(), current, boxes.get(1).id(), voltage))
                .get(shown);
        BoxSentence sentences = new BoxSentence(
                new FindingSentence(
                        style.house().numbers(), new Symbols(style.house().terms())),
                new BoxChoices(style.house()),
                new WorkingSentence(style.house()));
        return new MarkedAnswer(
                shown == 0 ? current : current + "; " + voltage, sentences.say(finding), finding.points(), MARKS);
    }
}
