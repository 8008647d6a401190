package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.notation.Notation;
import didaxis.core.question.Offers;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Deduction;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

class OffersProperties {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 10);
    }

    /** A circuit set up from its resistances and emf, and a part of it turned or taken out. */
    private static Optional<List<State>> states(Circuit circuit, Random random) {
        Optional<Chart> chart =
                OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
        if (chart.isEmpty()) return Optional.empty();
        State drawn = State.asDrawn(
                chart.get(), Deduction.fromResistancesAndEmf(chart.get()).keySet());
        Part part = circuit.parts().get(random.nextInt(circuit.parts().size()));
        Act act = part.kind() == PartKind.SWITCH
                ? new Act.Turned(part.label(), Setting.Position.OPEN)
                : new Act.Failed(part.label(), Setting.Fault.OUT);
        List<State> states = new ArrayList<>(List.of(drawn));
        drawn.after(act, Set.of()).ifPresent(states::add);
        return Optional.of(states);
    }

    /** Each offer alone is a question that can be asked, and its own model answers earn all of it. */
    @Property(tries = 30)
    void whatIsOfferedCanBeAskedAndItsModelEarnsAll(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Optional<List<State>> states = states(circuit, new Random(seed));
        Assume.that(states.isPresent());
        for (int state = 0; state < states.get().size(); state++) {
            List<Task> all = new ArrayList<>(Offers.of(new Question("", states.get(), List.of()), state));
            all.addAll(Offers.usual(new Question("", states.get(), List.of()), state));
            for (Task offer : all) {
                Question question = new Question("", states.get(), List.of(offer));
                assertEquals(List.of(), question.flaws(), () -> Notation.print(circuit) + " " + offer);
                Map<String, String> answers = new HashMap<>();
                question.boxes().forEach(box -> answers.put(box.id(), question.model(box, MarkingStyle.STANDARD)));
                int points = QuestionMarker.of(question, MarkingStyle.STANDARD).mark(answers).stream()
                        .mapToInt(BoxFinding::points)
                        .sum();
                assertEquals(question.total(), points, () -> Notation.print(circuit) + " " + offer + " " + answers);
            }
        }
    }

    /** What is asked already is not offered again. */
    @Property(tries = 15)
    void nothingIsOfferedTwice(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Optional<List<State>> states = states(circuit, new Random(seed));
        Assume.that(states.isPresent());
        for (Task offer : Offers.of(new Question("", states.get(), List.of()), 0)) {
            Question asked = new Question("", states.get(), List.of(offer));
            assertFalse(Offers.of(asked, 0).contains(offer), offer::toString);
        }
    }
}
