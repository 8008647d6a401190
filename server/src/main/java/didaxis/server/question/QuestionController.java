package didaxis.server.question;

import didaxis.server.account.SignedIn;
import didaxis.server.question.QuestionService.QuestionSummary;
import didaxis.server.question.QuestionService.QuestionView;
import didaxis.server.question.QuestionService.RevisionView;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's own questions. */
@RestController
class QuestionController {
    record Title(String title) {}

    private final QuestionService questions;

    QuestionController(QuestionService questions) {
        this.questions = questions;
    }

    @GetMapping("/api/questions")
    List<QuestionSummary> own(@AuthenticationPrincipal SignedIn me) {
        return questions.own(me.id());
    }

    @GetMapping("/api/questions/removed")
    List<QuestionSummary> removed(@AuthenticationPrincipal SignedIn me) {
        return questions.removed(me.id());
    }

    @GetMapping("/api/questions/{id}")
    QuestionView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return questions.one(id, me.id());
    }

    @PostMapping("/api/questions")
    @ResponseStatus(HttpStatus.CREATED)
    QuestionView add(
            @RequestBody QuestionBody body, @RequestParam Optional<Long> draft, @AuthenticationPrincipal SignedIn me) {
        return questions.add(body, draft, me.id());
    }

    @PutMapping("/api/questions/{id}")
    QuestionView change(@PathVariable long id, @RequestBody QuestionBody body, @AuthenticationPrincipal SignedIn me) {
        return questions.change(id, body, me.id());
    }

    @PutMapping("/api/questions/{id}/title")
    QuestionView rename(@PathVariable long id, @RequestBody Title title, @AuthenticationPrincipal SignedIn me) {
        return questions.rename(id, title.title(), me.id());
    }

    @DeleteMapping("/api/questions/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        questions.remove(id, me.id());
    }

    /** Takes back a removal. */
    @PostMapping("/api/questions/{id}/restoration")
    QuestionView bringBack(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return questions.bringBack(id, me.id());
    }

    /** What it was before, the latest first. */
    @GetMapping("/api/questions/{id}/revisions")
    List<RevisionView> revisions(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return questions.revisions(id, me.id());
    }

    @PostMapping("/api/questions/{id}/revisions/{revision}/restoration")
    QuestionView bringRevisionBack(
            @PathVariable long id, @PathVariable int revision, @AuthenticationPrincipal SignedIn me) {
        return questions.bringRevisionBack(id, revision, me.id());
    }
}
