package didaxis.core.change;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.change.Change.Direction;
import didaxis.core.change.Change.Link;
import didaxis.core.change.Change.Reason;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.ChangeSentence;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChangeTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(16);
    }

    static Optional<Chart> chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
    }

    /** A switch is turned; another part is taken out, shorted, raised or lowered. */
    private static Part changed(Part part, Random random) {
        if (part.kind() == PartKind.SWITCH)
            return part.with(part.setting() == Setting.Position.OPEN ? Setting.Position.CLOSED : Setting.Position.OPEN);
        if (!(part.setting() instanceof Setting.Ohms ohms) || random.nextInt(3) == 0)
            return part.with(random.nextBoolean() ? Setting.Fault.OUT : Setting.Fault.SHORT);
        return part.with(new Setting.Ohms(ohms.ohms() * (random.nextBoolean() ? 2 : 0.5)));
    }

    static Optional<Change> change(Circuit circuit, long seed) {
        Random random = new Random(seed);
        Part part = circuit.parts().get(random.nextInt(circuit.parts().size()));
        Optional<Chart> before = chart(circuit);
        Optional<Chart> after = chart(circuit.with(changed(part, random)));
        if (before.isEmpty() || after.isEmpty()) return Optional.empty();
        return Optional.of(Change.of(before.get(), after.get(), part.label()));
    }

    @Property(tries = 400)
    void signsAgreeWithTwoNodalSolutions(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Optional<Change> some = change(circuit, seed);
        Assume.that(some.isPresent());
        Change change = some.get();
        NodalAnalysis before = NodalAnalysis.of(change.before().circuit());
        NodalAnalysis after = NodalAnalysis.of(change.after().circuit());
        double emf = circuit.source().emf();
        double amperes = Math.max(Math.max(before.totalCurrent(), after.totalCurrent()), 1e-5 * emf);
        for (int k = 0; k < circuit.parts().size(); k++) {
            Subject part = Subject.part(circuit.parts().get(k).label());
            agree(change, Cell.of(part, Quantity.VOLTAGE), before.voltage(k), after.voltage(k), emf);
            agree(change, Cell.of(part, Quantity.CURRENT), before.current(k), after.current(k), amperes);
        }
    }

    /** Nodal analysis keeps no more than about ten figures of the whole; differences below that say nothing. */
    private static void agree(Change change, Cell cell, double before, double after, double scale) {
        Direction direction = change.direction(cell);
        boolean known = Double.isFinite(before) && Double.isFinite(after);
        if (!known || direction == Direction.UNDECIDED || Math.abs(after - before) <= 1e-8 * scale) return;
        assertEquals(
                after > before ? Direction.INCREASES : Direction.DECREASES,
                direction,
                () -> change.before().circuit() + " " + change.part() + " " + cell);
    }

    @Property(tries = 400)
    void everyLinkIsTrueInTheNumbersAndFollowsFromEarlierOnes(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Optional<Change> some = change(circuit, seed);
        Assume.that(some.isPresent());
        Change change = some.get();
        assertEquals(Reason.ACTION, change.chain().get(0).reason());
        for (Link link : change.chain()) {
            String where = circuit + " to " + change.part() + ": " + link;
            for (Cell cell : link.cells()) assertEquals(link.direction(), change.direction(cell), where);
            assertTrue(follows(change, link), where);
        }
    }

    /** The logic of each reason, judged by the directions of what it follows from. */
    static boolean follows(Change change, Link link) {
        Set<Direction> because = new HashSet<>();
        link.because().forEach(cell -> because.add(change.direction(cell)));
        Direction first = link.because().isEmpty()
                ? null
                : change.direction(link.because().get(0));
        boolean same = link.direction() == Direction.SAME;
        return switch (link.reason()) {
            case ACTION -> link.because().isEmpty();
            case COMBINED -> same || because.equals(Set.of(link.direction()));
            case TOTAL_CURRENT, TERMINAL_VOLTAGE ->
                same || because.equals(Set.of(link.direction().opposite()));
            case LOST_VOLTS, FOLLOWS_CURRENT, FOLLOWS_VOLTAGE -> because.equals(Set.of(link.direction()));
            case REST_OF_VOLTAGE, REST_OF_CURRENT ->
                same
                        || first != link.direction().opposite()
                        || because.contains(link.direction().opposite());
            case POWER -> because.equals(Set.of(link.direction()));
        };
    }

    @Test
    void theChainIsTheOneOfTheClassroom() {
        Chart before = chart(Notation.circuit("12 V r=1 : L1=4 + (L2=6 || (S1=open + L3=6))"))
                .orElseThrow();
        Chart after = chart(
                        before.circuit().with(before.circuit().parts().get(2).with(Setting.Position.CLOSED)))
                .orElseThrow();
        Change change = Change.of(before, after, "S1");
        assertEquals(
                List.of(
                        "ACTION S1 resistance DECREASES",
                        "COMBINED L23 resistance DECREASES",
                        "COMBINED external resistance DECREASES",
                        "COMBINED total resistance DECREASES",
                        "TOTAL_CURRENT total current INCREASES",
                        "LOST_VOLTS internal voltage INCREASES",
                        "TERMINAL_VOLTAGE external voltage DECREASES",
                        "FOLLOWS_CURRENT L1 current, L1 voltage INCREASES",
                        "REST_OF_VOLTAGE L23 voltage DECREASES",
                        "FOLLOWS_VOLTAGE L2 current, L2 voltage DECREASES",
                        "REST_OF_CURRENT L3 current INCREASES",
                        "FOLLOWS_CURRENT L3 voltage INCREASES",
                        "REST_OF_VOLTAGE S1 voltage DECREASES",
                        "POWER L1 power, L3 power INCREASES",
                        "POWER L2 power DECREASES"),
                change.chain().stream().map(ChangeTest::said).toList());
    }

    @Test
    void lampsAreRankedWithTiesAndThoseThatGoOutAreNamed() {
        Chart before = chart(Notation.circuit("12 V : L1=4 + (L2=6 || L3=6) + (L4=8 || L5=8)"))
                .orElseThrow();
        Circuit lampOut = before.circuit().with(before.circuit().parts().get(1).with(Setting.Fault.OUT));
        Change change = Change.of(before, chart(lampOut).orElseThrow(), "L2");
        assertEquals(
                List.of(List.of("L3"), List.of("L1"), List.of("L4", "L5"), List.of("L2")),
                change.brightest().stream()
                        .map(rank -> rank.stream().map(Subject::id).toList())
                        .toList());
        assertEquals(List.of(Subject.part("L2")), change.goneOut());
        assertEquals(Direction.INCREASES, change.direction(Cell.of(Subject.part("L2"), Quantity.RESISTANCE)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "12 V : L1=4 + (L2=6 || L3=6)    ; L2 ; L2 goes out. L3 becomes brighter. L1 becomes dimmer."
                        + " Afterwards, brightest first: L3, then L1.",
                "12 V : L1=4 + L2=4 + L3=4       ; L2 ; L1, L2 and L3 go out.",
                "12 V : L1=4 || L2=6             ; L2 ; L2 goes out. L1 stays as it is. Afterwards only L1 is lit.",
                "12 V : L1=4 || L2=6 || L3=4     ; L2 ; L2 goes out. L1 and L3 stay as they are."
                        + " Afterwards L1 and L3 are equally bright."
            })
    void whatBecomesOfTheLampsIsSaid(String notation, String out, String said) {
        Circuit circuit = Notation.circuit(notation);
        Part lamp = circuit.parts().stream()
                .filter(part -> part.label().equals(out))
                .findAny()
                .orElseThrow();
        Chart after = chart(circuit.with(lamp.with(Setting.Fault.OUT))).orElseThrow();
        Change change = Change.of(chart(circuit).orElseThrow(), after, out);
        assertEquals(said, String.join(" ", new ChangeSentence(HouseStyle.PRESETS.get(0), change).lamps()));
    }

    static String said(Link link) {
        return link.reason() + " "
                + link.cells().stream()
                        .map(cell -> cell.subject().id() + " " + cell.quantity().word())
                        .collect(Collectors.joining(", "))
                + " " + link.direction();
    }
}
