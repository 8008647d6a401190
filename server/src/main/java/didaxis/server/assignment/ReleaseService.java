package didaxis.server.assignment;

import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Hands work back to its learners, and takes that back within a minute. */
@Service
class ReleaseService {
    /** So long a release can be taken back. */
    private static final Duration SECOND_THOUGHTS = Duration.ofMinutes(1);

    private final Assignments assignments;
    private final AssignmentViews views;
    private final Sheets sheets;
    private final Remarking remarking;
    private final SheetNews news;
    private final Transactions transactions;
    private final Clock clock;

    ReleaseService(
            Assignments assignments,
            AssignmentViews views,
            Sheets sheets,
            Remarking remarking,
            SheetNews news,
            Transactions transactions,
            Clock clock) {
        this.assignments = assignments;
        this.views = views;
        this.sheets = sheets;
        this.remarking = remarking;
        this.news = news;
        this.transactions = transactions;
        this.clock = clock;
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
            Variants variants = transactions.read(() -> assignments.variants(assignment));
            Map<Long, Sheets.Draft> drafts =
                    assignment.released() ? Map.of() : transactions.read(() -> sheets.unsent(id));
            if (!collect && !drafts.isEmpty()) throw somebodyWorks(id, teacher);
            drafts.forEach((learner, draft) -> {
                Collected before = marked.get(learner);
                if (before == null || before.revision() != draft.revision())
                    marked.put(learner, Collected.of(variants.of(learner), draft));
            });
            released = transactions.write(() -> releaseIfAllMarked(id, marked, teacher));
        }
        marked.values().forEach(sheet -> remarking.after(sheet.judgement(), id));
        news.of(id);
        return released.get();
    }

    /** A draft as it was when it was marked. */
    private record Collected(int revision, List<Answer> answers, Judgement judgement) {
        static Collected of(Paper paper, Sheets.Draft draft) {
            return new Collected(draft.revision(), draft.answers(), Judgement.of(paper, draft.answers()));
        }
    }

    private Optional<AssignmentView> releaseIfAllMarked(long id, Map<Long, Collected> marked, long teacher) {
        if (assignments.ofTeacher(id, teacher).released()) return Optional.of(views.view(id, teacher));
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
        return Optional.of(views.view(id, teacher));
    }

    private Problem somebodyWorks(long id, long teacher) {
        AssignmentView view = transactions.read(() -> views.view(id, teacher));
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
            return views.view(id, teacher);
        });
        news.of(id);
        return running;
    }
}
