package didaxis.server.circuit;

import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Analyses a circuit while it is typed. */
@RestController
class CircuitController {
    /** The text, and the room its drawing is for if it is to be drawn for one. */
    record AnalysisRequest(
            String notation,

            @Schema(
                    types = {"object", "null"},
                    implementation = SceneView.Room.class)
            SceneView.Room room) {}

    @PostMapping("/api/circuits/analysis")
    AnalysisView analyse(@RequestBody AnalysisRequest request) {
        SceneView.Room room = request.room() == null ? SceneView.Room.DESK : request.room();
        return AnalysisView.of(Circuits.chart(Circuits.read(request.notation())), room);
    }
}
