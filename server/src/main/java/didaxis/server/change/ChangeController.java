package didaxis.server.change;

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
     */
    record ChangeRequest(
            String notation,
            @Schema(types = {"string", "null"}) String style,
            String part,

            @Schema(allowableValues = {"open", "close", "out", "short", "set"})
            String act,

            @Schema(types = {"string", "null"}) String text) {}

    private final ChangeService changes;

    ChangeController(ChangeService changes) {
        this.changes = changes;
    }

    @PostMapping("/api/circuits/change")
    ChangeView change(@RequestBody ChangeRequest request) {
        return changes.change(request);
    }
}
