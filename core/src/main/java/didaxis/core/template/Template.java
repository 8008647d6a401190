package didaxis.core.template;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A question whose values vary, under conditions. */
public final class Template {
    /** What follows from what is told is found in the time in which so many circuits are worked out. */
    private static final int DEDUCED = 12;

    private final Question question;
    private final Map<Thing, Spread> varied;
    private final List<Condition> conditions;
    private final List<Condition.Asked> asked;

    private Template(Question question, Map<Thing, Spread> varied, List<Condition> conditions) {
        this.question = question;
        this.varied = varied;
        this.conditions = conditions;
        this.asked = asked(question);
    }

    /**
     * @param question with the values it was made with, which need not be among the others
     * @param varied the values that each thing may have; what is not named keeps its own
     * @param conditions what must be true of every set of values
     * @throws IllegalArgumentException if something varies that the question does not have
     */
    public static Template of(Question question, Map<Thing, Spread> varied, List<Condition> conditions) {
        List<Thing> known = Thing.of(question);
        for (Thing thing : varied.keySet())
            if (!known.contains(thing))
                throw new IllegalArgumentException("what varies (" + thing.name() + ") must be one of "
                        + known.stream().map(Thing::name).toList());
        return new Template(question, new LinkedHashMap<>(varied), List.copyOf(conditions));
    }

    public Question question() {
        return question;
    }

    public List<Condition> conditions() {
        return conditions;
    }

    /** How many parts are worked out to see whether a set meets the conditions: those of all states. */
    int workToTry() {
        return Math.max(
                1,
                question.states().stream()
                        .mapToInt(state -> state.circuit().parts().size())
                        .sum());
    }

    /** To how many parts that are worked out it comes to see whether the question is well-posed with a set. */
    int workToJudge() {
        long others = question.tasks().stream()
                .filter(task -> !(task instanceof Amounts))
                .mapToLong(task -> 1 + task.boxes().size())
                .sum();
        return (int) (workToTry() * (DEDUCED + others));
    }

    /** How many sets of values there are, before any condition; at most {@link Long#MAX_VALUE}. */
    public long combinations() {
        double all = 1;
        for (Spread spread : varied.values()) all *= spread.values().size();
        return all >= Long.MAX_VALUE ? Long.MAX_VALUE : (long) all;
    }

    /** The set at a place of all; the first thing varies slowest. */
    Values at(long place) {
        List<Map.Entry<Thing, Spread>> all = new ArrayList<>(varied.entrySet());
        Double[] chosen = new Double[all.size()];
        long rest = place;
        for (int k = all.size() - 1; k >= 0; k--) {
            List<Double> values = all.get(k).getValue().values();
            chosen[k] = values.get((int) (rest % values.size()));
            rest /= values.size();
        }
        Map<String, Double> values = new LinkedHashMap<>();
        for (int k = 0; k < chosen.length; k++) values.put(all.get(k).getKey().name(), chosen[k]);
        return new Values(values);
    }

    /** The circuit as drawn with these values; empty if its source would be shorted. */
    public Optional<Chart> drawn(Values values) {
        return values.in(question.state(0).chart());
    }

    /** The question with these values; empty if its source would be shorted in one of its states. */
    public Optional<Question> with(Values values) {
        return drawn(values).flatMap(question::with);
    }

    /** Whether all conditions but that it is well-posed are true; the charts of a state without numbers are not looked at. */
    boolean meets(Values values) {
        Optional<List<Chart>> charts = charts(values);
        return charts.isPresent() && conditions.stream().allMatch(one -> one.holds(charts.get(), asked));
    }

    /** The conditions that are not true of a set; that it is well-posed is among them where nothing else is. */
    List<Condition> unmet(Values values) {
        Optional<List<Chart>> charts = charts(values);
        if (charts.isEmpty()) return List.of(Condition.of(Condition.Kind.WELL_POSED));
        List<Condition> unmet = conditions.stream()
                .filter(one -> !one.holds(charts.get(), asked))
                .toList();
        return unmet.isEmpty() && !wellPosed(values) ? List.of(Condition.of(Condition.Kind.WELL_POSED)) : unmet;
    }

    /** Whether the question has no flaw with these values; one that asks nothing yet has none. */
    boolean wellPosed(Values values) {
        return with(values)
                .map(made -> made.tasks().isEmpty() || made.flaws().isEmpty())
                .orElse(false);
    }

    /** The charts of all states up to the first that has no numbers. */
    private Optional<List<Chart>> charts(Values values) {
        Optional<Chart> drawn = drawn(values);
        if (drawn.isEmpty()) return Optional.empty();
        List<Chart> charts = new ArrayList<>(List.of(drawn.get()));
        for (State state : question.states().subList(1, question.states().size())) {
            Act act = state.act().orElseThrow();
            if (!state.numbered()) break;
            Optional<Chart> next = State.chartAfter(charts.get(charts.size() - 1), act);
            if (next.isEmpty()) return Optional.empty();
            charts.add(next.get());
        }
        return Optional.of(charts);
    }

    /** The amounts that are asked; of a question that asks nothing yet, all there is to its first chart. */
    private static List<Condition.Asked> asked(Question question) {
        List<Condition.Asked> asked = new ArrayList<>();
        for (Box box : question.boxes())
            if (box.form() instanceof Box.Form.Amount amount)
                asked.add(new Condition.Asked(amount.cell(), amount.state()));
        if (!question.tasks().isEmpty() || question.states().isEmpty()) return asked;
        for (Subject subject : question.state(0).chart().rows())
            for (Quantity quantity : List.of(Quantity.RESISTANCE, Quantity.VOLTAGE, Quantity.CURRENT))
                asked.add(new Condition.Asked(Cell.of(subject, quantity), 0));
        return asked;
    }
}
