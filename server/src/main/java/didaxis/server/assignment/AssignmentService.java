package didaxis.server.assignment;

import didaxis.server.assignment.AssignmentController.HandOut;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.Assignments.Bundle;
import didaxis.server.assignment.HandingOut.Occasion;
import didaxis.server.classroom.Classrooms;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.Questions;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Hands questions out to classes, and changes what was handed out while that is possible. */
@Service
class AssignmentService {
    private static final int MOST_QUESTIONS = 40;
    /** Questions that are handed out by themselves always have the same values. */
    private static final long SEED = 1;

    private final Assignments assignments;
    private final AssignedQuestions assigned;
    private final AssignmentViews views;
    private final Classrooms classrooms;
    private final Questions questions;
    private final HandingOut handingOut;
    private final SheetNews news;
    private final Transactions transactions;

    AssignmentService(
            Assignments assignments,
            AssignedQuestions assigned,
            AssignmentViews views,
            Classrooms classrooms,
            Questions questions,
            HandingOut handingOut,
            SheetNews news,
            Transactions transactions) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.views = views;
        this.classrooms = classrooms;
        this.questions = questions;
        this.handingOut = handingOut;
        this.news = news;
        this.transactions = transactions;
    }

    List<AssignmentSummary> all(long teacher) {
        return transactions.read(() -> views.all(teacher));
    }

    /** Hands out questions as they are now, or what was handed out before: later changes do not touch it. */
    AssignmentSummary handOut(long classId, HandOut handOut, long teacher) {
        Bundle bundle =
                handOut.assignmentId() == null ? fresh(classId, handOut, teacher) : before(classId, handOut, teacher);
        return handingOut.handOut(
                classId, bundle, new Occasion(handOut.dueAt(), handOut.again() == Boolean.TRUE), teacher);
    }

    private Bundle fresh(long classId, HandOut handOut, long teacher) {
        List<Long> ids = handOut.questionIds();
        if (ids == null || ids.isEmpty() || ids.size() > MOST_QUESTIONS || ids.contains(null))
            throw Problem.badRequest("Say which questions are to be handed out, 1 to " + MOST_QUESTIONS + " of them.");
        List<QuestionContent> contents = transactions.read(() -> {
            classrooms.one(classId, teacher);
            return ids.stream().map(id -> questions.one(id, teacher).content()).toList();
        });
        Versions versions = Versions.named(handOut.versions());
        return new Bundle(
                title(handOut, contents), HandingOut.found(contents, versions, SEED), versions, PaperLayout.USUAL);
    }

    /** With the same values as before. */
    private Bundle before(long classId, HandOut handOut, long teacher) {
        return transactions.read(() -> {
            classrooms.one(classId, teacher);
            Assignment before = assignments.ofTeacher(handOut.assignmentId(), teacher);
            String title = handOut.title() == null ? before.title() : QuestionContent.checkedTitle(handOut.title());
            return new Bundle(title, assigned.of(before), before.versions(), before.layout());
        });
    }

    private static String title(HandOut handOut, List<QuestionContent> handedOut) {
        boolean needed =
                handedOut.stream().map(QuestionContent::title).distinct().count() > 1;
        return handOut.title() == null && !needed
                ? handedOut.get(0).title()
                : QuestionContent.checkedTitle(handOut.title());
    }

    AssignmentView one(long id, long teacher) {
        return transactions.read(() -> views.view(id, teacher));
    }

    AssignmentView setDue(long id, Instant dueAt, long teacher) {
        handingOut.checkDue(dueAt);
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
