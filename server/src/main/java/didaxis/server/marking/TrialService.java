package didaxis.server.marking;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.law.Relations;
import didaxis.core.marking.Marker;
import didaxis.core.marking.QuestionMarker;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.TaskFlaw;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxSentence;
import didaxis.core.wording.FindingSentence;
import didaxis.core.wording.TaskFlawSentence;
import didaxis.core.wording.WorkingSentence;
import didaxis.core.working.Deduction;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import didaxis.server.marking.TrialController.Findings;
import didaxis.server.marking.TrialController.Trial;
import didaxis.server.marking.TrialController.TriedAnswer;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
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

    /** Marks answers to a question that nobody has kept; boxes without an answer are empty. */
    Findings ofQuestion(Trial trial) {
        if (trial.answers() == null) throw Problem.badRequest("Answers are needed: a list of boxes and texts.");
        MarkingStyle style =
                trial.style() == null ? MarkingStyle.STANDARD : trial.style().marking();
        Question question = trial.question().question(HouseStyle.RIDGE);
        List<TaskFlaw> flaws = question.flaws();
        if (!flaws.isEmpty())
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT, new TaskFlawSentence(HouseStyle.RIDGE).say(flaws.get(0)));
        Set<String> boxes = question.boxes().stream().map(Box::id).collect(Collectors.toSet());
        Map<String, String> answers = new LinkedHashMap<>();
        for (TriedAnswer answer : trial.answers()) {
            if (answer == null || !boxes.contains(answer.box()))
                throw Problem.badRequest("One of the answers belongs to no box of this question.");
            String text = answer.written();
            if (text.length() > Box.LONGEST_ANSWER)
                throw Problem.badRequest("An answer is longer than " + Box.LONGEST_ANSWER + " characters.");
            if (answers.put(answer.box(), text) != null)
                throw Problem.badRequest("Box " + answer.box() + " is answered twice.");
        }
        BoxSentence sentences = new BoxSentence(
                new FindingSentence(style.format()),
                new BoxChoices(HouseStyle.RIDGE),
                new WorkingSentence(HouseStyle.RIDGE));
        return new Findings(QuestionMarker.of(question, style).mark(answers).stream()
                .map(finding -> BoxFindingView.of(finding.box().id(), finding, sentences))
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
