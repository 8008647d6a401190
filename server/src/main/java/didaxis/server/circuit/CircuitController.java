package didaxis.server.circuit;

import didaxis.core.chart.Folding;
import didaxis.core.circuit.Circuit;
import didaxis.core.style.HouseStyle;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Works a circuit while it is typed and composed. */
@RestController
class CircuitController {
    /** The text; what it is to be drawn for and how; and the style, by name. */
    record CircuitRequest(
            String notation,

            @Schema(
                    types = {"object", "null"},
                    implementation = SceneView.Room.class)
            SceneView.Room room,

            @Schema(types = {"string", "null"}) String style,

            @Schema(
                    types = {"object", "null"},
                    implementation = PlanView.class)
            PlanView plan) {
        SceneView.Room roomOrDesk() {
            return room == null ? SceneView.Room.DESK : room;
        }

        PlanView planOrUsual() {
            return plan == null ? PlanView.USUAL : plan;
        }

        ChartedCircuit charted() {
            return ChartedCircuit.of(Circuits.chart(Circuits.read(notation)), StyleView.named(style));
        }
    }

    /** Two parts picked in a stage of the folding, counted from 0. */
    record PairRequest(
            String notation,
            @Schema(types = {"string", "null"}) String style,
            int stage,
            String one,
            String other) {}

    @GetMapping("/api/styles")
    List<StyleView> styles() {
        return HouseStyle.PRESETS.stream().map(StyleView::of).toList();
    }

    @PostMapping("/api/circuits/analysis")
    AnalysisView analyse(@RequestBody CircuitRequest request) {
        ChartedCircuit charted = request.charted();
        return AnalysisView.of(charted, request.planOrUsual().in(charted.style()), request.roomOrDesk());
    }

    /** The steps from the settings to every cell; apart from the analysis, which every key asks for. */
    @PostMapping("/api/circuits/working")
    List<StepView> work(@RequestBody CircuitRequest request) {
        ChartedCircuit charted = request.charted();
        return StepView.of(charted.working(), charted.style());
    }

    @PostMapping("/api/circuits/folding")
    FoldingView fold(@RequestBody CircuitRequest request) {
        ChartedCircuit charted = request.charted();
        return FoldingView.of(charted, request.planOrUsual().in(charted.style()), request.roomOrDesk());
    }

    @PostMapping("/api/circuits/folding/pair")
    PairView pair(@RequestBody PairRequest request) {
        HouseStyle style = StyleView.named(request.style());
        List<Folding.Stage> stages =
                Folding.of(Circuits.chart(Circuits.read(request.notation())), style.foldingOrder());
        if (request.stage() < 0 || request.stage() >= stages.size())
            throw Problem.badRequest(
                    "This circuit has stages 0 to " + (stages.size() - 1) + ", and no stage " + request.stage() + ".");
        Circuit redraw = stages.get(request.stage()).circuit();
        try {
            return PairView.of(redraw, request.one(), request.other());
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("Two parts of this stage are needed: " + e.getMessage() + ".");
        }
    }
}
