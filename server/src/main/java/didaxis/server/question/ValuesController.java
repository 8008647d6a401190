package didaxis.server.question;

import didaxis.server.question.ValuesService.NiceView;
import didaxis.server.question.ValuesService.ValuesView;
import didaxis.server.question.VariedBody.ConditionBody;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Values for questions: all that vary, and nice ones. */
@RestController
class ValuesController {
    record ValuesToFind(
            QuestionBody body,
            @Schema(types = {"string", "null"}) String style) {}

    record NiceToFind(
            QuestionBody body,
            @Schema(types = {"string", "null"}) String style,
            @Schema(types = {"array", "null"}) List<ConditionBody> conditions) {}

    private final ValuesService values;

    ValuesController(ValuesService values) {
        this.values = values;
    }

    @PostMapping("/api/questions/values")
    ValuesView find(@RequestBody ValuesToFind find) {
        return values.find(find.body(), find.style());
    }

    @PostMapping("/api/questions/nice-values")
    NiceView nice(@RequestBody NiceToFind find) {
        return values.nice(find.body(), find.style(), find.conditions());
    }
}
