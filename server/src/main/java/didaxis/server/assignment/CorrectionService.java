package didaxis.server.assignment;

import didaxis.core.wording.BoxName;
import didaxis.server.assignment.CorrectionView.BoxChange;
import didaxis.server.assignment.CorrectionView.Change;
import didaxis.server.assignment.CorrectionView.Preview;
import didaxis.server.assignment.Remark.Remarked;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Puts a memo right after its work was handed out: what that would do, doing it, and what was done before. */
@Service
class CorrectionService {
    private static final int LONGEST_REASON = 300;

    private final Assignments assignments;
    private final AssignedQuestions assigned;
    private final Sheets sheets;
    private final Memos memos;
    private final Classrooms classrooms;
    private final Remarking remarking;
    private final SheetNews news;
    private final Transactions transactions;

    CorrectionService(
            Assignments assignments,
            AssignedQuestions assigned,
            Sheets sheets,
            Memos memos,
            Classrooms classrooms,
            Remarking remarking,
            SheetNews news,
            Transactions transactions) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.sheets = sheets;
        this.memos = memos;
        this.classrooms = classrooms;
        this.remarking = remarking;
        this.news = news;
        this.transactions = transactions;
    }

    /** An assignment with all that was put right in it. */
    private record Found(Assignment assignment, Variants variants, List<Memos.Revision> revisions) {
        MemoRevision memo() {
            return Memos.at(revisions, Integer.MAX_VALUE);
        }

        MemoRevision before() {
            return Memos.at(revisions, memo().revision() - 1);
        }
    }

    private Found found(long id, long teacher) {
        Assignment assignment = assignments.ofTeacher(id, teacher);
        List<Memos.Revision> revisions = memos.revisions(id);
        return new Found(assignment, assigned.variants(assignment, Memos.at(revisions, Integer.MAX_VALUE)), revisions);
    }

    CorrectionView corrections(long id, long teacher) {
        return transactions.read(() -> {
            Found found = found(id, teacher);
            return CorrectionView.of(found.variants(), found.revisions(), memos.progress(id));
        });
    }

    /** What a correction would do; nothing is done. */
    Preview preview(long id, Correction correction, long teacher) {
        Found found = transactions.read(() -> found(id, teacher));
        Correction.Done done = correction.in(found.memo(), found.variants(), found.before());
        Variants after = transactions.read(() -> assigned.variants(found.assignment(), done.memo()));
        Map<Long, Learner> learners =
                transactions.read(() -> classrooms.learners(found.assignment().classroomId())).stream()
                        .collect(Collectors.toMap(Learner::id, Function.identity()));
        Remark remark = new Remark(after);
        List<Change> changes = new ArrayList<>();
        MarkingWork work = new MarkingWork();
        int same = 0;
        int kept = 0;
        int more = 0;
        for (SubmittedSheet sent : transactions.read(() -> sheets.all(id))) {
            if (!learners.containsKey(sent.learnerId())) continue;
            Paper paper = after.of(sent.seed());
            Set<Integer> changed = done.memo().differsFrom(Memos.at(found.revisions(), sent.memo()));
            boolean looked =
                    sent.marked() ? work.takes(paper, changed, sent.answers()) : work.takes(paper, sent.answers());
            if (!looked) {
                more++;
                continue;
            }
            Remarked remarked = remark.of(sent, changed);
            List<BoxChange> boxes = boxes(found.variants().of(sent.seed()), paper, remarked);
            kept += kept(sent, remarked);
            if (boxes.isEmpty()) same++;
            else
                changes.add(new Change(
                        learners.get(sent.learnerId()), sent.attempt(), sent.marks(), remarked.marks(), boxes));
        }
        changes.sort(Comparator.comparing((Change one) -> one.learner().displayName(), String.CASE_INSENSITIVE_ORDER)
                .thenComparing(Change::attempt));
        int total = marks(after).stream().mapToInt(Integer::intValue).sum();
        return new Preview(done.correction(), found.assignment().total(), total, changes, same, kept, more);
    }

    private static List<BoxChange> boxes(Paper before, Paper after, Remarked remarked) {
        Map<String, Paper.Place> was = before.places();
        Map<String, Paper.Place> now = after.places();
        List<BoxChange> boxes = new ArrayList<>();
        for (StoredFinding found : remarked.findings()) {
            Paper.Place place = now.get(found.box());
            int marks = was.get(found.box()).marks();
            int old = remarked.before().finding(found.box()).orElseThrow().earned(marks);
            int other = found.earned(place.marks());
            if (old == other && marks == place.marks()) continue;
            boxes.add(new BoxChange(
                    place.number(),
                    new BoxName(after.style().house()).say(place.task(), place.box()),
                    remarked.before().text(found.box()).strip(),
                    old,
                    other));
        }
        return boxes;
    }

    /** Answers of which the memo's word would be another, if a teacher had not given points for them. */
    private static int kept(SubmittedSheet sent, Remarked remarked) {
        return (int) remarked.findings().stream()
                .filter(found -> found.given() != null
                        && sent.finding(found.box())
                                .filter(old -> !found.equals(old))
                                .isPresent())
                .count();
    }

    /** What each question earns under a memo. */
    private static List<Integer> marks(Variants variants) {
        Map<Integer, Integer> marks = new LinkedHashMap<>();
        variants.numbered(0)
                .places()
                .values()
                .forEach(place -> marks.merge(place.question(), place.marks(), Integer::sum));
        return List.copyOf(marks.values());
    }

    /**
     * Puts it right; sheets that came in are marked anew in the background.
     *
     * @param revision the last that the teacher has seen
     */
    CorrectionView correct(long id, Correction correction, String reason, int revision, long teacher) {
        if (reason == null || reason.isBlank() || reason.strip().length() > LONGEST_REASON)
            throw Problem.badRequest("Say why, in at most " + LONGEST_REASON + " characters; learners read it.")
                    .with("field", "reason");
        if (correction == null) throw Problem.badRequest("Say what is to be put right.");
        Found found = transactions.read(() -> found(id, teacher));
        Correction.Done done = correction.in(found.memo(), found.variants(), found.before());
        Variants after = transactions.read(() -> assigned.variants(found.assignment(), done.memo()));
        List<Integer> marks = marks(after);
        transactions.write(() -> {
            assignments.ofTeacher(id, teacher);
            int latest = memos.number(id);
            if (latest != revision || latest != found.memo().revision()) throw changedElsewhere(id);
            memos.add(id, done.memo(), done.correction(), reason.strip(), teacher);
            assigned.setMarks(id, marks);
        });
        remarking.of(id);
        news.of(id);
        return corrections(id, teacher);
    }

    private Problem changedElsewhere(long id) {
        List<Memos.Revision> revisions = memos.revisions(id);
        String by = revisions.isEmpty()
                ? "Somebody"
                : revisions.get(revisions.size() - 1).by();
        return Problem.of(HttpStatus.CONFLICT, by + " has put this memo right in the meantime; look at it first.")
                .with("reason", "changed-elsewhere");
    }
}
