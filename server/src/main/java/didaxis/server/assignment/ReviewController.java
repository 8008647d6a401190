package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The answers to one box over a class, and what its teachers give for them. */
@RestController
class ReviewController {
    /**
     * Points above the marker's word.
     *
     * @param learners those who wrote the answer
     * @param attempt in which they did; none for the last of each
     * @param points none to leave it to the marker again
     * @param revision the latest that was seen given for this box
     */
    record Giving(
            String box,
            @Schema(types = {"integer", "null"}) Integer attempt,
            List<Long> learners,
            @Schema(types = {"integer", "null"}) Integer points,
            String reason,
            long revision) {}

    private final ReviewService reviews;

    ReviewController(ReviewService reviews) {
        this.reviews = reviews;
    }

    @GetMapping("/api/assignments/{id}/review")
    ReviewView review(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String box,
            @RequestParam(defaultValue = "0") int attempt,
            @AuthenticationPrincipal SignedIn me) {
        return reviews.review(id, box, attempt, me.id());
    }

    @PostMapping("/api/assignments/{id}/overrides")
    ReviewView give(@PathVariable long id, @RequestBody Giving giving, @AuthenticationPrincipal SignedIn me) {
        return reviews.give(
                id,
                giving.box(),
                giving.attempt() == null ? 0 : giving.attempt(),
                giving.learners(),
                giving.points(),
                giving.reason(),
                giving.revision(),
                me.id());
    }
}
