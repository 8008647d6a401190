package didaxis.server.classroom;

import didaxis.server.account.SignedIn;
import didaxis.server.classroom.ClassroomService.ClassroomView;
import didaxis.server.classroom.Classrooms.Classroom;
import didaxis.server.classroom.Classrooms.Colleague;
import io.swagger.v3.oas.annotations.media.Schema;
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

/** A teacher's classes, and with whom they are shared. */
@RestController
class ClassroomController {
    /** {@code again} says that it is meant where there is a class of that name. */
    record ClassName(
            String name,
            @Schema(types = {"boolean", "null"}) Boolean again) {}

    record Archived(boolean archived) {}

    record NewOwner(long teacherId) {}

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
    Classroom add(@RequestBody ClassName classroom, @AuthenticationPrincipal SignedIn me) {
        return classes.add(classroom.name(), classroom.again() == Boolean.TRUE, me.id());
    }

    @GetMapping("/api/classes/{id}")
    ClassroomView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return classes.one(id, me.id());
    }

    @PutMapping("/api/classes/{id}/name")
    ClassroomView rename(@PathVariable long id, @RequestBody ClassName name, @AuthenticationPrincipal SignedIn me) {
        return classes.rename(id, name.name(), name.again() == Boolean.TRUE, me.id());
    }

    /** Puts a class away, or takes it out again. */
    @PutMapping("/api/classes/{id}/archived")
    ClassroomView archive(@PathVariable long id, @RequestBody Archived archived, @AuthenticationPrincipal SignedIn me) {
        return classes.archive(id, archived.archived(), me.id());
    }

    @PostMapping("/api/classes/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    ClassroomView copy(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return classes.copy(id, me.id());
    }

    @GetMapping("/api/teachers")
    List<Colleague> teachers(@AuthenticationPrincipal SignedIn me) {
        return classes.teachers(me.id());
    }

    @PutMapping("/api/classes/{id}/teachers/{teacherId}")
    ClassroomView share(@PathVariable long id, @PathVariable long teacherId, @AuthenticationPrincipal SignedIn me) {
        return classes.share(id, teacherId, me.id());
    }

    @DeleteMapping("/api/classes/{id}/teachers/{teacherId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unshare(@PathVariable long id, @PathVariable long teacherId, @AuthenticationPrincipal SignedIn me) {
        classes.unshare(id, teacherId, me.id());
    }

    @PutMapping("/api/classes/{id}/owner")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void handOver(@PathVariable long id, @RequestBody NewOwner owner, @AuthenticationPrincipal SignedIn me) {
        classes.handOver(id, owner.teacherId(), me.id());
    }
}
