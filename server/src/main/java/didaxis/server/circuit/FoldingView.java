package didaxis.server.circuit;

import didaxis.core.chart.Folding;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.drawing.Plan;
import didaxis.core.notation.Words;
import didaxis.core.quantity.Quantity;
import didaxis.core.working.Step;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** A circuit folded to one resistance, stage by stage, in JSON. */
public record FoldingView(List<StageView> stages) {
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

    static FoldingView of(ChartedCircuit charted, Plan plan, SceneView.Room room) {
        List<Folding.Stage> stages = Folding.of(charted.chart(), charted.style().foldingOrder());
        List<StageView> views = new ArrayList<>();
        Set<Cell> told = new HashSet<>();
        for (int k = stages.size() - 1; k >= 0; k--) {
            // A redraw of what is hard to read is drawn plainly: that is what redrawing is for.
            boolean plain = k > 0 && plan.arrangement() == Plan.Arrangement.DISGUISED;
            Plan drawn = plain ? plan.with(Plan.Arrangement.LOOP) : plan;
            views.add(0, stage(charted, stages.get(k), k, stages.size() - 1, told, drawn, room));
        }
        return new FoldingView(views);
    }

    /** From the last stage backwards, so that what is left for the first are the steps that belong to no fold. */
    private static StageView stage(
            ChartedCircuit charted,
            Folding.Stage stage,
            int place,
            int last,
            Set<Cell> told,
            Plan plan,
            SceneView.Room room) {
        List<StepView> folding = new ArrayList<>();
        List<StepView> unfolding = new ArrayList<>();
        for (Step step : charted.working().steps()) {
            boolean folds = stage.fold()
                    .filter(fold -> step.cell().equals(Cell.of(fold.group(), Quantity.RESISTANCE)))
                    .isPresent();
            boolean unfolds = place == 0 || belongs(step, stage, place == last);
            if (folds) folding.add(StepView.of(step, charted.working(), charted.style()));
            else if (unfolds && step.phase() != Step.Phase.FOLD && told.add(step.cell()))
                unfolding.add(StepView.of(step, charted.working(), charted.style()));
        }
        List<String> rows = new ArrayList<>();
        stage.fold().ifPresent(fold -> {
            rows.add(fold.group().id());
            fold.members().forEach(member -> rows.add(member.id()));
        });
        return new StageView(
                stage.fold().isPresent() ? "fold" : place == 0 ? "given" : "resistances",
                stage.fold().map(fold -> listed(fold.members())).orElse(""),
                reason(stage),
                stage.fold().map(fold -> fold.series() ? "series" : "parallel").orElse(""),
                stage.fold().map(fold -> fold.group().id()).orElse(""),
                folding.isEmpty() ? "" : folding.get(0).result(),
                rows,
                Words.describe(stage.circuit()),
                SceneView.ofStage(stage, charted.style(), plan, room),
                folding,
                unfolding);
    }

    /** Whether a step gives the voltage or current of one of a fold's members, or, at the last, of the whole. */
    private static boolean belongs(Step step, Folding.Stage stage, boolean last) {
        if (step.phase() == Step.Phase.POWER) return false;
        Subject subject = step.cell().subject();
        boolean whole = last && subject.kind() == Subject.Kind.TOTAL;
        return whole
                || stage.fold()
                        .filter(fold ->
                                fold.members().contains(subject) || fold.group().equals(subject))
                        .isPresent();
    }

    private static String reason(Folding.Stage stage) {
        return stage.fold()
                .map(fold -> fold.series()
                        ? "the same current must pass"
                        : "both ends on " + String.join(" and ", fold.between()))
                .orElse("");
    }

    private static String name(Subject member) {
        return switch (member.kind()) {
            case INTERNAL -> "r";
            case EXTERNAL -> "the network";
            default -> member.id();
        };
    }

    private static String listed(List<Subject> members) {
        List<String> names = members.stream().map(FoldingView::name).toList();
        int last = names.size() - 1;
        return String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }
}
