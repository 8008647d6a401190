package didaxis.server.backwards;

import didaxis.server.circuit.CellView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Works a circuit from what is known of it. */
@RestController
class BackwardsController {
    /** A value as it was typed; left empty, it is not known. */
    record Known(CellView cell, String text) {}

    /** The circuit, of which only the connections count, and what is known of it. */
    record BackwardsRequest(
            String notation,
            @Schema(types = {"string", "null"}) String style,
            List<Known> known) {}

    private final BackwardsService backwards;

    BackwardsController(BackwardsService backwards) {
        this.backwards = backwards;
    }

    @PostMapping("/api/circuits/backwards")
    BackwardsView work(@RequestBody BackwardsRequest request) {
        return backwards.work(request);
    }
}
