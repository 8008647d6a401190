package didaxis.server.assignment;

import didaxis.server.classroom.Classrooms;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.print.LatestPages;
import didaxis.server.print.PrintJobs;
import didaxis.server.print.PrintJobs.JobView;
import didaxis.server.print.SetPages;
import java.util.List;
import java.util.Objects;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;

/** Prints what was handed out: the paper, its answer sheet and its memo, or all that a class needs of them. */
@Service
class PrintService {
    private final Assignments assignments;
    private final AssignedQuestions assigned;
    private final Classrooms classrooms;
    private final PrintJobs jobs;
    private final LatestPages latest;
    private final Transactions transactions;

    PrintService(
            Assignments assignments,
            AssignedQuestions assigned,
            Classrooms classrooms,
            PrintJobs jobs,
            LatestPages latest,
            Transactions transactions) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.classrooms = classrooms;
        this.jobs = jobs;
        this.latest = latest;
        this.transactions = transactions;
    }

    private ClassSet set(long id, long teacher) {
        return transactions.read(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            return new ClassSet(
                    assignment.title(),
                    assignment.classroom(),
                    assignment.layout(),
                    assigned.variants(assignment),
                    classrooms.learners(assignment.classroomId()));
        });
    }

    SetPages print(long id, Pages what, int variant, long teacher) {
        ClassSet set = set(id, teacher);
        int number = Math.floorMod(variant, set.variants().count());
        Copy copy = new Copy(set.title(), set.classroom(), "", set.variants().letter(number));
        String html = what.html(copy, set.variants().numbered(number), set.layout());
        return latest.file(set.title() + ", " + what.word(), html, teacher);
    }

    /**
     * Begins to print what a class needs.
     *
     * @throws Problem if it is not said what, or one of it has too many pages
     */
    JobView start(long id, List<String> what, boolean named, long teacher) {
        if (what == null || what.isEmpty() || what.stream().anyMatch(Objects::isNull))
            throw Problem.badRequest("Say what is to be printed.").with("field", "what");
        List<Pages> pages = what.stream().distinct().map(Pages::named).toList();
        ClassSet set = set(id, teacher);
        List<Supplier<String>> documents = set.documents(pages, named);
        // A memo is the longest and comes last: what is too long is said now, not in the middle of the job.
        if (!documents.isEmpty()) documents.get(documents.size() - 1).get();
        return jobs.start(teacher, set.title() + ", " + set.classroom(), documents);
    }
}
