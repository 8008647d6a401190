package didaxis.server.folding;

import didaxis.core.chart.Folding;
import didaxis.core.circuit.Circuit;
import didaxis.core.drawing.Plan;
import didaxis.core.working.StyledChart;
import didaxis.server.circuit.CircuitRequest;
import didaxis.server.circuit.Circuits;
import didaxis.server.circuit.SceneView;
import didaxis.server.config.Problem;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** A circuit's folding with its redraws. */
@Service
class FoldingService {
    /** So many redraws in one answer: all of nearly every circuit that is taught, and not 200 of 200 parts each. */
    static final int MOST_DRAWN = 12;

    FoldingView folding(CircuitRequest request) {
        Redraws redraws = redraws(request);
        return FoldingView.of(redraws.chart, place -> place < MOST_DRAWN ? redraws.scene(place) : null);
    }

    ScenesView scenes(FoldingController.ScenesRequest request) {
        if (request.circuit() == null) throw Problem.badRequest("A circuit is needed.");
        Redraws redraws = redraws(request.circuit());
        checkStage(request.from(), redraws.stages);
        int end = Math.min(redraws.stages.size(), request.from() + MOST_DRAWN);
        return new ScenesView(
                request.from(),
                IntStream.range(request.from(), end).mapToObj(redraws::scene).toList());
    }

    PairView pair(FoldingController.PairRequest request) {
        List<Folding.Stage> stages = stages(Circuits.styled(request.notation(), request.style()));
        checkStage(request.stage(), stages);
        Circuit redraw = stages.get(request.stage()).circuit();
        try {
            return PairView.of(redraw, request.one(), request.other());
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("Two parts of this stage are needed: " + e.getMessage() + ".");
        }
    }

    private static List<Folding.Stage> stages(StyledChart chart) {
        return Folding.of(chart.chart(), chart.style().foldingOrder());
    }

    private static void checkStage(int stage, List<Folding.Stage> stages) {
        if (stage < 0 || stage >= stages.size())
            throw Problem.badRequest(
                    "This circuit has stages 0 to " + (stages.size() - 1) + ", and no stage " + stage + ".");
    }

    private static Redraws redraws(CircuitRequest request) {
        StyledChart chart = request.charted();
        return new Redraws(chart, stages(chart), request.planned(chart), request.roomOrDesk());
    }

    private record Redraws(StyledChart chart, List<Folding.Stage> stages, Plan plan, SceneView.Room room) {
        SceneView scene(int place) {
            // A redraw of what is hard to read is drawn plainly: that is what redrawing is for.
            boolean plain = place > 0 && plan.arrangement() == Plan.Arrangement.DISGUISED;
            Plan drawn = plain ? plan.with(Plan.Arrangement.LOOP) : plan;
            return SceneView.ofStage(stages.get(place), chart.style(), drawn, room);
        }
    }
}
