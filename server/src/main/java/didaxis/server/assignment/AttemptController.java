package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Further attempts at what was handed out. */
@RestController
class AttemptController {
    /**
     * What a teacher allows.
     *
     * @param learners who may try again; none to say only what counts
     * @param dueAt until when, also for those of them who are at a further attempt already; not needed for none
     * @param shown whether they see meanwhile what went wrong in the attempt before
     * @param otherValues whether they get another variant, where there are several, and an empty sheet
     * @param counts which attempt counts from now on, for all of the class
     */
    record Allowance(
            List<Long> learners,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant dueAt,

            boolean shown,
            boolean otherValues,
            Counting counts) {}

    private final AttemptService attempts;

    AttemptController(AttemptService attempts) {
        this.attempts = attempts;
    }

    @GetMapping("/api/assignments/{id}/attempts")
    AttemptsView attempts(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return attempts.of(id, me.id());
    }

    /** Lets learners who have sent their sheets try again. */
    @PostMapping("/api/assignments/{id}/attempts")
    AttemptsView allow(@PathVariable long id, @RequestBody Allowance allowance, @AuthenticationPrincipal SignedIn me) {
        return attempts.allow(id, allowance, me.id());
    }

    /** Takes attempts back that were not begun. */
    @DeleteMapping("/api/assignments/{id}/attempts")
    AttemptsView takeBack(
            @PathVariable long id, @RequestParam List<Long> learners, @AuthenticationPrincipal SignedIn me) {
        return attempts.takeBack(id, learners, me.id());
    }
}
