package didaxis.server.assignment;

import didaxis.core.wording.BoxName;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.Standings.Standing;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.question.FormWord;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Takes in what a class wrote on paper, a row a learner; it is then marked like any other sheet. */
@Service
class KeyingService {
    /** A box as the head of a column. */
    record KeyingBox(String box, String number, String name, FormWord form, int marks) {}

    /**
     * One learner's row.
     *
     * @param variant the letter of the own variant; empty where all have the same
     * @param keyed whether its answers were keyed in; what was sent by the learner is not changed here
     * @param right the right answer of each box, in the own values
     * @param answers what was sent, keyed in, or is in the making
     */
    record KeyingRow(
            Learner learner,

            @Schema(allowableValues = {"not-begun", "working", "sent"})
            String state,

            boolean keyed,
            @Schema(types = {"integer", "null"}) Integer marks,
            String variant,
            List<Answer> right,
            List<Answer> answers) {}

    record KeyingView(AssignmentSummary assignment, List<KeyingBox> boxes, List<KeyingRow> rows) {}

    private final Assignments assignments;
    private final AssignedQuestions assigned;
    private final AssignmentViews views;
    private final Sheets sheets;
    private final Attempts attempts;
    private final Standings standings;
    private final Classrooms classrooms;
    private final Overrides overrides;
    private final Remarking remarking;
    private final Transactions transactions;

