package didaxis.server.folding;

import didaxis.core.chart.Folding;
import didaxis.core.circuit.Circuit;
import didaxis.core.drawing.Plan;
import didaxis.core.working.StagedSolution;
import didaxis.core.working.StyledChart;
import didaxis.server.circuit.CircuitRequest;
import didaxis.server.circuit.Circuits;
import didaxis.server.circuit.SceneView;
import didaxis.server.config.Problem;
import java.util.List;
import org.springframework.stereotype.Service;

/** A circuit's folding with its redraws. */
@Service
class FoldingService {
    /** So many stages in one answer: all of nearly every circuit that is taught, and not 200 of 200 parts each. */
    private static final int MOST_AT_ONCE = 12;

    FoldingView stages(CircuitRequest request, int from) {
        if (request == null) throw Problem.badRequest("A circuit is needed.");
        StyledChart chart = request.charted();
        Plan plan = request.planned(chart);
        List<StagedSolution.Stage> stages = StagedSolution.of(chart);
        checkStage(from, stages.size());
        int end = Math.min(stages.size(), from + MOST_AT_ONCE);
        return FoldingView.of(chart, stages, from, end, place -> {
            // A redraw of what is hard to read is drawn plainly: that is what redrawing is for.
            boolean plain = place > 0 && plan.arrangement() == Plan.Arrangement.DISGUISED;
            Plan drawn = plain ? plan.with(Plan.Arrangement.LOOP) : plan;
            return SceneView.ofStage(stages.get(place).redraw(), chart.style(), drawn, request.roomOrDesk());
        });
    }

    PairView pair(FoldingController.PairRequest request) {
        StyledChart chart = Circuits.styled(request.notation(), request.style());
        List<Folding.Stage> stages = Folding.of(chart.chart(), chart.style().foldingOrder());
        checkStage(request.stage(), stages.size());
        Circuit redraw = stages.get(request.stage()).circuit();
        try {
            return PairView.of(redraw, request.one(), request.other());
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("Two parts of this stage are needed: " + e.getMessage() + ".");
        }
    }

    private static void checkStage(int stage, int count) {
        if (stage < 0 || stage >= count)
            throw Problem.badRequest("This circuit has stages 0 to " + (count - 1) + ", and no stage " + stage + ".");
    }
}
