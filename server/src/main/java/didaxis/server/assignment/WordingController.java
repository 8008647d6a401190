package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What answers in words earn, decided by their teacher. */
@RestController
class WordingController {
    /**
     * What a wording in a box earns, for all who wrote it.
     *
     * @param points none to leave it to the marker again
     */
    record Decision(
            String box,
            String text,
            @Schema(types = {"integer", "null"}) Integer points) {}

    private final WordingService wordings;

    WordingController(WordingService wordings) {
        this.wordings = wordings;
    }

    @PostMapping("/api/assignments/{id}/wordings")
    BoxesView decide(@PathVariable long id, @RequestBody Decision decision, @AuthenticationPrincipal SignedIn me) {
        return wordings.decide(id, decision.box(), decision.text(), decision.points(), me.id());
    }
}
