package didaxis.server.question;

import didaxis.server.question.CheckService.CheckedQuestion;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Says of a question that nobody has kept yet whether it can be asked, and how it would be. */
@RestController
class CheckController {
    record QuestionToCheck(
            QuestionBody body,
            @Schema(types = {"string", "null"}) String style) {}

    private final CheckService checks;

    CheckController(CheckService checks) {
        this.checks = checks;
    }

    @PostMapping("/api/questions/check")
    CheckedQuestion check(@RequestBody QuestionToCheck check) {
        return checks.check(check.body(), check.style());
    }
}
