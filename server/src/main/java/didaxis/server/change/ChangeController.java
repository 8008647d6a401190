package didaxis.server.change;

import didaxis.server.circuit.CellView;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Asks what changes when a part is set otherwise. */
@RestController
class ChangeController {
    /**
     * @param act open or close a switch; take a part out, short it, or set its value
     * @param text the value to set
     * @param cell the one cell whose reasons are wanted; where there is none, those of all that changes
     */
    record ChangeRequest(
            String notation,
            @Schema(types = {"string", "null"}) String style,
            String part,

            @Schema(allowableValues = {"open", "close", "out", "short", "set"})
            String act,

            @Schema(types = {"string", "null"}) String text,

            @Schema(
                    types = {"object", "null"},
                    implementation = CellView.class)
            CellView cell) {}

    private final ChangeService changes;

    ChangeController(ChangeService changes) {
        this.changes = changes;
    }

    @PostMapping("/api/circuits/change")
    ChangeView change(@RequestBody ChangeRequest request) {
        return changes.change(request);
    }
}
