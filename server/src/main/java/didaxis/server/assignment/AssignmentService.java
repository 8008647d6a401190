package didaxis.server.assignment;

import didaxis.core.style.HouseStyle;
import didaxis.server.assignment.AssignmentController.HandOut;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.classroom.Classrooms;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.question.FlawView;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.Questions;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Hands questions out to classes, and changes what was handed out while that is possible. */
@Service
class AssignmentService {
    private static final int MOST_QUESTIONS = 40;

    private final Assignments assignments;
    private final AssignmentViews views;
    private final Classrooms classrooms;
    private final Questions questions;
    private final SheetNews news;
    private final Transactions transactions;
    private final Clock clock;

    AssignmentService(
            Assignments assignments,
            AssignmentViews views,
            Classrooms classrooms,
            Questions questions,
            SheetNews news,
            Transactions transactions,
            Clock clock) {
        this.assignments = assignments;
        this.views = views;
        this.classrooms = classrooms;
        this.questions = questions;
        this.news = news;
        this.transactions = transactions;
        this.clock = clock;
    }

    List<AssignmentSummary> all(long teacher) {
        return transactions.read(() -> views.all(teacher));
    }

    /** Hands out questions as they are now, or what was handed out before: later changes do not touch it. */
    AssignmentSummary handOut(long classId, HandOut handOut, long teacher) {
        List<QuestionContent> handedOut = transactions.read(() -> {
            classrooms.one(classId, teacher);
            return contents(handOut, teacher);
        });
        handedOut.forEach(AssignmentService::refuseFlaws);
        String title = title(handOut, handedOut);
        checkDue(handOut.dueAt());
        return transactions.write(() -> {
            Classrooms.Classroom classroom = classrooms.one(classId, teacher);
            if (handOut.again() != Boolean.TRUE) refuseIfThereAlready(classroom, title);
            long id = assignments.handOut(classId, title, handedOut, handOut.dueAt());
            return views.summary(id, teacher);
        });
    }

    private List<QuestionContent> contents(HandOut handOut, long teacher) {
        if (handOut.assignmentId() != null)
            return assignments.questions(assignments.ofTeacher(handOut.assignmentId(), teacher));
        List<Long> ids = handOut.questionIds();
        if (ids == null || ids.isEmpty() || ids.size() > MOST_QUESTIONS || ids.contains(null))
            throw Problem.badRequest("Say which questions are to be handed out, 1 to " + MOST_QUESTIONS + " of them.");
        return ids.stream().map(id -> questions.one(id, teacher).content()).toList();
    }

    private static void refuseFlaws(QuestionContent content) {
        List<FlawView> flaws = FlawView.of(content.body().question(), HouseStyle.RIDGE);
        if (flaws.isEmpty()) return;
        String why = flaws.stream().map(FlawView::sentence).collect(Collectors.joining(" "));
        throw Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT, "“" + content.title() + "” cannot be handed out yet. " + why);
    }

    private static String title(HandOut handOut, List<QuestionContent> handedOut) {
        boolean needed =
                handedOut.stream().map(QuestionContent::title).distinct().count() > 1;
        return handOut.title() == null && !needed
                ? handedOut.get(0).title()
                : QuestionContent.checkedTitle(handOut.title());
    }

    private void refuseIfThereAlready(Classrooms.Classroom classroom, String title) {
        boolean there = assignments.ofClass(classroom.id()).stream()
                .anyMatch(one -> one.title().equals(title));
        if (there) {
            throw Problem.of(
                            HttpStatus.CONFLICT,
                            "“" + title + "” was handed to " + classroom.name()
                                    + " already. Hand it out once more all the same?")
                    .with("reason", "there-already");
        }
    }

    private void checkDue(Instant dueAt) {
        if (dueAt == null || !dueAt.isAfter(clock.instant()))
            throw Problem.badRequest("The due time must lie ahead.").with("field", "dueAt");
    }

    AssignmentView one(long id, long teacher) {
        return transactions.read(() -> views.view(id, teacher));
    }

    AssignmentView setDue(long id, Instant dueAt, long teacher) {
        checkDue(dueAt);
        AssignmentView changed = transactions.write(() -> {
            if (assignments.ofTeacher(id, teacher).released())
                throw Problem.of(HttpStatus.CONFLICT, "It was handed back already; a due time changes nothing more.");
            assignments.setDue(id, dueAt);
            return views.view(id, teacher);
        });
        news.of(id);
        return changed;
    }

    /** Takes an assignment back that nobody has sent yet. */
    void withdraw(long id, long teacher) {
        transactions.write(() -> {
            AssignmentSummary summary = views.summary(id, teacher);
            if (summary.sent() > 0) {
                throw Problem.of(
                        HttpStatus.CONFLICT,
                        "It cannot be withdrawn: " + summary.sent() + " of " + summary.learners()
                                + " have sent their sheets.");
            }
            assignments.withdraw(id, teacher);
        });
        news.of(id);
    }

    /** Undoes a withdrawal: what learners had written is there again. */
    AssignmentSummary handOutAgain(long id, long teacher) {
        AssignmentSummary again = transactions.write(() -> {
            assignments.handOutAgain(id, teacher);
            return views.summary(id, teacher);
        });
        news.of(id);
        return again;
    }
}
