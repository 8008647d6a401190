package didaxis.server.folding;

import didaxis.server.circuit.CircuitRequest;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Folds a circuit, and asks of two parts whether they do. */
@RestController
class FoldingController {
    /** A circuit and the stage from which on its folding is wanted, counted from 0. */
    record StagesRequest(CircuitRequest circuit, int from) {}

    /** Two parts picked in a stage of the folding, counted from 0. */
    record PairRequest(
            String notation,
            @Schema(types = {"string", "null"}) String style,
            int stage,
            String one,
            String other) {}

    private final FoldingService folding;

    FoldingController(FoldingService folding) {
        this.folding = folding;
    }

    /** The first stages, which are all of nearly every circuit. */
    @PostMapping("/api/circuits/folding")
    FoldingView fold(@RequestBody CircuitRequest request) {
        return folding.stages(request, 0);
    }

    /** Later stages of a long folding. */
    @PostMapping("/api/circuits/folding/stages")
    FoldingView stages(@RequestBody StagesRequest request) {
        return folding.stages(request.circuit(), request.from());
    }

    @PostMapping("/api/circuits/folding/pair")
    PairView pair(@RequestBody PairRequest request) {
        return folding.pair(request);
    }
}
