package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.notation.Notation;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.solving.Pair;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** How two parts are joined, against currents and voltages of circuits that are joined alike. */
class JoiningTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 12);
    }

    @Property(tries = 300)
    void whatIsInSeriesHasOneCurrentAndWhatIsInParallelOneVoltageWhateverTheValues(
            @ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Random random = new Random(seed);
        List<Part> resistors = circuit.parts().stream()
                .filter(part -> part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                .toList();
        Assume.that(resistors.size() > 1 && drawn(circuit).isPresent());
        int one = circuit.parts().indexOf(resistors.get(random.nextInt(resistors.size())));
        int other = circuit.parts().indexOf(resistors.get(random.nextInt(resistors.size())));
        Assume.that(one != other);
        boolean current = true;
        boolean voltage = true;
        for (int n = 0; n < 4; n++) {
            Circuit now = circuit;
            for (Part part : circuit.parts())
                if (part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                    now = now.with(part.with(new Setting.Ohms(1 + 9 * random.nextDouble())));
            NodalAnalysis nodal = NodalAnalysis.of(now);
            double i = Math.abs(nodal.current(one));
            double v = Math.abs(nodal.voltage(one));
            Assume.that(i > 1e-6 * nodal.totalCurrent() && nodal.totalCurrent() > 0);
            Assume.that(Math.abs(nodal.current(other)) > 1e-6 * nodal.totalCurrent());
            current &= Math.abs(i - Math.abs(nodal.current(other))) < 1e-6 * i;
            voltage &= Math.abs(v - Math.abs(nodal.voltage(other))) < 1e-6 * v;
        }
        Joining task = new Joining(
                "1",
                0,
                circuit.parts().get(one).label(),
                circuit.parts().get(other).label(),
                1);
        Pair.Kind expected = current ? Pair.Kind.SERIES : voltage ? Pair.Kind.PARALLEL : Pair.Kind.NEITHER;
        Pair.Kind said = task.joint(asking(task, drawn(circuit).orElseThrow()));
        // Two parts with a group between are in series all the same: then one current passes both.
        assertEquals(expected, said, () -> Notation.print(circuit) + " " + task.one() + " " + task.other());
    }
}
