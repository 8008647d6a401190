package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static didaxis.core.question.Asking.judged;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict.Code;
import didaxis.core.change.Act;
import didaxis.core.change.Change.Direction;
import didaxis.core.change.Rewiring;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Explaining.Link;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.BoxChoices;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Chains of reasons. */
class ExplainingTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(3, 10);
    }

    private static Act some(Circuit circuit, Random random) {
        Part one = circuit.parts().get(random.nextInt(circuit.parts().size()));
        Part more = Part.resistor("R99", 5);
        return switch (random.nextInt(3)) {
            case 0 -> new Rewiring.Added(more, random.nextBoolean(), Optional.of(Subject.part(one.label())));
            case 1 -> new Act.Supplied(circuit.source().emf() * 2, OptionalDouble.empty());
            default ->
                one.setting() instanceof Setting.Position position
                        ? new Act.Turned(
                                one.label(),
                                position == Setting.Position.OPEN ? Setting.Position.CLOSED : Setting.Position.OPEN)
                        : new Act.Failed(one.label(), Setting.Fault.OUT);
        };
    }

    private static double of(Circuit circuit, Cell cell) {
        NodalAnalysis nodal = NodalAnalysis.of(circuit);
        List<String> labels = circuit.parts().stream().map(Part::label).toList();
        int k = labels.indexOf(cell.subject().id());
        double volts = Math.abs(nodal.voltage(k));
        double amperes = Math.abs(nodal.current(k));
        return cell.quantity() == Quantity.VOLTAGE
                ? volts
                : cell.quantity() == Quantity.CURRENT ? amperes : volts * amperes;
    }

    /** Whatever is done: the chain ends in what is asked, each link is true, and each has its opposite beside it. */
    @Property(tries = 400)
    void everyLinkIsTrueAndItsOppositeIsOfferedToo(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Random random = new Random(seed);
        Optional<State> before = drawn(circuit);
        Assume.that(before.isPresent());
        Optional<State> after = before.get().after(some(circuit, random));
        Assume.that(after.isPresent());
        Part part = circuit.parts().get(random.nextInt(circuit.parts().size()));
        Cell cell = Cell.of(
                Subject.part(part.label()),
                List.of(Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER).get(random.nextInt(3)));
        List<State> states = List.of(before.get(), after.get());
        Explaining task = Explaining.of("1", 1, cell, states, Optional.empty());
        Question question = asking(task, before.get(), after.get());
        Assume.that(question.flaws().isEmpty());
        List<Link> links = task.right().stream().map(task.links()::get).toList();
        assertEquals(cell, links.get(links.size() - 1).cell());
        assertEquals(2 * links.size(), task.links().size());
        for (Link link : links) {
            assertTrue(task.links()
                    .contains(new Link(
                            link.cell(),
                            link.way() == Direction.INCREASES ? Direction.DECREASES : Direction.INCREASES)));
            boolean measured = link.cell().subject().kind() == Subject.Kind.PART
                    && link.cell().quantity() != Quantity.RESISTANCE;
            if (!measured) continue;
            double from = of(circuit, link.cell());
            double to = of(after.get().circuit(), link.cell());
            assertEquals(to > from, link.way() == Direction.INCREASES, () -> Notation.print(circuit) + " " + link);
        }
        assertEquals(Code.RIGHT, judged(question, Typed.chain(task.right())).code());
        List<Integer> reversed = new ArrayList<>(task.right());
        Collections.reverse(reversed);
        assertEquals(links.size() - 1, judged(question, Typed.chain(reversed)).points());
        assertEquals(
                links.size() - 1,
                judged(question, Typed.chain(task.right().subList(1, links.size())))
                        .points());
    }

    @Test
    void aWireBesideAPartLowersTheTerminalVoltageInFourLinks() {
        State before =
                drawn(Notation.circuit("12 V r=1 : V1[.P + R1=5 + .Q + R2=6]")).orElseThrow();
        State after = before.after(new Rewiring.Wired("P", "Q")).orElseThrow();
        Cell reading = Cell.voltage(Subject.voltmeter("V1"));
        Explaining task = Explaining.of("1", 1, reading, List.of(before, after), Optional.empty());
        Question question = asking(task, before, after);
        List<String> choices =
                new BoxChoices(HouseStyle.RIDGE).of(task, task.boxes().get(0), question);
        List<String> said = task.right().stream().map(choices::get).toList();
        assertEquals(
                List.of(
                        "the resistance of the network decreases",
                        "the total current increases",
                        "the voltage across r increases",
                        "the reading of V1 decreases"),
                said);
        assertEquals(4, question.total());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            R1 in series with R2: the same current must pass both | RIGHT
            a                                                    | RIGHT
            b                                                    | WRONG
            both ends on the same two junctions                  | WRONG
            because                                              | UNREADABLE
            """)
    void howOneKnowsThatTwoPartsAreInSeriesIsOneOfThreeReasons(String typed, Code code) {
        Joining task = new Joining("1", 0, "R1", "R2", true, 1);
        Question question =
                asking(task, drawn(Notation.circuit("9 V : R1=3 + R2=4")).orElseThrow());
        assertEquals(2, task.boxes().size());
        Box why = task.boxes().get(1);
        assertEquals(
                code, task.judge(why, typed, question, MarkingStyle.STANDARD).code());
        assertEquals(Set.of("1-1", "1-2"), Set.of(task.boxes().get(0).id(), why.id()));
    }
}
