package didaxis.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.chart.Check;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** The checks of charts in which rounded values were carried on. */
class CarriedChecksTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(12);
    }

    @Provide
    Arbitrary<HouseStyle> carrying() {
        return Arbitraries.of(
                HouseStyle.PRESETS.stream().filter(HouseStyle::carryRounded).toList());
    }

    private static Optional<StyledChart> styled(Circuit circuit, HouseStyle style) {
        return OperatingPoint.of(circuit)
                .match(point -> Optional.of(StyledChart.of(Chart.of(point), style)), shorted -> Optional.empty());
    }

    /** Roundings that were carried on honestly never break a check. */
    @Property(tries = 400)
    void whatWasRoundedOnTheWayAddsUpWithinItsRounding(
            @ForAll("circuits") Circuit circuit, @ForAll("carrying") HouseStyle style) {
        Optional<StyledChart> chart = styled(circuit, style);
        Assume.that(chart.isPresent());
        for (Check check : chart.get().checks())
            assertTrue(check.holds(), () -> Notation.print(circuit) + " in " + style.name() + ": " + check);
    }

    /** The sums do not come out to the last figure: that is why there are checks that allow for it. */
    @Test
    void theSumsOfCarriedValuesAreNotExact() {
        HouseStyle style = HouseStyle.PRESETS.stream()
                .filter(HouseStyle::carryRounded)
                .findFirst()
                .orElseThrow();
        StyledChart chart =
                styled(Notation.circuit("10 V : R1=7 + R2=11 + R3=13"), style).orElseThrow();
        Check loop = chart.checks().stream()
                .filter(check -> check.kind() == Check.Kind.LOOP)
                .findFirst()
                .orElseThrow();
        double terms = loop.terms().stream().mapToDouble(Double::doubleValue).sum();
        assertTrue(loop.holds());
        assertTrue(Math.abs(terms - loop.sum()) > 1e-6, loop::toString);
    }

    /** A slip of the pen is more than a rounding: the check that holds the value says so. */
    @Test
    void aValueThatWasNotCarriedBreaksItsCheck() {
        HouseStyle style = HouseStyle.PRESETS.stream()
                .filter(HouseStyle::carryRounded)
                .findFirst()
                .orElseThrow();
        StyledChart chart = styled(Notation.circuit("10 V : R1=7 + R2=11 + (R3=13 || R4=5)"), style)
                .orElseThrow();
        Cell voltage = Cell.voltage(Subject.part("R2"));
        Deduction slipped = chart.working()
                .told(Set.of(voltage), cell -> 1.2 * chart.working().values().get(cell));
        List<Check> broken = CarriedChecks.of(chart.relations(), slipped).stream()
                .filter(check -> !check.holds())
                .toList();
        assertEquals(List.of(Check.Kind.LOOP), broken.stream().map(Check::kind).toList());
        assertFalse(chart.checks().stream().anyMatch(check -> !check.holds()));
    }
}
