package didaxis.server.question;

import didaxis.server.account.SignedIn;
import didaxis.server.question.QuestionDraftService.ChangedDraft;
import didaxis.server.question.QuestionDraftService.DraftSummary;
import didaxis.server.question.QuestionDraftService.DraftView;
import didaxis.server.question.QuestionDraftService.NewDraft;
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

/** A teacher's questions in the making. */
@RestController
class QuestionDraftController {
    private final QuestionDraftService drafts;

    QuestionDraftController(QuestionDraftService drafts) {
        this.drafts = drafts;
    }

    @GetMapping("/api/question-drafts")
    List<DraftSummary> own(@AuthenticationPrincipal SignedIn me) {
        return drafts.own(me.id());
    }

    @GetMapping("/api/question-drafts/removed")
    List<DraftSummary> removed(@AuthenticationPrincipal SignedIn me) {
        return drafts.removed(me.id());
    }

    @GetMapping("/api/question-drafts/{id}")
    DraftView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return drafts.one(id, me.id());
    }

    @PostMapping("/api/question-drafts")
    @ResponseStatus(HttpStatus.CREATED)
    DraftView begin(@RequestBody NewDraft draft, @AuthenticationPrincipal SignedIn me) {
        return drafts.begin(draft, me.id());
    }

    @PutMapping("/api/question-drafts/{id}")
    DraftView change(@PathVariable long id, @RequestBody ChangedDraft draft, @AuthenticationPrincipal SignedIn me) {
        return drafts.change(id, draft, me.id());
    }

    @DeleteMapping("/api/question-drafts/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        drafts.remove(id, me.id());
    }

    /** Takes back a removal. */
    @PostMapping("/api/question-drafts/{id}/restoration")
    DraftView bringBack(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return drafts.bringBack(id, me.id());
    }
}
