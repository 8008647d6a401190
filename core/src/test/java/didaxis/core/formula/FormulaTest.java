package didaxis.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Computed, compiled, bounded and searched by one walk, a formula comes to the same. */
class FormulaTest {
    private static final List<Cell> CELLS = List.of(
            Cell.resistance(Subject.part("R1")),
            Cell.voltage(Subject.part("R1")),
            Cell.current(Subject.part("R2")),
            Cell.power(Subject.TOTAL));

    private static final double LAST_FIGURE = 1e-12;

    private static Formula random(Random random, int depth) {
        if (depth == 0 || random.nextInt(5) == 0)
            return random.nextInt(4) == 0
                    ? new Formula.Number(1 + random.nextInt(5))
                    : Formula.of(CELLS.get(random.nextInt(CELLS.size())));
        return switch (random.nextInt(6)) {
            case 0 -> new Formula.Sum(some(random, depth));
            case 1 -> new Formula.Difference(random(random, depth - 1), some(random, depth));
            case 2 -> new Formula.Product(some(random, depth));
            case 3 -> new Formula.Quotient(random(random, depth - 1), random(random, depth - 1));
            case 4 -> new Formula.Square(random(random, depth - 1));
            default -> new Formula.Root(random(random, depth - 1));
        };
    }

    private static List<Formula> some(Random random, int depth) {
        List<Formula> some = new ArrayList<>();
        for (int k = 0; k < 1 + random.nextInt(3); k++) some.add(random(random, depth - 1));
        return some;
    }

    /** Where much is taken from as much, all that can be said is what the inputs' last figures make of it. */
    @Property(tries = 1000)
    void compiledComputedAndBoundedAgree(@ForAll long seed) {
        Random random = new Random(seed);
        Formula formula = random(random, 4);
        double[] values = random.doubles(CELLS.size(), 0.5, 20).toArray();
        Span nearby = formula.with(new Span.Arithmetic(cell -> {
            double value = values[CELLS.indexOf(cell)];
            return new Span(value * (1 - LAST_FIGURE), value, value * (1 + LAST_FIGURE));
        }));
        double computed = formula.with(new Evaluation(cell -> values[CELLS.indexOf(cell)]));
        if (!Double.isFinite(computed)) assertFalse(nearby.finite(), formula::toString);
        if (!nearby.finite()) return;
        Span exact = formula.with(new Span.Arithmetic(cell -> Span.exactly(values[CELLS.indexOf(cell)])));
        double room = 1e-9 * Math.abs(computed);
        for (double one :
                new double[] {computed, Compiled.of(formula, CELLS::indexOf).of(values), exact.mid()})
            assertTrue(
                    nearby.lo() - room <= one && one <= nearby.hi() + room, () -> formula + " " + one + " " + nearby);
    }

    /** Whatever the inputs are within their spans, what comes out lies within the span that is told. */
    @Property(tries = 1000)
    void aSpanHoldsWhateverItsInputsMayBe(@ForAll long seed) {
        Random random = new Random(seed);
        Formula formula = random(random, 3);
        double[] lo = random.doubles(CELLS.size(), 0.5, 20).toArray();
        double[] hi = new double[lo.length];
        for (int k = 0; k < lo.length; k++) hi[k] = lo[k] * (1 + random.nextDouble());
        Span span = formula.with(new Span.Arithmetic(cell -> {
            int k = CELLS.indexOf(cell);
            return new Span(lo[k], (lo[k] + hi[k]) / 2, hi[k]);
        }));
        if (!span.finite()) return;
        for (int trial = 0; trial < 20; trial++) {
            double[] within = new double[lo.length];
            for (int k = 0; k < lo.length; k++) within[k] = lo[k] + (hi[k] - lo[k]) * random.nextDouble();
            double value = formula.with(new Evaluation(cell -> within[CELLS.indexOf(cell)]));
            double room = 1e-9 * (1 + Math.abs(span.lo()) + Math.abs(span.hi()));
            if (Double.isFinite(value))
                assertTrue(
                        span.lo() - room <= value && value <= span.hi() + room,
                        () -> formula + " " + value + " " + span);
        }
    }

    @Property
    void itsCellsAreThoseItAsksFor(@ForAll long seed) {
        Formula formula = random(new Random(seed), 4);
        Set<Cell> asked = new LinkedHashSet<>();
        formula.with(new Evaluation(cell -> {
            asked.add(cell);
            return 1;
        }));
        assertEquals(asked, new LinkedHashSet<>(FormulaCells.in(formula)));
    }

    /** One over a resistance of exactly nothing is an infinite conductance; two such side by side have none again. */
    @Test
    void nothingInParallelIsNothing() {
        Span.Arithmetic arithmetic = new Span.Arithmetic(cell -> Span.exactly(0));
        Formula conductance = Formula.reciprocal(Formula.of(CELLS.get(0)));
        Formula parallel =
                Formula.reciprocal(Formula.sum(List.of(conductance, Formula.reciprocal(new Formula.Number(28)))));
        assertEquals(Span.exactly(0), parallel.with(arithmetic));
        assertFalse(new Formula.Quotient(new Formula.Number(0), Formula.of(CELLS.get(0)))
                .with(arithmetic)
                .finite());
    }
}
