package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

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
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiPredicate;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What may be said for a reason, against what nodal analysis finds however large the resistances are. */
class ReasonTest {
    private static final int VALUATIONS = 14;

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 10);
    }

    /** The letters of the reasons that earn. */
    private static String right(Task task, Question question) {
        Box box = task.boxes().get(task.boxes().size() - 1);
        StringBuilder letters = new StringBuilder();
        for (String letter : List.of("a", "b", "c", "d", "e"))
            if (task.judge(box, letter, question, MarkingStyle.STANDARD).points() == 1) letters.append(letter);
        return letters.toString();
    }

    /** Size of voltage and current of two parts in one of many circuits that are connected alike. */
    private record Two(double volts, double otherVolts, double amperes, double otherAmperes) {
        static Two of(Circuit circuit, String one, String other) {
            NodalAnalysis nodal = NodalAnalysis.of(circuit);
            List<String> labels = circuit.parts().stream().map(Part::label).toList();
            int a = labels.indexOf(one);
            int b = labels.indexOf(other);
            return new Two(nodal.voltage(a), nodal.voltage(b), nodal.current(a), nodal.current(b));
        }

        private static boolean same(double one, double other) {
            return Math.abs(one - other) <= 1e-7 * Math.max(Math.abs(one), Math.abs(other));
        }
    }

    private static Circuit valuedAnew(Circuit circuit, Random random) {
        Circuit now = circuit;
        for (Part part : circuit.parts())
            if (part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                now = now.with(part.with(new Setting.Ohms(Math.pow(10, 4 * random.nextDouble() - 1))));
        return now;
    }

    /** Where a part resists a million times as much as each of the others. */
    private static Circuit dammed(Circuit circuit, String label) {
        Circuit now = circuit;
        for (Part part : circuit.parts())
            if (part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                now = now.with(part.with(new Setting.Ohms(part.label().equals(label) ? 1e6 : 1)));
        return now;
    }

    @Property(tries = 300)
    void whatTwoPartsShareHoldsHoweverLargeTheResistancesAre(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Random random = new Random(seed);
        Optional<State> state = drawn(circuit);
        List<String> resistors = new ArrayList<>(circuit.parts().stream()
                .filter(part ->
                        part.kind().resistive() && part.setting() instanceof Setting.Ohms && part.resistance() > 0)
                .map(Part::label)
                .toList());
        Assume.that(state.isPresent() && resistors.size() > 1);
        String one = resistors.remove(random.nextInt(resistors.size()));
        String other = resistors.get(random.nextInt(resistors.size()));
        Two now = Two.of(circuit, one, other);
        NodalAnalysis nodal = NodalAnalysis.of(circuit);
        double volts = IntStream.range(0, circuit.parts().size())
                .mapToDouble(part -> Math.abs(nodal.voltage(part)))
                .max()
                .orElseThrow();
        // Where nothing passes at all, what is reckoned through a resistance is the rounding of two potentials.
        double floor = Math.max(1e-12 * volts, 1e-9 * Math.abs(nodal.totalCurrent()));
        Assume.that(Math.min(Math.abs(now.amperes), Math.abs(now.otherAmperes)) > floor);
        List<Two> all = new ArrayList<>();
        for (int k = 0; k < VALUATIONS; k++) all.add(Two.of(valuedAnew(circuit, random), one, other));
        // Where nearly nothing passes the one, what still passes the other is no part of it.
        for (String dammed : List.of(one, other)) all.add(Two.of(dammed(circuit, dammed), one, other));
        boolean current = all.stream().allMatch(two -> Two.same(two.amperes, two.otherAmperes));
        boolean voltage = all.stream().allMatch(two -> Two.same(two.volts, two.otherVolts));
        Cell power = Cell.power(Subject.part(one));
        Comparison task = new Comparison("1", 0, power, 0, Cell.power(Subject.part(other)), false, true, 1);
        Question question = asking(task, state.get());
        assertEquals(List.of(), question.flaws());
        String said = right(task, question);
        String shown = Notation.print(circuit) + " " + one + " " + other + ": " + said;
        assertEquals(current, said.contains("a"), shown);
        assertEquals(voltage, said.contains("b"), shown);
        assertEquals(Two.same(now.volts / now.amperes, now.otherVolts / now.otherAmperes), said.contains("c"), shown);
        // All the current of the one, a part of it through the other: the larger power is that of the first, or it says
        // nothing.
        BiPredicate<Two, Boolean> more = (two, first) -> first
                ? Math.abs(two.amperes) >= Math.abs(two.otherAmperes) * (1 - 1e-7)
                : Math.abs(two.otherAmperes) >= Math.abs(two.amperes) * (1 - 1e-7);
        boolean first = now.volts * now.amperes >= now.otherVolts * now.otherAmperes;
        boolean whole = !current && all.stream().allMatch(two -> more.test(two, first));
        double ohms = now.volts / now.amperes;
        double otherOhms = now.otherVolts / now.otherAmperes;
        boolean explains = Two.same(ohms, otherOhms) || first == ohms > otherOhms;
        assertEquals(whole && explains, said.contains("d"), shown);
        assertEquals(said.length() == 1 && said.contains("e"), said.contains("e"), shown);
        assertTrue(!said.isEmpty(), shown);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '#', textBlock = """
            9 V : L1=6 + ((A2 + L2=6) || (A3 + L3=6)) # CURRENT # A2, A3 # bc
            9 V : L1=6 + ((A2 + L2=6) || (A3 + L3=9)) # CURRENT # A2, A3 # b
            9 V : L1=6 + ((A2 + L2=6) || (A3 + L3=9)) # CURRENT # L1, L2, L3 # d
            9 V : R1=3 + R2=7 # POWER # R1, R2 # a
            9 V : R1=3 || R2=7 # POWER # R1, R2 # b
            9 V : R1=3 || R2=7 # VOLTAGE # R1, R2 # b
            9 V : L1=6 + (L2=6 || (L3=6 + L4=6)) # POWER # L1, L2, L3, L4 # cd
            9 V : R1=1 + (R2=6 || (R3=6 + R4=2)) # POWER # R1, R2 # e
            9 V : .P + R1=1 + (R2=6 || R3=3) # CURRENT # .P, R2, R3 # d
            """)
    void theReasonIsWhyTheFirstStandsBeforeEachOfTheOthers(
            String circuit, Quantity quantity, String things, String letters) {
        State state = drawn(Notation.circuit(circuit)).orElseThrow();
        List<Subject> ranked = List.of(things.split(", ")).stream()
                .map(name -> state.chart().subjects().named(name).orElseThrow())
                .toList();
        Ranking task = new Ranking("1", 0, quantity, ranked, true, true, 1);
        assertEquals(letters, right(task, asking(task, state)));
    }
}
