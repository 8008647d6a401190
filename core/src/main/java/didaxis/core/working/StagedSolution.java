package didaxis.core.working;

import didaxis.core.chart.Folding;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
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

    private StagedSolution() {}

    /** All stages, the circuit as given first. */
    public static List<Stage> of(StyledChart chart) {
        List<Folding.Stage> redraws = Folding.of(chart.chart(), chart.style().foldingOrder());
        List<Stage> stages = new ArrayList<>();
        Set<Cell> told = new HashSet<>();
        // From the last backwards, so that what is left for the first are the steps that belong to no fold.
        for (int place = redraws.size() - 1; place >= 0; place--) {
            Folding.Stage redraw = redraws.get(place);
            List<Step> folding = new ArrayList<>();
            List<Step> unfolding = new ArrayList<>();
            for (Step step : chart.working().steps()) {
                boolean unfolds = place == 0 || unfolds(step, redraw, place == redraws.size() - 1);
                if (folds(step, redraw)) folding.add(step);
                else if (unfolds && step.phase() != Step.Phase.FOLD && told.add(step.cell())) unfolding.add(step);
            }
            stages.add(0, new Stage(redraw, folding, unfolding));
        }
        return stages;
    }

    private static boolean folds(Step step, Folding.Stage redraw) {
        return redraw.fold()
                .filter(fold -> step.cell().equals(Cell.of(fold.group(), Quantity.RESISTANCE)))
                .isPresent();
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