    KeyingService(
            Assignments assignments,
            AssignedQuestions assigned,
            AssignmentViews views,
            Sheets sheets,
            Attempts attempts,
            Standings standings,
            Classrooms classrooms,
            Overrides overrides,
            Remarking remarking,
            Transactions transactions) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.views = views;
        this.sheets = sheets;
        this.attempts = attempts;
        this.standings = standings;
        this.classrooms = classrooms;
        this.overrides = overrides;
        this.remarking = remarking;
        this.transactions = transactions;
    }

    /** What the database has of it. */
    private record Found(
            AssignmentSummary summary,
            Variants variants,
            List<Learner> learners,
            Map<Long, Standing> standing,
            Map<Long, SubmittedSheet> sent) {}

    private Found found(long id, long teacher) {
        return transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            return new Found(
                    views.summary(id, teacher),
                    assigned.variants(assignment),
                    classrooms.learners(assignment.classroomId()),
                    standings.ofAssignment(id).stream()
                            .collect(Collectors.toMap(Standing::learner, Function.identity())),
                    sheets.all(id).stream()
                            .filter(one -> one.attempt() == 1)
                            .collect(Collectors.toMap(SubmittedSheet::learnerId, Function.identity())));
        });
    }

    KeyingView of(long id, long teacher) {
        Found found = found(id, teacher);
        Paper paper = found.variants().numbered(0);
        BoxName names = new BoxName(paper.style().house());
        List<KeyingBox> boxes = paper.places().values().stream()
                .map(place -> new KeyingBox(
                        place.id(),
                        place.number(),
                        names.say(place.task(), place.box()),
                        FormWord.of(place.box().form()),
                        place.marks()))
                .toList();
        Map<Integer, List<Answer>> right = new HashMap<>();
        List<KeyingRow> rows = new ArrayList<>();
        for (Learner learner : found.learners()) {
            int number = found.variants().number(learner.id());
            rows.add(row(
                    learner,
                    found,
                    right.computeIfAbsent(number, one -> right(found.variants().numbered(one)))));
        }
        return new KeyingView(found.summary(), boxes, rows);
    }

    private static List<Answer> right(Paper paper) {
        return paper.places().values().stream()
                .map(place -> new Answer(place.id(), paper.model(place)))
                .toList();
    }

    private static KeyingRow row(Learner learner, Found found, List<Answer> right) {
        Optional<SubmittedSheet> sent = Optional.ofNullable(found.sent().get(learner.id()));
        boolean first = found.standing().get(learner.id()).number() == 1;
        return new KeyingRow(
                learner,
                found.standing().get(learner.id()).word(),
                first && sent.map(SubmittedSheet::keyed).orElse(false),
                sent.map(SubmittedSheet::marks).orElse(null),
                found.variants().letter(found.variants().number(learner.id())),
                right,
                sent.map(SubmittedSheet::answers).orElse(List.of()));
    }

    /**
     * Keeps a learner's answers from paper, in the place of what was keyed in for them before.
     *
     * @param right the boxes that were answered as they should be, so that nothing needs to be typed
     */
    KeyingRow keyIn(long id, long learnerId, List<Answer> answers, List<String> right, long teacher) {
        Found before = found(id, teacher);
        Learner learner = before.learners().stream()
                .filter(one -> one.id() == learnerId)
                .findFirst()
                .orElseThrow(() -> Problem.notFound("learner in this class"));
        Paper paper = before.variants().of(learnerId);
        List<Answer> all = new ArrayList<>(answers == null ? List.of() : answers);
        for (String box : right == null ? List.<String>of() : right) {
            Paper.Place place = paper.places().get(box == null ? "" : box);
            if (place == null) throw Problem.badRequest("One of the answers belongs to no box of this sheet.");
            all.add(new Answer(box, paper.model(place)));
        }
        List<Answer> checked = Answer.checked(paper, all);
        Judgement judgement = Judgement.of(paper, checked);
        transactions.write(() -> {
            refuseIfReleased(assignments.ofTeacher(id, teacher));
            List<SubmittedSheet> sent = sheets.of(id, learnerId);
            if (!sent.isEmpty() && !sent.get(0).keyed())
                throw Problem.of(
                                HttpStatus.CONFLICT,
                                learner.displayName() + " has sent this sheet; it is not keyed in.")
                        .with("reason", "sent");
            refuseIfAgain(id, learner);
            if (sent.isEmpty()) sheets.keyIn(id, learnerId, checked, judgement);
            else keyAnew(id, before.variants(), sent.get(0), checked, judgement, teacher);
        });
        remarking.after(judgement, id);
        return rowOf(id, learner, teacher);
    }

    /** What a teacher gave for an answer stays as long as the answer does. */
    private void keyAnew(
            long id, Variants variants, SubmittedSheet keyed, List<Answer> answers, Judgement judgement, long teacher) {
        sheets.keyAnew(keyed, answers, judgement);
        Map<String, String> typed = Judging.typed(answers);
        for (StoredFinding found : keyed.findings())
            if (found.given() != null && !typed.getOrDefault(found.box(), "").equals(keyed.text(found.box())))
                overrides.give(List.of(keyed.id()), found.box(), null, "", teacher);
        sheets.count(id, variants, Set.of(keyed.id()));
    }

    /** Takes back what was keyed in for a learner. */
    KeyingRow unkey(long id, long learnerId, long teacher) {
        Learner learner = transactions.write(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            refuseIfReleased(assignment);
            Learner one = classrooms.learners(assignment.classroomId()).stream()
                    .filter(any -> any.id() == learnerId)
                    .findFirst()
                    .orElseThrow(() -> Problem.notFound("learner in this class"));
            refuseIfAgain(id, one);
            if (!sheets.unkey(id, learnerId)) throw Problem.notFound("sheet that was keyed in");
            return one;
        });
        return rowOf(id, learner, teacher);
    }

    private void refuseIfAgain(long id, Learner learner) {
        if (attempts.now(id, learner.id()).number() > 1)
            throw Problem.of(
                            HttpStatus.CONFLICT,
                            learner.displayName()
                                    + " was allowed another attempt; what was keyed in for the first stays.")
                    .with("reason", "again");
    }

    private KeyingRow rowOf(long id, Learner learner, long teacher) {
        Found now = found(id, teacher);
        return row(learner, now, right(now.variants().of(learner.id())));
    }

    private static void refuseIfReleased(Assignment assignment) {
        if (assignment.released())
            throw Problem.of(HttpStatus.CONFLICT, "This work was handed back already; nothing more can be keyed in.")
                    .with("reason", "released");
    }
}
