package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a teacher handed out. */
@RestController
class AssignmentController {
    /**
     * What is handed out: questions in their order, or once more what an assignment has; {@code again} says that it is
     * meant where the class has the same already.
     *
     * @param versions who gets which values of what varies
     * @param title the question's own where it is left out; of several it is needed
     */
    record HandOut(
            @Schema(types = {"array", "null"}) List<Long> questionIds,
            @Schema(types = {"string", "null"}) String title,
            @Schema(types = {"integer", "null"}) Long assignmentId,
            Instant dueAt,
            @Schema(types = {"boolean", "null"}) Boolean again,

            @Schema(
                    types = {"string", "null"},
                    implementation = Versions.class)
            String versions) {}

    record Due(Instant dueAt) {}

    private final AssignmentService assignments;

    AssignmentController(AssignmentService assignments) {
        this.assignments = assignments;
    }

    @GetMapping("/api/assignments")
    List<AssignmentSummary> all(@AuthenticationPrincipal SignedIn me) {
        return assignments.all(me.id());
    }

    @PostMapping("/api/classes/{classId}/assignments")
    @ResponseStatus(HttpStatus.CREATED)
    AssignmentSummary handOut(
            @PathVariable long classId, @RequestBody HandOut handOut, @AuthenticationPrincipal SignedIn me) {
        return assignments.handOut(classId, handOut, me.id());
    }

    @GetMapping("/api/assignments/{id}")
    AssignmentView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return assignments.one(id, me.id());
    }

    @PutMapping("/api/assignments/{id}/due")
    AssignmentView setDue(@PathVariable long id, @RequestBody Due due, @AuthenticationPrincipal SignedIn me) {
        return assignments.setDue(id, due.dueAt(), me.id());
    }

    /** Withdraws an assignment of which nothing was sent yet. */
    @DeleteMapping("/api/assignments/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        assignments.withdraw(id, me.id());
    }

    /** Takes back a withdrawal. */
    @PostMapping("/api/assignments/{id}/restoration")
    AssignmentSummary handOutAgain(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return assignments.handOutAgain(id, me.id());
    }
}
