package didaxis.core.question;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.question.Difficulty.Level;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.working.Deduction;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class DifficultyTest {
    private static final Cell CURRENT = Cell.current(Subject.TOTAL);

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.plain(8);
    }

    private static Optional<Chart> chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
    }

    private static State drawn(Chart chart) {
        return State.asDrawn(chart, Deduction.fromResistancesAndEmf(chart).keySet());
    }

    private static Difficulty asking(State state, Cell... cells) {
        List<Task> tasks = new ArrayList<>();
        for (Cell cell : cells)
            tasks.add(new Amounts("1." + (tasks.size() + 1), 0, Amounts.Command.CALCULATE, Map.of(cell, 3)));
        return Difficulty.of(new Question("", List.of(state), tasks));
    }

    @Test
    void theLongestWorkingFromWhatWasFoundBeforeCounts() {
        State state =
                drawn(chart(Notation.circuit("16 V : R1=5 + (R2=12 || R3=4)")).orElseThrow());
        Cell deep = Cell.current(Subject.part("R3"));
        // Two folds, the total current, the voltage of the group, and from that the current.
        assertEquals(new Difficulty(2, 2, 5, 0, 1), asking(state, deep));
        assertEquals(Level.MIDDLING, asking(state, deep).level());
        assertEquals(new Difficulty(2, 2, 3, 0, 1), asking(state, CURRENT, deep));
        assertEquals(Level.EASY, asking(state, CURRENT, deep).level());
    }

    @Test
    void anUnknownSettingIsABackwardStepAndNoWorkingIsEasy() {
        Chart chart = chart(Notation.circuit("16 V : R1=5 + (R2=12 || R3=4)")).orElseThrow();
        Set<Cell> told = Set.of(
                Cell.voltage(Subject.TOTAL),
                CURRENT,
                Cell.resistance(Subject.part("R2")),
                Cell.resistance(Subject.part("R3")));
        Difficulty unknown = asking(State.asDrawn(chart, told), Cell.resistance(Subject.part("R1")));
        assertEquals(1, unknown.backwards());
        assertEquals(
                Level.EASY,
                Difficulty.of(new Question("", List.of(), List.of(Gaps.rules("1.1"))))
                        .level());
    }

    @Property(tries = 40)
    void oneMoreTaskNeverMakesAQuestionEasierNorDoOtherValuesOfTheSameCircuit(@ForAll("circuits") Circuit circuit) {
        Optional<Chart> chart = chart(circuit);
        Assume.that(chart.isPresent());
        State state = drawn(chart.get());
        List<Cell> cells = new ArrayList<>();
        Difficulty before = asking(state);
        for (Subject row : chart.get().rows()) {
            cells.add(Cell.current(row));
            Difficulty now = asking(state, cells.toArray(Cell[]::new));
            assertTrue(now.level().compareTo(before.level()) >= 0, () -> Notation.print(circuit) + " " + cells);
            before = now;
        }
        Circuit twice = Notation.circuit(Notation.print(circuit).replaceFirst("^[^:]*", "7 V "));
        assertEquals(before, asking(drawn(chart(twice).orElseThrow()), cells.toArray(Cell[]::new)));
    }
}
