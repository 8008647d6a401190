package didaxis.server.assignment;

import didaxis.core.question.Question;
import didaxis.core.wording.TaskSentence;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.AssignmentView.LearnerView;
import didaxis.server.assignment.Standings.Standing;
import didaxis.server.circuit.AnalysisView;
import didaxis.server.circuit.SceneView;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.marking.BoxFindingView;
import didaxis.server.print.LatestPages;
import didaxis.server.print.SetPages;
import java.util.ArrayList;
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

    /**
     * A learner's sheet in one attempt with the findings, beside the true charts; without findings as long as it was not sent.
     *
     * @param attempts those that came in, and the one in hand
     */
    record TeacherSheetView(
            AssignmentSummary assignment,
            LearnerView learner,
            List<Tried> attempts,
            SheetView sheet,
            List<BoxFindingView> findings,
            List<StateChart> charts) {}

    private final Assignments assignments;
    private final AssignedQuestions assigned;
    private final OwnSheets own;
    private final Sheets sheets;
    private final Standings standings;
    private final Classrooms classrooms;
    private final LatestPages latest;
    private final Transactions transactions;

    ResultsService(
            Assignments assignments,
            AssignedQuestions assigned,
            OwnSheets own,
            Sheets sheets,
            Standings standings,
            Classrooms classrooms,
            LatestPages latest,
            Transactions transactions) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.own = own;
        this.sheets = sheets;
        this.standings = standings;
        this.classrooms = classrooms;
        this.latest = latest;
        this.transactions = transactions;
    }

    ResultsView results(long classId, long teacher) {
        return transactions.read(() -> {
            Classrooms.Classroom classroom = classrooms.one(classId, teacher);
            List<Assignment> own = assignments.ofClass(classId);
            Standings.Counted counted = standings.counts(teacher);
            record Place(long assignment, long learner) {}
            Map<Place, Standing> standing = standings.ofClass(classId).stream()
                    .collect(Collectors.toMap(one -> new Place(one.assignment(), one.learner()), Function.identity()));
            List<ResultRow> rows = classrooms.learners(classId).stream()
                    .map(learner -> new ResultRow(
                            learner,
                            own.stream()
                                    .map(one ->
                                            LearnerView.of(learner, standing.get(new Place(one.id(), learner.id()))))
                                    .toList()))
                    .toList();
            List<AssignmentSummary> summaries =
                    own.stream().map(counted::summary).toList();
            return new ResultsView(classroom.name(), summaries, rows);
        });
    }

    /** An assignment box by box, to print. */
    SetPages summary(long id, long teacher) {
        Assignment assignment = transactions.read(() -> assignments.ofTeacher(id, teacher));
        String html = SummaryPage.of(boxes(id, teacher), assignment.layout());
        return latest.file(assignment.title() + ", results", html, teacher);
    }

    BoxesView boxes(long id, long teacher) {
        record Found(
                AssignmentSummary summary,
                List<Learner> learners,
                List<LearnerView> standing,
                List<SubmittedSheet> sent,
                Variants variants) {}
        Found found = transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            Map<Long, Standing> standing = standings.ofAssignment(id).stream()
                    .collect(Collectors.toMap(Standing::learner, Function.identity()));
            List<Learner> learners = classrooms.learners(assignment.classroomId());
            return new Found(
                    standings.counts(teacher).summary(assignment),
                    learners,
                    learners.stream()
                            .map(one -> LearnerView.of(one, standing.get(one.id())))
                            .toList(),
                    sheets.counting(id),
                    assigned.variants(assignment));
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
            Variants variants = assigned.variants(assignment);
            Map<Long, SubmittedSheet> sheetOf = sheets.counting(id).stream()
                    .collect(Collectors.toMap(SubmittedSheet::learnerId, Function.identity()));
            return classrooms.learners(assignment.classroomId()).stream()
                    .filter(learner -> sheetOf.containsKey(learner.id()))
                    .map(learner -> ResultsCsv.Sent.of(learner, variants, sheetOf.get(learner.id())))
                    .toList();
        });
        return ResultsCsv.findings(sent);
    }

    SheetView preview(long id, long teacher, SceneView.Room room) {
        record Found(Assignment assignment, Paper paper) {}
        Found found = transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            return new Found(assignment, assigned.variants(assignment).numbered(0));
        });
        return SheetView.of(
                found.assignment(),
                found.paper(),
                LearnerState.NOT_BEGUN,
                SheetView.Attempted.first(found.assignment()),
                room);
    }

    /** @param number of the attempt; none for the one that counts, or the first as long as none came in */
    TeacherSheetView sheet(long id, long learnerId, Optional<Integer> number, long teacher) {
        record Found(AssignmentSummary summary, LearnerView learner) {}
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
            return new Found(standings.counts(teacher).summary(assignment), LearnerView.of(learner, standing));
        });
        OwnSheet sheet = own.of(id, learnerId);
        int counting = found.learner().attempt();
        List<Tried> tried = Tried.of(sheet, counting);
        int which = number.orElse(Math.max(1, counting));
        Optional<SubmittedSheet> sent = sheet.sent(which);
        if (sent.isEmpty() && which != sheet.attempt().number()) throw Problem.notFound("attempt of this number");
        Paper paper = sent.map(one -> sheet.variants().of(one.seed())).orElseGet(sheet::paper);
        SheetView view = sent.map(one -> SheetView.of(
                        sheet.assignment(),
                        paper,
                        LearnerState.of(Optional.empty(), sent),
                        SheetView.Attempted.of(one, sheet.attempt().back()),
                        SceneView.Room.DESK))
                .orElseGet(() -> sheet.view(SceneView.Room.DESK));
        return new TeacherSheetView(
                found.summary(),
                found.learner(),
                tried,
                view,
                sent.map(one -> Judgement.views(paper, one)).orElse(List.of()),
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
