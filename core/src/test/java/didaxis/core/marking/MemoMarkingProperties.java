package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.memo.Memo;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Offers;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What the memo says, given as a learner, earns what the memo says it earns. */
class MemoMarkingProperties {
    private static final MarkingStyle STYLE = MarkingStyle.STANDARD;
    private static final MarkingStyle STRICT =
            new MarkingStyle(STYLE.tolerance(), STYLE.leastFigures(), STYLE.format(), true, true, true);
    private static final int MOST_TASKS = 8;

    /** Some of all that can be asked of a random circuit, in one question; empty where nothing can. */
    private static Optional<Question> question(long seed) {
        Random random = new Random(seed);
        Circuit circuit = RandomCircuits.random(seed, 2 + random.nextInt(5), random.nextBoolean());
        Optional<Chart> chart =
                OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
        if (chart.isEmpty()) return Optional.empty();
        State state = State.asDrawn(
                chart.get(), Deduction.fromResistancesAndEmf(chart.get()).keySet());
        List<Task> offers = new ArrayList<>(Offers.of(new Question("", List.of(state), List.of()), 0));
        Collections.shuffle(offers, random);
        List<Task> tasks = new ArrayList<>();
        Set<Cell> asked = new HashSet<>();
        for (Task offer : offers) {
            if (offer instanceof Amounts amounts
                    && !Collections.disjoint(asked, amounts.marks().keySet())) continue;
            List<Task> more = new ArrayList<>(tasks);
            more.add(called("1." + (tasks.size() + 1), offer));
            if (!new Question("", List.of(state), more).flaws().isEmpty()) continue;
            if (offer instanceof Amounts amounts) asked.addAll(amounts.marks().keySet());
            tasks = more;
            if (tasks.size() == MOST_TASKS) break;
        }
        return tasks.isEmpty() ? Optional.empty() : Optional.of(new Question("", List.of(state), tasks));
    }

    /** An offer has no id of its own yet, and two of them would have the same: every kind is a record that has one. */
    private static Task called(String id, Task offer) {
        try {
            RecordComponent[] parts = offer.getClass().getRecordComponents();
            Object[] values = new Object[parts.length];
            for (int k = 0; k < parts.length; k++) {
                parts[k].getAccessor().setAccessible(true);
                values[k] = parts[k].getName().equals("id")
                        ? id
                        : parts[k].getAccessor().invoke(offer);
            }
            Class<?>[] types = Stream.of(parts).map(RecordComponent::getType).toArray(Class[]::new);
            Constructor<?> canonical = offer.getClass().getDeclaredConstructor(types);
            canonical.setAccessible(true);
            return (Task) canonical.newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(offer.toString(), e);
        }
    }

    private static Map<String, String> model(Question question) {
        Map<String, String> typed = new LinkedHashMap<>();
        for (Box box : question.boxes()) typed.put(box.id(), question.model(box, STYLE));
        return typed;
    }

    private static Map<String, Integer> points(Question question, MarkingStyle style, Map<String, String> typed) {
        Map<String, Integer> points = new LinkedHashMap<>();
        for (BoxFinding found : QuestionMarker.of(question, style).mark(typed))
            points.put(found.box().id(), found.points());
        return points;
    }

    private static Map<String, Integer> full(Question question) {
        Map<String, Integer> full = new LinkedHashMap<>();
        for (Box box : question.boxes()) full.put(box.id(), box.marks());
        return full;
    }

    private static String told(Question question) {
        return Notation.print(question.state(0).circuit()) + " " + question.tasks();
    }

    @Property(tries = 50)
    void theTicksSumToTheMarksAndTheModelAnswersEarnThem(@ForAll long seed) {
        question(seed).ifPresent(question -> {
            Memo memo = Memo.of(question, STYLE);
            assertEquals(
                    question.total(),
                    memo.entries().stream().mapToInt(Memo.Entry::points).sum(),
                    () -> told(question));
            assertEquals(full(question), points(question, STYLE, model(question)), () -> told(question));
        });
    }

    @Property(tries = 25)
    void eachOtherRouteComesToWhatEarnsAll(@ForAll long seed) {
        question(seed).ifPresent(question -> {
            for (Memo.Entry entry : Memo.of(question, STYLE).entries())
                for (List<Step> route : entry.routes()) {
                    Step last = route.get(route.size() - 1);
                    Map<String, String> typed = model(question);
                    typed.put(
                            entry.box().id(),
                            STYLE.format()
                                    .print(Amount.of(last.value(), last.cell().quantity())));
                    assertEquals(full(question), points(question, STYLE, typed), () -> told(question) + route);
                }
        });
    }

    @Property(tries = 25)
    void withoutItsUnitAnAmountLosesOneMarkWhereUnitsAreWantedAndNoneWhereTheyAreNot(@ForAll long seed) {
        question(seed).ifPresent(question -> {
            for (Box box : question.boxes()) {
                if (!(box.form() instanceof Box.Form.Amount amount)
                        || amount.cell().quantity() == Quantity.COST) continue;
                Quantity quantity = amount.cell().quantity();
                double value = question.state(0).chart().value(amount.cell()).orElseThrow();
                String written = STYLE.format().print(Amount.of(value, quantity), quantity.unit());
                Map<String, String> typed = model(question);
                typed.put(box.id(), written.replace(quantity.unit(), "").strip());
                Map<String, Integer> less = full(question);
                assertEquals(less, points(question, STYLE, typed), () -> told(question) + box);
                less.put(box.id(), box.marks() - 1);
                assertEquals(less, points(question, STRICT, typed), () -> told(question) + box);
                typed.put(box.id(), written);
                assertEquals(full(question), points(question, STRICT, typed), () -> told(question) + box);
            }
        });
    }
}
