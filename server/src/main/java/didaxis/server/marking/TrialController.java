package didaxis.server.marking;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.law.Relations;
import didaxis.core.marking.Marker;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Precision;
import didaxis.core.style.MarkingStyle;
import didaxis.core.style.Tolerance;
import didaxis.core.wording.FindingSentence;
import didaxis.core.working.Deduction;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
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

    @PostMapping("/api/marking/trial")
    Findings tryMarking(@RequestBody Trial trial) {
        if (trial.answers() == null) throw Problem.badRequest("Answers are needed: a list of cells and texts.");
        Chart chart = Circuits.chart(Circuits.read(trial.notation()));
        Relations relations = Relations.of(chart);
        MarkingStyle style =
                trial.style() == null ? MarkingStyle.STANDARD : trial.style().marking();
        Set<Cell> given = given(trial, chart, relations);
        Map<Cell, String> answers = new LinkedHashMap<>();
        for (TriedAnswer answer : trial.answers()) {
            if (answer == null || answer.cell() == null) throw Problem.badRequest("Every answer needs a cell.");
            Cell cell = withValue(answer.cell().in(chart.subjects()), chart);
            if (given.contains(cell)) {
                throw Problem.badRequest("The " + cell.quantity().word() + " of "
                        + cell.subject().id() + " is given; a given cell is never an answer.");
            }
            if (answers.put(cell, answer.text() == null ? "" : answer.text()) != null) {
                throw Problem.badRequest("The cell " + answer.cell().subject() + " "
                        + answer.cell().quantity() + " is answered twice.");
            }
        }
        Marker marker = Marker.of(relations, given, style);
        FindingSentence sentences = new FindingSentence(style.format());
        return new Findings(marker.mark(answers).stream()
                .map(finding -> FindingView.of(finding, sentences))
                .toList());
    }

    /** The given cells; where nothing is said, what a circuit is set up from. */
    private static Set<Cell> given(Trial trial, Chart chart, Relations relations) {
        if (trial.given() == null)
            return Deduction.fromResistancesAndEmf(relations.chart()).keySet();
        Set<Cell> given = new LinkedHashSet<>();
        for (CellView cell : trial.given()) {
            if (cell == null) throw Problem.badRequest("A given cell needs a subject and a quantity.");
            given.add(withValue(cell.in(chart.subjects()), chart));
        }
        return given;
    }

    private static Cell withValue(Cell cell, Chart chart) {
        if (chart.value(cell).isPresent()) return cell;
        throw Problem.badRequest(
                "The " + cell.quantity().word() + " of " + cell.subject().id() + " has no value in this circuit.");
    }
}
