package didaxis.server.classroom;

import didaxis.server.account.Accounts;
import didaxis.server.account.Passwords;
import didaxis.server.account.Role;
import didaxis.server.account.SignIns;
import didaxis.server.account.SignedIn;
import didaxis.server.classroom.Classrooms.Classroom;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's classes. */
@RestController
@Transactional(readOnly = true)
class ClassroomController {
    record NewClassroom(String name) {}

    record NewLearner(String displayName, String username) {}

    record ClassroomView(long id, String name, List<Learner> learners) {}

    /** A learner with a password that is shown this once. */
    record LearnerWithPassword(Learner learner, String password) {}

    private final Classrooms classrooms;
    private final Accounts accounts;
    private final Passwords passwords;
    private final SignIns signIns;

    ClassroomController(Classrooms classrooms, Accounts accounts, Passwords passwords, SignIns signIns) {
        this.classrooms = classrooms;
        this.accounts = accounts;
        this.passwords = passwords;
        this.signIns = signIns;
    }

    @GetMapping("/api/classes")
    List<Classroom> own(@AuthenticationPrincipal SignedIn me) {
        return classrooms.of(me.id());
    }

    @Transactional
    @PostMapping("/api/classes")
    @ResponseStatus(HttpStatus.CREATED)
    Classroom add(@RequestBody NewClassroom classroom, @AuthenticationPrincipal SignedIn me) {
        String name = named(classroom.name(), "The class");
        return classrooms.one(classrooms.add(name, me.id()), me.id());
    }

    @GetMapping("/api/classes/{id}")
    ClassroomView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        Classroom classroom = classrooms.one(id, me.id());
        return new ClassroomView(id, classroom.name(), classrooms.learners(id));
    }

    @Transactional
    @PostMapping("/api/classes/{id}/learners")
    @ResponseStatus(HttpStatus.CREATED)
    LearnerWithPassword addLearner(
            @PathVariable long id, @RequestBody NewLearner learner, @AuthenticationPrincipal SignedIn me) {
        String password = passwords.made();
        String hash = passwords.hash(password);
        classrooms.one(id, me.id());
        String displayName = named(learner.displayName(), "The learner");
        if (learner.username() == null || !learner.username().matches("[A-Za-z0-9._-]{2,40}")) {
            throw Problem.badRequest("A sign-in name is 2 to 40 letters, digits, dots, dashes or underscores.");
        }
        SignedIn account = accounts.create(learner.username(), displayName, Role.LEARNER, hash);
        classrooms.addLearner(id, account.id());
        return new LearnerWithPassword(new Learner(account.id(), account.username(), account.displayName()), password);
    }

    /** Gives a learner who forgot it a new password. */
    @Transactional
    @PostMapping("/api/classes/{id}/learners/{learnerId}/password")
    LearnerWithPassword renewPassword(
            @PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        String password = passwords.made();
        String hash = passwords.hash(password);
        Learner learner = learnerOf(id, learnerId, me);
        accounts.setPassword(learnerId, hash);
        signIns.beginAgain(learner.username());
        return new LearnerWithPassword(learner, password);
    }

    @Transactional
    @DeleteMapping("/api/classes/{id}/learners/{learnerId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeLearner(@PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        Learner learner = learnerOf(id, learnerId, me);
        classrooms.removeLearner(id, learnerId);
        signIns.beginAgain(learner.username());
    }

    private Learner learnerOf(long id, long learnerId, SignedIn me) {
        classrooms.one(id, me.id());
        return classrooms.learners(id).stream()
                .filter(learner -> learner.id() == learnerId)
                .findFirst()
                .orElseThrow(() -> Problem.notFound("learner in this class"));
    }

    private static String named(String name, String thing) {
        if (name == null || name.isBlank()) throw Problem.badRequest(thing + " needs a name.");
        if (name.strip().length() > 80) throw Problem.badRequest(thing + "'s name is longer than 80 characters.");
        return name.strip();
    }
}
