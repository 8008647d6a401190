package didaxis.server.marking;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Precision;
import didaxis.core.style.MarkingStyle;
import didaxis.core.style.Tolerance;
import didaxis.server.circuit.CellView;
import didaxis.server.config.Problem;
import didaxis.server.question.QuestionBody;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Tries a marking before it is set. */
@RestController
class TrialController {
    /** An answer to a cell of a circuit, or to a box of a question. */
    record TriedAnswer(
            @Schema(
                    types = {"object", "null"},
                    implementation = CellView.class)
            CellView cell,

            @Schema(types = {"string", "null"}) String text,
            @Schema(types = {"string", "null"}) String box,

            @Schema(
                    types = {"string", "array", "null"},
                    description = "what is written in it; of a working its text, or its lines")
            Object answer) {
        /** What is written in the box; lines in their order. */
        String written() {
            if (answer == null) return "";
            if (!(answer instanceof List<?> lines)) return answer.toString();
            return lines.stream().map(String::valueOf).collect(Collectors.joining("\n"));
        }
    }

    /** How strictly to judge; what is left out is as in the standard style. */
    record Style(
            @Schema(types = {"number", "null"}) Double tolerance,
            @Schema(types = {"integer", "null"}) Integer leastFigures,
            @Schema(types = {"string", "null"}) String decimalSign,
            @Schema(types = {"integer", "null"}) Integer figures,
            @Schema(types = {"boolean", "null"}) Boolean unitRequired,
            @Schema(types = {"boolean", "null"}) Boolean unitWords,
            @Schema(types = {"boolean", "null"}) Boolean followThrough,
            @Schema(types = {"boolean", "null"}) Boolean answerAlone) {
        MarkingStyle marking() {
            MarkingStyle standard = MarkingStyle.STANDARD;
            try {
                return new MarkingStyle(
                        tolerance == null ? standard.tolerance() : new Tolerance(tolerance),
                        leastFigures == null ? standard.leastFigures() : leastFigures,
                        new AmountFormat(
                                decimalSign == null || decimalSign.isEmpty() ? '.' : decimalSign.charAt(0),
                                figures == null ? standard.format().precision() : Precision.figures(figures)),
                        unitRequired == Boolean.TRUE,
                        unitWords != Boolean.FALSE,
                        followThrough != Boolean.FALSE,
                        answerAlone != Boolean.FALSE);
            } catch (IllegalArgumentException e) {
                throw Problem.badRequest("The style cannot be used: " + e.getMessage() + ".");
            }
        }
    }

    /** Either a circuit with answers to its cells, or a question with answers to its boxes. */
    record Trial(
            @Schema(types = {"string", "null"}) String notation,
            @Schema(types = {"array", "null"}) List<CellView> given,
            List<TriedAnswer> answers,

            @Schema(
                    types = {"object", "null"},
                    implementation = Style.class)
            Style style,

            @Schema(
                    types = {"object", "null"},
                    implementation = QuestionBody.class)
            QuestionBody question) {}

    /** A finding for each answer to a cell; for a question one for each of its boxes. */
    record Findings(
            @ArraySchema(schema = @Schema(oneOf = {FindingView.class, BoxFindingView.class}))
            List<?> findings) {}

    private final TrialService trials;

    TrialController(TrialService trials) {
        this.trials = trials;
    }

    @PostMapping("/api/marking/trial")
    Findings tryMarking(@RequestBody Trial trial) {
        return trial.question() == null ? trials.findings(trial) : trials.ofQuestion(trial);
    }
}
