package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.line.Line;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Comparison;
import didaxis.core.question.Joining;
import didaxis.core.question.LearnersReduction;
import didaxis.core.question.Question;
import didaxis.core.question.Reducing;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.question.Ways;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import didaxis.core.style.Tolerance;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxSentence;
import didaxis.core.wording.FindingSentence;
import didaxis.core.wording.TaskSentence;
import didaxis.core.wording.WorkingSentence;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class QuestionMarkerTest {
    private static final Cell EMF = Cell.voltage(Subject.TOTAL);
    private static final AmountFormat FIGURES = AmountFormat.STANDARD;

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(2, 10);
    }

    @Provide
    Arbitrary<Circuit> plain() {
        return RandomCircuits.plain(9);
    }

    private static int points(Question question, Map<String, String> answers) {
        return QuestionMarker.of(question, MarkingStyle.STANDARD).mark(answers).stream()
                .mapToInt(BoxFinding::points)
                .sum();
    }

    private static String said(Question question, Map<String, String> answers) {
        BoxSentence says = new BoxSentence(
                new FindingSentence(FIGURES), new BoxChoices(HouseStyle.RIDGE), new WorkingSentence(HouseStyle.RIDGE));
        List<String> sentences = QuestionMarker.of(question, MarkingStyle.STANDARD).mark(answers).stream()
                .map(finding -> finding.box().id() + " " + says.say(finding))
                .toList();
        return Notation.print(question.state(1).circuit()) + " " + sentences;
    }

    @Property(tries = 200)
    void anErrorInOneStateThatIsCarriedIntoAnotherCostsItsOwnPointsOnly(
            @ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Optional<Question> question = TwoStates.of(circuit, new Random(seed));
        Assume.that(question.isPresent());
        assertEquals(question.get().total(), points(question.get(), TwoStates.written(question.get(), 1)));
        Map<String, String> carried = TwoStates.written(question.get(), 1.2);
        assertEquals(question.get().total() - 3, points(question.get(), carried), () -> said(question.get(), carried));
        // Without the wrong value they come from, one of the others is where the error starts.
        carried.put("1.1", TwoStates.written(question.get(), 1).get("1.1"));
        boolean moved = question.get().boxes().stream()
                .map(Box::form)
                .filter(Box.Form.Amount.class::isInstance)
                .map(Box.Form.Amount.class::cast)
                .anyMatch(amount -> amount.state() == 1
                        && question.get().state(1).chart().value(amount.cell()).orElse(0) != 0);
        int least = moved ? 2 : 0;
        assertTrue(
                points(question.get(), carried) <= question.get().total() - least, () -> said(question.get(), carried));
    }

    /** All resistances and the emf given, the whole reduction asked, then current, power and how it compares. */
    private static Optional<Question> reduced(Circuit circuit) {
        Optional<Chart> chart =
                OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
        if (chart.isEmpty() || circuit.parts().size() < 3) return Optional.empty();
        Set<Cell> given = new LinkedHashSet<>(Set.of(EMF));
        circuit.parts().forEach(part -> given.add(Cell.resistance(Subject.part(part.label()))));
        State state = State.asDrawn(chart.get(), given);
        Cell current = Cell.current(Subject.TOTAL);
        Cell part = Cell.current(Subject.part(circuit.parts().get(0).label()));
        Question question = new Question(
                "",
                List.of(state),
                List.of(
                        new Reducing("1.1", 0, false, 4),
                        new Amounts("1.2", 0, Amounts.Command.CALCULATE, Map.of(current, 3)),
                        new Amounts("1.3", 0, Amounts.Command.CALCULATE, Map.of(Cell.power(Subject.TOTAL), 3)),
                        new Comparison("1.4", 0, current, 0, part, true, false, 1)));
        return question.flaws().isEmpty() ? Optional.of(question) : Optional.empty();
    }

    private static boolean maybeTwoFigures(String written) {
        return written.matches("\\d+0\\D*");
    }

    @Property(tries = 150)
    void whatAReductionComesToIsCarriedIntoLaterAmountsAndTheseIntoWhatIsCompared(
            @ForAll("plain") Circuit circuit, @ForAll long seed) {
        Optional<Question> question = reduced(circuit);
        Assume.that(question.isPresent());
        List<String> lines = LearnersReduction.lines(circuit, new Random(seed), 1.7);
        double ohms = Double.parseDouble(lines.get(lines.size() - 1).replaceAll(".* = ", ""));
        double emf = circuit.source().emf();
        double own = emf / ohms;
        Chart chart = question.get().state(0).chart();
        double part = chart.value(
                        Cell.current(Subject.part(circuit.parts().get(0).label())))
                .orElseThrow();
        Map<String, String> answers = new HashMap<>();
        answers.put("1.1", String.join("; ", lines));
        answers.put("1.2", FIGURES.print(Amount.of(own, Quantity.CURRENT)));
        answers.put("1.3", FIGURES.print(Amount.of(emf * own, Quantity.POWER)));
        double written = FIGURES.read(answers.get("1.2"), Quantity.CURRENT)
                .match(read -> read.amount().si(), blank -> 0.0, unreadable -> 0.0);
        double truth = chart.value(Cell.current(Subject.TOTAL)).orElseThrow();
        answers.put("1.4-1", written > part * (1 + 1e-9) ? ">" : written < part * (1 - 1e-9) ? "<" : "=");
        answers.put("1.4-2", String.valueOf(written / part));
        String shown = Notation.print(circuit) + " " + answers;
        assertEquals(question.get().total() - 1, points(question.get(), answers), shown);
        Assume.that(Math.abs(own / truth - 1) > 0.03);
        // '110 W' may be 114 W to two figures; then it is right, and the current that leads to it as well.
        Assume.that(!maybeTwoFigures(answers.get("1.2")) && !maybeTwoFigures(answers.get("1.3")));
        // Without the reduction the error starts at the current.
        answers.put("1.1", question.get().model(question.get().boxes().get(0), MarkingStyle.STANDARD));
        assertEquals(question.get().total() - 3, points(question.get(), answers), shown);
        // Where nothing that follows counts, the power is lost as well, and so is what is compared where it is not
        // true.
        MarkingStyle strict = new MarkingStyle(new Tolerance(0.01), 2, FIGURES, false, true, false, true);
        int least = QuestionMarker.of(question.get(), strict).mark(answers).stream()
                .mapToInt(BoxFinding::points)
                .sum();
        assertTrue(least <= question.get().total() - 7, shown);
    }

    @Test
    void aQuestionInTwoStatesIsPromptedAndMarkedBoxByBox() {
        Circuit circuit = Notation.circuit("12 V r=0.5 : V1[S1=open + A1 + R1=4 + (R2=7 || R3=7)]");
        Cell reading = Cell.voltage(Subject.voltmeter("V1"));
        Cell resistance = Cell.resistance(Subject.part("R1"));
        State open = State.asDrawn(
                OperatingPoint.of(circuit).match(Chart::of, shorted -> null),
                Set.of(
                        reading,
                        Cell.resistance(Subject.part("R2")),
                        Cell.resistance(Subject.part("R3")),
                        Cell.resistance(Subject.INTERNAL)));
        State closed = open.after(
                        new Act.Turned("S1", Setting.Position.CLOSED), Set.of(Cell.current(Subject.part("A1"))))
                .orElseThrow();
        Question question = new Question(
                "A battery feeds a dryer.",
                List.of(open, closed),
                List.of(
                        new Amounts("1.1", 0, Amounts.Command.WRITE_DOWN, Map.of(EMF, 1)),
                        new Amounts("1.2", 1, Amounts.Command.CALCULATE, Map.of(resistance, 3)),
                        new Ways("1.3", 1, List.of(reading)),
                        new Joining("1.4", 0, "R2", "R3", 1)));
        assertEquals(List.of(), question.flaws());
        TaskSentence sentences = new TaskSentence(HouseStyle.VALLEY, question);
        assertEquals(
                List.of(
                        "Write down the emf.",
                        "S1 is closed. Calculate the resistance of R1.",
                        "S1 is closed. Does the reading of V1 increase, decrease or stay the same?",
                        "Are R2 and R3 in series, in parallel, or neither?"),
                question.tasks().stream().map(sentences::prompt).toList());
        BoxSentence says = new BoxSentence(
                new FindingSentence(FIGURES), new BoxChoices(HouseStyle.RIDGE), new WorkingSentence(HouseStyle.RIDGE));
        List<BoxFinding> findings = QuestionMarker.of(question, MarkingStyle.STANDARD)
                .mark(Map.of("1.1", "12 V", "1.2", "4 ohm", "1.3", "goes up", "1.4", "parallel"));
        assertEquals(
                List.of(1, 3, 0, 1), findings.stream().map(BoxFinding::points).toList());
        assertEquals("Not right; right is: decreases.", says.say(findings.get(2)));
        assertEquals(0, points(question, Map.of()));
    }

    /** However much is written at how large a circuit: what one sheet may take is judged, and the rest waits for the teacher. */
    @Test
    void linesBeyondWhatASheetMayTakeAreForTheTeacherAndNotWrong() {
        Circuit circuit = Notation.circuit("200 V : "
                + IntStream.rangeClosed(1, 200).mapToObj(k -> "R" + k + "=1").collect(Collectors.joining(" + ")));
        Set<Cell> given = new LinkedHashSet<>(Set.of(EMF));
        circuit.parts().forEach(part -> given.add(Cell.resistance(Subject.part(part.label()))));
        List<Task> tasks = new ArrayList<>();
        Map<String, String> answers = new HashMap<>();
        for (int k = 1; k <= 40; k++) {
            Map<Cell, Integer> asked = Map.of(Cell.voltage(Subject.part("R" + k)), 3);
            tasks.add(new Amounts("1." + k, 0, Amounts.Command.CALCULATE, asked));
            answers.put("1." + k, "V = IR\nV = 1 A × 1 Ω = 1 V");
        }
        State state = State.asDrawn(OperatingPoint.of(circuit).match(Chart::of, shorted -> null), given);
        List<BoxFinding.OfLines> found =
                QuestionMarker.of(new Question("", List.of(state), tasks), MarkingStyle.STANDARD).mark(answers).stream()
                        .map(BoxFinding.OfLines.class::cast)
                        .toList();
        assertEquals(3, found.get(0).points());
        BoxFinding.OfLines last = found.get(found.size() - 1);
        assertTrue(last.open());
        assertEquals(0, last.points());
        Line.Unread unread = last.lines().get(0).line().unread().orElseThrow();
        assertTrue(WorkingSentence.say(unread).contains("for the teacher"));
        for (BoxFinding.OfLines one : found) assertTrue(one.points() == 3 || one.open(), () -> one.toString());
    }
}
