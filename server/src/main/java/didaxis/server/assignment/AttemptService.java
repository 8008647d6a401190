package didaxis.server.assignment;

import didaxis.server.assignment.AttemptController.Allowance;
import didaxis.server.assignment.Attempts.Attempt;
import didaxis.server.assignment.Attempts.Further;
import didaxis.server.assignment.AttemptsView.Trier;
import didaxis.server.assignment.Standings.Standing;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/**
 * Lets learners try again, whoever has nothing to write on: their sheets were sent, or handed back without. All attempts are
 * kept.
 */
@Service
class AttemptService {
    private static final int MOST = 9;

    private final Assignments assignments;
    private final AssignedQuestions assigned;
    private final Attempts attempts;
    private final Standings standings;
    private final Classrooms classrooms;
    private final HandingOut handingOut;
    private final SheetNews news;
    private final Transactions transactions;

    AttemptService(
            Assignments assignments,
            AssignedQuestions assigned,
            Attempts attempts,
            Standings standings,
            Classrooms classrooms,
            HandingOut handingOut,
            SheetNews news,
            Transactions transactions) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.attempts = attempts;
        this.standings = standings;
        this.classrooms = classrooms;
        this.handingOut = handingOut;
        this.news = news;
        this.transactions = transactions;
    }

    AttemptsView of(long id, long teacher) {
        return transactions.read(() -> view(id, teacher));
    }

    private AttemptsView view(long id, long teacher) {
        Assignment assignment = assignments.ofTeacher(id, teacher);
        Map<Long, Standing> standing =
                standings.ofAssignment(id).stream().collect(Collectors.toMap(Standing::learner, Function.identity()));
        List<Trier> triers = classrooms.learners(assignment.classroomId()).stream()
                .filter(learner -> standing.get(learner.id()).again()
                        || assignment.released()
                        || standing.get(learner.id()).sentAt().isPresent())
                .map(learner -> trier(learner, standing.get(learner.id())))
                .toList();
        return new AttemptsView(standings.counts(teacher).summary(assignment), assigned.count(assignment), triers);
    }

    private static Trier trier(Learner learner, Standing standing) {
        return new Trier(
                learner,
                standing.number(),
                standing.sentAt().map(any -> standing.marks()).orElse(null),
                standing.again() ? standing.now() : null,
                standing.again() ? standing.dueNow() : null);
    }

    /** Allows what is meant to all of them, or to none where that cannot be; who is at a further attempt has it for as long. */
    AttemptsView allow(long id, Allowance allowance, long teacher) {
        List<Long> wanted = wanted(allowance.learners());
        if (!wanted.isEmpty()) handingOut.checkDue(allowance.dueAt());
        AttemptsView after = transactions.write(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            boolean others = allowance.otherValues() && assigned.count(assignment) > 1;
            Map<Long, Attempt> now = attempts.now(id);
            List<Further> further = new ArrayList<>();
            List<Attempt> inHand = new ArrayList<>();
            for (long learner : wanted) {
                Attempt attempt = ofClass(now, learner);
                if (attempt.number() > 1 && attempt.open()) {
                    inHand.add(attempt);
                    continue;
                }
                refuseUnlessSent(attempt, assignment);
                further.add(new Further(
                        learner, attempt.number() + 1, others ? attempt.seed() + 1 : attempt.seed(), others));
            }
            attempts.move(id, inHand, allowance.dueAt());
            attempts.allow(id, further, allowance.dueAt(), allowance.shown(), teacher);
            if (allowance.counts() != null) assignments.setCounts(id, allowance.counts());
            return view(id, teacher);
        });
        news.of(id);
        return after;
    }

    private static List<Long> wanted(List<Long> learners) {
        if (learners == null) return List.of();
        if (learners.contains(null))
            throw Problem.badRequest("Say who may try again.").with("field", "learners");
        return learners.stream().distinct().toList();
    }

    private static Attempt ofClass(Map<Long, Attempt> now, long learner) {
        Attempt attempt = now.get(learner);
        if (attempt == null) throw Problem.notFound("learner in this class");
        return attempt;
    }

    private void refuseUnlessSent(Attempt attempt, Assignment assignment) {
        if (attempt.number() >= MOST)
            throw refused(attempt, assignment, " has had " + MOST + " attempts, the most there are.");
        if (attempt.open()) throw refused(attempt, assignment, " has a sheet to write on already.");
    }

    private Problem refused(Attempt attempt, Assignment assignment, String why) {
        String name = classrooms.learners(assignment.classroomId()).stream()
                .filter(one -> one.id() == attempt.learner())
                .map(Learner::displayName)
                .findFirst()
                .orElse("Somebody");
        return Problem.of(HttpStatus.CONFLICT, name + why)
                .with("reason", "not-again")
                .with("learner", attempt.learner());
    }

    /** Takes attempts back; none where one of them was begun. */
    AttemptsView takeBack(long id, List<Long> learners, long teacher) {
        List<Long> wanted = wanted(learners);
        AttemptsView after = transactions.write(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            Map<Long, Attempt> now = attempts.now(id);
            for (long learner : wanted) {
                Attempt attempt = ofClass(now, learner);
                if (attempt.number() == 1 || !attempt.open())
                    throw refused(attempt, assignment, " has no further attempt in hand.");
                if (attempt.keptAt().isPresent())
                    throw refused(attempt, assignment, " has begun; hand it back to end the attempt.");
                attempts.takeBack(id, attempt);
            }
            return view(id, teacher);
        });
        news.of(id);
        return after;
    }
}
