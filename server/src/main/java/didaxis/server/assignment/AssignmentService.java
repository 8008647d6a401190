package didaxis.server.assignment;

import didaxis.server.assignment.AssignmentController.HandOut;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.classroom.Classrooms;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.Questions;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Hands questions out to classes, and changes what was handed out while that is possible. */
@Service
class AssignmentService {
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

    /** Hands out a question as it is now, or what was handed out before: later changes do not touch it. */
    AssignmentSummary handOut(long classId, HandOut handOut, long teacher) {
        record Source(Optional<Long> question, QuestionContent content) {}
        Source source = transactions.read(() -> {
            classrooms.one(classId, teacher);
            if (handOut.assignmentId() != null) {
                Assignment before = assignments.ofTeacher(handOut.assignmentId(), teacher);
                return new Source(Optional.empty(), before.content());
            }
            if (handOut.questionId() == null) throw Problem.badRequest("Say which question is to be handed out.");
            return new Source(
                    Optional.of(handOut.questionId()),
                    questions.one(handOut.questionId(), teacher).content());
        });
        QuestionContent content = source.content();
        List<String> flaws = content.flaws();
        if (!flaws.isEmpty()) {
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "“" + content.title() + "” cannot be handed out yet. " + String.join(" ", flaws));
        }
        checkDue(handOut.dueAt());
        return transactions.write(() -> {
            Classrooms.Classroom classroom = classrooms.one(classId, teacher);
            if (handOut.again() != Boolean.TRUE) refuseIfThereAlready(classroom, content.title());
            long id = assignments.handOut(classId, source.question(), content, handOut.dueAt());
            return views.summary(id, teacher);
        });
    }

    private void refuseIfThereAlready(Classrooms.Classroom classroom, String title) {
        boolean there = assignments.ofClass(classroom.id()).stream()
                .anyMatch(one -> one.content().title().equals(title));
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
