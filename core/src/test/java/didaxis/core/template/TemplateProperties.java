package didaxis.core.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.template.Condition.Kind;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** Whatever varies, what comes out is a question that meets its conditions, by the second method's word. */
class TemplateProperties {
    /** Small enough for every combination to be looked at by the test itself. */
    private static final int SMALL = 1_500;

    @Provide
    Arbitrary<Template> templates() {
        return Arbitraries.longs().map(RandomTemplates::of);
    }

    @Property(tries = 200)
    void everyVariantMeetsItsConditions(@ForAll("templates") Template template, @ForAll long seed) {
        ValueSets made = ValueSets.find(template, seed, 1);
        assertEquals(made, ValueSets.find(template, seed, 1), "the same seed makes the same variant");
        if (made.found().isEmpty()) {
            assertTrue(made.inTheWay().isPresent(), "it is said what is in the way");
            return;
        }
        Question question = template.with(made.found().get(0)).orElseThrow();
        assertEquals(List.of(), question.flaws());
        for (Condition condition : template.conditions())
            assertTrue(
                    isMet(condition, question),
                    condition + " of " + made.found().get(0));
    }

    @Property(tries = 60)
    void noneIsFoundOnlyWhereThereIsNone(@ForAll("templates") Template template) {
        if (template.combinations() > SMALL) return;
        ValueSets sets = ValueSets.find(template, 7, SMALL);
        assertTrue(sets.all());
        List<Values> own = IntStream.range(0, (int) template.combinations())
                .mapToObj(template::at)
                .filter(values -> isMet(template, values))
                .toList();
        assertEquals(Set.copyOf(own), Set.copyOf(sets.found()));
        assertEquals(own.size(), sets.found().size(), "none twice");
    }

    @Property(tries = 60)
    void whoSharesTheWorkHasTheFirstOfTheSameSets(@ForAll("templates") Template template, @ForAll long seed) {
        ValueSets shared = ValueSets.find(template, seed, 300, 400);
        List<Values> alone = ValueSets.find(template, seed, 300).found();
        assertEquals(alone.subList(0, shared.found().size()), shared.found());
        long work =
                shared.tried() * template.workToTry() + (long) shared.found().size() * template.workToJudge();
        assertTrue(work <= 1_000 + template.workToTry() + template.workToJudge(), work + " of 1,000");
    }

    private static boolean isMet(Template template, Values values) {
        Question question = template.with(values).orElseThrow();
        return question.flaws().isEmpty()
                && template.conditions().stream().allMatch(condition -> isMet(condition, question));
    }

    /** Whether a condition is true of what nodal analysis finds; nothing of the template's own judgement is used. */
    private static boolean isMet(Condition condition, Question question) {
        List<Nodal> states = question.states().stream()
                .map(state -> new Nodal(state.circuit(), NodalAnalysis.of(state.circuit())))
                .toList();
        List<Amount> asked = question.boxes().stream()
                .map(box -> (Box.Form.Amount) box.form())
                .map(form -> new Amount(
                        form.cell().quantity(), states.get(form.state()).value(form.cell())))
                .toList();
        Nodal drawn = states.get(0);
        return switch (condition.kind()) {
            case SHORT_ANSWERS -> asked.stream().allMatch(one -> isShort(one.value(), condition.figures()));
            case SHORT_CURRENTS ->
                states.stream()
                        .allMatch(state -> state.circuit().parts().stream()
                                .map(part -> Cell.current(Subject.part(part.label())))
                                .allMatch(cell -> isShort(state.value(cell), condition.figures())));
            case WHOLE_TOTALS ->
                states.stream()
                        .allMatch(state -> isWhole(state.source().emf())
                                && isWhole(state.value(Cell.current(Subject.TOTAL)))
                                && isWhole(state.value(Cell.power(Subject.TOTAL)))
                                && (state.value(Cell.current(Subject.TOTAL)) == 0
                                        || isWhole(state.source().emf() / state.value(Cell.current(Subject.TOTAL)))));
            case BELOW_RATINGS -> states.stream().allMatch(Nodal::isBelowRatings);
            case WELL_POSED -> true;
            case DIFFERENT_VALUES ->
                drawn.circuit().parts().stream()
                                .map(Part::resistance)
                                .distinct()
                                .count()
                        == drawn.circuit().parts().size();
            case DIFFERENT_ANSWERS ->
                asked.stream()
                        .allMatch(one -> asked.stream()
                                .filter(other -> other != one && other.quantity() == one.quantity())
                                .noneMatch(other -> Math.abs(one.value() - other.value())
                                        <= 0.01 * Math.max(Math.abs(one.value()), Math.abs(other.value()))));
        };
    }

    private record Amount(Quantity quantity, double value) {}

    private record Nodal(Circuit circuit, NodalAnalysis nodal) {
        Source source() {
            return circuit.source();
        }

        double value(Cell cell) {
            boolean whole = cell.subject().equals(Subject.TOTAL);
            List<String> labels = circuit.parts().stream().map(Part::label).toList();
            int part = labels.indexOf(cell.subject().id());
            double volts = whole ? source().emf() : nodal.voltage(part);
            double amperes = clean(whole ? nodal.totalCurrent() : nodal.current(part));
            return switch (cell.quantity()) {
                case VOLTAGE -> amperes == 0 && !whole ? exactly(cell) : volts;
                case CURRENT -> amperes;
                default -> volts * amperes;
            };
        }

