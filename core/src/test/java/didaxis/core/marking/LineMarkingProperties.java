package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaText;
import didaxis.core.formula.Symbols;
import didaxis.core.memo.Memo;
import didaxis.core.memo.Point;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.StringLength;

/** Calculations that are answered in lines: our own, by every route and in every style, and what is no working. */
class LineMarkingProperties {
    @Provide
    Arbitrary<HouseStyle> styles() {
        return Arbitraries.of(HouseStyle.PRESETS);
    }

    /** Where each point must be earned by what is written for it. */
    private static MarkingStyle strict(HouseStyle house) {
        MarkingStyle standard = MarkingStyle.STANDARD;
        return new MarkingStyle(
                standard.tolerance(), standard.leastFigures(), house.numbers(), false, true, true, false);
    }

    /** Some amounts of a random circuit, each to be calculated for 3 to 6 marks; empty where nothing can be. */
    static Optional<Question> question(long seed, HouseStyle house) {
        Random random = new Random(seed);
        Circuit circuit = RandomCircuits.random(seed, 2 + random.nextInt(5), random.nextBoolean());
        Optional<Chart> some =
                OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
        if (some.isEmpty()) return Optional.empty();
        Chart chart = some.get();
        List<State> states = List.of(
                State.asDrawn(chart, Deduction.fromResistancesAndEmf(chart).keySet()));
        List<Cell> cells = new ArrayList<>();
        for (var row : chart.rows())
            for (Quantity quantity : List.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER))
                if (Math.abs(chart.value(Cell.of(row, quantity)).orElse(0)) > 1e-9) cells.add(Cell.of(row, quantity));
        Collections.shuffle(cells, random);
        List<Task> tasks = new ArrayList<>();
        for (Cell cell : cells) {
            List<Task> more = new ArrayList<>(tasks);
            Map<Cell, Integer> marks = Map.of(cell, 3 + random.nextInt(4));
            more.add(new Amounts("1." + (tasks.size() + 1), 0, Amounts.Command.CALCULATE, marks));
            if (!new Question("", states, more).flaws().isEmpty()) continue;
            tasks = more;
            if (tasks.size() == 3) break;
        }
        return tasks.isEmpty() ? Optional.empty() : Optional.of(new Question("", states, tasks).in(house));
    }

    private static Map<String, String> model(Question question, MarkingStyle style) {
        Map<String, String> typed = new HashMap<>();
        for (Box box : question.boxes()) typed.put(box.id(), question.model(box, style));
        return typed;
    }

    /** A step as one writes it: name, law, numbers put in, result. */
    static String told(Step step, ToDoubleFunction<Cell> values, double result, HouseStyle style) {
        Symbols symbols = new Symbols(style.terms());
        String law = FormulaText.print(step.formula(), symbols::text);
        String numbers =
                FormulaText.print(step.formula(), cell -> style.numbers().number(values.applyAsDouble(cell)));
        boolean put = !(step.formula() instanceof Formula.Of);
        return symbols.text(step.cell()) + " = " + law + (put ? " = " + numbers : "") + " = "
                + style.numbers().print(Amount.of(result, step.cell().quantity()));
    }

    static String working(List<Step> steps, Chart chart, HouseStyle style) {
        List<String> lines = new ArrayList<>();
        // Where values are rounded before they are carried on, these are put in.
        Map<Cell, Double> worked = new HashMap<>();
        for (Step step : steps) {
            lines.add(told(
                    step,
                    cell -> worked.containsKey(cell)
                            ? worked.get(cell)
                            : chart.value(cell).orElseThrow(),
                    step.value(),
                    style));
            worked.put(step.cell(), step.value());
        }
        return String.join("\n", lines);
    }

    private static BoxFinding found(Question question, MarkingStyle style, Map<String, String> typed, Box box) {
        return QuestionMarker.of(question, style).mark(typed).stream()
                .filter(one -> one.box().equals(box))
                .findFirst()
                .orElseThrow();
    }

    @Property(tries = 30)
    void theMemosOwnLinesEarnEveryPointByEveryRouteInEveryStyle(@ForAll long seed, @ForAll("styles") HouseStyle house) {
        MarkingStyle style = strict(house);
        question(seed, house).ifPresent(question -> {
            for (Memo.Entry entry : Memo.of(question, style).entries()) {
                List<List<Step>> routes = new ArrayList<>(entry.routes());
                routes.add(
                        0,
                        entry.lines().stream()
                                .filter(Memo.Line.Worked.class::isInstance)
                                .map(line -> ((Memo.Line.Worked) line).step())
                                .toList());
                for (List<Step> route : routes) {
                    if (route.isEmpty()) continue;
                    Map<String, String> typed = model(question, style);
                    typed.put(entry.box().id(), working(route, question.state(0).chart(), house));
                    BoxFinding found = found(question, style, typed, entry.box());
                    assertEquals(
                            entry.box().marks(),
                            found.points(),
                            () -> Notation.print(question.state(0).circuit()) + " " + question.tasks() + "\n"
                                    + typed.get(entry.box().id()) + "\n" + LinePointsTest.points(found));
                }
            }
        });
    }

    /** The formula turned round; what is asked is right all the same. */
    @Property(tries = 40)
    void aFormulaThatNoLawAllowsEarnsNothing(@ForAll long seed) {
        HouseStyle house = HouseStyle.RIDGE;
        question(seed, house).ifPresent(question -> {
            Symbols symbols = new Symbols(house.terms());
            Chart chart = question.state(0).chart();
            for (Memo.Entry entry : Memo.of(question, MarkingStyle.STANDARD).entries()) {
                if (!(entry.lines().get(entry.lines().size() - 1) instanceof Memo.Line.Worked last)) continue;
                Step step = last.step();
                String law = FormulaText.print(step.formula(), symbols::text);
                if (!(step.formula() instanceof Formula.Quotient quotient)) continue;
                Formula turned = new Formula.Quotient(quotient.under(), quotient.over());
                double value =
                        turned.with(new Evaluation(cell -> chart.value(cell).orElseThrow()));
                if (!Double.isFinite(value) || Math.abs(value - step.value()) < 0.05 * Math.abs(value)) continue;
                String line = symbols.text(step.cell()) + " = " + FormulaText.print(turned, symbols::text) + " = "
                        + house.numbers().print(Amount.of(value, step.cell().quantity()));
                Map<String, String> typed = model(question, MarkingStyle.STANDARD);
                typed.put(entry.box().id(), line);
                BoxFinding found = found(question, MarkingStyle.STANDARD, typed, entry.box());
                assertEquals(0, found.points(), () -> Notation.print(chart.circuit()) + " " + law + " " + line + found);
            }
        });
    }

    /** An arithmetic slip in the last result costs the answer alone. */
    @Property(tries = 40)
    void aSlipInTheLastResultCostsTheAnswerAlone(@ForAll long seed, @ForAll("styles") HouseStyle house) {
        MarkingStyle style = strict(house);
        question(seed, house).ifPresent(question -> {
            Chart chart = question.state(0).chart();
            for (Memo.Entry entry : Memo.of(question, style).entries()) {
                List<Step> steps = entry.lines().stream()
                        .filter(Memo.Line.Worked.class::isInstance)
                        .map(line -> ((Memo.Line.Worked) line).step())
                        .toList();
                if (steps.isEmpty() || steps.get(steps.size() - 1).formula() instanceof Formula.Of) continue;
                Step last = steps.get(steps.size() - 1);
                String lines = working(steps.subList(0, steps.size() - 1), chart, house) + "\n"
                        + told(last, cell -> chart.value(cell).orElseThrow(), last.value() * 1.3, house);
                Map<String, String> typed = model(question, style);
                typed.put(entry.box().id(), lines);
                BoxFinding found = found(question, style, typed, entry.box());
                long answers = entry.lines().stream()
                        .flatMap(line -> line.points().stream())
                        .filter(Point.ANSWER::equals)
                        .count();
                // A route with more steps on the way leaves less to the answer.
                assertTrue(
                        found.points() >= entry.box().marks() - answers
                                && found.points() < entry.box().marks(),
                        () -> Notation.print(chart.circuit()) + "\n" + lines + "\n" + LinePointsTest.points(found));
            }
        });
    }

    @Property(tries = 200)
    void whatIsNoWorkingEarnsNothingAndIsKept(
            @ForAll long seed, @ForAll("scribbles") @StringLength(max = 60) String text) {
        question(seed % 50, HouseStyle.RIDGE).ifPresent(question -> {
            Box box = question.boxes().get(0);
            BoxFinding found = found(question, MarkingStyle.STANDARD, Map.of(box.id(), "= " + text), box);
            boolean digits = text.matches("(?s).*[0-9½¼¾⅓⅔].*");
            if (!digits) assertEquals(0, found.points(), () -> text + found);
            if (found instanceof BoxFinding.OfLines lines)
                assertEquals(
                        "= " + text,
                        String.join(
                                "\n",
                                lines.lines().stream()
                                        .map(line -> line.line().typed())
                                        .toList()));
        });
    }

    @Provide
    Arbitrary<String> scribbles() {
        return Arbitraries.strings()
                .withChars("RVIPQt₁²123.,+-×/=()√Ω ∥Akm→∴abz")
                .ofMinLength(1);
    }
}
