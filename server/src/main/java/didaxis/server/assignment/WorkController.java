package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import didaxis.server.assignment.WorkService.WorkSummary;
import didaxis.server.circuit.SceneView;
import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A learner's own work. */
@RestController
class WorkController {
    record Draft(int revision, List<Answer> answers) {}

    /** @param attempt which one it is, so that a second sending is known as one; none for the one in hand */
    record Submission(
            List<Answer> answers,
            @Schema(types = {"integer", "null"}) Integer attempt) {}

    private final WorkService work;

    WorkController(WorkService work) {
        this.work = work;
    }

    @GetMapping("/api/my/work")
    List<WorkSummary> all(@AuthenticationPrincipal SignedIn me) {
        return work.all(me.id());
    }

    @GetMapping("/api/my/work/{id}")
    SheetView sheet(
            @PathVariable long id,
            @RequestParam(defaultValue = "800") double width,
            @RequestParam(defaultValue = "500") double height,
            @AuthenticationPrincipal SignedIn me) {
        return work.sheet(id, me.id(), new SceneView.Room(width, height));
    }

    @PutMapping("/api/my/work/{id}/draft")
    WorkService.Kept keep(@PathVariable long id, @RequestBody Draft draft, @AuthenticationPrincipal SignedIn me) {
        return work.keep(id, me.id(), draft.answers(), draft.revision());
    }

    @PostMapping("/api/my/work/{id}/submission")
    WorkService.Sent send(
            @PathVariable long id, @RequestBody Submission submission, @AuthenticationPrincipal SignedIn me) {
        return work.send(id, me.id(), submission.answers(), Optional.ofNullable(submission.attempt()));
    }

    /** Says when something about the assignment changes: due time, release, withdrawal. */
    @Hidden
    @GetMapping(path = "/api/my/work/{id}/news", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter news(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return work.news(id, me.id());
    }
}
