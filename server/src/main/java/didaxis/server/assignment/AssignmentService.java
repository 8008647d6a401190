package didaxis.server.assignment;

import didaxis.server.assignment.AssignmentController.HandOut;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.AssignmentView.LearnerView;
import didaxis.server.assignment.AssignmentView.WorkingView;
import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.assignment.Standings.Standing;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.Questions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Hands questions out to classes, changes what was handed out while that is possible, and hands it back. */
@Service
class AssignmentService {
    /** So long a release can be taken back. */
    private static final Duration SECOND_THOUGHTS = Duration.ofMinutes(1);

    private final Assignments assignments;
    private final Sheets sheets;
    private final Standings standings;
    private final Classrooms classrooms;
    private final Questions questions;
    private final SheetNews news;
    private final Transactions transactions;
    private final Clock clock;

    AssignmentService(
            Assignments assignments,
            Sheets sheets,
            Standings standings,
            Classrooms classrooms,
            Questions questions,
            SheetNews news,
            Transactions transactions,
            Clock clock) {
        this.assignments = assignments;
        this.sheets = sheets;
        this.standings = standings;
        this.classrooms = classrooms;
        this.questions = questions;
        this.news = news;
        this.transactions = transactions;
        this.clock = clock;
    }

    List<AssignmentSummary> all(long teacher) {
        return transactions.read(() -> {
            Map<Long, Standings.Counts> counts = standings.counts(teacher).stream()
                    .collect(Collectors.toMap(Standings.Counts::assignment, Function.identity()));
            return assignments.ofTeacher(teacher).stream()
                    .map(one -> AssignmentSummary.of(one, counts.get(one.id())))
                    .toList();
        });
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
            return summary(id, teacher);
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
        return transactions.read(() -> view(id, teacher));
    }

    AssignmentView setDue(long id, Instant dueAt, long teacher) {
        checkDue(dueAt);
        AssignmentView changed = transactions.write(() -> {
            if (assignments.ofTeacher(id, teacher).released())
                throw Problem.of(HttpStatus.CONFLICT, "It was handed back already; a due time changes nothing more.");
            assignments.setDue(id, dueAt);
            return view(id, teacher);
        });
        news.of(id);
        return changed;
    }

    /** Takes an assignment back that nobody has sent yet. */
    void withdraw(long id, long teacher) {
        transactions.write(() -> {
            AssignmentSummary summary = summary(id, teacher);
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
            return summary(id, teacher);
        });
        news.of(id);
        return again;
    }

    /**
     * Hands an assignment back. Sheets that somebody is working on are collected as they stand if that is meant, else it
     * is refused and said who is working. Marking is slow and is done before anything is written; what was written
     * meanwhile is marked anew.
     */
    AssignmentView release(long id, boolean collect, long teacher) {
        Map<Long, Collected> marked = new LinkedHashMap<>();
        Optional<AssignmentView> released = Optional.empty();
        while (released.isEmpty()) {
            Assignment assignment = transactions.read(() -> assignments.ofTeacher(id, teacher));
            Map<Long, Sheets.Draft> drafts =
                    assignment.released() ? Map.of() : transactions.read(() -> sheets.unsent(id));
            if (!collect && !drafts.isEmpty()) throw somebodyWorks(id, teacher);
            drafts.forEach((learner, draft) -> {
                Collected before = marked.get(learner);
                if (before == null || before.revision() != draft.revision())
                    marked.put(learner, Collected.of(assignment.content(), draft));
            });
            released = transactions.write(() -> releaseIfAllMarked(id, marked, teacher));
        }
        news.of(id);
        return released.get();
    }

    /** A draft as it was when it was marked. */
    private record Collected(int revision, List<Sheets.Answer> answers, Judgement judgement) {
        static Collected of(QuestionContent content, Sheets.Draft draft) {
            return new Collected(draft.revision(), draft.answers(), Judgement.of(content, draft.answers()));
        }
    }

    private Optional<AssignmentView> releaseIfAllMarked(long id, Map<Long, Collected> marked, long teacher) {
        if (assignments.ofTeacher(id, teacher).released()) return Optional.of(view(id, teacher));
        Map<Long, Sheets.Draft> drafts = sheets.unsent(id);
        boolean all = drafts.entrySet().stream()
                .allMatch(one -> marked.containsKey(one.getKey())
                        && marked.get(one.getKey()).revision() == one.getValue().revision());
        if (!all) return Optional.empty();
        Instant now = clock.instant();
        drafts.keySet().forEach(learner -> {
            Collected sheet = marked.get(learner);
            sheets.collect(id, learner, sheet.answers(), sheet.judgement(), now);
        });
        assignments.release(id, now);
        return Optional.of(view(id, teacher));
    }

    private Problem somebodyWorks(long id, long teacher) {
        AssignmentView view = one(id, teacher);
        String names =
                view.working().stream().map(one -> one.learner().displayName()).collect(Collectors.joining(", "));
        return Problem.of(HttpStatus.CONFLICT, "Still being worked on by " + names + ".")
                .with("reason", "working");
    }

    /** Takes a release back that is not a minute old; collected sheets are their learners' again. */
    AssignmentView takeReleaseBack(long id, long teacher) {
        AssignmentView running = transactions.write(() -> {
            assignments.ofTeacher(id, teacher);
            if (!assignments.takeReleaseBack(id, clock.instant().minus(SECOND_THOUGHTS))) {
                throw Problem.of(
                        HttpStatus.CONFLICT,
                        "A release can be taken back within a minute; learners may have read what came of their sheets.");
            }
            sheets.uncollect(id);
            return view(id, teacher);
        });
        news.of(id);
        return running;
    }

    private AssignmentSummary summary(long id, long teacher) {
        Assignment assignment = assignments.ofTeacher(id, teacher);
        return standings.counts(teacher).stream()
                .filter(counts -> counts.assignment() == id)
                .findFirst()
                .map(counts -> AssignmentSummary.of(assignment, counts))
                .orElseThrow(() -> Problem.notFound("assignment"));
    }

    private AssignmentView view(long id, long teacher) {
        Assignment assignment = assignments.ofTeacher(id, teacher);
        Map<Long, Learner> learners = classrooms.learners(assignment.classroomId()).stream()
                .collect(Collectors.toMap(Learner::id, Function.identity(), (one, same) -> one, LinkedHashMap::new));
        Map<Long, Standing> standing =
                standings.ofAssignment(id).stream().collect(Collectors.toMap(Standing::learner, Function.identity()));
        int boxes = assignment.content().asked().size();
        List<WorkingView> working = sheets.unsent(id).entrySet().stream()
                .map(one -> new WorkingView(
                        learners.get(one.getKey()),
                        one.getValue().filled(),
                        boxes,
                        one.getValue().keptAt()))
                .toList();
        List<LearnerView> all = learners.values().stream()
                .map(learner -> LearnerView.of(learner, standing.get(learner.id()), assignment))
                .toList();
        return new AssignmentView(summary(id, teacher), all, working);
    }
}
