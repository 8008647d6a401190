package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static didaxis.core.question.Asking.judged;
import static org.junit.jupiter.api.Assertions.assertEquals;

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
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** Where meters read the same, against readings of circuits that are joined alike. */
class PlacesTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 12);
    }

    private static Circuit otherwise(Circuit circuit, Random random) {
        Circuit now = circuit;
        for (Part part : circuit.parts())
            if (part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                now = now.with(part.with(new Setting.Ohms(1 + 9 * random.nextDouble())));
        return now;
    }

    @Property(tries = 300)
    void aMeterReadsTheSameThereWhateverTheValuesAndNowhereElse(
            @ForAll("circuits") Circuit circuit, @ForAll long seed, @ForAll boolean volts) {
        Random random = new Random(seed);
        List<Part> all = circuit.parts();
        List<Part> resistors = all.stream()
                .filter(part -> part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                .toList();
        Assume.that(resistors.size() > 1 && drawn(circuit).isPresent());
        Part like = resistors.get(random.nextInt(resistors.size()));
        Set<Part> same = new LinkedHashSet<>(resistors);
        for (int n = 0; n < 4; n++) {
            NodalAnalysis nodal = NodalAnalysis.of(otherwise(circuit, random));
            double total = nodal.totalCurrent();
            Assume.that(total > 0);
            for (Part one : resistors) Assume.that(Math.abs(nodal.current(all.indexOf(one))) > 1e-6 * total);
            double reading = reading(nodal, all.indexOf(like), volts);
            same.removeIf(one -> Math.abs(reading(nodal, all.indexOf(one), volts) - reading) > 1e-6 * reading);
        }
        same.remove(like);
        Cell cell = Cell.of(Subject.part(like.label()), volts ? Quantity.VOLTAGE : Quantity.CURRENT);
        Places task = new Places(
                "1",
                0,
                cell,
                resistors.stream().map(part -> Subject.part(part.label())).toList(),
                1);
        assertEquals(
                same.stream().map(part -> Subject.part(part.label())).collect(Collectors.toSet()),
                task.right(asking(task, drawn(circuit).orElseThrow())),
                () -> Notation.print(circuit) + " " + cell);
    }

    private static double reading(NodalAnalysis nodal, int part, boolean volts) {
        return Math.abs(volts ? nodal.voltage(part) : nodal.current(part));
    }

    /** Before the split and after the join, never inside; common practice. */
    @Test
    void anAmmeterForTheTotalCurrentStandsBeforeTheSplitOrAfterTheJoin() {
        State state = drawn(Notation.circuit("16 V : .A + R1=5 + .B + ((.C + R2=12) || (R3=4 + .D)) + .E"))
                .orElseThrow();
        List<Subject> points =
                "ABCDE".chars().mapToObj(one -> Subject.point((char) one)).toList();
        Places task = new Places("1", 0, Cell.current(Subject.TOTAL), points, 2);
        assertEquals("A, B, E", judged(asking(task, state), "").model());
        assertEquals(2, judged(asking(task, state), "E, A and B").points());
        assertEquals(0, judged(asking(task, state), "A, B, C, E").points());
        Places volts = new Places("1", 0, Cell.voltage(Subject.part("R2")), points.subList(0, 1), 2);
        assertEquals(
                List.of(new TaskFlaw.NoPlaceForAMeter("1", points.get(0))),
                asking(volts, state).flaws(),
                "a voltmeter lies across something");
    }
}
