package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static didaxis.core.question.Asking.judged;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.answer.Verdict.Code;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** Orders and comparisons, against nodal analysis, which knows nothing of series and parallel. */
class RankingTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 12);
    }

    /** The same circuit with a few values drawn anew, so that ties come about. */
    private static Circuit even(Circuit circuit, Random random) {
        Circuit now = circuit;
        for (Part part : circuit.parts()) {
            if (part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                now = now.with(part.with(new Setting.Ohms(random.nextInt(2) + 1)));
        }
        return now;
    }

    @Property(tries = 300)
    void anOrderEarnsByNeighboursAndEveryOrderOfWhatIsEqualIsTheSame(
            @ForAll("circuits") Circuit any, @ForAll long seed) {
        Random random = new Random(seed);
        Circuit circuit = even(any, random);
        Optional<State> state = drawn(circuit);
        Assume.that(state.isPresent());
        List<Subject> resistors = circuit.parts().stream()
                .filter(part -> part.kind().resistive() && part.setting() instanceof Setting.Ohms)
                .map(part -> Subject.part(part.label()))
                .toList();
        Assume.that(resistors.size() > 1);
        Ranking ranking = new Ranking("1", 0, Quantity.POWER, resistors, resistors.size() - 1);
        Question question = asking(ranking, state.get());
        Assume.that(question.flaws().isEmpty());
        NodalAnalysis nodal = NodalAnalysis.of(circuit);
        ToDoubleFunction<Subject> power = thing -> {
            int k = circuit.parts().stream().map(Part::label).toList().indexOf(thing.id());
            return nodal.voltage(k) * nodal.current(k);
        };
        double whole = circuit.source().emf() * nodal.totalCurrent();
        List<Set<Subject>> order = ranking.order(question);
        for (int k = 0; k + 1 < order.size(); k++) {
            double more = power.applyAsDouble(order.get(k).iterator().next());
            double less = power.applyAsDouble(order.get(k + 1).iterator().next());
            assertTrue(more > less - 1e-9 * whole, order + ": " + more + ", then " + less);
            for (Subject alike : order.get(k)) assertEquals(more, power.applyAsDouble(alike), 1e-7 * whole);
        }
        List<String> shuffled = new ArrayList<>();
        for (Set<Subject> rank : order) {
            List<String> names = new ArrayList<>(rank.stream().map(Subject::id).toList());
            Collections.shuffle(names, random);
            shuffled.add(String.join("=", names));
        }
        assertEquals(
                ranking.marks(), judged(question, String.join(" > ", shuffled)).points());
        Collections.reverse(shuffled);
        assertEquals(
                ranking.marks(), judged(question, String.join("<", shuffled)).points());
        // A tie earns only between neighbours that are tied, so that all alike earns just the true ties.
        int ties = order.stream().mapToInt(rank -> rank.size() - 1).sum();
        String allAlike = String.join("=", resistors.stream().map(Subject::id).toList());
        assertEquals(ties, judged(question, allAlike).points());
    }

    @Test
    void aComparisonWithItsFactorIsReadAsAFractionOrANumber() {
        State full = drawn(Notation.circuit("24 V : L1=48")).orElseThrow();
        Cell power = Cell.power(Subject.part("L1"));
        State half = drawn(Notation.circuit("24 V : L1=48 + R1=48")).orElseThrow();
        Comparison task = new Comparison("1", 1, power, 0, power, true, false, 1);
        Question question = new Question("", List.of(full, half), List.of(task));
        assertEquals(List.of(), question.flaws());
        Box factor = task.boxes().get(1);
        for (String typed : List.of("1/4", "0.25", "0,25 times"))
            assertEquals(
                    Code.RIGHT,
                    task.judge(factor, typed, question, MarkingStyle.STANDARD).code(),
                    typed);
        assertEquals(
                Code.WRONG,
                task.judge(factor, "1/2", question, MarkingStyle.STANDARD).code());
        assertEquals(Code.RIGHT, judged(question, "dimmer, so less").code());
    }
}
