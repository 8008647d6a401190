package didaxis.core.correction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.correction.Amendment.Fate;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import didaxis.core.style.Tolerance;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AmendmentTest {
    private static final MarkingStyle STYLE = MarkingStyle.STANDARD;
    private static final MarkingStyle WITH_UNITS =
            new MarkingStyle(new Tolerance(0.01), 2, STYLE.format(), true, true, true, true);

    private static Question asking(Chart chart, Cell cell, String unit) {
        Amounts task = new Amounts(
                "1.1", 0, Amounts.Command.CALCULATE, Map.of(cell, 3), unit.isEmpty() ? Map.of() : Map.of(cell, unit));
        return new Question("", List.of(State.asDrawn(chart, Set.of())), List.of(task));
    }

    private static Optional<Chart> chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
    }

    private static List<Cell> cells(Chart chart) {
        return chart.rows().stream()
                .flatMap(row -> Stream.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER)
                        .map(quantity -> Cell.of(row, quantity)))
                .toList();
    }

    private static int points(String accepted, int worth, String typed, String unit, MarkingStyle style) {
        Chart chart = chart(Notation.circuit("12 V : R1=4 + R2=2")).orElseThrow();
        Question question =
                asking(chart, Cell.current(chart.subjects().named("R1").orElseThrow()), unit);
        Box box = question.boxes().get(0);
        return Amendment.NONE.accepting(new Accepted(accepted, worth)).points(question, box, typed, 0, style);
    }

    @ParameterizedTest
    @CsvSource({
        // The ends of a range count; one unit stands for both; what is no number is none of it.
        "1.4 to 1.6 A, 3, 1.4 A, 3",
        "1.4 to 1.6 A, 3, 1.6, 3",
        "1.4–1.6, 3, 1500 mA, 3",
        "1.4 to 1.6 A, 3, 1.61 A, 0",
        "1.4 to 1.6 A, 3, '', 0",
        "1.4 to 1.6 A, 3, about 1.5, 0",
        "1.4 to 1.6 mA, 3, 1.5 mA, 3",
        "1.4 to 1.6 mA, 3, 1.5 A, 0",
        "1400 mA to 1.6 A, 3, 1.5 A, 3",
        // One value is held like the true one: within the tolerance, or rounded to it.
        "2.52 A, 2, 2.5 A, 2",
        "2.52 A, 2, 2.53 A, 2",
        "2.52 A, 2, 2.6 A, 0",
        "2.52 A, 2, 2.52 V, 0",
        // A range that runs backwards is none.
        "1.6 to 1.4 A, 3, 1.5 A, 0"
    })
    void whatIsAcceptedEarnsItsPoints(String accepted, int worth, String typed, int points) {
        assertEquals(points, points(accepted, worth, typed, "", STYLE));
    }

    @Test
    void anAcceptedAmountLosesItsUnitsMarkLikeARightOne() {
        assertEquals(2, points("1.5 A", 3, "1.5", "", WITH_UNITS));
        assertEquals(3, points("1.5 A", 3, "1.5 A", "", WITH_UNITS));
        assertEquals(3, points("1.5 mA", 3, "1.5", "mA", WITH_UNITS), "the box asks for mA and shows it");
    }

    /** Whatever stands in any box of any circuit: accepting earns no less than before, and its own text all of it. */
    @Test
    void acceptingNeverTakesAndAlwaysCoversItself() {
        int tried = 0;
        for (long seed = 0; seed < 400; seed++) {
            Random random = new Random(seed);
            Chart chart = chart(RandomCircuits.random(seed, 2 + random.nextInt(6), true))
                    .orElse(null);
            if (chart == null) continue;
            for (Cell cell : cells(chart)) {
                if (chart.value(cell).isEmpty() || random.nextInt(4) > 0) continue;
                tried++;
                Question question = asking(chart, cell, "");
                Box box = question.boxes().get(0);
                double value = chart.value(cell).orElseThrow() * (0.2 + 3 * random.nextDouble());
                String text = STYLE.format().print(Amount.of(value, cell.quantity()));
                int before = random.nextInt(4);
                Amendment amendment = Amendment.NONE.accepting(new Accepted(text, 2));
                assertEquals(
                        Math.max(before, 2),
                        amendment.points(question, box, text, before, STYLE),
                        () -> text + " " + cell);
                assertEquals(before, amendment.points(question, box, "", before, STYLE));
                assertEquals(3, amendment.with(Fate.GIVEN_TO_ALL).points(question, box, "", before, STYLE));
                assertEquals(0, amendment.with(Fate.LEFT_OUT).points(question, box, text, before, STYLE));
                assertEquals(0, amendment.with(Fate.LEFT_OUT).marks(box));
            }
        }
        assertTrue(tried > 1000, "tried " + tried);
    }
}
