package didaxis.server.marking;

import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Precision;
import didaxis.core.style.MarkingStyle;
import didaxis.core.style.Tolerance;
import didaxis.server.circuit.CellView;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Tries a marking before it is set. */
@RestController
class TrialController {
    record TriedAnswer(CellView cell, String text) {}

    /** How strictly to judge; what is left out is as in the standard style. */
    record Style(
            @Schema(types = {"number", "null"}) Double tolerance,
            @Schema(types = {"integer", "null"}) Integer leastFigures,
            @Schema(types = {"string", "null"}) String decimalSign,
            @Schema(types = {"integer", "null"}) Integer figures) {
        MarkingStyle marking() {
            MarkingStyle standard = MarkingStyle.STANDARD;
            try {
                return new MarkingStyle(
                        tolerance == null ? standard.tolerance() : new Tolerance(tolerance),
                        leastFigures == null ? standard.leastFigures() : leastFigures,
                        new AmountFormat(
                                decimalSign == null || decimalSign.isEmpty() ? '.' : decimalSign.charAt(0),
                                figures == null ? standard.format().precision() : Precision.figures(figures)));
            } catch (IllegalArgumentException e) {
                throw Problem.badRequest("The style cannot be used: " + e.getMessage() + ".");
            }
        }
    }

    record Trial(
            String notation,
            @Schema(types = {"array", "null"}) List<CellView> given,
            List<TriedAnswer> answers,

            @Schema(
                    types = {"object", "null"},
                    implementation = Style.class)
            Style style) {}

    record Findings(List<FindingView> findings) {}

    private final TrialService trials;

    TrialController(TrialService trials) {
        this.trials = trials;
    }

    @PostMapping("/api/marking/trial")
    Findings tryMarking(@RequestBody Trial trial) {
        return trials.findings(trial);
    }
}
