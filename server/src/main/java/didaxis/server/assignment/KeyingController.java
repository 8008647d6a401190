package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import didaxis.server.assignment.KeyingService.KeyingRow;
import didaxis.server.assignment.KeyingService.KeyingView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What a class wrote on paper, keyed in. */
@RestController
class KeyingController {
    /**
     * A learner's answers from paper.
     *
     * @param answers of the boxes in which something else than what is right was written
     * @param right the boxes that were answered as they should be
     */
    record KeyedIn(
            @Schema(types = {"array", "null"}) List<Answer> answers,
            @Schema(types = {"array", "null"}) List<String> right) {}

    private final KeyingService keying;

    KeyingController(KeyingService keying) {
        this.keying = keying;
    }

    @GetMapping("/api/assignments/{id}/keying")
    KeyingView of(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return keying.of(id, me.id());
    }

    @PutMapping("/api/assignments/{id}/keying/{learnerId}")
    KeyingRow keyIn(
            @PathVariable long id,
            @PathVariable long learnerId,
            @RequestBody KeyedIn keyed,
            @AuthenticationPrincipal SignedIn me) {
        return keying.keyIn(id, learnerId, keyed.answers(), keyed.right(), me.id());
    }

    @DeleteMapping("/api/assignments/{id}/keying/{learnerId}")
    KeyingRow unkey(@PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        return keying.unkey(id, learnerId, me.id());
    }
}
