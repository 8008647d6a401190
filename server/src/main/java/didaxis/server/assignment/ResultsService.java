package didaxis.server.assignment;

import didaxis.core.question.Question;
import didaxis.core.wording.TaskSentence;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.AssignmentView.LearnerView;
import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.assignment.Standings.Standing;
import didaxis.server.circuit.AnalysisView;
import didaxis.server.circuit.SceneView;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.marking.BoxFindingView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Tells how far a class is, and what came of each sheet. */
@Service
class ResultsService {
    /** A learner's row of the results, a place for each assignment in their order. */
    record ResultRow(Learner learner, List<LearnerView> cells) {}

    record ResultsView(String classroom, List<AssignmentSummary> assignments, List<ResultRow> rows) {}

    /** The true chart of a question's circuit in one of its states; what was done to come to it is empty as drawn. */
    record StateChart(int question, int state, String act, AnalysisView analysis) {}

    /** A learner's sheet with the findings, beside the true charts; without findings as long as it was not sent. */
    record TeacherSheetView(
            AssignmentSummary assignment,
            LearnerView learner,
            SheetView sheet,
            List<BoxFindingView> findings,
            List<StateChart> charts) {}

    private final Assignments assignments;
    private final Sheets sheets;
    private final Standings standings;
    private final Classrooms classrooms;
    private final Transactions transactions;

    ResultsService(
            Assignments assignments,
            Sheets sheets,
            Standings standings,
            Classrooms classrooms,
            Transactions transactions) {
        this.assignments = assignments;
        this.sheets = sheets;
        this.standings = standings;
        this.classrooms = classrooms;
        this.transactions = transactions;
    }

    ResultsView results(long classId, long teacher) {
        return transactions.read(() -> {
            Classrooms.Classroom classroom = classrooms.one(classId, teacher);
            List<Assignment> own = assignments.ofClass(classId);
            Map<Long, Standings.Counts> counts = counts(teacher);
            record Place(long assignment, long learner) {}
            Map<Place, Standing> standing = standings.ofClass(classId).stream()
                    .collect(Collectors.toMap(one -> new Place(one.assignment(), one.learner()), Function.identity()));
            List<ResultRow> rows = classrooms.learners(classId).stream()
                    .map(learner -> new ResultRow(
                            learner,
                            own.stream()
                                    .map(one -> LearnerView.of(
                                            learner, standing.get(new Place(one.id(), learner.id())), one))
                                    .toList()))
                    .toList();
            List<AssignmentSummary> summaries = own.stream()
                    .map(one -> AssignmentSummary.of(one, counts.get(one.id())))
                    .toList();
            return new ResultsView(classroom.name(), summaries, rows);
        });
    }

    private Map<Long, Standings.Counts> counts(long teacher) {
        return standings.counts(teacher).stream()
                .collect(Collectors.toMap(Standings.Counts::assignment, Function.identity()));
    }

    /**
     * An assignment box by box over all who have sent it, and where everybody is.
     *
     * @param slips by how many each was made
     * @param again the boxes at which most marks were lost, the most first
     */
    record BoxesView(
            AssignmentSummary assignment,
            List<LearnerView> learners,
            List<BoxResults> boxes,
            List<SlipResults> slips,
            List<String> again) {
        private static final int MOST_AGAIN = 5;

        static BoxesView of(
                AssignmentSummary assignment,
                List<LearnerView> learners,
                List<BoxResults> boxes,
                List<SlipResults> slips) {
            List<String> again = boxes.stream()
                    .filter(box -> box.lost() > 0)
                    .sorted(Comparator.comparingInt(BoxResults::lost).reversed())
                    .limit(MOST_AGAIN)
                    .map(BoxResults::box)
                    .toList();
            return new BoxesView(assignment, learners, boxes, slips, again);
        }
    }

    /** The same as a document for the printer. */
    String summary(long id, long teacher) {
        PaperLayout layout =
                transactions.read(() -> assignments.ofTeacher(id, teacher)).layout();
        return SummaryPage.of(boxes(id, teacher), layout);
    }

