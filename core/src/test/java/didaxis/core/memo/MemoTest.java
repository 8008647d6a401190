package didaxis.core.memo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.FormulaText;
import didaxis.core.formula.Symbols;
import didaxis.core.notation.Notation;
import didaxis.core.question.Amounts;
import didaxis.core.question.Offers;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Deduction;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class MemoTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 6);
    }

    private static Optional<State> drawn(Circuit circuit) {
        return OperatingPoint.of(circuit)
                .match(
                        point -> {
                            Chart chart = Chart.of(point);
                            return Optional.of(State.asDrawn(
                                    chart,
                                    Deduction.fromResistancesAndEmf(chart).keySet()));
                        },
                        shorted -> Optional.empty());
    }

    /** Of everything that can be asked of a circuit: the ticks of each box are its marks, and it has a model answer. */
    @Property(tries = 10)
    void theTicksOfEachBoxAreItsMarks(@ForAll("circuits") Circuit circuit) {
        Optional<State> state = drawn(circuit);
        Assume.that(state.isPresent());
        for (Task task : Offers.of(new Question("", List.of(state.get()), List.of()), 0)) {
            Question question = new Question("", List.of(state.get()), List.of(task));
            if (!question.flaws().isEmpty()) continue;
            Memo memo = Memo.of(question, MarkingStyle.STANDARD);
            assertEquals(question.boxes().size(), memo.entries().size());
            for (Memo.Entry entry : memo.entries()) {
                assertEquals(entry.box().marks(), entry.points(), () -> Notation.print(circuit) + " " + task);
                assertTrue(!entry.lines().isEmpty());
            }
        }
    }

    @Test
    void aCalculationHasItsTicksOnFormulaSubstitutionAndAnswerThenOnTheStepsBefore() {
        State state = drawn(Notation.circuit("16 V : R1=5 + (R2=12 || R3=4)")).orElseThrow();
        Cell current = Cell.current(Subject.TOTAL);
        Cell power = Cell.power(Subject.part("R2"));
        Question question = new Question(
                "",
                List.of(state),
                List.of(
                        new Amounts("1.1", 0, Amounts.Command.CALCULATE, Map.of(current, 4)),
                        new Amounts("1.2", 0, Amounts.Command.CALCULATE, Map.of(power, 2)),
                        new Amounts(
                                "1.3", 0, Amounts.Command.WRITE_DOWN, Map.of(Cell.voltage(Subject.part("R2")), 1))));
        Memo memo = Memo.of(question, MarkingStyle.STANDARD);
        assertEquals(
                List.of(
                        "[], [STEP], [FORMULA, SUBSTITUTION, ANSWER]",
                        "[], [], [], [], [], [FORMULA, ANSWER]",
                        "[], [], [], [CELL]"),
                memo.entries().stream()
                        .map(entry -> entry.lines().stream()
                                .map(line -> line.points().toString())
                                .collect(Collectors.joining(", ")))
                        .toList());
        // What the first task has found is known in the second.
        assertTrue(memo.entries().get(1).lines().stream()
                .map(Memo.Line.Worked.class::cast)
                .noneMatch(line -> line.step().cell().equals(current)));
    }

    @Test
    void twoInParallelAreWorkedByTheStylesFormAndByTheOther() {
        State state = drawn(Notation.circuit("16 V : R1=5 + (R2=12 || R3=4)")).orElseThrow();
        Cell group = Cell.resistance(state.chart().subjects().named("R23").orElseThrow());
        Amounts task = new Amounts("1.1", 0, Amounts.Command.CALCULATE, Map.of(group, 3));
        Memo.Entry entry = Memo.of(new Question("", List.of(state), List.of(task)), MarkingStyle.STANDARD)
                .entries()
                .get(0);
        Memo.Line.Worked usual = (Memo.Line.Worked) entry.lines().get(0);
        assertEquals(
                List.of("1/(1/R₂ + 1/R₃)", "R₂ × R₃/(R₂ + R₃)"),
                List.of(usual.step(), entry.routes().get(0).get(0)).stream()
                        .map(step -> FormulaText.print(step.formula(), Symbols.USUAL::text))
                        .toList());
    }
}
