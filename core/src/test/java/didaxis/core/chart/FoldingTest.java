package didaxis.core.chart;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.solving.Pair;
import didaxis.core.style.HouseStyle.FoldingOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class FoldingTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(40);
    }

    private static Optional<Chart> chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
    }

    @Property(tries = 200)
    void everyStageIsOneFoldFromTheLastAndHasTheSameTotalResistance(
            @ForAll("circuits") Circuit circuit, @ForAll FoldingOrder order) {
        Optional<Chart> some = chart(circuit);
        Assume.that(some.isPresent());
        List<Folding.Stage> stages = Folding.of(some.get(), order);
        double total = total(some.get());
        List<String> before = List.of();
        for (Folding.Stage stage : stages) {
            if (stages.size() > 1)
                assertEquals(total, total(chart(stage.circuit()).orElseThrow()), 1e-12 * total);
            if (stage.fold().isPresent()) {
                Folding.Fold fold = stage.fold().get();
                List<String> expected = new ArrayList<>(before);
                List<String> members = new ArrayList<>(names(fold.members()));
                // The source's own resistance is part of the source and not of the network.
                members.remove("internal");
                assertTrue(expected.containsAll(members), () -> circuit + " " + fold);
                expected.set(expected.indexOf(members.get(0)), fold.group().id());
                expected.removeAll(members);
                assertEquals(expected, labels(stage.circuit()), circuit::toString);
            }
            before = labels(stage.circuit());
        }
        if (stages.size() > 1) assertEquals(1, before.size(), circuit::toString);
    }

    @Property(tries = 150)
    void unfoldingGivesTheOperatingPointCellForCell(@ForAll("circuits") Circuit circuit, @ForAll FoldingOrder order) {
        Optional<Chart> some = chart(circuit);
        Assume.that(some.isPresent());
        Chart whole = some.get();
        for (Folding.Stage stage : Folding.of(whole, order)) {
            Chart redraw = chart(stage.circuit()).orElseThrow();
            for (Part part : stage.circuit().parts()) {
                Subject row = whole.subjects().named(part.label()).orElseThrow();
                for (Quantity quantity : List.of(Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER)) {
                    double expected = whole.value(Cell.of(row, quantity)).orElse(0);
                    double found = redraw.value(Cell.of(Subject.part(part.label()), quantity))
                            .orElse(0);
                    assertEquals(expected, found, 1e-9 * Math.abs(expected), circuit + " " + part.label());
                }
            }
        }
    }

    @Property(tries = 200)
    void bothOrdersEndAlikeInAsManyStages(@ForAll("circuits") Circuit circuit) {
        Optional<Chart> some = chart(circuit);
        Assume.that(some.isPresent());
        List<Folding.Stage> series = Folding.of(some.get(), FoldingOrder.SERIES_FIRST);
        List<Folding.Stage> inner = Folding.of(some.get(), FoldingOrder.INNERMOST_FIRST);
        assertEquals(series.size(), inner.size());
        assertEquals(
                series.get(series.size() - 1).circuit(),
                inner.get(inner.size() - 1).circuit());
    }

    @Test
    void theOrdersDifferInWhatComesFirst() {
        Chart chart = chart(Notation.circuit(
                        "24 V r=1 : R1=3 + (R2=6 || (R3=2 + A1 + (R4=8 || R5=8))) + ((R6=1 + R7=2) || R8=3)"))
                .orElseThrow();
        assertEquals(
                List.of("R67", "R45", "R678", "R345", "R2345", "external", "total"),
                groups(chart, FoldingOrder.SERIES_FIRST));
        assertEquals(
                List.of("R45", "R345", "R67", "R2345", "R678", "external", "total"),
                groups(chart, FoldingOrder.INNERMOST_FIRST));
        Folding.Fold pair =
                Folding.of(chart, FoldingOrder.INNERMOST_FIRST).get(2).fold().orElseThrow();
        assertEquals(List.of("c", "b"), pair.between());
    }

    private static List<String> groups(Chart chart, FoldingOrder order) {
        return Folding.of(chart, order).stream()
                .flatMap(stage -> stage.fold().stream())
                .map(fold -> fold.group().id())
                .toList();
    }

    @Test
    void twoPartsThatDoNotFoldHaveAJunctionOrAnotherPartBetweenThem() {
        Circuit circuit = Notation.circuit("24 V : R1=3 + (R2=6 || (R3=2 + V1[R4=8])) + R5=4");
        assertEquals(Pair.Kind.SERIES, Pair.of(circuit, "R5", "R1").kind());
        assertEquals(Pair.Kind.SERIES, Pair.of(circuit, "R3", "R4").kind());
        assertEquals(new Pair(Pair.Kind.NEITHER, List.of("a"), List.of()), Pair.of(circuit, "R1", "R4"));
        assertEquals(new Pair(Pair.Kind.NEITHER, List.of("b"), List.of()), Pair.of(circuit, "R5", "R2"));
        assertEquals(new Pair(Pair.Kind.NEITHER, List.of(), List.of("R3")), Pair.of(circuit, "R4", "R2"));
        Circuit flat = Notation.circuit("24 V : R1=3 + (R2=6 || R3=2)");
        assertEquals(new Pair(Pair.Kind.PARALLEL, List.of("a", "b"), List.of()), Pair.of(flat, "R3", "R2"));
    }

    private static double total(Chart chart) {
        return chart.value(Cell.of(Subject.TOTAL, Quantity.RESISTANCE)).orElse(0);
    }

    private static List<String> names(List<Subject> subjects) {
        return subjects.stream().map(Subject::id).toList();
    }

    private static List<String> labels(Circuit circuit) {
        return circuit.parts().stream().map(Part::label).toList();
    }
}