    BoxesView boxes(long id, long teacher) {
        record Found(
                AssignmentSummary summary,
                List<Learner> learners,
                List<LearnerView> standing,
                List<Sheets.Submission> sent,
                Variants variants) {}
        Found found = transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            Map<Long, Standing> standing = standings.ofAssignment(id).stream()
                    .collect(Collectors.toMap(Standing::learner, Function.identity()));
            List<Learner> learners = classrooms.learners(assignment.classroomId());
            return new Found(
                    AssignmentSummary.of(assignment, counts(teacher).get(id)),
                    learners,
                    learners.stream()
                            .map(one -> LearnerView.of(one, standing.get(one.id()), assignment))
                            .toList(),
                    sheets.submissions(id),
                    assignments.variants(assignment));
        });
        return BoxesView.of(
                found.summary(),
                found.standing(),
                BoxResults.of(found.variants(), found.sent(), found.learners()),
                SlipResults.of(found.variants(), found.sent(), found.learners()));
    }

    /** The findings of all sheets that came in, as CSV. */
    String findings(long id, long teacher) {
        List<ResultsCsv.Sent> sent = transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            Variants variants = assignments.variants(assignment);
            Map<Long, Sheets.Submission> sheetOf = sheets.submissions(id).stream()
                    .collect(Collectors.toMap(Sheets.Submission::learnerId, Function.identity()));
            return classrooms.learners(assignment.classroomId()).stream()
                    .filter(learner -> sheetOf.containsKey(learner.id()))
                    .map(learner -> new ResultsCsv.Sent(
                            learner,
                            variants.letter(variants.number(learner.id())),
                            variants.of(learner.id()),
                            sheetOf.get(learner.id())))
                    .toList();
        });
        return ResultsCsv.findings(sent);
    }

    SheetView preview(long id, long teacher, SceneView.Room room) {
        record Found(Assignment assignment, Paper paper) {}
        Found found = transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            return new Found(assignment, assignments.variants(assignment).numbered(0));
        });
        return SheetView.of(
                found.assignment(), found.paper(), LearnerState.of(Optional.empty(), Optional.empty()), room);
    }

    TeacherSheetView sheet(long id, long learnerId, long teacher) {
        record Found(
                Assignment assignment,
                AssignmentSummary summary,
                LearnerView learner,
                LearnerState state,
                Optional<Sheets.Submission> sent,
                Paper paper) {}
        Found found = transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            Learner learner = classrooms.learners(assignment.classroomId()).stream()
                    .filter(one -> one.id() == learnerId)
                    .findFirst()
                    .orElseThrow(() -> Problem.notFound("learner in this class"));
            Standing standing = standings.ofAssignment(id).stream()
                    .filter(one -> one.learner() == learnerId)
                    .findFirst()
                    .orElseThrow();
            Optional<Sheets.Submission> sent = sheets.submission(id, learnerId);
            return new Found(
                    assignment,
                    AssignmentSummary.of(assignment, counts(teacher).get(id)),
                    LearnerView.of(learner, standing, assignment),
                    LearnerState.of(sheets.draft(id, learnerId), sent),
                    sent,
                    assignments.variants(assignment).of(learnerId));
        });
        Paper paper = found.paper();
        return new TeacherSheetView(
                found.summary(),
                found.learner(),
                SheetView.of(found.assignment(), paper, found.state(), SceneView.Room.DESK),
                found.sent().map(sent -> Judgement.views(paper, sent)).orElse(List.of()),
                charts(paper));
    }

    private static List<StateChart> charts(Paper paper) {
        List<StateChart> charts = new ArrayList<>();
        for (int k = 0; k < paper.questions().size(); k++) {
            Question question = paper.questions().get(k);
            TaskSentence sentences = new TaskSentence(paper.style().house(), question);
            for (int state = 0; state < question.states().size(); state++)
                charts.add(new StateChart(
                        k,
                        state,
                        sentences.act(question.state(state)),
                        AnalysisView.of(
                                question.state(state).chart(),
                                SceneView.Room.DESK,
                                paper.style().house())));
        }
        return charts;
    }
}
