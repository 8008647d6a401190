package didaxis.core.chart;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Source;
import didaxis.core.solving.OperatingPoint;
import java.util.Map;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class RatingsTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(16);
    }

    private static Ratings at(Circuit circuit, double emf) {
        Source source = circuit.source();
        Source other = new Source(emf, source.internalResistance(), source.voltmeters());
        return Ratings.of(ChartTest.chart(circuit.with(other, Map.of())));
    }

    @Property(tries = 300)
    void atTheHighestSafeSupplyNothingIsOverAndALittleAboveTheFirstIs(@ForAll("circuits") Circuit circuit) {
        boolean charted = OperatingPoint.of(circuit).match(point -> true, shorted -> false);
        Assume.that(charted);
        Ratings ratings = Ratings.of(ChartTest.chart(circuit));
        Assume.that(ratings.first().isPresent());
        double highest = ratings.highestSafeEmf();
        assertTrue(at(circuit, highest).over().isEmpty(), circuit::toString);
        Ratings above = at(circuit, 1.001 * highest);
        assertTrue(
                above.over().stream()
                        .anyMatch(
                                load -> load.part().equals(ratings.first().get().part())),
                circuit::toString);
    }

    @Test
    void theSmallestShareOfItsRatingLeftSetsTheSupply() {
        // Two equal lamps in series share 12 V; 6 V, 3 W and 6 V, 6 W lamps of 12 Ω and 6 Ω do not.
        Ratings ratings = Ratings.of(ChartTest.chart("12 V : L1=12{6 V, 3 W} + L2=6{6 V, 6 W}"));
        assertEquals(2, ratings.over().size());
        assertEquals("L1", ratings.first().orElseThrow().part().label());
        assertEquals(9, ratings.highestSafeEmf(), 1e-9);
    }
}
