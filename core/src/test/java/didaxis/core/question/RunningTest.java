package didaxis.core.question;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.chart.Running;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.law.Relations;
import didaxis.core.marking.BoxFinding;
import didaxis.core.marking.QuestionMarker;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts.Command;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Deduction;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What things take in a time, and what their wires carry. */
class RunningTest {
    private static Chart chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(Chart::of, shorted -> null);
    }

    private static State state(String notation, double seconds, double tariff, Set<Cell> given) {
        Running running = new Running(Map.of(Subject.part("H1"), seconds), tariff);
        return State.asDrawn(chart(Notation.circuit(notation)).with(running), given);
    }

    private static Cell cell(String quantity) {
        return Cell.of(Subject.part("H1"), Quantity.valueOf(quantity));
    }

    /**
     * Worked by hand from Q = I·t, W = P·t and 1 kWh = 3.6 MJ (ISO 80000-6, ISO 80000-1): 30 C in 12 s; 45 kJ at 12 V and
     * 5 A; 0.15 kW for 30 days at 0.20 for a kilowatt hour.
     */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            10 V : H1=4     | 12      | CHARGE TIME          | CURRENT | 2.5 A     | 2500 mA | 25 A
            10 V : H1=4     | 12      | CURRENT TIME         | CHARGE  | 30 C      | 30000mC | 30 A
            12 V : H1=2.4   | 750     | ENERGY VOLTAGE CURRENT | TIME  | 750 s     | 12.5 min | 12.5 s
            12 V : H1=2.4   | 750     | CHARGE VOLTAGE       | ENERGY  | 45 kJ     | 0.0125 kWh | 45 J
            150 V : H1=150  | 2592000 | POWER TIME           | COST    | 21.60     | $21.6   | 0.216
            150 V : H1=150  | 2592000 | POWER TIME           | ENERGY  | 108 kWh   | 389 MJ  | 108 J
            """)
    void whatIsTakenInATimeFollowsAndIsReadInWhateverUnit(
            String circuit, double seconds, String given, String asked, String right, String other, String wrong) {
        Set<Cell> told = Set.copyOf(
                List.of(given.split(" ")).stream().map(RunningTest::cell).toList());
        Amounts task = new Amounts("1", 0, Command.CALCULATE, Map.of(cell(asked), 3));
        Question question = new Question("", List.of(state(circuit, seconds, 0.2, told)), List.of(task));
        assertEquals(List.of(), question.flaws());
        assertEquals(3, points(question, right));
        assertEquals(3, points(question, other));
        assertEquals(0, points(question, wrong));
        assertEquals(3, points(question, question.model(question.boxes().get(0), MarkingStyle.STANDARD)));
    }

    private static int points(Question question, String typed) {
        List<BoxFinding> found =
                QuestionMarker.of(question, MarkingStyle.STANDARD).mark(Map.of("1", typed));
        return found.get(0).points();
    }

    @Test
    void whereAUnitIsWantedANumberWithoutOneIsInIt() {
        Amounts task =
                new Amounts("1", 0, Command.CALCULATE, Map.of(cell("CURRENT"), 1), Map.of(cell("CURRENT"), "mA"));
        State state = state("10 V : H1=400", 12, Double.NaN, Set.of(cell("VOLTAGE"), cell("RESISTANCE")));
        Question question = new Question("", List.of(state), List.of(task));
        assertEquals("25.0\u2009mA", question.model(question.boxes().get(0), MarkingStyle.STANDARD));
        assertEquals(1, points(question, "25"));
        assertEquals(1, points(question, "0.025 A"));
        assertEquals(0, points(question, "0.025"));
    }

    @Test
    void withoutATimeThereIsNoChargeAndWithoutATariffNoCost() {
        Chart chart = chart(Notation.circuit("10 V : H1=4"));
        assertTrue(chart.value(cell("CHARGE")).isEmpty());
        Chart running = chart.with(new Running(Map.of(Subject.part("H1"), 5.0), Double.NaN));
        assertEquals(12.5, running.value(cell("CHARGE")).orElseThrow(), 1e-12);
        assertTrue(running.value(cell("COST")).isEmpty());
    }

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(3, 14);
    }

    /** A point carries what an ammeter in its place shows, and the network tells it from what its wire leads to. */
    @Property(tries = 300)
    void aPointCarriesWhatAnAmmeterThereShows(@ForAll("circuits") Circuit circuit) {
        Chart chart = chart(circuit);
        Assume.that(chart != null);
        List<Subject> points = chart.subjects().readings().stream()
                .filter(one -> one.kind() == Subject.Kind.POINT)
                .toList();
        for (Subject point : points) {
            String text = Notation.print(circuit).replaceFirst("\\Q" + point.id() + "\\E(?![A-Z0-9])", "A999");
            Chart metered = chart(Notation.circuit(text));
            Cell here = Cell.current(point);
            Cell shown = Cell.current(Subject.part("A999"));
            assertEquals(
                    metered.limit(shown),
                    chart.limit(here),
                    1e-9 * chart.point().totalCurrent(),
                    text);
            if (chart.value(here).isEmpty()) continue;
            Map<Cell, Double> all = new HashMap<>();
            for (Part part : circuit.parts()) {
                Cell current = Cell.current(Subject.part(part.label()));
                chart.value(current).ifPresent(value -> all.put(current, value));
            }
            if (all.size() == circuit.parts().size())
                assertTrue(
                        Deduction.of(Relations.of(chart), all, List.of())
                                .values()
                                .containsKey(here),
                        text);
        }
    }
}
