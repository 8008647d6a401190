package didaxis.core.working;

import didaxis.core.chart.Folding;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.FormulaCells;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The worked solution by stages: each redraw with the steps that fold it, and those that going back from it gives.
 * Every step of the working belongs to one stage; what belongs to no fold stands with the first.
 */
public final class StagedSolution {
    /**
     * One stage.
     *
     * @param folding the steps that give the folded group its resistance
     * @param unfolding what unfolding it again gives: currents and voltages of the members
     */
    public record Stage(Folding.Stage redraw, List<Step> folding, List<Step> unfolding) {}

    private final StyledChart chart;
    private final List<Folding.Stage> redraws;
    private final Map<Cell, Step> folds = new LinkedHashMap<>();
    private final Set<Cell> groups = new HashSet<>();
    private final Set<Cell> told = new HashSet<>();

    private StagedSolution(StyledChart chart) {
        this.chart = chart;
        redraws = Folding.of(chart.chart(), chart.style().foldingOrder());
        for (Step step : chart.working().steps()) if (step.phase() == Step.Phase.FOLD) folds.put(step.cell(), step);
        for (Folding.Stage redraw : redraws) redraw.fold().ifPresent(fold -> groups.add(Cell.resistance(fold.group())));
    }

    /** All stages, the circuit as given first. */
    public static List<Stage> of(StyledChart chart) {
        return new StagedSolution(chart).stages();
    }

    private List<Stage> stages() {
        List<List<Step>> folding = redraws.stream().map(this::folding).toList();
        List<Stage> stages = new ArrayList<>();
        // From the last backwards, so that what is left for the first are the steps that belong to no fold.
        for (int place = redraws.size() - 1; place >= 0; place--) {
            Folding.Stage redraw = redraws.get(place);
            List<Step> unfolding = new ArrayList<>();
            for (Step step : chart.working().steps()) {
                boolean here = place == 0 || unfolds(step, redraw, place == redraws.size() - 1);
                if (here && step.phase() != Step.Phase.FOLD && told.add(step.cell())) unfolding.add(step);
            }
            stages.add(0, new Stage(redraw, folding.get(place), unfolding));
        }
        return stages;
    }

    private List<Step> folding(Folding.Stage redraw) {
        List<Step> steps = new ArrayList<>();
        redraw.fold().ifPresent(fold -> addFold(Cell.resistance(fold.group()), steps));
        return steps;
    }

    /** A fold may go by a name that no stage of its own has: what is left where the rest is shorted is also the whole. */
    private void addFold(Cell resistance, List<Step> steps) {
        Step step = folds.get(resistance);
        if (step == null || !told.add(resistance)) return;
        for (Cell used : FormulaCells.in(step.formula())) if (!groups.contains(used)) addFold(used, steps);
        steps.add(step);
    }

    /** Whether a step gives the voltage or current of one of a fold's members, or, at the last, of the whole. */
    private static boolean unfolds(Step step, Folding.Stage redraw, boolean last) {
        if (step.phase() == Step.Phase.POWER) return false;
        Subject subject = step.cell().subject();
        boolean whole = last && subject.kind() == Subject.Kind.TOTAL;
        return whole
                || redraw.fold()
                        .filter(fold ->
                                fold.members().contains(subject) || fold.group().equals(subject))
                        .isPresent();
    }
}
