package didaxis.core.template;

import didaxis.core.circuit.Circuit;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Question;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * Nice values for a question as it stands: the fewest changes to its emf and its resistances with which conditions come
 * true, each to a value of two figures between half and twice of what it is.
 */
public final class NiceValues {
    /** More changes than this are another circuit. */
    private static final int MOST_CHANGES = 4;

    private static final int TRIES = 12_000;
    /** So many values are put in all sets together that are looked at for a number of changes. */
    private static final int MOST_VALUES = 100_000;
    /** Of so many sets the one is taken in which most has changed. */
    private static final int MOST_OTHERS = 10;

    private static final double FINE_BELOW = 3;

    private final Template template;
    private final List<String> names = new ArrayList<>();
    private final List<Double> own = new ArrayList<>();
    private final List<List<Double>> others = new ArrayList<>();
    private final Map<String, Double> asIs = new LinkedHashMap<>();

    private NiceValues(Question question, List<Condition> conditions) {
        Map<Thing, Spread> varied = new LinkedHashMap<>();
        for (Thing thing : Thing.of(question)) {
            double value = value(thing, question.state(0).circuit());
            if (!(value > 0)) continue;
            List<Double> near = near(value);
            varied.put(thing, Spread.of(near, Quantity.RESISTANCE));
            names.add(thing.name());
            own.add(value);
            others.add(near.stream().filter(one -> one != value).toList());
            asIs.put(thing.name(), value);
        }
        template = Template.of(question, varied, conditions);
    }

    /** The nearest such values; what does not change is among them. Empty if none are found with four changes. */
    public static Optional<Values> of(Question question, List<Condition> conditions) {
        return question.states().isEmpty() ? Optional.empty() : new NiceValues(question, conditions).nearest();
    }

    /**
     * Values near those of a question, and others than these, with which its answers are as short as they are now: to ask
     * the same again. Empty where none are found.
     *
     * @param seed decides which
     * @param questions so many are looked for at once, and share the work
     */
    public static Optional<Values> others(Question question, long seed, int questions) {
        if (question.states().isEmpty()) return Optional.empty();
        for (int figures : new int[] {2, 3}) {
            NiceValues same = new NiceValues(question, List.of(new Condition(Condition.Kind.SHORT_ANSWERS, figures)));
            if (same.template.meets(new Values(same.asIs))) return same.other(seed, questions);
        }
        return new NiceValues(question, List.of()).other(seed, questions);
    }

    private Optional<Values> other(long seed, int questions) {
        return ValueSets.find(template, seed, MOST_OTHERS, questions).found().stream()
                .max(Comparator.comparingLong(this::changes));
    }

    private long changes(Values values) {
        return asIs.entrySet().stream()
                .filter(one -> !one.getValue().equals(values.si().get(one.getKey())))
                .count();
    }

    private static double value(Thing thing, Circuit circuit) {
        if (thing.equals(Thing.EMF)) return circuit.source().emf();
        return circuit.part(thing.name()).map(part -> part.resistance()).orElse(Double.NaN);
    }

    /** Values of two figures between half and twice: in tenths of the power of ten below 3 of it, in halves above. */
    private static List<Double> near(double value) {
        double power = Math.pow(10, Math.floor(Math.log10(value)));
        double step = value / power < FINE_BELOW ? power / 10 : power / 2;
        List<Double> near = new ArrayList<>();
        for (int k = (int) Math.ceil(value / 2 / step); k * step <= 2 * value; k++) {
            double one = Math.rint(k * step / power * 100) / 100 * power;
            if (one > 0 && Condition.isShort(one, 2)) near.add(clean(one));
        }
        near.add(value);
        return near;
    }

    /** Without what a product of doubles leaves behind. */
    private static double clean(double value) {
        return new BigDecimal(value).round(new MathContext(6)).doubleValue();
    }

    private Optional<Values> nearest() {
        int illPosed = 0;
        for (int changes = 0; changes <= Math.min(MOST_CHANGES, names.size()); changes++) {
            List<Map<String, Double>> near = new ArrayList<>(with(changes));
            near.sort(Comparator.comparingDouble(this::distance));
            for (Map<String, Double> one : near) {
                Values values = new Values(one);
                if (!template.meets(values)) continue;
                if (template.wellPosed(values)) return Optional.of(values);
                if (++illPosed == ValueSets.MOST_ILL_POSED) return Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** Sets with so many changes: all of them, or some thousands where they are more. */
    private List<Map<String, Double>> with(int changes) {
        List<Map<String, Double>> sets = new ArrayList<>();
        if (isFew(changes)) {
            add(sets, asIs, 0, changes);
            return sets;
        }
        Random random = new Random(changes);
        for (int k = 0; k < tries(); k++) {
            Map<String, Double> set = new LinkedHashMap<>(asIs);
            for (int c = 0; c < changes; c++) {
                int which = random.nextInt(names.size());
                List<Double> values = others.get(which);
                if (!values.isEmpty()) set.put(names.get(which), values.get(random.nextInt(values.size())));
            }
            sets.add(set);
        }
        return sets;
    }

    /** A large circuit takes longer to look at, and is looked at less often. */
    private int tries() {
        return Math.min(TRIES, MOST_VALUES / names.size());
    }

    private boolean isFew(int changes) {
        long one = others.stream().mapToInt(List::size).sum();
        if (changes < 2) return changes == 0 || one <= tries();
        return changes == 2 && one * one / 2 <= tries();
    }

    private void add(List<Map<String, Double>> sets, Map<String, Double> set, int from, int changes) {
        if (changes == 0) {
            sets.add(set);
            return;
        }
        for (int k = from; k < names.size(); k++)
            for (double value : others.get(k)) {
                Map<String, Double> next = new LinkedHashMap<>(set);
                next.put(names.get(k), value);
                add(sets, next, k + 1, changes - 1);
            }
    }

    /** How far off a set is from the values as they are, by ratios. */
    private double distance(Map<String, Double> set) {
        double distance = 0;
        for (int k = 0; k < names.size(); k++) distance += Math.abs(Math.log(set.get(names.get(k)) / own.get(k)));
        return distance;
    }
}
