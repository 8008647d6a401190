package didaxis.server.circuit;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Works a circuit while it is typed and composed. */
@RestController
class CircuitController {
    private final CircuitService circuits;

    CircuitController(CircuitService circuits) {
        this.circuits = circuits;
    }

    @GetMapping("/api/styles")
    List<StyleView> styles() {
        return circuits.styles();
    }

    @PostMapping("/api/circuits/analysis")
    AnalysisView analyse(@RequestBody CircuitRequest request) {
        return circuits.analysis(request);
    }

    @PostMapping("/api/circuits/working")
    List<StepView> work(@RequestBody CircuitRequest request) {
        return circuits.working(request);
    }

    @PostMapping("/api/circuits/edits")
    Edit.Edited edit(@RequestBody Edit edit) {
        return circuits.edited(edit);
    }
}
