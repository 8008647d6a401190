package didaxis.server.question;

import didaxis.server.account.SignedIn;
import didaxis.server.circuit.CellView;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's own questions. */
@RestController
@Transactional(readOnly = true)
class QuestionController {
    /** A question with what still keeps it from being handed out. */
    record QuestionView(
            long id,
            String title,
            String notation,
            List<CellView> given,
            List<QuestionContent.AskedCell> asked,
            int marks,
            List<String> flaws) {
        static QuestionView of(Questions.Kept kept) {
            QuestionContent content = kept.content();
            int marks = content.asked().stream()
                    .mapToInt(QuestionContent.AskedCell::marks)
                    .sum();
            return new QuestionView(
                    kept.id(),
                    content.title(),
                    content.notation(),
                    content.given(),
                    content.asked(),
                    marks,
                    content.flaws());
        }
    }

    /** A question in a list. */
    record QuestionSummary(long id, String title, String notation, int asked, int marks, String updatedAt) {
        static QuestionSummary of(Questions.Kept kept) {
            List<QuestionContent.AskedCell> asked = kept.content().asked();
            int marks =
                    asked.stream().mapToInt(QuestionContent.AskedCell::marks).sum();
            return new QuestionSummary(
                    kept.id(),
                    kept.content().title(),
                    kept.content().notation(),
                    asked.size(),
                    marks,
                    kept.updatedAt());
        }
    }

    private final Questions questions;

    QuestionController(Questions questions) {
        this.questions = questions;
    }

    @GetMapping("/api/questions")
    List<QuestionSummary> own(@AuthenticationPrincipal SignedIn me) {
        return questions.of(me.id()).stream().map(QuestionSummary::of).toList();
    }

    @GetMapping("/api/questions/{id}")
    QuestionView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return QuestionView.of(questions.one(id, me.id()));
    }

    @Transactional
    @PostMapping("/api/questions")
    @ResponseStatus(HttpStatus.CREATED)
    QuestionView add(@RequestBody QuestionContent content, @AuthenticationPrincipal SignedIn me) {
        return QuestionView.of(questions.one(questions.add(content.checked(), me.id()), me.id()));
    }

    @Transactional
    @PutMapping("/api/questions/{id}")
    QuestionView change(
            @PathVariable long id, @RequestBody QuestionContent content, @AuthenticationPrincipal SignedIn me) {
        questions.change(id, content.checked(), me.id());
        return QuestionView.of(questions.one(id, me.id()));
    }

    @Transactional
    @DeleteMapping("/api/questions/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        questions.remove(id, me.id());
    }

    /** Takes back a removal. */
    @Transactional
    @PostMapping("/api/questions/{id}/restoration")
    QuestionView bringBack(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        questions.bringBack(id, me.id());
        return QuestionView.of(questions.one(id, me.id()));
    }
}
