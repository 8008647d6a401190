package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static didaxis.core.question.Asking.judged;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.answer.Verdict.Code;
import didaxis.core.change.Act;
import didaxis.core.change.Change.Direction;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.NodalAnalysis;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which way things go, against nodal analysis. */
class WaysTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 12);
    }

    @Property(tries = 300)
    void raisedWithoutANumberHoldsForFiftyLargerValuesOrIsRefusedWithTwoThatDiffer(
            @ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Random random = new Random(seed);
        List<Part> variable = circuit.parts().stream()
                .filter(part -> part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                .toList();
        Optional<State> state = drawn(circuit);
        Assume.that(state.isPresent() && !variable.isEmpty());
        String label = variable.get(random.nextInt(variable.size())).label();
        boolean raised = random.nextBoolean();
        Act.Varied act = new Act.Varied(label, raised);
        int k = random.nextInt(circuit.parts().size());
        Quantity quantity =
                List.of(Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER).get(random.nextInt(3));
        Cell cell = Cell.of(Subject.part(circuit.parts().get(k).label()), quantity);
        Ways ways = new Ways("1", 1, List.of(cell));
        Question question =
                asking(ways, state.get(), state.get().after(act, Set.of()).orElseThrow());
        Set<Direction> seen = new LinkedHashSet<>();
        NodalAnalysis before = NodalAnalysis.of(circuit);
        for (int n = 0; n < 50; n++) {
            double times = Math.exp(random.nextDouble() * 12 + 0.01);
            Circuit changed = act.on(circuit, raised ? times : 1 / times);
            NodalAnalysis after = NodalAnalysis.of(changed);
            double floor = 1e-9 * Math.max(most(circuit, quantity), most(changed, quantity));
            double from = value(before, k, quantity);
            double to = value(after, k, quantity);
            // What is zero comes out of nodal analysis as a little noise.
            boolean moves = Math.abs(to - from) > Math.max(floor, 1e-6 * Math.max(Math.abs(from), Math.abs(to)));
            if (moves) seen.add(to > from ? Direction.INCREASES : Direction.DECREASES);
        }
        List<TaskFlaw> flaws = question.flaws();
        if (flaws.isEmpty()) {
            seen.forEach(way -> assertEquals(ways.direction(cell, question), way, () -> circuit + " " + cell));
            String right = ways.direction(cell, question) == Direction.INCREASES
                    ? "goes up"
                    : ways.direction(cell, question) == Direction.DECREASES ? "falls" : "remains constant";
            assertEquals(Code.RIGHT, judged(question, right).code());
        } else if (flaws.get(0) instanceof TaskFlaw.Turns turns) {
            Part part = circuit.parts().stream()
                    .filter(one -> one.label().equals(label))
                    .findFirst()
                    .orElseThrow();
            double from = value(before, k, quantity);
            double one =
                    value(NodalAnalysis.of(circuit.with(part.with(new Setting.Ohms(turns.oneOhms())))), k, quantity);
            double other =
                    value(NodalAnalysis.of(circuit.with(part.with(new Setting.Ohms(turns.otherOhms())))), k, quantity);
            assertTrue((one - from) * (other - from) < 0, () -> circuit + " " + turns);
        }
    }

    /** No part of the circuit can have more. */
    private static double most(Circuit circuit, Quantity quantity) {
        double volts = circuit.source().emf();
        double ohms = circuit.parts().stream()
                .mapToDouble(Part::resistance)
                .filter(one -> one > 0 && Double.isFinite(one))
                .min()
                .orElse(1);
        return quantity == Quantity.VOLTAGE
                ? volts
                : quantity == Quantity.CURRENT ? volts / ohms : volts * volts / ohms;
    }

    private static double value(NodalAnalysis nodal, int part, Quantity quantity) {
        return switch (quantity) {
            case VOLTAGE -> Math.abs(nodal.voltage(part));
            case CURRENT -> Math.abs(nodal.current(part));
            default -> nodal.voltage(part) * nodal.current(part);
        };
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            increases, goes up | RIGHT
            it rises | RIGHT
            brighter | RIGHT
            drops | WRONG
            remains constant | WRONG
            goes up and then down | UNREADABLE
            does not increase | UNREADABLE
            it doesn't change | WRONG
            purple | UNREADABLE
            '' | BLANK
            """)
    void waysAreReadGenerouslyAndTwoAreNone(String typed, Code code) {
        State before = drawn(Notation.circuit("12 V : L1=8 + L2=8 + (L3=8 || S1=open)"))
                .orElseThrow();
        State after = before.after(new Act.Turned("S1", Setting.Position.CLOSED), Set.of())
                .orElseThrow();
        Question question = asking(new Ways("1", 1, List.of(Cell.power(Subject.part("L1")))), before, after);
        assertEquals(code, judged(question, typed).code());
    }
}