        boolean isBelowRatings() {
            return circuit.parts().stream()
                    .allMatch(part -> part.rating().limits().stream()
                            .allMatch(limit -> value(Cell.of(Subject.part(part.label()), limit.quantity()))
                                    <= limit.si() * (1 + 1e-9)));
        }

        /** Where nothing passes, rounding is all that the second method has left. */
        private double exactly(Cell cell) {
            double volts = nodal.voltage(circuit.parts().stream()
                    .map(Part::label)
                    .toList()
                    .indexOf(cell.subject().id()));
            return Math.abs(volts) < 1e-9 * source().emf() ? 0 : volts;
        }

        private double clean(double amperes) {
            return Math.abs(amperes) < 1e-12 ? 0 : amperes;
        }
    }

    private static boolean isShort(double value, int figures) {
        BigDecimal exact = new BigDecimal(value).round(new MathContext(9, RoundingMode.HALF_UP));
        return exact.stripTrailingZeros().precision() <= figures;
    }

    private static boolean isWhole(double value) {
        BigDecimal exact = new BigDecimal(Math.abs(value)).round(new MathContext(9, RoundingMode.HALF_UP));
        while (exact.signum() != 0 && exact.compareTo(BigDecimal.ONE) < 0) exact = exact.movePointRight(3);
        return exact.stripTrailingZeros().scale() <= 0;
    }

    @Property(tries = 30)
    void niceValuesMeetTheConditionsWithFewChanges(@ForAll long seed) {
        Circuit circuit = RandomCircuits.random(seed, 2 + (int) Math.floorMod(seed, 4), true);
        Set<Cell> given = new LinkedHashSet<>(Set.of(Cell.voltage(Subject.TOTAL)));
        circuit.parts().forEach(part -> given.add(Cell.resistance(Subject.part(part.label()))));
        Map<Cell, Integer> asked = new LinkedHashMap<>();
        circuit.parts().forEach(part -> asked.put(Cell.current(Subject.part(part.label())), 1));
        Question question = new Question(
                "",
                List.of(State.asDrawn(RandomTemplates.chart(circuit), given)),
                List.of(new Amounts("1", 0, Amounts.Command.CHART, asked)));
        List<Condition> wanted = List.of(new Condition(Kind.SHORT_ANSWERS, 2));
        NiceValues.of(question, wanted).ifPresent(values -> {
            Map<Thing, Spread> any = new LinkedHashMap<>();
            values.si()
                    .forEach((name, value) -> any.put(
                            Thing.named(name, question).orElseThrow(), Spread.of(List.of(value), Quantity.RESISTANCE)));
            Question nice = Template.of(question, any, wanted).with(values).orElseThrow();
            assertTrue(isMet(wanted.get(0), nice), values.toString());
            long changed = circuit.parts().stream()
                            .filter(part -> values.si().get(part.label()) != part.resistance())
                            .count()
                    + (values.si().get("E") == circuit.source().emf() ? 0 : 1);
            assertTrue(changed <= 4, changed + " changes: " + values);
            assertTrue(!isMet(wanted.get(0), question) || changed == 0, "what is nice stays");
        });
    }

    /** What hangs on a seed, such as a paper that was printed, hangs on it for ever. */
    @Test
    void fiftySeedsStandForWhatTheyAlwaysStoodFor() throws IOException {
        Circuit circuit = Notation.parse("12 V r=1 : R1=4 + (R2=6 || R3=12)")
                .match(typed -> typed.circuit(), refused -> {
                    throw new AssertionError(refused);
                });
        Map<Thing, Spread> varied = new LinkedHashMap<>();
        varied.put(Thing.EMF, RandomTemplates.spread("6 to 24 by 1.5", Quantity.VOLTAGE));
        varied.put(Thing.INTERNAL, RandomTemplates.spread("0.5; 1", Quantity.RESISTANCE));
        for (String label : List.of("R1", "R2", "R3"))
            varied.put(Thing.part(label), RandomTemplates.spread("1 to 30 by 1", Quantity.RESISTANCE));
        Set<Cell> given = new LinkedHashSet<>(Set.of(Cell.voltage(Subject.TOTAL), Cell.resistance(Subject.INTERNAL)));
        circuit.parts().forEach(part -> given.add(Cell.resistance(Subject.part(part.label()))));
        Amounts task = new Amounts(
                "1",
                0,
                Amounts.Command.CHART,
                Map.of(Cell.current(Subject.TOTAL), 1, Cell.voltage(Subject.part("R1")), 1));
        Template template = Template.of(
                new Question("", List.of(State.asDrawn(RandomTemplates.chart(circuit), given)), List.of(task)),
                varied,
                List.of(new Condition(Kind.SHORT_ANSWERS, 2), new Condition(Kind.DIFFERENT_VALUES, 0)));
        String table = IntStream.range(0, 50)
                .mapToObj(
                        seed -> ValueSets.find(template, seed, 1).found().get(0).si() + "\n")
                .collect(Collectors.joining());
        try (InputStream kept = TemplateProperties.class.getResourceAsStream("fifty-variants.txt")) {
            assertEquals(new String(kept.readAllBytes(), StandardCharsets.UTF_8), table);
        }
    }
}
