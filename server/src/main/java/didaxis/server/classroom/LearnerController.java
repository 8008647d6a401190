package didaxis.server.classroom;

import didaxis.server.account.SignedIn;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.classroom.LearnerService.Export;
import didaxis.server.classroom.LearnerService.KnownLearner;
import didaxis.server.classroom.LearnerService.LearnerWithPassword;
import didaxis.server.classroom.LearnerService.NewLearner;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The learners of a class. */
@RestController
class LearnerController {
    record PastedList(String text) {}

    record NewLearners(List<NewLearner> learners) {}

    record LearnerName(String displayName) {}

    private final LearnerService learners;

    LearnerController(LearnerService learners) {
        this.learners = learners;
    }

    @PostMapping("/api/classes/{id}/learners")
    @ResponseStatus(HttpStatus.CREATED)
    LearnerWithPassword add(
            @PathVariable long id, @RequestBody NewLearner learner, @AuthenticationPrincipal SignedIn me) {
        return learners.add(id, learner, me.id());
    }

    /** What a pasted list says, with the sign-in names it would give; nobody's account is made yet. */
    @PostMapping("/api/classes/{id}/learners/reading")
    List<ClassList.ListedLearner> read(
            @PathVariable long id, @RequestBody PastedList list, @AuthenticationPrincipal SignedIn me) {
        return learners.read(id, list.text(), me.id());
    }

    @PostMapping("/api/classes/{id}/learners/list")
    @ResponseStatus(HttpStatus.CREATED)
    List<LearnerWithPassword> addAll(
            @PathVariable long id, @RequestBody NewLearners list, @AuthenticationPrincipal SignedIn me) {
        return learners.addAll(id, list.learners(), me.id());
    }

    /** Learners of the teacher's other classes, and who was taken out of this one. */
    @GetMapping("/api/classes/{id}/learners/known")
    List<KnownLearner> known(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return learners.known(id, me.id());
    }

    @PutMapping("/api/classes/{id}/learners/{learnerId}")
    Learner addKnown(@PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        return learners.addKnown(id, learnerId, me.id());
    }

    /** Gives a learner who forgot it a new password. */
    @PostMapping("/api/classes/{id}/learners/{learnerId}/password")
    LearnerWithPassword renewPassword(
            @PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        return learners.renewPassword(id, learnerId, me.id());
    }

    @PutMapping("/api/classes/{id}/learners/{learnerId}/name")
    Learner rename(
            @PathVariable long id,
            @PathVariable long learnerId,
            @RequestBody LearnerName name,
            @AuthenticationPrincipal SignedIn me) {
        return learners.rename(id, learnerId, name.displayName(), me.id());
    }

    @DeleteMapping("/api/classes/{id}/learners/{learnerId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        learners.remove(id, learnerId, me.id());
    }

    @GetMapping("/api/classes/{id}/learners/{learnerId}/export")
    Export export(@PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        return learners.export(id, learnerId, me.id());
    }

    /** Deletes a learner and all they wrote, for good. */
    @DeleteMapping("/api/classes/{id}/learners/{learnerId}/everything")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@PathVariable long id, @PathVariable long learnerId, @AuthenticationPrincipal SignedIn me) {
        learners.erase(id, learnerId, me.id());
    }
}
