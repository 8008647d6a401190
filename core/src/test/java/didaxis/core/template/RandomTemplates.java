package didaxis.core.template;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Rating;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.template.Condition.Kind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** Templates of random circuits, some of whose values vary under some conditions. */
public final class RandomTemplates {
    private RandomTemplates() {}

    /** A circuit, sometimes with a part burnt out afterwards, some of whose values vary, and what is asked of it. */
    public static Template of(long seed) {
        return of(seed, 5);
    }

    /** The same with up to so many parts. */
    public static Template of(long seed, int most) {
        Random random = new Random(seed);
        Circuit circuit = rated(RandomCircuits.random(seed, 1 + random.nextInt(most), true), random);
        Set<Cell> given = new LinkedHashSet<>(Set.of(Cell.voltage(Subject.TOTAL)));
        circuit.parts().forEach(part -> given.add(Cell.resistance(Subject.part(part.label()))));
        Chart chart = chart(circuit);
        List<State> states = new ArrayList<>(List.of(State.asDrawn(chart, given)));
        List<Part> parts = circuit.parts();
        if (parts.size() > 1 && random.nextInt(3) == 0)
            states.get(0)
                    .after(new Act.Failed(
                            parts.get(random.nextInt(parts.size())).label(), Setting.Fault.OUT))
                    .ifPresent(states::add);
        Map<Cell, Integer> asked = new LinkedHashMap<>();
        for (int k = 0; k < 1 + random.nextInt(3); k++) {
            Subject subject = random.nextInt(3) == 0
                    ? Subject.TOTAL
                    : Subject.part(parts.get(random.nextInt(parts.size())).label());
            Quantity quantity =
                    List.of(Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER).get(random.nextInt(3));
            Cell cell = Cell.of(subject, quantity);
            if (!given.contains(cell)) asked.put(cell, 1);
        }
        if (asked.isEmpty()) asked.put(Cell.current(Subject.TOTAL), 1);
        Amounts task = new Amounts("1", states.size() - 1, Amounts.Command.CHART, asked);
        return Template.of(new Question("", states, List.of(task)), varied(circuit, random), conditions(random));
    }

    private static Map<Thing, Spread> varied(Circuit circuit, Random random) {
        List<String> texts = List.of("4 to 12 by 2", "E6 from 10 to 100", "2; 3; 6", "1k to 3k by 500", "5 to 9 by 1");
        Map<Thing, Spread> varied = new LinkedHashMap<>();
        varied.put(Thing.EMF, spread(texts.get(random.nextInt(3)), Quantity.VOLTAGE));
        for (Part part : circuit.parts())
            if (random.nextInt(3) > 0)
                varied.put(
                        Thing.part(part.label()), spread(texts.get(random.nextInt(texts.size())), Quantity.RESISTANCE));
        return varied;
    }

    static Spread spread(String text, Quantity quantity) {
        return Spread.parse(text, quantity, AmountFormat.STANDARD).orElseThrow();
    }

    private static List<Condition> conditions(Random random) {
        List<Condition> conditions = new ArrayList<>();
        for (Kind kind : Kind.values())
            if (random.nextInt(3) == 0 && kind != Kind.WELL_POSED)
                conditions.add(new Condition(kind, kind.counted() ? 2 + random.nextInt(2) : 0));
        return conditions;
    }

    static Chart chart(Circuit circuit) {
        return OperatingPoint.of(circuit).match(Chart::of, shorted -> {
            throw new AssertionError("resistors do not short a source");
        });
    }

    /** With limits near what its parts take, of one quantity or another. */
    private static Circuit rated(Circuit circuit, Random random) {
        Chart chart = chart(circuit);
        Circuit rated = circuit;
        for (Part part : circuit.parts()) {
            Quantity quantity =
                    List.of(Quantity.VOLTAGE, Quantity.CURRENT, Quantity.POWER).get(random.nextInt(3));
            double value =
                    chart.value(Cell.of(Subject.part(part.label()), quantity)).orElse(0);
            if (value <= 0 || random.nextInt(3) > 0) continue;
            Rating rating = new Rating(List.of(Amount.of(value * (0.5 + 2 * random.nextDouble()), quantity)));
            rated = rated.with(new Part(part.label(), part.kind(), part.setting(), rating));
        }
        return rated;
    }
}
