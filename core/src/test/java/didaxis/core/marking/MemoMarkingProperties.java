package didaxis.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.formula.Evaluation;
import didaxis.core.memo.Memo;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Box;
import didaxis.core.question.Knowledge;
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
import java.util.HashMap;
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
            new MarkingStyle(STYLE.tolerance(), STYLE.leastFigures(), STYLE.format(), true, true, true, true);
    private static final int MOST_TASKS = 8;

    /** Some of all that can be asked of a random circuit, in one question; empty where nothing can. */
    private static Optional<Question> question(long seed) {
        Random random = new Random(seed);
        Circuit circuit = RandomCircuits.random(seed, 2 + random.nextInt(5), random.nextBoolean());
        Optional<Chart> chart =
                OperatingPoint.of(circuit).match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
        if (chart.isEmpty()) return Optional.empty();
        List<State> states = states(chart.get(), random);
        Question bare = new Question("", states, List.of());
        List<Task> offers = new ArrayList<>();
        for (int state = 0; state < states.size(); state++) offers.addAll(Offers.of(bare, state));
        Collections.shuffle(offers, random);
        List<Task> tasks = new ArrayList<>();
        for (Task offer : offers) {
            List<Task> more = new ArrayList<>(tasks);
            more.add(called("1." + (tasks.size() + 1), offer));
            if (!new Question("", states, more).flaws().isEmpty()) continue;
            tasks = more;
            if (tasks.size() == MOST_TASKS) break;
        }
        return tasks.isEmpty() ? Optional.empty() : Optional.of(new Question("", states, tasks));
    }

    /** As drawn, and half the time after something was turned, taken out, raised or set as well. */
    private static List<State> states(Chart chart, Random random) {
        State drawn =
                State.asDrawn(chart, Deduction.fromResistancesAndEmf(chart).keySet());
        if (random.nextBoolean()) return List.of(drawn);
        List<Part> parts = chart.circuit().parts();
        Part one = parts.get(random.nextInt(parts.size()));
        Act act = new Act.Failed(one.label(), Setting.Fault.OUT);
        if (one.kind() == PartKind.SWITCH)
            act = new Act.Turned(
                    one.label(),
                    one.setting() == Setting.Position.OPEN ? Setting.Position.CLOSED : Setting.Position.OPEN);
        else if (one.setting() instanceof Setting.Ohms ohms && ohms.ohms() > 0 && random.nextBoolean())
            act = random.nextBoolean()
                    ? new Act.Varied(one.label(), random.nextBoolean())
                    : new Act.Set(one.with(new Setting.Ohms(ohms.ohms() * 2)));
        return drawn.after(act, Set.of()).map(after -> List.of(drawn, after)).orElse(List.of(drawn));
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
        return Notation.print(question.state(0).circuit()) + " "
                + question.states().stream().map(State::act).toList() + " " + question.tasks();
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
                double value = question.state(amount.state())
                        .chart()
                        .value(amount.cell())
                        .orElseThrow();
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

    /** The amounts as the memo works them, from the first that is asked, which is this many times what it should be. */
    private static Map<String, String> carried(Question question, double times) {
        Knowledge knowledge = Knowledge.of(question);
        Map<Integer, Map<Cell, Double>> own = new HashMap<>();
        Map<String, String> typed = model(question);
        for (Memo.Entry entry : Memo.of(question, STYLE).entries()) {
            if (!(entry.box().form() instanceof Box.Form.Amount amount)) continue;
            Map<Cell, Double> values = new HashMap<>();
            own.forEach((state, found) -> found.forEach((cell, value) -> {
                boolean same =
                        state == amount.state() || cell.isSetting() && knowledge.unchanged(cell, state, amount.state());
                if (same) values.put(cell, value);
            }));
            Chart chart = question.state(amount.state()).chart();
            double result = chart.value(amount.cell()).orElseThrow() * (own.isEmpty() ? times : 1);
            for (Memo.Line line : entry.lines())
                if (!own.isEmpty() && line instanceof Memo.Line.Worked worked) {
                    Evaluation evaluation = new Evaluation(cell -> values.containsKey(cell)
                            ? values.get(cell)
                            : worked.working().values().get(cell));
                    result = worked.step().formula().with(evaluation);
                    values.put(worked.step().cell(), result);
                }
            Quantity quantity = amount.cell().quantity();
            String written = STYLE.format().print(Amount.of(result, quantity), amount.unit());
            typed.put(entry.box().id(), written);
            double read = STYLE.format()
                    .read(written, quantity)
                    .match(got -> got.amount().si(), blank -> Double.NaN, unreadable -> Double.NaN);
            own.computeIfAbsent(amount.state(), state -> new HashMap<>()).put(amount.cell(), read);
        }
        return typed;
    }

    @Property(tries = 25)
    void aWrongFirstNumberThatIsCarriedOnLosesItsOwnMarksAlone(@ForAll long seed) {
        question(seed).ifPresent(question -> {
            Map<String, String> typed = carried(question, seed % 2 == 0 ? 1.3 : 0.8);
            // Nobody goes on with nothing where two values of three figures leave nothing.
            boolean nothing = typed.values().stream().anyMatch(text -> text.matches("[−-].*|0\\h.*"));
            if (nothing || typed.equals(model(question))) return;
            Box first = question.boxes().stream()
                    .filter(box -> box.form() instanceof Box.Form.Amount)
                    .findFirst()
                    .orElseThrow();
            Map<String, Integer> less = full(question);
            // Right values of three figures may lead to this number, as 1.72 mA − 1.71 mA does.
            if (!isRoundedEarly(question, typed, first)) less.put(first.id(), 0);
            assertEquals(less, points(question, STYLE, typed), () -> told(question) + typed);
        });
    }

    private static boolean isRoundedEarly(Question question, Map<String, String> typed, Box box) {
        return QuestionMarker.of(question, STYLE).mark(typed).stream()
                .anyMatch(found -> found.box().equals(box)
                        && found instanceof BoxFinding.OfAmount amount
                        && amount.finding() instanceof Finding.RoundedEarly);
    }
}
