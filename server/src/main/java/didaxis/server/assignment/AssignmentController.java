package didaxis.server.assignment;

import didaxis.core.chart.Chart;
import didaxis.server.account.SignedIn;
import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.circuit.AnalysisView;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.SceneView;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.marking.FindingView;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.Questions;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a teacher handed out, and what has come of it. */
@RestController
@Transactional(readOnly = true)
class AssignmentController {
    record HandOut(long questionId, Instant dueAt) {}

    /** An assignment with how many of the class are where. */
    record AssignmentSummary(
            long id,
            long classroomId,
            String classroom,
            String title,
            Instant handedOutAt,
            Instant dueAt,
            boolean released,
            int learners,
            int working,
            int sent,
            int total) {}

    /** How far one learner is; marks and sentAt are null until the sheet was sent. */
    record LearnerView(
            Learner learner,

            @Schema(allowableValues = {"not-begun", "working", "sent"})
            String state,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant sentAt,

            boolean late,
            @Schema(types = {"integer", "null"}) Integer marks) {}

    record AssignmentView(AssignmentSummary assignment, List<LearnerView> learners) {}

    /** A learner's row of the results, a place for each assignment in their order. */
    record ResultRow(Learner learner, List<LearnerView> cells) {}

    record ResultsView(String classroom, List<AssignmentSummary> assignments, List<ResultRow> rows) {}

    /** A learner's sheet with the findings, beside the true chart. */
    record TeacherSheetView(
            AssignmentSummary assignment,
            LearnerView learner,
            List<Sheets.Answer> answers,
            List<FindingView> findings,
            List<CellView> given,
            List<QuestionContent.AskedCell> asked,
            AnalysisView analysis) {}

    private final Assignments assignments;
    private final Sheets sheets;
    private final Classrooms classrooms;
    private final Questions questions;
    private final Clock clock;

    AssignmentController(
            Assignments assignments, Sheets sheets, Classrooms classrooms, Questions questions, Clock clock) {
        this.assignments = assignments;
        this.sheets = sheets;
        this.classrooms = classrooms;
        this.questions = questions;
        this.clock = clock;
    }

    @GetMapping("/api/assignments")
    List<AssignmentSummary> all(@AuthenticationPrincipal SignedIn me) {
        return assignments.ofTeacher(me.id()).stream().map(this::summary).toList();
    }

    @Transactional
    @PostMapping("/api/classes/{classId}/assignments")
    @ResponseStatus(HttpStatus.CREATED)
    AssignmentSummary handOut(
            @PathVariable long classId, @RequestBody HandOut handOut, @AuthenticationPrincipal SignedIn me) {
        classrooms.one(classId, me.id());
        QuestionContent content = questions.one(handOut.questionId(), me.id()).content();
        List<String> flaws = content.flaws();
        if (!flaws.isEmpty()) {
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "“" + content.title() + "” cannot be handed out yet. " + String.join(" ", flaws));
        }
        if (handOut.dueAt() == null || !handOut.dueAt().isAfter(clock.instant())) {
            throw Problem.badRequest("The due time must lie ahead.").with("field", "dueAt");
        }
        long id = assignments.handOut(classId, handOut.questionId(), content, handOut.dueAt());
        return summary(assignments.ofTeacher(id, me.id()));
    }

    @GetMapping("/api/assignments/{id}")
    AssignmentView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        Assignment assignment = assignments.ofTeacher(id, me.id());
        return new AssignmentView(summary(assignment), learners(assignment));
    }

    /** Hands an assignment back: from now on learners see their findings. */
    @Transactional
    @PostMapping("/api/assignments/{id}/release")
    AssignmentView release(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        assignments.ofTeacher(id, me.id());
        assignments.release(id);
        return one(id, me);
    }

    @GetMapping("/api/classes/{classId}/results")
    ResultsView results(@PathVariable long classId, @AuthenticationPrincipal SignedIn me) {
        Classrooms.Classroom classroom = classrooms.one(classId, me.id());
        List<Assignment> own = assignments.ofTeacher(me.id()).stream()
                .filter(assignment -> assignment.classroomId() == classId)
                .toList();
        List<List<LearnerView>> columns = own.stream().map(this::learners).toList();
        List<Learner> learners = classrooms.learners(classId);
        List<ResultRow> rows = new ArrayList<>();
        for (int k = 0; k < learners.size(); k++) {
            int row = k;
            rows.add(new ResultRow(
                    learners.get(k),
                    columns.stream().map(column -> column.get(row)).toList()));
        }
        return new ResultsView(classroom.name(), own.stream().map(this::summary).toList(), rows);
    }

    @GetMapping("/api/assignments/{id}/sheets/{learnerId}")
    TeacherSheetView sheet(@PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        Assignment assignment = assignments.ofTeacher(id, me.id());
        LearnerView learner = learners(assignment).stream()
                .filter(one -> one.learner().id() == learnerId)
                .findFirst()
                .orElseThrow(() -> Problem.notFound("learner in this class"));
        Chart chart = assignment.content().question().relations().chart();
        LearnerState state = LearnerState.of(sheets.draft(id, learnerId), sheets.submission(id, learnerId));
        List<FindingView> findings = sheets.submission(id, learnerId)
                .map(Sheets.Submission::findings)
                .orElse(List.of());
        return new TeacherSheetView(
                summary(assignment),
                learner,
                state.answers(),
                findings,
                assignment.content().given(),
                assignment.content().asked(),
                AnalysisView.of(chart, SceneView.Room.DESK));
    }

    private List<LearnerView> learners(Assignment assignment) {
        Map<Long, Sheets.Submission> sent = sheets.submissions(assignment.id()).stream()
                .collect(Collectors.toMap(Sheets.Submission::learnerId, Function.identity()));
        Set<Long> begun = Set.copyOf(sheets.begun(assignment.id()));
        return classrooms.learners(assignment.classroomId()).stream()
                .map(learner -> {
                    Sheets.Submission one = sent.get(learner.id());
                    if (one == null)
                        return new LearnerView(
                                learner, begun.contains(learner.id()) ? "working" : "not-begun", null, false, null);
                    return new LearnerView(
                            learner, "sent", one.sentAt(), one.sentAt().isAfter(assignment.dueAt()), one.marks());
                })
                .toList();
    }

    private AssignmentSummary summary(Assignment assignment) {
        List<LearnerView> learners = learners(assignment);
        return new AssignmentSummary(
                assignment.id(),
                assignment.classroomId(),
                assignment.classroom(),
                assignment.content().title(),
                assignment.handedOutAt(),
                assignment.dueAt(),
                assignment.released(),
                learners.size(),
                (int) learners.stream()
                        .filter(one -> one.state().equals("working"))
                        .count(),
                (int) learners.stream()
                        .filter(one -> one.state().equals("sent"))
                        .count(),
                assignment.total());
    }
}
