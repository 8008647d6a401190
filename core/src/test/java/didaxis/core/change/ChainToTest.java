package didaxis.core.change;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.change.Change.Direction;
import didaxis.core.change.Change.Link;
import didaxis.core.change.Change.Reason;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** The reasons of one cell that was picked. */
class ChainToTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(16);
    }

    /** Whatever cell is picked, its own links say why, each from the ones before, and the last is of the cell. */
    @Property(tries = 200)
    void theChainToOneCellIsShorterAndStillFollows(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Optional<Change> some = ChangeTest.change(circuit, seed);
        Assume.that(some.isPresent());
        Change change = some.get();
        for (Link last : change.chain()) {
            for (Cell cell : last.cells()) {
                List<Link> links = change.chainTo(cell);
                String where = Notation.print(circuit) + " to " + change.part() + " for " + cell + ": " + links;
                if (change.direction(cell) == Direction.SAME) {
                    assertEquals(List.of(), links, where);
                    continue;
                }
                assertEquals(List.of(cell), links.get(links.size() - 1).cells(), where);
                if (links.get(0).reason() != Reason.ACTION) {
                    assertTrue(someStepIsTooSmallToBeTold(change), where);
                    continue;
                }
                assertTrue(links.size() <= change.chain().size(), where);
                Set<Cell> before = new HashSet<>();
                for (Link link : links) {
                    assertTrue(before.containsAll(link.because()), where);
                    assertTrue(ChangeTest.follows(change, link), where);
                    before.addAll(link.cells());
                }
            }
        }
    }

    /** Where a value changes by less than counts as a change, what follows from it has no chain of changes. */
    private static boolean someStepIsTooSmallToBeTold(Change change) {
        return Arrays.stream(Quantity.values())
                .flatMap(quantity -> change.before().rows().stream().map(row -> Cell.of(row, quantity)))
                .anyMatch(cell -> change.direction(cell) == Direction.SAME
                        && change.before().limit(cell) != change.after().limit(cell));
    }

    @Test
    void whyALampIsDimmerIsToldInSixLinks() {
        Chart before = ChangeTest.chart(Notation.circuit("12 V r=1 : L1=4 + (L2=6 || (S1=open + L3=6))"))
                .orElseThrow();
        Chart after = ChangeTest.chart(
                        before.circuit().with(before.circuit().parts().get(2).with(Setting.Position.CLOSED)))
                .orElseThrow();
        assertEquals(
                List.of(
                        "ACTION S1 resistance DECREASES",
                        "COMBINED total resistance DECREASES",
                        "TOTAL_CURRENT total current INCREASES",
                        "FOLLOWS_CURRENT L1 voltage INCREASES",
                        "REST_OF_VOLTAGE L23 voltage DECREASES",
                        "FOLLOWS_VOLTAGE L2 voltage DECREASES"),
                Change.of(before, after, "S1").chainTo(Cell.voltage(Subject.part("L2"))).stream()
                        .map(ChangeTest::said)
                        .toList());
    }
}
