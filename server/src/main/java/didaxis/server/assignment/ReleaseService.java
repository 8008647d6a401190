package didaxis.server.assignment;

import didaxis.server.assignment.Attempts.Attempt;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.IdentityHashMap;
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
    private final AssignedQuestions assigned;
    private final AssignmentViews views;
    private final Sheets sheets;
    private final Drafts drafts;
    private final Attempts attempts;
    private final Remarking remarking;
    private final SheetNews news;
    private final Transactions transactions;
    private final Clock clock;

    ReleaseService(
            Assignments assignments,
            AssignedQuestions assigned,
            AssignmentViews views,
            Sheets sheets,
            Drafts drafts,
            Attempts attempts,
            Remarking remarking,
            SheetNews news,
            Transactions transactions,
            Clock clock) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.views = views;
        this.sheets = sheets;
        this.drafts = drafts;
        this.attempts = attempts;
        this.remarking = remarking;
        this.news = news;
        this.transactions = transactions;
        this.clock = clock;
    }

    /**
     * Hands an assignment back. Sheets that somebody is working on are collected as they stand if that is meant, else it
     * is refused and said who is working. Marking is slow and is done before anything is written; what was written
     * meanwhile is marked anew. Where it would take too long all is collected, and handing back is refused until all is marked.
     */
    AssignmentView release(long id, boolean collect, long teacher) {
        Map<Long, Collected> marked = new LinkedHashMap<>();
        Optional<AssignmentView> released = Optional.empty();
        while (released.isEmpty()) {
            remarking.finish();
            Unsent unsent = transactions.read(() -> unsent(id, teacher));
            if (!transactions.read(() -> remarking.finished(id)))
                throw beingMarked("What was sent is still being marked. Hand it back in a moment.");
            if (!collect && !unsent.drafts().isEmpty()) throw somebodyWorks(id, teacher);
            if (!mark(unsent, marked)) throw collectedFirst(id, teacher);
            released = transactions.write(() -> releaseIfAllMarked(id, marked, teacher));
        }
        marked.values().forEach(sheet -> remarking.after(sheet.judgement(), id));
        news.of(id);
        return released.get();
    }

    /** Marks what was not marked as it stands; false, with nothing done, where that is too much while somebody waits. */
    private static boolean mark(Unsent unsent, Map<Long, Collected> marked) {
        Map<Long, Drafts.Draft> open = new LinkedHashMap<>(unsent.drafts());
        marked.forEach((learner, sheet) ->
                open.computeIfPresent(learner, (same, now) -> now.revision() == sheet.revision() ? null : now));
        MarkingWork work = new MarkingWork();
        for (Map.Entry<Long, Drafts.Draft> one : open.entrySet())
            if (!work.takes(unsent.paper(one.getKey()), one.getValue().answers())) return false;
        Map<Paper, Judging> judgings = new IdentityHashMap<>();
        open.forEach((learner, draft) -> {
            Judging judging = judgings.computeIfAbsent(unsent.paper(learner), Judging::new);
            int attempt = unsent.now().get(learner).number();
            Judgement judgement = Judgement.of(judging, draft.answers());
            marked.put(learner, new Collected(attempt, draft.revision(), draft.answers(), judgement));
        });
        return true;
    }

    /** What is written and not sent, in which attempts. */
    private record Unsent(Variants variants, Map<Long, Attempt> now, Map<Long, Drafts.Draft> drafts) {
        Paper paper(long learner) {
            return variants.of(now.get(learner).seed());
        }
    }

    private Unsent unsent(long id, long teacher) {
        Variants variants = assigned.variants(assignments.ofTeacher(id, teacher));
        return new Unsent(variants, attempts.now(id), drafts.unsent(id));
    }

    /** A draft as it was when it was marked; each attempt has revisions of its own. */
    private record Collected(int attempt, int revision, List<Answer> answers, Judgement judgement) {}

    /** Where it takes long to mark what is not sent, it is collected as it stands and marked in the background. */
    private Problem collectedFirst(long id, long teacher) {
        transactions.write(() -> {
            assignments.ofTeacher(id, teacher);
            Map<Long, Attempt> now = attempts.now(id);
            Instant at = clock.instant();
            drafts.unsent(id)
                    .forEach((learner, draft) -> sheets.collect(
                            new Sheets.Whose(id, learner, now.get(learner).number()),
                            draft.answers(),
                            Judgement.NONE,
                            at));
        });
        remarking.of(id);
        news.of(id);
        return beingMarked(
                "So much was written that it is being marked first; all is collected. Hand it back in a moment.");
    }

    private static Problem beingMarked(String sentence) {
        return Problem.of(HttpStatus.CONFLICT, sentence).with("reason", "marking");
    }

    private Optional<AssignmentView> releaseIfAllMarked(long id, Map<Long, Collected> marked, long teacher) {
        boolean nothingToDo = assignments.ofTeacher(id, teacher).released()
                && attempts.now(id).values().stream().allMatch(Attempt::back);
        if (nothingToDo) return Optional.of(views.view(id, teacher));
        Map<Long, Drafts.Draft> unsent = drafts.unsent(id);
        boolean all = unsent.entrySet().stream()
                .allMatch(one -> marked.containsKey(one.getKey())
                        && marked.get(one.getKey()).revision() == one.getValue().revision());
        if (!all || !remarking.finished(id)) return Optional.empty();
        Instant now = clock.instant();
        unsent.keySet().forEach(learner -> {
            Collected sheet = marked.get(learner);
            sheets.collect(new Sheets.Whose(id, learner, sheet.attempt()), sheet.answers(), sheet.judgement(), now);
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

    /** Takes a release back that is not a minute old; sheets that were collected for it are their learners' again. */
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
