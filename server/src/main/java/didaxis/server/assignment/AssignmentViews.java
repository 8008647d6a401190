package didaxis.server.assignment;

import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.AssignmentView.LearnerView;
import didaxis.server.assignment.AssignmentView.WorkingView;
import didaxis.server.assignment.Standings.Standing;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Classrooms.Learner;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** How a teacher's assignments stand, as it is told; within a transaction of who asks. */
@Component
class AssignmentViews {
    private final Assignments assignments;
    private final Drafts drafts;
    private final Standings standings;
    private final Classrooms classrooms;

    AssignmentViews(Assignments assignments, Drafts drafts, Standings standings, Classrooms classrooms) {
        this.assignments = assignments;
        this.drafts = drafts;
        this.standings = standings;
        this.classrooms = classrooms;
    }

    List<AssignmentSummary> all(long teacher) {
        Standings.Counted counted = standings.counts(teacher);
        return assignments.ofTeacher(teacher).stream().map(counted::summary).toList();
    }

    /** One assignment with how many are where. */
    AssignmentSummary summary(long id, long teacher) {
        return standings.counts(teacher).summary(assignments.ofTeacher(id, teacher));
    }

    /** One assignment with where everybody is, and who is working. */
    AssignmentView view(long id, long teacher) {
        Assignment assignment = assignments.ofTeacher(id, teacher);
        Map<Long, Learner> learners = classrooms.learners(assignment.classroomId()).stream()
                .collect(Collectors.toMap(Learner::id, Function.identity(), (one, same) -> one, LinkedHashMap::new));
        Map<Long, Standing> standing =
                standings.ofAssignment(id).stream().collect(Collectors.toMap(Standing::learner, Function.identity()));
        int boxes = assignment.boxes();
        List<WorkingView> working = drafts.unsent(id).entrySet().stream()
                .map(one -> new WorkingView(
                        learners.get(one.getKey()),
                        one.getValue().filled(),
                        boxes,
                        one.getValue().keptAt().orElseThrow()))
                .toList();
        List<LearnerView> all = learners.values().stream()
                .map(learner -> LearnerView.of(learner, standing.get(learner.id())))
                .toList();
        return new AssignmentView(summary(id, teacher), all, working);
    }
}
