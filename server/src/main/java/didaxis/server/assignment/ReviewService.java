package didaxis.server.assignment;

import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Lets a teacher go through the answers to one box, and give points above the marker's word. */
@Service
class ReviewService {
    private static final int LONGEST_REASON = 300;

    private final Assignments assignments;
    private final AssignedQuestions assigned;
    private final Sheets sheets;
    private final Standings standings;
    private final Classrooms classrooms;
    private final Overrides overrides;
    private final Transactions transactions;

    ReviewService(
            Assignments assignments,
            AssignedQuestions assigned,
            Sheets sheets,
            Standings standings,
            Classrooms classrooms,
            Overrides overrides,
            Transactions transactions) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.sheets = sheets;
        this.standings = standings;
        this.classrooms = classrooms;
        this.overrides = overrides;
        this.transactions = transactions;
    }

    /** All that is needed to show one box. */
    private record Found(
            AssignmentSummary summary,
            Variants variants,
            List<SubmittedSheet> sent,
            List<Learner> learners,
            String box,
            int attempt,
            long revision) {
        ReviewView view() {
            return ReviewView.of(summary, variants, sent, learners, box, attempt, revision);
        }
    }

    /**
     * @param box empty for the first that waits for the teacher, or the first of all
     * @param attempt whose answers are looked at; 0 for the last of each
     */
    ReviewView review(long id, String box, int attempt, long teacher) {
        return transactions.read(() -> found(id, box, attempt, teacher)).view();
    }

    private Found found(long id, String box, int attempt, long teacher) {
        Assignment assignment = assignments.ofTeacher(id, teacher);
        Variants variants = assigned.variants(assignment);
        List<SubmittedSheet> sent = sheets.all(id);
        String own = box == null || box.isEmpty()
                ? first(variants, ReviewView.looked(sent, attempt))
                : place(variants, box).id();
        return new Found(
                standings.counts(teacher).summary(assignment),
                variants,
                sent,
                classrooms.learners(assignment.classroomId()),
                own,
                attempt,
                overrides.latest(id, own));
    }

    private static String first(Variants variants, List<SubmittedSheet> sent) {
        var places = variants.numbered(0).places().values();
        return places.stream()
                .filter(place -> ReviewView.waiting(place, sent) > 0)
                .findFirst()
                .orElseGet(() -> places.iterator().next())
                .id();
    }

    private static Paper.Place place(Variants variants, String box) {
        Paper.Place place = variants.numbered(0).places().get(box == null ? "" : box);
        if (place == null) throw Problem.notFound("box on this sheet");
        return place;
    }

    /**
     * Gives these learners so many points for what they wrote in a box.
     *
     * @param attempt in which they wrote it; 0 for the last of each
     * @param points none to leave it to the marker again
     * @param revision the latest that the teacher has seen given here
     */
    ReviewView give(
            long id,
            String box,
            int attempt,
            List<Long> learners,
            Integer points,
            String reason,
            long revision,
            long teacher) {
        Variants variants = transactions.read(() -> assigned.variants(assignments.ofTeacher(id, teacher)));
        Paper.Place place = place(variants, box);
        check(place, learners, points, reason);
        Set<Long> wanted = Set.copyOf(learners);
        variants.make(of(wanted, transactions.read(() -> sheets.all(id)), attempt));
        boolean given = transactions.write(() -> {
            assignments.ofTeacher(id, teacher);
            if (!assigned.stand(id, variants)) return false;
            long latest = overrides.latest(id, place.id());
            if (latest != revision)
                throw Problem.of(
                                HttpStatus.CONFLICT,
                                overrides.by(latest).orElse("Somebody")
                                        + " has given points here in the meantime; look at them first.")
                        .with("reason", "changed-elsewhere");
            List<Long> submissions = of(wanted, sheets.all(id), attempt).stream()
                    .map(SubmittedSheet::id)
                    .toList();
            if (submissions.size() < wanted.size()) throw Problem.notFound("sheet of one of these learners");
            overrides.give(submissions, place.id(), points, reason == null ? "" : reason.strip(), teacher);
            sheets.count(id, variants, Set.copyOf(submissions));
            return true;
        });
        // The memo was put right in the meantime: the marks of its boxes may be others.
        if (!given) return give(id, box, attempt, learners, points, reason, revision, teacher);
        return review(id, place.id(), attempt, teacher);
    }

    private static List<SubmittedSheet> of(Set<Long> learners, List<SubmittedSheet> sent, int attempt) {
        return ReviewView.looked(sent, attempt).stream()
                .filter(one -> learners.contains(one.learnerId()))
                .toList();
    }

    private static void check(Paper.Place place, List<Long> learners, Integer points, String reason) {
        int most = place.marks();
        if (points != null && (points < 0 || points > most))
            throw Problem.badRequest("This box earns 0 to " + most + " marks.").with("field", "points");
        if (learners == null || learners.isEmpty())
            throw Problem.badRequest("Say for whom.").with("field", "learners");
        if (reason != null && reason.strip().length() > LONGEST_REASON)
            throw Problem.badRequest("A reason has at most " + LONGEST_REASON + " characters.")
                    .with("field", "reason");
    }
}
