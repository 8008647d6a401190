package didaxis.server.assignment;

import didaxis.server.circuit.SceneView;
import didaxis.server.circuit.StyleView;
import didaxis.server.config.Problem;
import didaxis.server.marking.BoxFindingView;
import didaxis.server.question.QuestionBody;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Shows a question that nobody has kept yet as its learners will have it, to be answered and seen marked. */
@RestController
class TriedSheetController {
    /**
     * @param answers what stands in its boxes; none where it is left out
     * @param style its house style; the usual one where it is left out
     */
    record SheetToTry(
            QuestionBody body,
            @Schema(types = {"array", "null"}) List<Answer> answers,

            @Schema(
                    types = {"object", "null"},
                    implementation = SceneView.Room.class)
            SceneView.Room room,

            @Schema(types = {"string", "null"}) String style) {}

    /** @param findings what marking says of the answers; none as long as nothing was written */
    record TriedSheet(QuestionSheet question, List<BoxFindingView> findings, int marks, int total) {}

    private final TriedSheetService sheets;

    TriedSheetController(TriedSheetService sheets) {
        this.sheets = sheets;
    }

    @PostMapping("/api/questions/sheet")
    TriedSheet sheet(@RequestBody SheetToTry tried) {
        if (tried.body() == null)
            throw Problem.badRequest("A question is needed: body.").with("field", "body");
        List<Answer> answers = tried.answers() == null ? List.of() : tried.answers();
        return sheets.tried(
                tried.body(),
                answers,
                tried.room() == null ? SceneView.Room.DESK : tried.room(),
                StyleView.named(tried.style()));
    }
}
