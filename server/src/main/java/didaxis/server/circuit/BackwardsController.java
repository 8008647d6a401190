package didaxis.server.circuit;

import didaxis.core.backwards.Given;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.Reading;
import didaxis.core.style.HouseStyle;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Works a circuit from what is known of it. */
@RestController
class BackwardsController {
    private static final double MOST_SLACK = 0.005;

    /** A value as it was typed; left empty, it is not known. */
    record Known(CellView cell, String text) {}

    /** The circuit, of which only the connections count, and what is known of it. */
    record BackwardsRequest(
            String notation,
            @Schema(types = {"string", "null"}) String style,
            List<Known> known) {}

    @PostMapping("/api/circuits/backwards")
    BackwardsView work(@RequestBody BackwardsRequest request) {
        if (request.known() == null) throw Problem.badRequest("What is known is needed: a list of cells and texts.");
        HouseStyle style = StyleView.named(request.style());
        Chart chart = Circuits.chart(Circuits.read(request.notation()));
        ChartedCircuit charted = ChartedCircuit.of(chart, style);
        return BackwardsView.of(charted, givens(request.known(), chart, style));
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
