package didaxis.server.folding;

import didaxis.server.circuit.CircuitRequest;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Folds a circuit, and asks of two parts whether they do. */
@RestController
class FoldingController {
    /** A circuit and the stage from which on its redraws are wanted, counted from 0. */
    record ScenesRequest(CircuitRequest circuit, int from) {}

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

    /** Every stage; the first of them drawn. */
    @PostMapping("/api/circuits/folding")
    FoldingView fold(@RequestBody CircuitRequest request) {
        return folding.folding(request);
    }

    /** The redraws of some stages that follow each other. */
    @PostMapping("/api/circuits/folding/scenes")
    ScenesView scenes(@RequestBody ScenesRequest request) {
        return folding.scenes(request);
    }

    @PostMapping("/api/circuits/folding/pair")
    PairView pair(@RequestBody PairRequest request) {
        return folding.pair(request);
    }
}
