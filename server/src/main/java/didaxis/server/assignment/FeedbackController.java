package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import didaxis.server.assignment.FeedbackService.FeedbackView;
import didaxis.server.circuit.SceneView;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What came of a learner's own work. */
@RestController
class FeedbackController {
    private final FeedbackService feedback;

    FeedbackController(FeedbackService feedback) {
        this.feedback = feedback;
    }

    /** How it is worked, in the own values; only of what was handed back and runs no more. */
    @GetMapping("/api/my/work/{id}/model")
    ModelAnswers model(
            @PathVariable long id,
            @RequestParam(required = false) Integer attempt,
            @AuthenticationPrincipal SignedIn me) {
        return feedback.model(id, me.id(), Optional.ofNullable(attempt));
    }

    @GetMapping("/api/my/work/{id}/feedback")
    FeedbackView feedback(
            @PathVariable long id,
            @RequestParam(required = false) Integer attempt,
            @RequestParam(defaultValue = "800") double width,
            @RequestParam(defaultValue = "500") double height,
            @AuthenticationPrincipal SignedIn me) {
        return feedback.feedback(id, me.id(), Optional.ofNullable(attempt), new SceneView.Room(width, height));
    }
}
