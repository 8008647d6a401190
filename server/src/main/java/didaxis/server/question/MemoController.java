package didaxis.server.question;

import didaxis.server.question.CheckController.QuestionToCheck;
import didaxis.server.question.MemoService.MemoView;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Makes the memo of a question, kept or not. */
@RestController
class MemoController {
    private final MemoService memos;

    MemoController(MemoService memos) {
        this.memos = memos;
    }

    @PostMapping("/api/questions/memo")
    MemoView memo(@RequestBody QuestionToCheck question) {
        return memos.of(question.body(), question.style());
    }
}
