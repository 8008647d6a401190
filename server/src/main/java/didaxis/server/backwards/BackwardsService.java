package didaxis.server.backwards;

import didaxis.core.backwards.Backwards;
import didaxis.core.backwards.Given;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import didaxis.core.style.HouseStyle;
import didaxis.core.working.StyledChart;
import didaxis.server.backwards.BackwardsController.BackwardsRequest;
import didaxis.server.backwards.BackwardsController.Known;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Reads what is known of a circuit and works from it. */
@Service
class BackwardsService {
    private static final double MOST_SLACK = 0.005;

    BackwardsView work(BackwardsRequest request) {
        if (request.known() == null) throw Problem.badRequest("What is known is needed: a list of cells and texts.");
        StyledChart charted = Circuits.styled(request.notation(), request.style());
        List<Given> givens = givens(request.known(), charted.chart(), charted.style());
        return BackwardsView.of(
                charted, givens, plain(request.known()), Backwards.of(charted.relations(), givens, asked(charted)));
    }

    /** Of what a number without a unit is known: under a unit with a prefix it would be read as another. */
    private static Set<Quantity> plain(List<Known> known) {
        return known.stream()
                .filter(one -> one.text() != null && !one.text().isBlank())
                .filter(one -> one.text().chars().noneMatch(Character::isLetter))
                .map(one -> one.cell().measured())
                .collect(Collectors.toSet());
    }

    /** Every cell of the style's chart that some law speaks of. */
    private static List<Cell> asked(StyledChart charted) {
        List<Cell> asked = new ArrayList<>();
        for (Subject subject : charted.chart().rows()) {
            for (Quantity quantity : charted.style().columns()) {
                Cell cell = Cell.of(subject, quantity);
                boolean follows = !charted.relations().of(cell).isEmpty();
                if (follows && !StyledChart.trivial(cell, charted.chart())) asked.add(cell);
            }
        }
        return asked;
    }

    private static List<Given> givens(List<Known> known, Chart chart, HouseStyle style) {
        List<Given> givens = new ArrayList<>();
        Set<Cell> seen = new HashSet<>();
        Subjects subjects = chart.subjects();
        for (Known one : known) {
            if (one == null || one.cell() == null) throw Problem.badRequest("What is known needs a cell.");
            Cell cell = one.cell().in(subjects);
            String name = style.terms().word(cell.quantity()) + " of "
                    + cell.subject().id();
            if (!seen.add(cell)) throw Problem.badRequest("The " + name + " is given twice.");
            if (chart.value(cell).isEmpty()) throw Problem.badRequest("The " + name + " has no value in this circuit.");
            style.read(one.text() == null ? "" : one.text(), cell.quantity())
                    .match(read -> givens.add(given(cell, name, read)), blank -> false, unreadable -> {
                        throw Problem.of(
                                        HttpStatus.UNPROCESSABLE_CONTENT,
                                        "“" + unreadable.typed() + "” for the " + name + " could not be read; expected "
                                                + unreadable.expected() + ".")
                                .with("cell", one.cell());
                    });
        }
        return givens;
    }

    private static Given given(Cell cell, String name, Reading.Read read) {
        double value = read.amount().si();
        if (value < 0)
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT, "The " + name + " (" + read.shown() + ") cannot be below 0.");
        // 12 V is 12 V and not 11.5 to 12.5 V; what has more figures may have been rounded to them.
        return new Given(cell, value, Math.min(read.halfOfLastPlace(), MOST_SLACK * value));
    }
}
