package didaxis.core.question;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.formula.Symbols;
import didaxis.core.law.Relations;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.wording.FlawSentence;
import didaxis.core.working.Deduction;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
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

class ChartQuestionTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(12);
    }

    private static Optional<Relations> relations(Circuit circuit) {
        return OperatingPoint.of(circuit)
                .match(point -> Optional.of(Relations.of(Chart.of(point))), shorted -> Optional.empty());
    }

    /** "R1 resistance, total voltage" as cells. */
    private static List<Cell> cells(Relations relations, String named) {
        if (named == null || named.isBlank()) return List.of();
        return Arrays.stream(named.split(", "))
                .map(one -> one.split(" "))
                .map(one -> Cell.of(
                        relations.chart().subjects().named(one[0]).orElseThrow(),
                        Quantity.valueOf(one[1].toUpperCase())))
                .toList();
    }

    private static ChartQuestion question(String notation, String given, String asked, int marks) {
        Relations relations = relations(Notation.circuit(notation)).orElseThrow();
        Map<Cell, Integer> each = new LinkedHashMap<>();
        cells(relations, asked).forEach(cell -> each.put(cell, marks));
        return new ChartQuestion(relations, new LinkedHashSet<>(cells(relations, given)), each);
    }

    /** With all that a circuit is set up from any of its other cells may be asked. */
    @Property(tries = 300)
    void whatIsGivenInFullIsAlwaysEnough(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Optional<Relations> relations = relations(circuit);
        Assume.that(relations.isPresent());
        Random random = new Random(seed);
        Set<Cell> given =
                Deduction.fromResistancesAndEmf(relations.get().chart()).keySet();
        Map<Cell, Integer> asked = new LinkedHashMap<>();
        for (Cell cell : relations.get().cells())
            if (!given.contains(cell) && random.nextBoolean()) asked.put(cell, 1 + random.nextInt(20));
        Assume.that(!asked.isEmpty());
        assertEquals(List.of(), new ChartQuestion(relations.get(), given, asked).flaws());
    }

    /** Whatever is given, the question is without flaw exactly when every asked cell follows from it. */
    @Property(tries = 300)
    void theUnreachedCellsAreNamedAndNoOthers(@ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Optional<Relations> relations = relations(circuit);
        Assume.that(relations.isPresent());
        Random random = new Random(seed);
        List<Cell> cells = new ArrayList<>(relations.get().cells());
        Set<Cell> given = cells.stream().filter(cell -> random.nextInt(4) == 0).collect(Collectors.toSet());
        Map<Cell, Integer> asked = new LinkedHashMap<>();
        cells.stream().filter(cell -> !given.contains(cell)).forEach(cell -> asked.put(cell, 1));
        Assume.that(!asked.isEmpty());
        ChartQuestion question = new ChartQuestion(relations.get(), given, asked);
        Set<Cell> unreached = Deduction.of(relations.get(), question.givenValues(), asked.keySet())
                .unreached();
        List<Flaw> expected = unreached.isEmpty()
                ? List.of()
                : List.of(new Flaw.NotEnoughGiven(
                        asked.keySet().stream().filter(unreached::contains).toList()));
        assertEquals(expected, question.flaws());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '~',
            value = {
                "R1 resistance, R2 resistance, total voltage ~ R1 current ~ 1 ~ ''",
                "R1 resistance, R2 resistance, total voltage ~ '' ~ 1 ~"
                        + " Nothing is asked yet: turn a cell of the chart to asked.",
                "R1 resistance, total voltage ~ R1 current, R2 power, total current ~ 1 ~"
                        + " Not enough is given to find I₁, P₂ and I(total).",
                "R1 resistance, R2 resistance, total voltage ~ R1 current ~ 21 ~"
                        + " I₁ earns 21 marks; 1 to 20 are possible.",
                "R1 resistance, R2 resistance, total voltage ~ S1 resistance ~ 0 ~"
                        + " R(S1) earns 0 marks; 1 to 20 are possible. R(S1) has no value in this circuit."
            })
    void flawsAreToldInSentences(String given, String asked, int marks, String sentences) {
        ChartQuestion question = question("12 V : R1=4 + (R2=8 || S1=open)", given, asked, marks);
        FlawSentence sentence = new FlawSentence(Symbols.USUAL);
        assertEquals(sentences, question.flaws().stream().map(sentence::say).collect(Collectors.joining(" ")));
    }

    @Test
    void aCellIsGivenAskedOrWithheldAndNeverTwoOfThem() {
        ChartQuestion question = question("12 V : R1=4 + R2=8", "R1 resistance, total voltage", "R1 current", 3);
        List<Cell> cells = cells(question.relations(), "R1 resistance, R1 current, R2 power");
        assertEquals(
                List.of(Use.GIVEN, Use.ASKED, Use.WITHHELD),
                cells.stream().map(question::use).toList());
        assertEquals(3, question.total());
        assertEquals(
                Map.of(cells.get(0), 4.0, Cell.voltage(didaxis.core.circuit.Subject.TOTAL), 12.0),
                question.givenValues());
        String said = assertThrows(
                        IllegalArgumentException.class,
                        () -> question("12 V : R1=4 + R2=8", "R1 current", "R1 current", 1))
                .getMessage();
        assertTrue(said.endsWith("is both given and asked"), said);
    }
}
