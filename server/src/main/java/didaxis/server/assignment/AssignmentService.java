package didaxis.server.assignment;

import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.circuit.AnalysisView;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.SceneView;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.marking.FindingView;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.Questions;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Hands questions out to classes, hands them back, and tells how far everybody is. */
@Service
class AssignmentService {
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
    private final Transactions transactions;
    private final Clock clock;

    AssignmentService(
            Assignments assignments,
            Sheets sheets,
            Classrooms classrooms,
            Questions questions,
            Transactions transactions,
            Clock clock) {
        this.assignments = assignments;
        this.sheets = sheets;
        this.classrooms = classrooms;
        this.questions = questions;
        this.transactions = transactions;
        this.clock = clock;
    }

    List<AssignmentSummary> all(long teacher) {
        return transactions.read(
                () -> assignments.ofTeacher(teacher).stream().map(this::summary).toList());
    }

    /** Hands out a question as it is now: later changes do not touch what was handed out. */
    AssignmentSummary handOut(long classId, long questionId, Instant dueAt, long teacher) {
        QuestionContent content = transactions.read(() -> {
            classrooms.one(classId, teacher);
            return questions.one(questionId, teacher).content();
        });
        List<String> flaws = content.flaws();
        if (!flaws.isEmpty()) {
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "“" + content.title() + "” cannot be handed out yet. " + String.join(" ", flaws));
        }
        if (dueAt == null || !dueAt.isAfter(clock.instant())) {
            throw Problem.badRequest("The due time must lie ahead.").with("field", "dueAt");
        }
        return transactions.write(() -> {
            classrooms.one(classId, teacher);
            long id = assignments.handOut(classId, questionId, content, dueAt);
            return summary(assignments.ofTeacher(id, teacher));
        });
    }

    AssignmentView one(long id, long teacher) {
        return transactions.read(() -> view(id, teacher));
    }

    AssignmentView release(long id, long teacher) {
        return transactions.write(() -> {
            assignments.ofTeacher(id, teacher);
            assignments.release(id);
            return view(id, teacher);
        });
    }

    private AssignmentView view(long id, long teacher) {
        Assignment assignment = assignments.ofTeacher(id, teacher);
        return new AssignmentView(summary(assignment), learners(assignment));
    }

    ResultsView results(long classId, long teacher) {
        return transactions.read(() -> {
            Classrooms.Classroom classroom = classrooms.one(classId, teacher);
            List<Assignment> own = assignments.ofTeacher(teacher).stream()
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
            return new ResultsView(
                    classroom.name(), own.stream().map(this::summary).toList(), rows);
        });
    }

    TeacherSheetView sheet(long id, long learnerId, long teacher) {
        record Found(
                Assignment assignment,
                AssignmentSummary summary,
                LearnerView learner,
                LearnerState state,
                Optional<Sheets.Submission> sent) {}
        Found found = transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            LearnerView learner = learners(assignment).stream()
                    .filter(one -> one.learner().id() == learnerId)
                    .findFirst()
                    .orElseThrow(() -> Problem.notFound("learner in this class"));
            Optional<Sheets.Submission> sent = sheets.submission(id, learnerId);
            return new Found(
                    assignment, summary(assignment), learner, LearnerState.of(sheets.draft(id, learnerId), sent), sent);
        });
        QuestionContent content = found.assignment().content();
        return new TeacherSheetView(
                found.summary(),
                found.learner(),
                found.state().answers(),
                found.sent().map(sent -> Judgement.views(content, sent)).orElse(List.of()),
                content.given(),
                content.asked(),
                AnalysisView.of(content.question().relations().chart(), SceneView.Room.DESK));
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
