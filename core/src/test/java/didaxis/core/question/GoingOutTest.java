package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static didaxis.core.question.Asking.judged;
import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.change.Act;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
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

/** What goes out, against nodal analysis. */
class GoingOutTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 12);
    }

    @Property(tries = 300)
    void whatGoesOutIsWhatNodalAnalysisFindsDarkAndNamingWhatWasDarkCostsNothing(
            @ForAll("circuits") Circuit any, @ForAll long seed) {
        Circuit circuit = any;
        for (Part part : any.parts())
            if (part.kind() == PartKind.LAMP && !(part.setting() instanceof Setting.Ohms))
                circuit = circuit.with(part.with(new Setting.Ohms(4)));
        Optional<State> state = drawn(circuit);
        List<Part> out = circuit.parts().stream()
                .filter(part -> part.kind() != PartKind.SWITCH)
                .toList();
        Assume.that(state.isPresent() && !out.isEmpty());
        String part = out.get(new Random(seed).nextInt(out.size())).label();
        GoingOut task = new GoingOut("1", 0, List.of(part), 2);
        Question question = asking(task, state.get());
        Assume.that(question.flaws().isEmpty());
        Circuit levelled = levelled(circuit);
        NodalAnalysis before = NodalAnalysis.of(levelled);
        NodalAnalysis after = NodalAnalysis.of(new Act.Failed(part, Setting.Fault.OUT).on(levelled));
        Set<String> dark = new LinkedHashSet<>();
        Set<String> goes = new LinkedHashSet<>();
        double most = before.totalCurrent() + after.totalCurrent();
        for (int k = 0; k < circuit.parts().size(); k++) {
            Part lamp = circuit.parts().get(k);
            if (lamp.kind() != PartKind.LAMP || lamp.label().equals(part)) continue;
            boolean lit = Math.abs(before.current(k)) > 1e-9 * most && lamp.resistance() > 0;
            if (!lit) dark.add(lamp.label());
            else if (Math.abs(after.current(k)) <= 1e-9 * most) goes.add(lamp.label());
        }
        assertEquals(
                goes,
                Set.copyOf(
                        task.goingOut(part, question).stream().map(Subject::id).toList()));
        Set<String> named = new LinkedHashSet<>(goes);
        named.addAll(dark);
        assertEquals(
                2,
                judged(question, named.isEmpty() ? "none" : String.join(", ", named))
                        .points());
    }

    /** With all resistances alike: whether there is a current depends on how parts are joined, and none is as small as noise. */
    private static Circuit levelled(Circuit circuit) {
        Circuit levelled = circuit;
        for (Part part : circuit.parts())
            if (part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                levelled = levelled.with(part.with(new Setting.Ohms(1)));
        return levelled;
    }
}
