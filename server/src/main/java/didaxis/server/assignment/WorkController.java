package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.circuit.SceneView;
import didaxis.server.config.Problem;
import didaxis.server.marking.FindingView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A learner's own work. */
@RestController
@Transactional(readOnly = true)
class WorkController {
    /** One assignment in the list of a learner's work; marks are null until it was handed back. */
    record WorkSummary(
            long id,
            String title,
            String classroom,
            Instant dueAt,

            @Schema(allowableValues = {"not-begun", "working", "sent"})
            String state,

            boolean released,
            @Schema(types = {"integer", "null"}) Integer marks,
            int total) {}

    record Draft(int revision, List<Sheets.Answer> answers) {}

    record Submission(List<Sheets.Answer> answers) {}

    /** What came of a sheet, once it was handed back. */
    record FeedbackView(SheetView sheet, int marks, List<FindingView> findings) {}

    private final Assignments assignments;
    private final Sheets sheets;
    private final WorkService work;

    WorkController(Assignments assignments, Sheets sheets, WorkService work) {
        this.assignments = assignments;
        this.sheets = sheets;
        this.work = work;
    }

    @GetMapping("/api/my/work")
    List<WorkSummary> all(@AuthenticationPrincipal SignedIn me) {
        return assignments.ofLearner(me.id()).stream()
                .map(one -> summary(one, me))
                .toList();
    }

    private WorkSummary summary(Assignment assignment, SignedIn me) {
        LearnerState state = work.state(assignment.id(), me.id());
        Integer marks = assignment.released()
                ? sheets.submission(assignment.id(), me.id())
                        .map(Sheets.Submission::marks)
                        .orElse(0)
                : null;
        return new WorkSummary(
                assignment.id(),
                assignment.content().title(),
                assignment.classroom(),
                assignment.dueAt(),
                state.word(),
                assignment.released(),
                marks,
                assignment.total());
    }

    @GetMapping("/api/my/work/{id}")
    SheetView sheet(
            @PathVariable long id,
            @RequestParam(defaultValue = "800") double width,
            @RequestParam(defaultValue = "500") double height,
            @AuthenticationPrincipal SignedIn me) {
        return SheetView.of(
                assignments.ofLearner(id, me.id()), work.state(id, me.id()), new SceneView.Room(width, height));
    }

    @Transactional(propagation = Propagation.NEVER)
    @PutMapping("/api/my/work/{id}/draft")
    WorkService.Kept keep(@PathVariable long id, @RequestBody Draft draft, @AuthenticationPrincipal SignedIn me) {
        return work.keep(id, me.id(), draft.answers(), draft.revision());
    }

    @Transactional(propagation = Propagation.NEVER)
    @PostMapping("/api/my/work/{id}/submission")
    WorkService.Sent send(
            @PathVariable long id, @RequestBody Submission submission, @AuthenticationPrincipal SignedIn me) {
        return work.send(id, me.id(), submission.answers());
    }

    @GetMapping("/api/my/work/{id}/feedback")
    FeedbackView feedback(
            @PathVariable long id,
            @RequestParam(defaultValue = "800") double width,
            @RequestParam(defaultValue = "500") double height,
            @AuthenticationPrincipal SignedIn me) {
        Assignment assignment = assignments.ofLearner(id, me.id());
        if (!assignment.released()) {
            throw Problem.of(HttpStatus.CONFLICT, "Your teacher has not handed this back yet.")
                    .with("reason", "not-released");
        }
        SheetView sheet = SheetView.of(assignment, work.state(id, me.id()), new SceneView.Room(width, height));
        return sheets.submission(id, me.id())
                .map(sent -> new FeedbackView(sheet, sent.marks(), sent.findings()))
                .orElseGet(() -> new FeedbackView(
                        sheet, 0, Judgement.of(assignment.content(), List.of()).findings()));
    }
}
