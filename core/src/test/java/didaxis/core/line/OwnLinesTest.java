package didaxis.core.line;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaText;
import didaxis.core.formula.Symbols;
import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import didaxis.core.working.StyledChart;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** The lines of our own worked solutions, read back as anybody's. */
class OwnLinesTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(10);
    }

    @Provide
    Arbitrary<HouseStyle> styles() {
        return net.jqwik.api.Arbitraries.of(HouseStyle.PRESETS);
    }

    private static Optional<StyledChart> styled(Circuit circuit, HouseStyle style) {
        return OperatingPoint.of(circuit)
                .match(point -> Optional.of(StyledChart.of(Chart.of(point), style)), shorted -> Optional.empty());
    }

    /** A step as it is told: name, law, numbers put in, result. */
    private static String told(Step step, Deduction working, HouseStyle style, double factor) {
        Symbols symbols = new Symbols(style.terms());
        String numbers = FormulaText.print(
                step.formula(), cell -> style.numbers().number(working.values().get(cell)));
        String law = FormulaText.print(step.formula(), symbols::text);
        boolean put = !(step.formula() instanceof Formula.Of);
        String result = style.numbers()
                .print(Amount.of(step.value() * factor, step.cell().quantity()));
        return symbols.text(step.cell()) + " = " + law + (put ? " = " + numbers : "") + " = " + result;
    }

    private static List<Step> steps(StyledChart chart) {
        return chart.working().steps().stream()
                .filter(step -> step.cell().quantity().compareTo(Quantity.POWER) <= 0)
                .filter(step -> !(step.formula() instanceof Formula.Number))
                .toList();
    }

    @Property(tries = 100)
    void theyAreReadAsWhatTheyAreAndNothingIsSaidAgainstThem(
            @ForAll("circuits") Circuit circuit, @ForAll("styles") HouseStyle style) {
        Optional<StyledChart> some = styled(circuit, style);
        Assume.that(some.isPresent());
        StyledChart chart = some.get();
        List<Step> steps = steps(chart);
        List<String> lines = steps.stream()
                .map(step -> told(step, chart.working(), style, 1))
                .toList();
        List<Checked> checked = WorkingCheck.of(lines, chart.chart(), style);
        for (int k = 0; k < lines.size(); k++) {
            String where = Notation.print(circuit) + ": " + lines.get(k) + " " + checked.get(k);
            assertTrue(checked.get(k).line().unread().isEmpty(), where);
            assertEquals(List.of(steps.get(k).cell()), named(checked.get(k)), where);
            assertTrue(checked.get(k).remarks().stream().allMatch(Remark.RoundedEarly.class::isInstance), where);
        }
    }

    private static List<Cell> named(Checked checked) {
        return checked.line()
                .chains()
                .get(0)
                .sides()
                .get(0)
                .names()
                .flatMap(name -> name.cell().stream())
                .toList();
    }

    @Property(tries = 100)
    void aResultThatIsOffIsFound(
            @ForAll("circuits") Circuit circuit, @ForAll("styles") HouseStyle style, @ForAll long seed) {
        Optional<StyledChart> some = styled(circuit, style);
        Assume.that(some.isPresent());
        List<Step> steps = new ArrayList<>(steps(some.get()));
        steps.removeIf(step -> Math.abs(step.value()) < 1e-11);
        Assume.that(!steps.isEmpty());
        Step step = steps.get(new Random(seed).nextInt(steps.size()));
        String line = told(step, some.get().working(), style, seed % 2 == 0 ? 1.3 : 0.8);
        List<Remark> remarks =
                WorkingCheck.of(List.of(line), some.get().chart(), style).get(0).remarks();
        assertFalse(
                remarks.stream().allMatch(Remark.RoundedEarly.class::isInstance),
                () -> Notation.print(circuit) + ": " + line + " " + remarks);
    }
}
