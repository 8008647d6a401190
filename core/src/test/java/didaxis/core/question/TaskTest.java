package didaxis.core.question;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.change.Act;
import didaxis.core.change.Change.Direction;
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
import didaxis.core.question.Verdict.Code;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Orders, sets, ways and joints of random circuits, against nodal analysis, which knows nothing of series and parallel. */
class TaskTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 12);
    }

    static Optional<State> drawn(Circuit circuit) {
        return OperatingPoint.of(circuit)
                .match(point -> Optional.of(State.asDrawn(Chart.of(point), Set.of())), shorted -> Optional.empty());
    }

    static Question asking(Task task, State... states) {
        return new Question("", List.of(states), List.of(task));
    }

    private static Verdict judged(Question question, String typed) {
        Task task = question.tasks().get(0);
        return task.judge(task.boxes().get(0), typed, question, MarkingStyle.STANDARD);
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
        Circuit without = new Act.Failed(part, Setting.Fault.OUT).on(circuit);
        NodalAnalysis before = NodalAnalysis.of(circuit);
        NodalAnalysis after = NodalAnalysis.of(without);
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
        double floor = 1e-9 * most(circuit, quantity);
        for (int n = 0; n < 50; n++) {
            double times = Math.exp(random.nextDouble() * 12 + 0.01);
            NodalAnalysis after = NodalAnalysis.of(act.on(circuit, raised ? times : 1 / times));
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
            assertTrue((one - from) * (other - from) <= 0, () -> circuit + " " + turns);
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
        Joining.Joint expected =
                current ? Joining.Joint.SERIES : voltage ? Joining.Joint.PARALLEL : Joining.Joint.NEITHER;
        Joining.Joint said = task.joint(asking(task, drawn(circuit).orElseThrow()));
        // Two parts with a group between are in series all the same: then one current passes both.
        assertEquals(expected, said, () -> Notation.print(circuit) + " " + task.one() + " " + task.other());
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

    @Test
    void aComparisonWithItsFactorIsReadAsAFractionOrANumber() {
        State full = drawn(Notation.circuit("24 V : L1=48")).orElseThrow();
        Cell power = Cell.power(Subject.part("L1"));
        State half = drawn(Notation.circuit("24 V : L1=48 + R1=48")).orElseThrow();
        Comparison task = new Comparison("1", 1, power, 0, power, true, 1);
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

    @Test
    void aVoltmeterOnTheOpenCircuitTellsTheEmfAndAfterClosingTheInternalResistance() {
        State open = drawn(Notation.circuit("12 V r=0.5 : V1[S1=open + A1 + R1=7.5]"))
                .orElseThrow();
        Cell reading = Cell.voltage(Subject.voltmeter("V1"));
        Cell current = Cell.current(Subject.part("A1"));
        State told = new State(open.relations(), Optional.empty(), Set.of(reading), true);
        State closed = told.after(new Act.Turned("S1", Setting.Position.CLOSED), Set.of(reading, current))
                .orElseThrow();
        Amounts emf = new Amounts("1.1", 0, Amounts.Command.WRITE_DOWN, Map.of(Cell.voltage(Subject.TOTAL), 1));
        Amounts r = new Amounts("1.2", 1, Amounts.Command.CALCULATE, Map.of(Cell.resistance(Subject.INTERNAL), 3));
        assertEquals(List.of(), new Question("", List.of(told, closed), List.of(emf, r)).flaws());
        State silent = told.after(new Act.Turned("S1", Setting.Position.CLOSED), Set.of(reading))
                .orElseThrow();
        assertEquals(
                List.of(new TaskFlaw.NotEnoughGiven("1.2", List.of(Cell.resistance(Subject.INTERNAL)))),
                new Question("", List.of(told, silent), List.of(emf, r)).flaws());
    }

    /** How many resistances three, four and five equal parts make, all used: 4, 9, 22 (OEIS A048211, from memory). */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            R1=300 + R2=300 + R3=300 | R1 R2 R3 | 100 Ω; 200 Ω; 450 Ω; 900 Ω
            R1=12 + R2=6 + R3=3 | R1 R2 R3 | 1.71 Ω; 2.57 Ω; 4.29 Ω; 5.14 Ω; 7 Ω; 8.4 Ω; 14 Ω; 21 Ω
            R1=1 + R2=1 + R3=1 + R4=1 | R1 R2 R3 R4 | 0.25 Ω; 0.4 Ω; 0.6 Ω; 0.75 Ω; 1 Ω; 1.33 Ω; 1.67 Ω; 2.5 Ω; 4 Ω
            """)
    void allResistancesThatPartsCanMakeAreAskedForAndOneTooManyCostsWhatOneTooFewDoes(
            String network, String parts, String values) {
        int count = values.split(";").length;
        Arrangements task = new Arrangements("1", 0, List.of(parts.split(" ")), count);
        Question question =
                asking(task, drawn(Notation.circuit("9 V : " + network)).orElseThrow());
        assertEquals(List.of(), question.flaws());
        assertEquals(
                count, task.values(question).size(), () -> task.values(question).toString());
        assertEquals(count, judged(question, values).points());
        assertEquals(count - 1, judged(question, values + "; 777 Ω").points());
        assertEquals(
                count - 1,
                judged(question, values.substring(values.indexOf(';') + 1)).points());
        assertEquals(Code.UNREADABLE, judged(question, values + "; many").code());
    }

    @Test
    void fiveEqualPartsMakeTwentyTwoResistances() {
        Arrangements task = new Arrangements("1", 0, List.of("R1", "R2", "R3", "R4", "R5"), 4);
        State state = drawn(Notation.circuit("9 V : R1=1 + R2=1 + R3=1 + R4=1 + R5=1"))
                .orElseThrow();
        assertEquals(22, task.values(asking(task, state)).size());
    }

    /** Three parts for 0.3 W each: 15.8 mA are the most for 1.2 kΩ, and 2.2 kΩ in all make 34.8 V (P = I²·R, by hand). */
    @Test
    void theHighestSafeSupplyNamesThePartThatSetsIt() {
        State state = drawn(Notation.circuit("12 V : R1=1.2k{0.3 W} + (R2=3k{0.3 W} || R3=1.5k{0.3 W})"))
                .orElseThrow();
        Question question = asking(new SafeSupply("1", 0, 3), state);
        assertEquals(List.of(), question.flaws());
        assertEquals(3, judged(question, "34.8 V").points());
        assertEquals(0, judged(question, "30 V").points());
        Task task = question.tasks().get(0);
        Box which = task.boxes().get(1);
        assertEquals(
                Code.RIGHT,
                task.judge(which, "R1", question, MarkingStyle.STANDARD).code());
        assertEquals(
                Code.WRONG,
                task.judge(which, "R1, R2", question, MarkingStyle.STANDARD).code());
        assertEquals(
                List.of(new TaskFlaw.TooFew("1", List.of())),
                asking(
                                new SafeSupply("1", 0, 3),
                                drawn(Notation.circuit("12 V : R1=3")).orElseThrow())
                        .flaws());
    }
}
