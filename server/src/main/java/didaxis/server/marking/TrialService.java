package didaxis.server.marking;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.law.Relations;
import didaxis.core.marking.Marker;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.FindingSentence;
import didaxis.core.working.Deduction;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import didaxis.server.marking.TrialController.Findings;
import didaxis.server.marking.TrialController.Trial;
import didaxis.server.marking.TrialController.TriedAnswer;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Marks answers to a circuit that no question holds. */
@Service
class TrialService {
    Findings findings(Trial trial) {
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
