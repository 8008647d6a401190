package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import didaxis.server.assignment.AssignmentService.AssignmentSummary;
import didaxis.server.assignment.AssignmentService.AssignmentView;
import didaxis.server.assignment.AssignmentService.ResultsView;
import didaxis.server.assignment.AssignmentService.TeacherSheetView;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a teacher handed out, and what has come of it. */
@RestController
class AssignmentController {
    record HandOut(long questionId, Instant dueAt) {}

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
        return assignments.handOut(classId, handOut.questionId(), handOut.dueAt(), me.id());
    }

    @GetMapping("/api/assignments/{id}")
    AssignmentView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return assignments.one(id, me.id());
    }

    /** Hands an assignment back: from now on learners see their findings. */
    @PostMapping("/api/assignments/{id}/release")
    AssignmentView release(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return assignments.release(id, me.id());
    }

    @GetMapping("/api/classes/{classId}/results")
    ResultsView results(@PathVariable long classId, @AuthenticationPrincipal SignedIn me) {
        return assignments.results(classId, me.id());
    }

    @GetMapping("/api/assignments/{id}/sheets/{learnerId}")
    TeacherSheetView sheet(@PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        return assignments.sheet(id, learnerId, me.id());
    }
}
