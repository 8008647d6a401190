package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is put right in the memo of an assignment after it was handed out. */
@RestController
class CorrectionController {
    /**
     * A correction to be made.
     *
     * @param revision the last that was seen
     */
    record Correcting(Correction correction, String reason, int revision) {}

    private final CorrectionService corrections;

    CorrectionController(CorrectionService corrections) {
        this.corrections = corrections;
    }

    @GetMapping("/api/assignments/{id}/corrections")
    CorrectionView corrections(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return corrections.corrections(id, me.id());
    }

    /** What a correction would do, learner by learner. */
    @PostMapping("/api/assignments/{id}/corrections/preview")
    CorrectionView.Preview preview(
            @PathVariable long id, @RequestBody Correction correction, @AuthenticationPrincipal SignedIn me) {
        return corrections.preview(id, correction, me.id());
    }

    @PostMapping("/api/assignments/{id}/corrections")
    CorrectionView correct(
            @PathVariable long id, @RequestBody Correcting correcting, @AuthenticationPrincipal SignedIn me) {
        return corrections.correct(id, correcting.correction(), correcting.reason(), correcting.revision(), me.id());
    }
}
