package didaxis.server.classroom;

import didaxis.server.account.SignedIn;
import didaxis.server.classroom.ClassroomService.ClassroomView;
import didaxis.server.classroom.ClassroomService.LearnerWithPassword;
import didaxis.server.classroom.Classrooms.Classroom;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's classes. */
@RestController
class ClassroomController {
    record NewClassroom(String name) {}

    record NewLearner(String displayName, String username) {}

    private final ClassroomService classes;

    ClassroomController(ClassroomService classes) {
        this.classes = classes;
    }

    @GetMapping("/api/classes")
    List<Classroom> own(@AuthenticationPrincipal SignedIn me) {
        return classes.own(me.id());
    }

    @PostMapping("/api/classes")
    @ResponseStatus(HttpStatus.CREATED)
    Classroom add(@RequestBody NewClassroom classroom, @AuthenticationPrincipal SignedIn me) {
        return classes.add(classroom.name(), me.id());
    }

    @GetMapping("/api/classes/{id}")
    ClassroomView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return classes.one(id, me.id());
    }

    @PostMapping("/api/classes/{id}/learners")
    @ResponseStatus(HttpStatus.CREATED)
    LearnerWithPassword addLearner(
            @PathVariable long id, @RequestBody NewLearner learner, @AuthenticationPrincipal SignedIn me) {
        return classes.addLearner(id, learner.displayName(), learner.username(), me.id());
    }

    /** Gives a learner who forgot it a new password. */
    @PostMapping("/api/classes/{id}/learners/{learnerId}/password")
    LearnerWithPassword renewPassword(
            @PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        return classes.renewPassword(id, learnerId, me.id());
    }

    @DeleteMapping("/api/classes/{id}/learners/{learnerId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeLearner(@PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        classes.removeLearner(id, learnerId, me.id());
    }
}
