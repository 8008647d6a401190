package didaxis.server.folding;

import didaxis.core.chart.Folding;
import didaxis.core.circuit.Subject;
import didaxis.core.wording.FoldSentence;
import didaxis.core.wording.Words;
import didaxis.core.working.StagedSolution;
import didaxis.core.working.Step;
import didaxis.core.working.StyledChart;
import didaxis.server.circuit.SceneView;
import didaxis.server.circuit.StepView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/**
 * A circuit folded to one resistance, stage by stage, in JSON.
 *
 * @param count how many stages there are
 * @param from the first that is told, counted from 0
 * @param stages as many from there on as one answer holds
 */
public record FoldingView(int count, int from, List<StageView> stages) {
    /**
     * One redraw.
     *
     * @param kind given, resistances (what has none is left out) or fold
     * @param members what was folded: "R2 and R3"; empty where nothing was
     * @param reason why they fold: "both ends on a and b"; empty where nothing was folded
     * @param join series or parallel; empty where nothing was folded
     * @param group the row that was folded; empty for none
     * @param result the group's resistance; empty for none
     * @param rows the rows of the chart this stage uses, the group's first
     * @param folding the working of the fold
     * @param unfolding what going back from here gives: currents and voltages of the members
     */
    public record StageView(
            @Schema(allowableValues = {"given", "resistances", "fold"})
            String kind,

            String members,
            String reason,
            String join,
            String group,
            String result,
            List<String> rows,
            String words,
            SceneView scene,
            List<StepView> folding,
            List<StepView> unfolding) {}

    /** Some stages that follow each other, with what each is drawn as. */
    static FoldingView of(
            StyledChart chart, List<StagedSolution.Stage> stages, int from, int end, IntFunction<SceneView> scenes) {
        List<StageView> views = new ArrayList<>();
        for (int place = from; place < end; place++)
            views.add(stage(chart, stages.get(place), place, scenes.apply(place)));
        return new FoldingView(stages.size(), from, views);
    }

    private static StageView stage(StyledChart chart, StagedSolution.Stage stage, int place, SceneView scene) {
        Folding.Stage redraw = stage.redraw();
        List<StepView> folding = steps(chart, stage.folding());
        List<String> rows = new ArrayList<>();
        redraw.fold().ifPresent(fold -> {
            rows.add(fold.group().id());
            fold.members().stream().map(Subject::id).forEach(rows::add);
        });
        return new StageView(
                redraw.fold().isPresent() ? "fold" : place == 0 ? "given" : "resistances",
                redraw.fold().map(FoldSentence::members).orElse(""),
                redraw.fold().map(FoldSentence::reason).orElse(""),
                redraw.fold().map(fold -> fold.series() ? "series" : "parallel").orElse(""),
                redraw.fold().map(fold -> fold.group().id()).orElse(""),
                folding.isEmpty() ? "" : folding.get(folding.size() - 1).result(),
                rows,
                Words.describe(redraw.circuit()),
                scene,
                folding,
                steps(chart, stage.unfolding()));
    }

    private static List<StepView> steps(StyledChart chart, List<Step> steps) {
        return steps.stream()
                .map(step -> StepView.of(step, chart.working(), chart.style()))
                .toList();
    }
}
